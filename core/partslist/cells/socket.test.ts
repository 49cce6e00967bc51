import { describe, expect, it } from 'vitest';
import { guessMapping } from '../guessMapping.ts';
import { readPartsList } from '../readPartsList.ts';
import { readTable } from '../readTable.ts';
import { withoutSocket } from './socket.ts';

const read = (row: string) => {
  const table = readTable(`Ref;Qty;Part;Footprint\n${row}\n`);
  if (!table.ok) throw new Error(table.problem.says);
  const { lines, problems } = readPartsList(table.value, guessMapping(table.value));
  const [line] = lines;
  return { ...line?.part, confidence: line?.confidence, problems };
};
const asked = ({ problems }: ReturnType<typeof read>) =>
  problems.map(({ message }) => (typeof message === 'string' ? message : message.says));

// As lists write it (common practice): a chip is often one line with its socket.
describe('a chip and its socket in one line', () => {
  it.each([
    ['U1;1;LM393 DIP8 + socket', 'LM393'],
    ['U1;1;NE555 with socket', 'NE555'],
    ['IC1;1;NE555 mit Sockel', 'NE555'],
    ['IC1;1;LM358 con zócalo', 'LM358'],
    ['U1;1;NE5532P;DIP-8_W7.62mm_Socket', 'NE5532'],
    ['IC;1;NE555 w/ socket', 'NE555'],
    ['U1;1;NE555 avec support', 'NE555'],
  ])('%s is the chip, and the socket is asked for', (row, number) => {
    const line = read(row);
    expect(line).toMatchObject({ family: 'ic-dip', confidence: 'sure' });
    expect(JSON.stringify(line.value)).toContain(number);
    expect(asked(line)).toContain('lists.row.addTheSocket');
  });

  it.each([
    'XU1;1;socket for NE555',
    'X1;1;8 pin DIP socket',
    'XU1;1;IC socket;DIP-8_W7.62mm_Socket',
  ])('%s is the socket', (row) => {
    const line = read(row);
    expect(line.family).toBe('socket-dip');
    expect(asked(line)).not.toContain('lists.row.addTheSocket');
  });

  it('nothing else is taken away', () => {
    for (const text of ['+ socket', 'with socket', 'socket', 'resistor 4k7', 'plug and socket']) {
      expect(withoutSocket(text)).toBe(text === 'plug and socket' ? 'plug' : text);
    }
  });
});

describe('what is for something else', () => {
  it.each([
    'XS1;4;socket for IN-12',
    'X1;1;insulator for IRF740',
    'EP1;1;crystal earphone with lead',
    'SC1;1;solar cell 5V 30mA with leads',
    'L1;1;ferrite rod with coil',
    'L1;1;power inductor 220uH',
  ])('%s is not surely what it is for, or sounds like', (row) => {
    const { family, confidence } = read(row);
    expect(
      ['nixie-tube', 'mosfet-to220', 'crystal', 'wire', 'inductor-axial'].includes(family ?? '') &&
        confidence === 'sure',
    ).toBe(false);
  });

  it.each([
    ['PIR1;1;HC-SR501 PIR module', 'coin-cell'],
    ['LED1;1;LED strip 12V 30 cm', 'led-5mm'],
    ['BT1;1;coupleur pile 9V', 'block-9v'],
  ])('%s is not surely what a part of its name is', (row, wrong) => {
    const { family, confidence } = read(row);
    expect(family === wrong && confidence === 'sure').toBe(false);
  });

  it('names of footprints are read by their words', () => {
    expect(read('J1;1;AudioJack3')).toMatchObject({ family: 'jack' });
    expect(read('J1;1;DC socket')).toMatchObject({ family: 'jack', confidence: 'sure' });
    expect(read('B1;1;AA cell holder')).toMatchObject({ family: 'battery-holder' });
  });
});
