import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { getPlacementColumns, rememberPlacementColumns } from '#contract/board';
import { type Board, emptyBoard } from '#core/board/board';
import { readPadList } from '#core/board/padlist/readPadList';
import { writePadList } from '#core/board/padlist/writePadList';
import { padsOf, partsByPlace } from '#core/board/pads';
import {
  guessPlacementColumns,
  isMapped,
  type PlacementMapping,
  readPlacementList,
  writePlacementList,
} from '#core/board/placementList';
import { readTable } from '#core/partslist/readTable';
import { saying } from '#core/words/sayings';
import { call } from '../../app/call.ts';
import { FileInput } from '../../ui/FileInput.tsx';
import { useKit } from '../KitFrame.tsx';
import { useChangeKit } from '../useChangeKit.tsx';
import { type AskedColumns, PlacementColumns } from './PlacementColumns.tsx';

const edgeMm = 3;

/** Pad lists and positions, in and out, in open formats. */
export function BoardFiles() {
  const { t } = useTranslation();
  const kit = useKit();
  const changeKit = useChangeKit();
  const padInput = useRef<HTMLInputElement>(null);
  const placeInput = useRef<HTMLInputElement>(null);
  const [told, setTold] = useState<{ severity: 'error' | 'warning'; lines: readonly string[] }>();

  const [asked, setAsked] = useState<AskedColumns>();

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
    const reach = (values: readonly number[]) => Math.max(...values) + edgeMm;
    const before =
      kit.board ??
      emptyBoard(reach(pads.map(({ xMm }) => xMm)), reach(pads.map(({ yMm }) => yMm)), 'printed');
    await save(
      { ...before, pads, otherRecords },
      t('kits.boardFiles.padsAreTakenOver', { count: pads.length }),
      problems.map(({ line, message }) =>
        t('kits.boardFiles.line', { line, message: saying(t, message) }),
      ),
    );
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
    const known = partsByPlace(kit.lines.map(({ part }) => part));
    const strangers = placements.filter(({ place }) => !known.has(place));
    const ours = placements.filter(({ place }) => known.has(place));
    const reach = (values: readonly number[]) => Math.max(20, ...values) + 2 * edgeMm;
    const before =
      kit.board ??
      emptyBoard(reach(ours.map(({ xMm }) => xMm)), reach(ours.map(({ yMm }) => yMm)), 'printed');
    return save(
      { ...before, placements: ours },
      t('kits.boardFiles.positionsAreTakenOver', { count: ours.length }),
      [
        ...problems.map(({ line, message }) =>
          t('kits.boardFiles.line', { line, message: saying(t, message) }),
        ),
        ...(strangers.length > 0
          ? [
              t('kits.boardFiles.notInThisKitSoLeft', {
                map: strangers.map(({ place }) => place).join(', '),
              }),
            ]
          : []),
      ],
    );
  };

  const { board } = kit;
  const parts = partsByPlace(kit.lines.map(({ part }) => part));
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
                  writePadList({ ...board, pads: padsOf(board, parts), units: 'metric' }),
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
                  writePlacementList(board.placements),
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
