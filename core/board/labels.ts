import type { Part } from '../parts/part.ts';
import type { Board, Placement } from './board.ts';
import { type Box, boxAround, boxOfTurned, sharedMm2 } from './box.ts';
import { footprintOf, signOfPin } from './footprint.ts';
import { footprintPads, socketUnder } from './pads.ts';
import { ringOf } from './ring.ts';
import type { Point } from './transform.ts';

/** The name of a place in the picture of a board, seen from the component side; mirrored, it lies as well. */
export interface Label {
  /** A socket and the chip in it share one. */
  readonly places: readonly string[];
  readonly text: string;
  /** Middle of the letters, from the left and from the top edge of the board. */
  readonly middle: Point;
  readonly sizeMm: number;
}

/** Plus or minus beside a lead. */
export interface Sign {
  readonly place: string;
  readonly pin: string;
  readonly text: '+' | '−';
  readonly middle: Point;
}

export interface Lettering {
  readonly labels: readonly Label[];
  readonly signs: readonly Sign[];
}

/** A letter of the mono face is some 0.6 of its size wide, its capitals are 0.7 of it high. */
const letterWidth = 0.6;
const capitalHeight = 0.7;
const gapMm = 0.4;
/** What is narrower than this is wholly covered by a name. */
const narrowMm = 4;
export const signSizeMm = 2.6;
/** Half of a pad with the ring that points at it. */
const ringedPadMm = 1.2;

/** A box of the picture with what it costs to lie there. */
interface Option {
  readonly box: Box;
  readonly sizeMm: number;
  readonly cost: number;
}

/** A placed part as the lettering sees it: what it covers, what points at it. */
interface Drawn {
  readonly placement: Placement;
  readonly part: Part;
  readonly middle: Point;
  /** Body, leads and pads. */
  readonly body: Box;
  readonly frame: Box;
  readonly places: readonly string[];
}

/**
 * Where names and signs are written so that none lies in a neighbour’s frame, on another or on what tells the way round;
 * on the body where there is room. Each takes its cheapest spot in turn until none would move (iterated conditional
 * modes, J. Besag, 1986), so the same board always looks the same.
 */
export function letteringOf(board: Board, parts: ReadonlyMap<string, Part>): Lettering {
  const drawn = drawnParts(board, parts);
  const withCosts = (one: Drawn, options: readonly Option[]): Option[] => {
    const reach = boxOfAll(options.map(({ box }) => box));
    const frames = drawn.filter((other) => other !== one && sharedMm2(reach, other.frame) > 0);
    return options.map((option) => ({
      ...option,
      cost:
        option.cost +
        costOutside(board, option.box) +
        frames.reduce(
          (sum, { frame, placement: { side } }) =>
            sum + costInFrame(sharedMm2(option.box, frame), side === one.placement.side),
          0,
        ),
    }));
  };

  const signed = drawn.flatMap((one) =>
    signedPads(board, one).map(({ pin, text, at }) => ({
      place: one.placement.place,
      pin,
      text,
      options: withCosts(one, signOptions(one, at)),
    })),
  );
  const signBoxes = settle(
    signed.map(({ options }) => options),
    [],
  );
  const nameBoxes = settle(
    drawn.map((one) => withCosts(one, nameOptions(one))),
    signBoxes.map(({ box }) => box),
  );
  return {
    labels: drawn.map(({ places }, index) => ({
      places,
      text: places.join('/'),
      middle: middleOf(nameBoxes[index]?.box),
      sizeMm: nameBoxes[index]?.sizeMm ?? 1,
    })),
    signs: signed.map(({ place, pin, text }, index) => ({
      place,
      pin,
      text,
      middle: middleOf(signBoxes[index]?.box),
    })),
  };
}

/** A neighbour’s frame is what a learner looks into; one of the other side only points through the board. */
const costInFrame = (shared: number, isSameSide: boolean): number =>
  shared === 0 ? 0 : isSameSide ? 20 + 5 * shared : 0.5 * shared;

const costOutside = (
  { widthMm, heightMm }: Pick<Board, 'widthMm' | 'heightMm'>,
  { left, right, top, bottom }: Box,
): number => (left < 0 || top < 0 || right > widthMm || bottom > heightMm ? 8 : 0);

const middleOf = (box: Box = { left: 0, right: 0, top: 0, bottom: 0 }): Point => ({
  x: (box.left + box.right) / 2,
  y: (box.top + box.bottom) / 2,
});

/** Every part that has a place of its own in the picture; a chip in its socket has that of the socket. */
function drawnParts(board: Board, parts: ReadonlyMap<string, Part>): Drawn[] {
  const socketOf = new Map(
    board.placements.map((one) => [one, socketUnder(one, board, parts)] as const),
  );
  return board.placements.flatMap((placement) => {
    const part = parts.get(placement.place);
    if (!part || socketOf.get(placement)) return [];
    const middle = { x: placement.xMm, y: board.heightMm - placement.yMm };
    const footprint = footprintOf(part, placement.spanMm);
    const reach = (half: number, pins: readonly number[], padMm: number) =>
      2 * Math.max(half, ...pins.map((at) => Math.abs(at) + padMm / 2));
    const widthMm = reach(
      footprint.widthMm / 2,
      footprint.pins.map(({ x }) => x),
      footprint.padWidthMm,
    );
    const heightMm = reach(
      footprint.heightMm / 2,
      footprint.pins.map(({ y }) => y),
      footprint.padHeightMm,
    );
    const ring = ringOf(placement, part);
    const chips = board.placements.filter((one) => socketOf.get(one) === placement);
    return [
      {
        placement,
        part,
        middle,
        body: boxOfTurned(middle, widthMm, heightMm, placement.rotation),
        frame: boxOfTurned(middle, ring.widthMm, ring.heightMm, placement.rotation),
        places: [placement.place, ...chips.map(({ place }) => place)],
      },
    ];
  });
}

/** The leads of a part that have a sign beside them, where they are in the picture. */
function signedPads(board: Board, { placement, part }: Drawn) {
  const listed = board.pads.filter(({ place }) => place === placement.place);
  const pads = listed.length > 0 ? listed : footprintPads(placement, part);
  return pads.flatMap(({ pin, xMm, yMm }) => {
    const text = signOfPin(part, pin);
    return text ? [{ pin, text, at: { x: xMm, y: board.heightMm - yMm } }] : [];
  });
}

/** Outwards past the body first, then above and below the lead. */
function signOptions({ middle, body }: Drawn, at: Point): Option[] {
  const [width, height] = [signSizeMm * letterWidth, signSizeMm * capitalHeight];
  const [right, down] = [at.x >= middle.x ? 1 : -1, at.y >= middle.y ? 1 : -1];
  const isAcross = Math.abs(at.x - middle.x) >= Math.abs(at.y - middle.y);
  const beside = (way: number): Point => ({
    x:
      (way > 0
        ? Math.max(body.right, at.x + ringedPadMm)
        : Math.min(body.left, at.x - ringedPadMm)) +
      way * (gapMm + width / 2),
    y: at.y,
  });
  const along = (way: number): Point => ({
    x: at.x,
    y:
      (way > 0
        ? Math.max(body.bottom, at.y + ringedPadMm)
        : Math.min(body.top, at.y - ringedPadMm)) +
      way * (gapMm + height / 2),
  });
  const spots = isAcross
    ? [beside(right), along(-1), along(1)]
    : [along(down), beside(1), beside(-1)];
  return spots.map((spot, index) => ({
    box: boxAround(spot, width, height),
    sizeMm: signSizeMm,
    cost: index,
  }));
}

/** In the middle of a large body; around a small one or a low one, so that its bands, pads and marks can be seen. */
function nameOptions({ middle, body, frame, places }: Drawn): Option[] {
  const text = places.join('/');
  const [seenWidth, seenHeight] = [body.right - body.left, body.bottom - body.top];
  const longer = Math.max(seenWidth, seenHeight);
  const usual = longer < 4.5 ? 1.4 : 2.1;
  const hasRoom = longer >= 7.5 && Math.min(seenWidth, seenHeight) >= narrowMm;
  const isUpright = seenHeight > seenWidth;
  const sizes = [...new Set([usual, 1.4, 1.1])].filter((size) => size <= usual);
  // Letters of the last resort fit into the part’s own frame, where no neighbour has anything to look for.
  const least = Math.min(1.1, (frame.right - frame.left - gapMm) / (text.length * letterWidth));
  const options = sizes.flatMap((sizeMm): Option[] => {
    const [width, height] = [text.length * letterWidth * sizeMm, capitalHeight * sizeMm];
    const smaller = (usual - sizeMm) * 1.5;
    const aside = seenWidth / 2 + gapMm + width / 2;
    const off = Math.max(seenHeight / 2, 1.2) + gapMm + height / 2;
    const at = (right: number, down: number, cost: number): Option => ({
      box: boxAround({ x: middle.x + right, y: middle.y + down }, width, height),
      sizeMm,
      cost: cost + smaller,
    });
    const fits = hasRoom && width <= seenWidth - gapMm;
    return [
      at(0, 0, fits ? 0 : 6),
      at(0, off, isUpright ? 1.4 : 1),
      at(0, -off, isUpright ? 1.5 : 1.2),
      at(aside, 0, isUpright ? 1 : 1.5),
      at(-aside, 0, isUpright ? 1.1 : 1.6),
      at(aside, off - height, 2.5),
      at(-aside, off - height, 2.6),
      at(aside, height - off, 2.7),
      at(-aside, height - off, 2.8),
    ];
  });
  const width = text.length * letterWidth * least;
  return [
    ...options,
    { box: boxAround(middle, width, capitalHeight * least), sizeMm: least, cost: 9 },
  ];
}

/** A few rounds are enough: after them hardly anything moves. */
const rounds = 5;

/** For each the option that is cheapest beside what the others have chosen and what is there already. */
function settle(all: readonly (readonly Option[])[], there: readonly Box[]): readonly Option[] {
  const reaches = all.map((options) => boxOfAll(options.map(({ box }) => box)));
  // Who can never meet need not be asked: of hundreds of parts nearly all.
  const near = reaches.map((reach, index) => ({
    there: there.filter((box) => sharedMm2(reach, box) > 0),
    others: reaches.flatMap((other, at) =>
      at !== index && sharedMm2(reach, other) > 0 ? [at] : [],
    ),
  }));
  const chosen = all.map((options, index) => cheapest(options, near[index]?.there ?? []));
  for (let round = 0; round < rounds; round += 1) {
    let moved = false;
    for (const [index, options] of all.entries()) {
      const { there = [], others = [] } = near[index] ?? {};
      const boxes = others.flatMap((other) => chosen[other]?.box ?? []);
      const found = cheapest(options, [...there, ...boxes]);
      if (found !== chosen[index]) moved = true;
      chosen[index] = found;
    }
    if (!moved) break;
  }
  return chosen;
}

function cheapest(options: readonly Option[], boxes: readonly Box[]): Option {
  let best: Option = { box: boxAround({ x: 0, y: 0 }, 0, 0), sizeMm: 1, cost: 0 };
  let least = Number.POSITIVE_INFINITY;
  for (const option of options) {
    const cost = boxes.reduce((sum, box) => {
      const shared = sharedMm2(option.box, box);
      return shared > 0 ? sum + 15 + 5 * shared : sum;
    }, option.cost);
    if (cost >= least) continue;
    best = option;
    least = cost;
  }
  return best;
}

const boxOfAll = (boxes: readonly Box[]): Box => ({
  left: Math.min(...boxes.map(({ left }) => left)),
  right: Math.max(...boxes.map(({ right }) => right)),
  top: Math.min(...boxes.map(({ top }) => top)),
  bottom: Math.max(...boxes.map(({ bottom }) => bottom)),
});
