import type { PackageId } from '../packages/index.ts';

/** Kinds of which one type may stand in for another where its figures are as good. */
const kindsByFigures = [
  'npn',
  'pnp',
  'n-mosfet',
  'p-mosfet',
  'n-jfet',
  'p-jfet',
  'triac',
  'thyristor',
  'unijunction',
  'diode',
  'schottky',
  'zener',
  'bridge',
  'positive-regulator',
  'negative-regulator',
  'adjustable-regulator',
  'adjustable-negative-regulator',
  'reference',
] as const;

/** Kinds that do what their number says, and nothing else does it. */
export const kindsByNumber = [
  'op-amp',
  'comparator',
  'timer',
  'audio',
  'logic',
  'microcontroller',
  'memory',
  'driver',
  'converter',
  'interface',
  'clock',
  'optocoupler',
  'temperature-sensor',
  'hall-sensor',
  'infrared-detector',
  'phototransistor',
  'photodiode',
  'infrared-led',
  'addressable-led',
  'display',
  'matrix-display',
] as const;

/** What a type is, as far as rules, families and stand-ins need to tell it apart. */
export const typeKinds = [...kindsByFigures, ...kindsByNumber] as const;
export type TypeKind = (typeof typeKinds)[number];

/** One body in which a type is sold. */
export interface Packaged {
  readonly package: PackageId;
  readonly pins: number;
  /** What each lead is. Three legs and tabs: left to right, print to the reader, leads down. */
  readonly pinout?: readonly string[];
  /** Makers number or order the leads differently: nothing but the sheet of this one tells. */
  readonly makersDiffer?: true;
}

/**
 * A part number without what a maker puts before and behind it. All figures are from memory of the makers' data
 * sheets, unless a record says otherwise.
 */
export interface PartType {
  /** `BC547`, `4017`, `NE555`: as a kit's papers have it. */
  readonly number: string;
  readonly kind: TypeKind;
  /** Bodies in which kits have it, the usual one first. */
  readonly packages: readonly [Packaged, ...Packaged[]];
  /** Kits have it in one of these bodies as often as in another: its number alone tells none. */
  readonly inAnyBody?: true;
  /** Output of a regulator, breakdown of a Zener diode, in volts; always positive. */
  readonly volt?: number;
  /** What it bears: collector to emitter, drain to source, in reverse, across its outputs. */
  readonly maxVolt?: number;
  readonly maxAmpere?: number;
  /** What it is for, in a few words; of chips it stands apart (chipDoes.ts). */
  readonly does?: string;
  /** Other numbers of the same part. */
  readonly also?: readonly string[];
  /** Types with the same letter have the same pins for the same jobs; what they bear and how fast they are differs. */
  readonly pinsLike?: string;
}
