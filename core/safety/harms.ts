import { checkOf } from '../order/checks/index.ts';
import type { Step } from '../order/step.ts';
import type { Hazard } from '../parts/family.ts';
import { hasHazard } from './hasHazard.ts';

/** A way to get hurt at the bench, and the steps that it is said at. */
export interface Harm {
  readonly id: string;
  readonly appliesTo: (step: Step) => boolean;
  readonly words: { readonly says: string };
}

const isKind =
  (...kinds: readonly Step['kind'][]) =>
  ({ kind }: Step): boolean =>
    kinds.includes(kind);

const isWith =
  (hazard: Hazard) =>
  (step: Step): boolean =>
    step.kind !== 'check' && hasHazard(hazard)(step);

/** A check with power on the board. */
const isLive = (step: Step): boolean => step.kind === 'check' && checkOf(step.check).isLive;

/**
 * The usual cautions of a soldering bench (common practice), in the order in which they are said; the rules of the room
 * and qualified people come first, which the seat says beside them. A new one is a record here.
 */
export const harms = [
  {
    id: 'iron',
    appliesTo: isKind('solder'),
    words: {
      says: 'Glasses on. Hair and sleeves back. Hold the lead you cut, and keep the iron in its stand. Parts stay hot for a minute.',
    },
  },
  {
    id: 'fumes',
    appliesTo: isKind('solder'),
    words: {
      says: 'Keep your face out of the smoke. Nothing to eat at the bench: solder may hold lead, so wash your hands afterwards.',
    },
  },
  {
    id: 'burst',
    appliesTo: isWith('can-burst'),
    words: {
      says: 'The wrong way round it can burst when power comes on. Look twice at its mark before you solder.',
    },
  },
  {
    id: 'insert',
    appliesTo: isKind('insert'),
    words: { says: 'Supply off and cells out before a chip goes in.' },
  },
  {
    id: 'fasten',
    appliesTo: isKind('fasten'),
    words: { says: 'Iron in its stand, away from your hands.' },
  },
  {
    id: 'short',
    appliesTo: isKind('power'),
    words: { says: 'Never short-circuit a cell, and never solder to one.' },
  },
  {
    id: 'button-cell',
    appliesTo: (step) => isKind('power')(step) || isWith('button-cell')(step),
    words: {
      says: 'Button cells stay away from small children: a swallowed one is an emergency.',
    },
  },
  {
    id: 'live',
    appliesTo: isKind('check'),
    words: { says: 'Nobody solders on a board that has power.' },
  },
  {
    id: 'smoke',
    appliesTo: isLive,
    words: {
      says: 'Smoke, a smell or something hot: supply off at once, touch nothing, and call your instructor.',
    },
  },
  {
    id: 'bright',
    appliesTo: isLive,
    words: { says: 'Do not look into bright LEDs.' },
  },
] as const satisfies readonly Harm[];

/** What can hurt somebody at a step. */
export const harmsOf = (step: Step): Harm[] => harms.filter(({ appliesTo }) => appliesTo(step));
