import { familyOf } from '../parts/families/index.ts';
import { coinCell } from '../parts/families/power/coin-cell.ts';
import { coinHolder } from '../parts/families/power/coin-holder.ts';
import type { Part } from '../parts/part.ts';
import { hasHazard } from './hasHazard.ts';

/** What of a kit decides which hazards it brings. */
export interface KitHazards {
  readonly parts: readonly Part[];
  readonly supplyVolt: number | null;
}

export interface ChecklistItem {
  readonly id: string;
  readonly group: 'room' | 'bench' | 'people' | 'kit';
  /** Whether this kit needs the line; absent for what every evening needs. */
  readonly appliesTo?: (kit: KitHazards) => boolean;
  readonly says: string;
  readonly why: string;
}

/** Above this a touch is no longer taken to be harmless: 60 V DC without ripple (IEC 61140, from memory). */
const harmlessVolt = 60;

/**
 * What somebody looks at before the doors open. The usual cautions of a soldering room (common practice); the rules of
 * the place and qualified people always come first, which the first line says.
 */
export const checklistItems: readonly ChecklistItem[] = [
  {
    id: 'local-rules',
    group: 'room',
    says: 'The rules of this room and its owner are known, and they come before this list.',
    why: 'Whoever is responsible for the place may ask for more than is usual.',
  },
  {
    id: 'air',
    group: 'room',
    says: 'Windows open or fume extraction running, with an inlet near every iron.',
    why: 'Fumes of flux irritate eyes and lungs.',
  },
  {
    id: 'way-out',
    group: 'room',
    says: 'The way out is free, and somebody knows where the extinguisher and the main switch are.',
    why: 'One movement takes the power off all irons.',
  },
  {
    id: 'first-aid',
    group: 'room',
    says: 'Cold running water is near, and the first-aid kit is where everybody sees it.',
    why: 'A burn: cool it with running water for 20 minutes, then ask for medical advice.',
  },
  {
    id: 'stands',
    group: 'bench',
    says: 'Every iron lies in a stand that does not tip, set to 300 to 400 °C, its cable out of the way.',
    why: 'Most burns come from an iron that was pulled down or laid on the table.',
  },
  {
    id: 'mains',
    group: 'bench',
    says: 'Cables and plugs of irons and supplies are whole; nothing on the mains is opened.',
    why: 'Anything on the mains is for qualified people only.',
  },
  {
    id: 'alcohol',
    group: 'bench',
    says: 'Alcohol and flux stand away from irons and heaters, closed.',
    why: 'Their vapour burns.',
  },
  {
    id: 'no-food',
    group: 'bench',
    says: 'No food or drink at the benches; soap and water are there for afterwards.',
    why: 'Lead from solder gets into the mouth by the fingers. Leaded solder is kept from children.',
  },
  {
    id: 'glasses',
    group: 'people',
    says: 'Glasses for everybody, on while soldering and cutting; cut leads are held.',
    why: 'Solder spits, and a cut lead flies.',
  },
  {
    id: 'hair-sleeves',
    group: 'people',
    says: 'Hair and sleeves tied back; shoes that are closed.',
    why: 'A drop of solder falls into the lap or onto the foot.',
  },
  {
    id: 'no-power',
    group: 'people',
    says: 'Everybody has been told: nobody solders on a board that has power; parts stay hot after soldering.',
    why: 'Said once before the first iron is hot, it need not be shouted later.',
  },
  {
    id: 'coin-cells',
    group: 'kit',
    appliesTo: hasHazard('button-cell'),
    says: 'Button cells are counted and kept from small children.',
    why: 'A swallowed cell burns within hours: it is an emergency, call at once.',
  },
  {
    id: 'cells',
    group: 'kit',
    appliesTo: ({ parts }) => parts.some((part) => familyOf(part).power !== 'none'),
    says: 'Cells and batteries are handed out at the checks only, never soldered and never short-circuited.',
    why: 'A shorted lithium cell catches fire, and a holder with cells in it is a board with power.',
  },
  {
    id: 'electrolytics',
    group: 'kit',
    appliesTo: hasHazard('can-burst'),
    says: 'At the first power everybody has glasses on and the face away from the board.',
    why: 'An electrolytic or tantalum capacitor that is the wrong way round can burst.',
  },
  {
    id: 'bright-leds',
    group: 'kit',
    appliesTo: hasHazard('bright'),
    says: 'Everybody has been told not to look into bright LEDs.',
    why: 'White and blue ones hurt the eye before they look bright.',
  },
  {
    id: 'high-voltage',
    group: 'kit',
    appliesTo: (kit) =>
      (kit.supplyVolt !== null && kit.supplyVolt > harmlessVolt) || hasHazard('high-voltage')(kit),
    says: 'An instructor who is qualified for this voltage is in the room and has said so.',
    why: `Above ${harmlessVolt} V a touch can kill, and parts of this kit have or make such a voltage. Without such a person it is not built.`,
  },
  {
    id: 'discharge',
    group: 'kit',
    appliesTo: hasHazard('high-voltage'),
    says: 'What discharges the large capacitors is at hand, and everybody knows: discharge and measure before touching.',
    why: 'Capacitors keep a dangerous voltage after power is off. Parts that carry it are covered.',
  },
  {
    id: 'lithium',
    group: 'kit',
    appliesTo: hasHazard('lithium'),
    says: 'Lithium cells are whole, are handed out at the checks only, and a place outdoors on sand is known.',
    why: 'Never solder, pierce or short one, and never charge it unwatched: it burns and cannot be put out with water alone.',
  },
  {
    id: 'bare-button-cell',
    group: 'kit',
    appliesTo: ({ parts }) =>
      parts.some((part) => part.family === coinCell.id) &&
      !parts.some((part) => part.family === coinHolder.id),
    says: 'There is a holder for every button cell.',
    why: 'This kit has a button cell and no holder for it. Nobody solders to a cell: it can burst.',
  },
  {
    id: 'laser',
    group: 'kit',
    appliesTo: hasHazard('laser'),
    says: 'The laser is of class 1 or 2 (up to 1 mW), and its beam ends on something dull.',
    why: 'A stronger one hurts the eye faster than it closes. Other classes need somebody who is qualified for them.',
  },
  {
    id: 'mercury',
    group: 'kit',
    appliesTo: hasHazard('mercury'),
    says: 'Tilt switches have a ball inside. One with mercury is not built.',
    why: 'Mercury that spills is poisonous: air the room, and nobody sweeps it up.',
  },
];

/** The lines that count for an evening with this kit, in the order of a walk through the room. */
export const checklistOf = (kit: KitHazards): ChecklistItem[] =>
  checklistItems.filter(({ appliesTo }) => appliesTo?.(kit) ?? true);
