import type { PartFamily } from '../family.ts';
import { capacitors } from './capacitors/recognised.ts';
import { chips } from './chips/recognised.ts';
import { coils } from './coils/recognised.ts';
import { connectors } from './connectors/recognised.ts';
import { diodes } from './diodes/recognised.ts';
import type { FamilyId } from './ids.ts';
import { leds } from './leds/recognised.ts';
import { mechanical } from './mechanical/recognised.ts';
import { power } from './power/recognised.ts';
import type { Recognised } from './recognisedBy.ts';
import { resistors } from './resistors/recognised.ts';
import { sound } from './sound/recognised.ts';
import { switches } from './switches/recognised.ts';
import { transistors } from './transistors/recognised.ts';
import { wires } from './wires/recognised.ts';

const byId: Readonly<Record<FamilyId, Recognised>> = {
  ...capacitors,
  ...chips,
  ...coils,
  ...connectors,
  ...diodes,
  ...leds,
  ...mechanical,
  ...power,
  ...resistors,
  ...sound,
  ...switches,
  ...transistors,
  ...wires,
  other: { assumedFor: null },
};

/** By what an import recognises such parts, beside the words that they are called. */
export const recognised = ({ id }: Pick<PartFamily, 'id'>): Recognised => byId[id];
