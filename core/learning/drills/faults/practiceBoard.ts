import { type Board, emptyBoard, type Placement } from '../../../board/board.ts';
import type { CircuitNotes } from '../../../circuit/notes.ts';
import type { FaultDictionary } from '../../../faults/dictionary.ts';
import { capacitorElectrolytic } from '../../../parts/families/capacitors/capacitor-electrolytic.ts';
import { terminalBlock } from '../../../parts/families/connectors/terminal-block.ts';
import { diodeAxial } from '../../../parts/families/diodes/diode-axial.ts';
import { led5mm } from '../../../parts/families/leds/led-5mm.ts';
import { resistorAxial } from '../../../parts/families/resistors/resistor-axial.ts';
import { pushButton } from '../../../parts/families/switches/push-button.ts';
import { switchSlide } from '../../../parts/families/switches/switch-slide.ts';
import { transistorTo92 } from '../../../parts/families/transistors/transistor-to92.ts';
import type { Part, PartValue } from '../../../parts/part.ts';
import known from './practiceBoard.json' with { type: 'json' };

/** A board whose faults are known, to look for one of them. */
export interface BoardWithFaults {
  readonly board: Board;
  readonly parts: readonly Part[];
  readonly faults: FaultDictionary;
}

const ohm = (amount: number): PartValue => ({ kind: 'amount', unit: 'ohm', amount });
const line = (
  places: string,
  { id }: { readonly id: Part['family'] },
  value: PartValue = { kind: 'none' },
): Part => {
  const designators = places.split(' ');
  return {
    designators,
    quantity: designators.length,
    family: id,
    value,
    description: id,
    supply: 'in-kit',
  };
};

/** One lamp is always on, the other while the button is pressed. */
export const practiceParts: readonly Part[] = [
  line('J1', terminalBlock),
  line('D3', diodeAxial, { kind: 'type', print: '1N4001' }),
  line('S1', switchSlide),
  line('C1', capacitorElectrolytic, { kind: 'amount', unit: 'farad', amount: 1e-4 }),
  line('R1 R3', resistorAxial, ohm(330)),
  line('D1', led5mm, { kind: 'colour', colour: 'red' }),
  line('D2', led5mm, { kind: 'colour', colour: 'green' }),
  line('S2', pushButton),
  line('R2', resistorAxial, ohm(10_000)),
  line('R4', resistorAxial, ohm(100_000)),
  line('Q1', transistorTo92, { kind: 'type', print: '2N3904' }),
];

const at = (place: string, xMm: number, yMm: number, rotation = 0): Placement => ({
  place,
  xMm,
  yMm,
  rotation,
  side: 'top',
});

const net = (name: string, pins: string) => ({ name, pins: pins.split(' ') });

export const practiceBoard: Board = {
  ...emptyBoard(72, 46, 'printed'),
  placements: [
    at('J1', 6, 23, 90),
    at('D3', 19, 38),
    at('S1', 34, 38),
    at('C1', 46, 35, 270),
    at('R1', 56, 30, 90),
    at('D1', 65, 36, 270),
    at('S2', 17, 12),
    at('R2', 32, 10),
    at('R4', 32, 18),
    at('Q1', 45, 12),
    at('R3', 56, 13, 90),
    at('D2', 65, 16, 270),
  ],
};

export const practiceCircuit: CircuitNotes = {
  supply: { plus: 'J1.1', minus: 'J1.2' },
  nets: [
    net('plus', 'J1.1 D3.1'),
    net('in', 'D3.2 S1.2'),
    net('4.5V', 'S1.1 C1.1 R1.1 R3.1 S2.1'),
    net('GND', 'J1.2 C1.2 D1.2 R4.2 Q1.1'),
    net('lamp 1', 'R1.2 D1.1'),
    net('button', 'S2.3 R2.1'),
    net('base', 'R2.2 R4.1 Q1.2'),
    net('lamp 2', 'R3.2 D2.1'),
    net('collector', 'D2.2 Q1.3'),
  ],
};

/** In volts. */
export const practiceSupply = 4.5;

/** Where nobody has chosen a kit whose faults are known. */
export const practiceBoardWithFaults: BoardWithFaults = {
  board: practiceBoard,
  parts: practiceParts,
  // Written by practiceBoard.test.ts; a JSON module has no narrower type than its text.
  faults: known as unknown as FaultDictionary,
};
