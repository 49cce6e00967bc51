import { capacitorCeramic } from '../../../parts/families/capacitors/capacitor-ceramic.ts';
import { capacitorElectrolytic } from '../../../parts/families/capacitors/capacitor-electrolytic.ts';
import { icDip } from '../../../parts/families/chips/ic-dip.ts';
import { socketDip } from '../../../parts/families/chips/socket-dip.ts';
import { terminalBlock } from '../../../parts/families/connectors/terminal-block.ts';
import { diodeAxial } from '../../../parts/families/diodes/diode-axial.ts';
import type { FamilyId } from '../../../parts/families/ids.ts';
import { led5mm } from '../../../parts/families/leds/led-5mm.ts';
import { batteryHolder } from '../../../parts/families/power/battery-holder.ts';
import { resistorAxial } from '../../../parts/families/resistors/resistor-axial.ts';
import { trimmer } from '../../../parts/families/resistors/trimmer.ts';
import { switchSlide } from '../../../parts/families/switches/switch-slide.ts';
import { transistorTo92 } from '../../../parts/families/transistors/transistor-to92.ts';
import { wireLink } from '../../../parts/families/wires/wire-link.ts';
import type { Part, PartValue } from '../../../parts/part.ts';
import { pick, type Random, shuffled, wholeBetween } from '../../../random.ts';

interface Sort {
  readonly family: FamilyId;
  readonly letter: string;
  readonly values: readonly PartValue[];
  readonly most: number;
  readonly pins?: number;
}

const ohm = (amount: number): PartValue => ({ kind: 'amount', unit: 'ohm', amount });
const farad = (amount: number): PartValue => ({ kind: 'amount', unit: 'farad', amount });
const type = (print: string): PartValue => ({ kind: 'type', print });
const none: PartValue = { kind: 'none' };

/** What beginners' boards are made of (common practice). */
const sorts: readonly Sort[] = [
  { family: resistorAxial.id, letter: 'R', values: [ohm(470), ohm(1000), ohm(10_000)], most: 4 },
  { family: diodeAxial.id, letter: 'D', values: [type('1N4148'), type('1N4001')], most: 2 },
  { family: capacitorCeramic.id, letter: 'C', values: [farad(1e-7), farad(1e-8)], most: 2 },
  { family: capacitorElectrolytic.id, letter: 'C', values: [farad(1e-5), farad(1e-4)], most: 2 },
  { family: transistorTo92.id, letter: 'Q', values: [type('2N3904')], most: 2 },
  { family: led5mm.id, letter: 'D', values: [{ kind: 'colour', colour: 'red' }], most: 2 },
  { family: switchSlide.id, letter: 'S', values: [none], most: 1 },
  { family: terminalBlock.id, letter: 'J', values: [none], most: 1, pins: 2 },
  { family: wireLink.id, letter: 'W', values: [none], most: 2 },
  { family: trimmer.id, letter: 'RV', values: [ohm(10_000)], most: 1 },
];

/** Chips with their sockets, and what brings power. */
const always: readonly Sort[] = [
  { family: socketDip.id, letter: 'X', values: [none], most: 1, pins: 8 },
  { family: icDip.id, letter: 'U', values: [type('NE555'), type('LM393')], most: 1, pins: 8 },
  { family: batteryHolder.id, letter: 'BT', values: [none], most: 1 },
];

/** The parts list of a small board that nobody has built before. */
export function madeUpKit(random: Random): Part[] {
  const counts = new Map<string, number>();
  const chosen = [...shuffled(random, sorts).slice(0, wholeBetween(random, 5, 8)), ...always];
  return chosen.map(({ family, letter, values, most, pins }): Part => {
    const designators = Array.from({ length: wholeBetween(random, 1, most) }, () => {
      const number = (counts.get(letter) ?? 0) + 1;
      counts.set(letter, number);
      return `${letter}${number}`;
    });
    return {
      designators,
      quantity: designators.length,
      family,
      value: pick(random, values),
      description: '',
      supply: 'in-kit',
      ...(pins === undefined ? {} : { pins }),
    };
  });
}
