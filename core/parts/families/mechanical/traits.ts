import type { PartFamily } from '../../family.ts';

/** What all of it has in common: it is screwed, clipped, tied or stuck on, never soldered. */
export const mechanicalTraits = {
  job: 'mechanical',
  letters: [],
  mount: 'none',
  signs: [],
  joints: () => 0,
  pads: 'row',
  polarity: 'free',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.5,
} satisfies Partial<PartFamily>;
