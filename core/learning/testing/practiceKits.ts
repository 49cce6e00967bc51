import { farad, line, ohm, type } from '../../order/testing/kits.ts';
import { noKit, type PracticeKit } from '../drills/drill.ts';

/** A kit with something of everything that drills are about. */
export const fullKit: PracticeKit = {
  parts: [
    line('resistor-axial', 'R1 R2', ohm(4700)),
    line('resistor-axial', 'R3', {
      kind: 'amount',
      unit: 'ohm',
      amount: 100_000,
      tolerancePercent: 1,
    }),
    line('capacitor-ceramic', 'C1', farad(1e-7)),
    line('capacitor-electrolytic', 'C2', farad(4.7e-5)),
    {
      ...line('led-5mm', 'D1', { kind: 'colour', colour: 'yellow' }),
      lotNote: { text: 'The flat is on the long lead.', turned: ['flat'] },
    },
    line('diode-axial', 'D2', type('1N4148')),
    line('transistor-to92', 'Q1', type('2N3904')),
    line('socket-dip', 'X1', { kind: 'none' }, 8),
    line('ic-dip', 'U1', type('NE555'), 8),
    line('resistor-chip', 'R9', ohm(470_000)),
    line('battery-holder', 'BT1'),
  ],
  board: null,
  styles: ['toughest-first', 'by-sheet'],
};

export const practiceKits: readonly PracticeKit[] = [noKit, fullKit];
