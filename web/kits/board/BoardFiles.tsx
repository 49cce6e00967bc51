import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { getPlacementColumns, rememberPlacementColumns } from '#contract/board';
import type { Board, DiodePinOne } from '#core/board/board';
import { readPadList } from '#core/board/padlist/readPadList';
import { writePadList } from '#core/board/padlist/writePadList';
import { partsByPlace } from '#core/board/pads';
import {
  guessPlacementColumns,
  isMapped,
  type PlacementMapping,
  readPlacementList,
  writePlacementList,
} from '#core/board/placementList';
import {
  asInFiles,
  askedOfPads,
  askedOfPlacements,
  lyingUnknown,
  type PinOneAsked,
  withPadList,
  withPinOne,
  withPlacements,
} from '#core/board/takeFiles';
import type { Said } from '#core/learning/said';
import { shortDesignators } from '#core/parts/label';
import { readTable } from '#core/partslist/readTable';
import { saying } from '#core/words/sayings';
import { call } from '../../app/call.ts';
import { FileInput } from '../../ui/FileInput.tsx';
import { useKit } from '../KitFrame.tsx';
import { useChangeKit } from '../useChangeKit.tsx';
import { PinOne } from './PinOne.tsx';
import { type AskedColumns, PlacementColumns } from './PlacementColumns.tsx';

/** A file that waits for an answer. */
interface PinOneQuestion {
  readonly question: PinOneAsked;
  readonly take: (pinOne: DiodePinOne) => Promise<void>;
}

/** Pad lists and positions, in and out, in open formats. */
export function BoardFiles() {
  const { t } = useTranslation();
  const kit = useKit();
  const changeKit = useChangeKit();
  const padInput = useRef<HTMLInputElement>(null);
  const placeInput = useRef<HTMLInputElement>(null);
  const [told, setTold] = useState<{ severity: 'error' | 'warning'; lines: readonly string[] }>();

  const [asked, setAsked] = useState<AskedColumns>();
  const [pinOneAsked, setPinOneAsked] = useState<PinOneQuestion>();
  const { board } = kit;
  const parts = partsByPlace(kit.lines.map(({ part }) => part));

  // Of a board that was taken over before anybody was asked.
  const notSaid = board ? askedOfPads(board, board.pads, parts) : undefined;
  const sayPinOne = (pinOne: DiodePinOne) => {
    if (board) void save(withPinOne(board, pinOne, parts), t('kits.pinOne.isChanged'), []);
  };

  const afterAsking = async (
    question: PinOneAsked | undefined,
    take: (pinOne?: DiodePinOne) => Promise<void>,
  ) => {
    setTold(undefined);
    if (question) setPinOneAsked({ question, take });
    else await take();
  };
  const problemLines = (problems: readonly { line: number; message: Said }[]) =>
    problems.map(({ line, message }) =>
      t('kits.boardFiles.line', { line, message: saying(t, message) }),
    );
  const placesLine = (
    key: 'turned' | 'lyingUnknown' | 'notInThisKitSoLeft',
    places: readonly string[],
  ) => (places.length > 0 ? [t(`kits.boardFiles.${key}`, { map: shortDesignators(places) })] : []);
  const turnedLine = (turned: readonly string[]) => placesLine('turned', turned);

  const save = async (board: Board, said: string, notes: readonly string[]) => {
    const refusal = await changeKit({ board }, said);
    if (refusal) setTold({ severity: 'error', lines: [refusal.message] });
    else setTold(notes.length > 0 ? { severity: 'warning', lines: notes.slice(0, 12) } : undefined);
  };

  const importPads = async (file: File) => {
    const { pads, otherRecords, problems } = readPadList(await file.text());
    if (pads.length === 0) {
      setTold({
        severity: 'error',
        lines: [t('kits.boardFiles.holdsNoPadInIpcD', { name: file.name })],
      });
      return;
    }
    const take = (pinOne?: DiodePinOne) => {
      const { board, turned } = withPadList(kit.board, { pads, otherRecords }, pinOne, parts);
      return save(board, t('kits.boardFiles.padsAreTakenOver', { count: pads.length }), [
        ...turnedLine(turned),
        ...problemLines(problems),
      ]);
    };
    await afterAsking(askedOfPads(kit.board, pads, parts), take);
  };

  const importPlaces = async (file: File) => {
    const text = await file.text();
    const table = readTable(text);
    const columns = table.ok ? table.value.headings : [];
    // As with parts lists: what the headings do not say is asked, and known headings are as they were last.
    const mapping =
      (await call(getPlacementColumns, { body: { headings: [...columns] } })) ??
      guessPlacementColumns(columns);
    if (table.ok && !isMapped(mapping)) return setAsked({ text, columns, mapping });
    return takePlaces(text, mapping);
  };
  const takePlaces = async (text: string, mapping: PlacementMapping) => {
    setAsked(undefined);
    const read = readPlacementList(text, mapping);
    if (!read.ok) return setTold({ severity: 'error', lines: [saying(t, read.problem)] });
    const { placements, problems } = read.value;
    const strangers = placements.filter(({ place }) => !parts.has(place));
    const ours = placements.filter(({ place }) => parts.has(place));
    const take = (pinOne?: DiodePinOne) => {
      const { board, turned } = withPlacements(kit.board, ours, pinOne, parts);
      return save(board, t('kits.boardFiles.positionsAreTakenOver', { count: ours.length }), [
        ...turnedLine(turned),
        ...placesLine('lyingUnknown', lyingUnknown(board, parts)),
        ...problemLines(problems),
        ...placesLine(
          'notInThisKitSoLeft',
          strangers.map(({ place }) => place),
        ),
      ]);
    };
    return afterAsking(askedOfPlacements(kit.board, ours, parts), take);
  };

  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button size="small" onClick={() => padInput.current?.click()}>
          {t('kits.boardFiles.importAPadList')}
        </Button>
        <Button size="small" onClick={() => placeInput.current?.click()}>
          {t('kits.boardFiles.importPositions')}
        </Button>
        {board && (
          <>
            <Button
              size="small"
              onClick={() =>
                download(
                  `${kit.name}.ipc`,
                  writePadList({ ...asInFiles(board, parts), units: 'metric' }),
                )
              }
            >
              {t('kits.boardFiles.exportThePadList')}
            </Button>
            <Button
              size="small"
              onClick={() =>
                download(
                  t('kits.boardFiles.positionsCsv', { name: kit.name }),
                  writePlacementList(asInFiles(board, parts).placements),
                )
              }
            >
              {t('kits.boardFiles.exportPositions')}
            </Button>
          </>
        )}
      </Box>
      <FileInput
        label={t('kits.boardFiles.padListFile')}
        input={padInput}
        accept=".ipc,.356,.net,.txt"
        take={importPads}
      />
      <FileInput
        label={t('kits.boardFiles.positionsFile')}
        input={placeInput}
        accept=".csv,.tsv,.txt,.pos"
        take={importPlaces}
      />
      {asked && (
        <PlacementColumns
          asked={asked}
          take={(mapping) => {
            void call(rememberPlacementColumns, {
              body: { headings: [...asked.columns], mapping },
            });
            void takePlaces(asked.text, mapping);
          }}
        />
      )}
      {pinOneAsked && (
        <PinOne
          asked={pinOneAsked.question}
          take={(pinOne) => {
            setPinOneAsked(undefined);
            void pinOneAsked.take(pinOne);
          }}
        />
      )}
      {board && notSaid && !pinOneAsked && <PinOne asked={notSaid} take={sayPinOne} />}
      {board?.diodePinOne && !pinOneAsked && (
        <Typography variant="body2" sx={{ mt: 1 }}>
          {t(`kits.pinOne.is.${board.diodePinOne}`)}{' '}
          <Button
            size="small"
            color="inherit"
            onClick={() => sayPinOne(board.diodePinOne === 'cathode' ? 'anode' : 'cathode')}
          >
            {t('kits.pinOne.change')}
          </Button>
        </Typography>
      )}
      {told && (
        <Alert severity={told.severity} sx={{ mt: 1 }} onClose={() => setTold(undefined)}>
          {told.lines.map((line) => (
            <div key={line}>{line}</div>
          ))}
        </Alert>
      )}
    </Box>
  );
}

function download(name: string, text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type: 'text/plain' }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
