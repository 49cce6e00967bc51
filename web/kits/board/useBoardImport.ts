import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { getPlacementColumns, rememberPlacementColumns } from '#contract/board';
import type { Board, DiodePinOne } from '#core/board/board';
import { readPadList } from '#core/board/padlist/readPadList';
import { partsByPlace } from '#core/board/pads';
import {
  guessPlacementColumns,
  isMapped,
  type PlacementMapping,
  readPlacementList,
} from '#core/board/placementList';
import {
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
import { useKit } from '../KitFrame.tsx';
import { useChangeKit } from '../useChangeKit.tsx';
import type { AskedColumns } from './PlacementColumns.tsx';

/** A file that waits for an answer. */
interface PinOneQuestion {
  readonly question: PinOneAsked;
  readonly take: (pinOne: DiodePinOne) => Promise<void>;
}

/** A board with what a file tells, and what of the file is worth telling. */
interface Edited {
  readonly board: Board | null;
  readonly notes: readonly string[];
}

/** Takes pad lists and positions over, and asks for what they do not say first. */
export function useBoardImport() {
  const { t } = useTranslation();
  const kit = useKit();
  const changeKit = useChangeKit();
  const [told, setTold] = useState<{ severity: 'error' | 'warning'; lines: readonly string[] }>();

  const [asked, setAsked] = useState<AskedColumns>();
  const [pinOneAsked, setPinOneAsked] = useState<PinOneQuestion>();
  const { board } = kit;
  const parts = partsByPlace(kit.lines.map(({ part }) => part));

  // Of a board that was taken over before anybody was asked.
  const notSaid = board ? askedOfPads(board, board.pads, parts) : undefined;
  const sayPinOne = (pinOne: DiodePinOne) => {
    void save(
      (now) => ({ board: now && withPinOne(now, pinOne, parts), notes: [] }),
      t('kits.pinOne.isChanged'),
    );
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

  /** What a file tells goes into the board as it is by then. */
  const save = async (edit: (now: Board | null) => Edited, said: string) => {
    let notes: readonly string[] = [];
    const refusal = await changeKit(({ board: now }) => {
      const edited = edit(now);
      notes = edited.notes;
      return { board: edited.board };
    }, said);
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
    const take = (pinOne?: DiodePinOne) =>
      save(
        (now) => {
          const { board, turned } = withPadList(now, { pads, otherRecords }, pinOne, parts);
          return { board, notes: [...turnedLine(turned), ...problemLines(problems)] };
        },
        t('kits.boardFiles.padsAreTakenOver', { count: pads.length }),
      );
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
    const take = (pinOne?: DiodePinOne) =>
      save(
        (now) => {
          const { board, turned } = withPlacements(now, ours, pinOne, parts);
          return {
            board,
            notes: [
              ...turnedLine(turned),
              ...placesLine('lyingUnknown', lyingUnknown(board, parts)),
              ...problemLines(problems),
              ...placesLine(
                'notInThisKitSoLeft',
                strangers.map(({ place }) => place),
              ),
            ],
          };
        },
        t('kits.boardFiles.positionsAreTakenOver', { count: ours.length }),
      );
    return afterAsking(askedOfPlacements(kit.board, ours, parts), take);
  };

  return {
    importPads,
    importPlaces,
    told,
    forget: () => setTold(undefined),
    /** Headings that do not say what they are; `take` remembers what they mean. */
    columns: asked && {
      asked,
      take: (mapping: PlacementMapping) => {
        void call(rememberPlacementColumns, { body: { headings: [...asked.columns], mapping } });
        void takePlaces(asked.text, mapping);
      },
    },
    /** Which end is pin 1: of a file that waits for it, or of a board that was taken over before it was asked. */
    pinOne: pinOneAsked
      ? {
          asked: pinOneAsked.question,
          take: (pinOne: DiodePinOne) => {
            setPinOneAsked(undefined);
            void pinOneAsked.take(pinOne);
          },
          cancel: () => setPinOneAsked(undefined),
        }
      : notSaid && { asked: notSaid, take: sayPinOne, cancel: undefined },
    sayPinOne,
  };
}
