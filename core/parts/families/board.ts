import { drawBoard } from '../drawing/hardware.ts';
import type { PartFamily } from '../family.ts';

export const board: PartFamily = {
  id: 'board',
  letters: ['PCB'],
  role: 'carrier',
  heightMm: 1.6,
  bodySource: 'usual board thickness, from memory of IPC-4101 materials',
  joints: () => 0,
  polarity: 'keyed',
  valueKind: 'none',
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0,
  recognise: {
    words: [
      'pcb',
      'board',
      'circuit board',
      'platine',
      'leiterplatte',
      'printplaat',
      'circuit imprime',
      'placa',
      'perfboard',
      'stripboard',
    ],
  },
  words: {
    one: 'board',
    many: 'boards',
    fit: ['The side with the print is the side of the parts.'],
  },
  draw: drawBoard,
};
