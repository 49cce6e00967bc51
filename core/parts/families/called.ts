import type { PartFamily } from '../family.ts';
import { capacitors } from './capacitors/called.ts';
import { chips } from './chips/called.ts';
import { coils } from './coils/called.ts';
import { connectors } from './connectors/called.ts';
import { diodes } from './diodes/called.ts';
import type { FamilyId } from './ids.ts';
import { leds } from './leds/called.ts';
import { mechanical } from './mechanical/called.ts';
import { power } from './power/called.ts';
import { resistors } from './resistors/called.ts';
import { sound } from './sound/called.ts';
import { switches } from './switches/called.ts';
import { transistors } from './transistors/called.ts';
import { wires } from './wires/called.ts';

const byId: Readonly<Record<FamilyId, readonly string[]>> = {
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
  other: [],
};

/** What lists call such parts: words in several languages, lower case, without accents. */
export const calledWords = ({ id }: Pick<PartFamily, 'id'>): readonly string[] => byId[id];
