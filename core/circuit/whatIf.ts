import { familyOf } from '../parts/families/index.ts';
import type { Part, PartValue } from '../parts/part.ts';
import { readValue } from '../partslist/readValue.ts';
import { circuitOf } from './circuitOf.ts';
import { conditionsOf } from './conditionsOf.ts';
import { feedOf } from './feedOf.ts';
import type { Range, StageFigures } from './figures.ts';
import { readStage } from './readings/readStage.ts';
import type { Effort } from './readings/stage.ts';
import type { SpiceEngine } from './spice.ts';
import { supplyOf } from './supplyOf.ts';
import type { WiredKit } from './wiredKit.ts';

/** What is tried otherwise: another supply, another value at a place. */
export interface Otherwise {
  readonly supplyVolt?: number;
  readonly parts: readonly { readonly place: string; readonly value: PartValue }[];
}

/** A board as it is and otherwise, all parts fitted; null where no solution was found. */
export interface Compared {
  readonly now: StageFigures | null;
  readonly otherwise: StageFigures | null;
  /** How long its cells last, in hours; null where nobody knows its cells, or what it takes. */
  readonly hoursNow: Range | null;
  readonly hoursOtherwise: Range | null;
}

/** Fewer boards than for the readings of a kit: both are made up of the same pieces, so the difference shows soon. */
const effort: Effort = { boardsAtRest: 100, boardsOverTime: 12, seed: 1 };

/**
 * A value as somebody types it for a part: `4k7`, `green`, `BC337`.
 *
 * @returns null where it is none for such a part, or could be read in two ways
 */
export function valueTyped(part: Part, text: string): PartValue | null {
  const typed = text.trim();
  if (typed === '') return null;
  const { valueKind } = familyOf(part);
  const read = readValue(
    familyOf(part),
    { value: typed, description: '' },
    valueKind === 'type' ? typed : undefined,
  );
  return read.ok && !read.value.isDoubtful && read.value.value.kind !== 'none'
    ? read.value.value
    : null;
}

/** A parts list in which single places have another value; their tolerance stays, where a new one is not said. */
export function partsOtherwise(parts: readonly Part[], { parts: changed }: Otherwise): Part[] {
  return parts.flatMap((part) => {
    const of = changed.filter(({ place }) => part.designators.includes(place));
    if (of.length === 0) return [part];
    const places = new Set(of.map(({ place }) => place));
    const left = part.designators.filter((place) => !places.has(place));
    return [
      ...(left.length > 0 ? [{ ...part, designators: left, quantity: left.length }] : []),
      ...of.map(({ place, value }) => ({
        ...part,
        designators: [place],
        quantity: 1,
        value: withTolerance(value, part.value),
      })),
    ];
  });
}

function withTolerance(value: PartValue, before: PartValue): PartValue {
  if (value.kind !== 'amount' || before.kind !== 'amount') return value;
  if (value.tolerancePercent !== undefined || before.tolerancePercent === undefined) return value;
  return {
    ...value,
    tolerancePercent: before.tolerancePercent,
    ...(before.minusPercent === undefined ? {} : { minusPercent: before.minusPercent }),
  };
}

/** From what a cell holds, give or take (makers, temperature, how far it may run down), and what is taken. */
function hoursOf(milliampereHours: number | undefined, figures: StageFigures | null): Range | null {
  const taken = figures?.milliampere;
  if (milliampereHours === undefined || !taken || taken.usual < 0.001) return null;
  return {
    least: (0.6 * milliampereHours) / Math.max(taken.most, 0.001),
    usual: milliampereHours / taken.usual,
    most: (1.2 * milliampereHours) / Math.max(taken.least, 0.001),
  };
}

/**
 * What boards of a kit show as they are, and otherwise.
 *
 * @throws Error where the kit is not readable; see `whyNotReadable`
 */
export async function compare(
  engine: SpiceEngine,
  kit: WiredKit & { readonly supplyVolt: number },
  otherwise: Otherwise,
): Promise<Compared> {
  const figuresOf = async (parts: readonly Part[], volt: number) => {
    const circuit = circuitOf({ ...kit, parts });
    const at = supplyOf(circuit, kit.circuitNotes);
    if (!at) throw new Error('nothing tells where the supply comes in');
    const fitted = new Set(parts.flatMap(({ designators }) => designators));
    const conditions = conditionsOf(circuit, kit.circuitNotes);
    const feed = feedOf(circuit, at, volt, kit.circuitNotes.feed);
    const figures = await readStage(engine, { circuit, at, fitted, conditions, feed }, effort);
    const fedBy = circuit.devices.find(({ place }) => place === at.place)?.part;
    const cells = fedBy && familyOf(fedBy).cells;
    return { figures, hours: hoursOf(cells?.milliampereHours, figures) };
  };
  const now = await figuresOf(kit.parts, kit.supplyVolt);
  const then = await figuresOf(
    partsOtherwise(kit.parts, otherwise),
    otherwise.supplyVolt ?? kit.supplyVolt,
  );
  return {
    now: now.figures,
    otherwise: then.figures,
    hoursNow: now.hours,
    hoursOtherwise: then.hours,
  };
}
