import { familyOf } from '../parts/families/index.ts';
import { jointsOfPiece } from '../parts/mounted.ts';
import type { Part } from '../parts/part.ts';
import { type Board, type DiodePinOne, emptyBoard, type Pad, type Placement } from './board.ts';
import { lieOnPads } from './lieOnPads.ts';
import type { PadListReading } from './padlist/readPadList.ts';
import { padsOf } from './pads.ts';
import {
  askedPlaces,
  fromOtherEnd,
  isNumbered,
  type PinOneHint,
  pinOneHint,
  withNamedPoles,
} from './pinOne.ts';

type Parts = ReadonlyMap<string, Part>;

/** What somebody must say before a file can be taken over: which end pin 1 is, and what the file itself says of it. */
export interface PinOneAsked {
  readonly places: readonly string[];
  readonly hint: PinOneHint | undefined;
}

/** What a board becomes with a file. */
export interface Taken {
  readonly board: Board;
  /** Places that lay another way in the file than on their pads. */
  readonly turned: readonly string[];
}

/** What has to be asked of a pad list; undefined where it was said before, or nothing hangs on it. */
export function askedOfPads(
  board: Board | null,
  pads: readonly Pad[],
  parts: Parts,
): PinOneAsked | undefined {
  if (board?.diodePinOne) return undefined;
  const numbered = pads.map(({ place }) => place).filter((place) => isNumbered(pads, place));
  return asked(askedPlaces(numbered, parts), pinOneHint(pads, parts));
}

/** The same of positions: what lies on pads that are known already is not asked. */
export function askedOfPlacements(
  board: Board | null,
  placements: readonly Placement[],
  parts: Parts,
): PinOneAsked | undefined {
  if (board?.diodePinOne) return undefined;
  const listed = new Set(board?.pads.map(({ place }) => place));
  const open = placements.map(({ place }) => place).filter((place) => !listed.has(place));
  return asked(askedPlaces(open, parts), undefined);
}

const asked = (places: readonly string[], hint: PinOneHint | undefined) =>
  places.length === 0 ? undefined : { places, hint };

const edgeMm = 3;
const reach = (values: readonly number[]) => Math.max(...values) + edgeMm;

/**
 * A board with the pads of a list; a new one as large as they need where there was none.
 *
 * @param pinOne what was said of diodes and LEDs; undefined where nothing was asked
 */
export function withPadList(
  before: Board | null,
  { pads, otherRecords }: Pick<PadListReading, 'pads' | 'otherRecords'>,
  pinOne: DiodePinOne | undefined,
  parts: Parts,
): Taken {
  const board =
    before ??
    emptyBoard(reach(pads.map(({ xMm }) => xMm)), reach(pads.map(({ yMm }) => yMm)), 'printed');
  const said = pinOne ?? board.diodePinOne;
  const own = said === 'cathode' ? fromOtherEnd({ pads }, parts).pads : pads;
  return onPads(
    {
      ...board,
      ...(said && { diodePinOne: said }),
      pads: withNamedPoles(own, parts),
      otherRecords,
    },
    parts,
  );
}

/** A board with the positions of a file, of parts of this kit; likewise. */
export function withPlacements(
  before: Board | null,
  placements: readonly Placement[],
  pinOne: DiodePinOne | undefined,
  parts: Parts,
): Taken {
  const board =
    before ??
    emptyBoard(
      Math.max(20, reach(placements.map(({ xMm }) => xMm))) + edgeMm,
      Math.max(20, reach(placements.map(({ yMm }) => yMm))) + edgeMm,
      'printed',
    );
  const said = pinOne ?? board.diodePinOne;
  const own = said === 'cathode' ? fromOtherEnd({ placements }, parts).placements : placements;
  return onPads({ ...board, ...(said && { diodePinOne: said }), placements: own }, parts);
}

function onPads(board: Board, parts: Parts): Taken {
  const { placements, turned } = lieOnPads(board, parts);
  return { board: { ...board, placements }, turned };
}

/** A board as its files have it: with every pad, diodes and LEDs counted as in the files that it came from. */
export function asInFiles(board: Board, parts: Parts): Board {
  const whole = { ...board, pads: padsOf(board, parts) };
  return board.diodePinOne === 'cathode' ? fromOtherEnd(whole, parts) : whole;
}

/** A board that was taken over already, with what is said of its diodes and LEDs since; the anode was taken for pin 1. */
export const withPinOne = (board: Board, pinOne: DiodePinOne, parts: Parts): Board => ({
  ...((board.diodePinOne ?? 'anode') === pinOne ? board : fromOtherEnd(board, parts)),
  diodePinOne: pinOne,
});

/** Parts of which positions alone do not tell how they lie: programs do not agree about their 0 degrees. */
export function lyingUnknown({ placements, pads }: Board, parts: Parts): string[] {
  const listed = new Set(pads.map(({ place }) => place));
  return placements.flatMap(({ place }) => {
    const part = parts.get(place);
    const matters =
      part !== undefined && familyOf(part).polarity !== 'free' && jointsOfPiece(part) > 2;
    return matters && !listed.has(place) ? [place] : [];
  });
}
