import { checkOf } from '../order/checks/index.ts';
import type { Step } from '../order/step.ts';
import type { Hazard } from '../parts/family.ts';
import { hasLiveTab } from '../parts/types/liveTab.ts';
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

/** A check with power on the board, or a measurement that needs it there. */
const isLive = (step: Step): boolean =>
  (step.kind === 'check' && checkOf(step.check).isLive) ||
  (step.own?.words.measure !== undefined && step.own.words.measure.unit !== 'ohm');

/** The same where the kit has such parts; of an old plan nobody knows, so it is said. */
const isLiveWith =
  (hazard: Hazard) =>
  (step: Step): boolean =>
    isLive(step) && (step.kind !== 'check' || (step.hazards?.includes(hazard) ?? true));

/**
 * The usual cautions of a soldering bench (common practice), in the order in which they are said; the rules of the room
 * and qualified people come first, which the seat says beside them. A new one is a record here.
 */
export const harms = [
  {
    id: 'iron',
    appliesTo: isKind('solder'),
    words: {
      says: 'Glasses on. Tie back long hair, roll up loose sleeves. Hold the end of the lead while you cut it. Keep the iron in its stand. Parts stay hot for a minute.',
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
    id: 'lithium',
    appliesTo: isWith('lithium'),
    words: {
      says: 'A lithium cell burns: never solder, pierce, bend or short it, and lay no tool across it.',
    },
  },
  {
    id: 'high-voltage',
    appliesTo: isWith('high-voltage'),
    words: {
      says: 'This part has to do with a voltage that can hurt. Never touch the board with power on; your instructor does the first test.',
    },
  },
  {
    id: 'laser',
    appliesTo: isWith('laser'),
    words: { says: 'Never look into the beam, and point it at nobody.' },
  },
  {
    id: 'live-tab',
    appliesTo: (step) => step.kind !== 'check' && step.parts.some(hasLiveTab),
    words: {
      says: 'Its metal tab is not ground: it must not touch another part, and a heat sink needs an insulator.',
    },
  },
  {
    id: 'button-cell',
    appliesTo: isWith('button-cell'),
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
    id: 'discharge',
    appliesTo: (step) =>
      step.kind === 'check' && isLive(step) && (step.hazards?.includes('high-voltage') ?? false),
    words: {
      says: 'This kit has or makes a dangerous voltage: only your instructor switches it on, and discharges it before anybody touches it.',
    },
  },
  {
    id: 'smoke',
    appliesTo: isLive,
    words: {
      says: 'Glasses on, face away from the board. Smoke, a smell or something hot: supply off at once, touch nothing, and call your instructor.',
    },
  },
  {
    id: 'bright',
    appliesTo: isLiveWith('bright'),
    words: { says: 'Do not look into bright LEDs.' },
  },
] as const satisfies readonly Harm[];

/** What can hurt somebody at a step. */
export const harmsOf = (step: Step): Harm[] => harms.filter(({ appliesTo }) => appliesTo(step));
