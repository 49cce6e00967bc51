import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { farad, line, ohm, type } from '../../order/testing/kits.ts';
import { layOut } from '../testing/layOut.ts';
import { atEnds, type Wired, wired } from '../testing/wired.ts';
import { type CircuitDrawing, circuitDrawing } from './circuitDrawing.ts';
import { circuitSvgText } from './circuitSvgText.ts';

const drawn = (rows: readonly Wired[]) => circuitDrawing(wired(rows), atEnds, 'box', layOut);

/** Every pin that is drawn: at the end of a line, or with a mark. */
function endsOf({ devices, wires }: CircuitDrawing) {
  const ends = wires.flatMap(({ net, lines }) =>
    lines.flatMap((line) =>
      [line[0], line.at(-1)].flatMap((point) => (point ? [{ net, ...point }] : [])),
    ),
  );
  return devices.flatMap(({ place, symbol, x, y, offsetX, offsetY, width, height, marks }) =>
    symbol.ports.map((port) => {
      const mark = marks.find(({ pin }) => pin === port.pin);
      const at = {
        x: port.side === 'WEST' ? x : port.side === 'EAST' ? x + width : x + offsetX + port.x,
        y: port.side === 'NORTH' ? y : port.side === 'SOUTH' ? y + height : y + offsetY + port.y,
      };
      const end = ends.find((one) => Math.hypot(one.x - at.x, one.y - at.y) < 0.5);
      return { pin: `${place}.${port.pin}`, net: mark?.net ?? end?.net };
    }),
  );
}

const flasher: readonly Wired[] = [
  [line('resistor-axial', 'R1', ohm(470)), 'plus l1'],
  [line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }), 'l1 c1'],
  [line('resistor-axial', 'R2', ohm(47_000)), 'plus b2'],
  [line('capacitor-electrolytic', 'C1', farad(1e-5)), 'c1 b2'],
  [line('transistor-to92', 'Q1', type('2N3904')), 'minus b1 c1'],
  [line('transistor-to92', 'Q2', type('2N3904')), 'minus b2 c2'],
  [line('resistor-axial', 'R3', ohm(470)), 'plus c2'],
  [line('capacitor-electrolytic', 'C2', farad(1e-5)), 'c2 b1'],
  [line('resistor-axial', 'R4', ohm(47_000)), 'plus b1'],
];

describe('the circuit drawn', () => {
  it('every pin ends in a line or a mark of its own net', async () => {
    const circuit = wired(flasher);
    const ends = endsOf(await drawn(flasher));
    for (const { pin, net } of ends) {
      expect(net, pin).toBe(circuit.nets.find(({ pins }) => pins.includes(pin))?.id);
    }
    expect(ends).toHaveLength(flasher.reduce((sum, [, nets]) => sum + nets.split(' ').length, 0));
  });

  it('plus is above what hangs on it: a resistor at plus is above the LED below it', async () => {
    const { devices } = await drawn(flasher);
    const y = (place: string) => devices.find((one) => one.place === place)?.y ?? Number.NaN;
    expect(y('R1')).toBeLessThan(y('D1'));
    expect(y('D1')).toBeLessThanOrEqual(y('Q1'));
  });

  it('no two parts lie on each other, whatever is joined', async () => {
    const kinds = ['resistor-axial', 'capacitor-film', 'diode-axial'] as const;
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.constantFrom(...kinds), fc.nat(7), fc.nat(7)), {
          minLength: 2,
          maxLength: 30,
        }),
        async (rows) => {
          const names = ['plus', 'minus', 'a', 'b', 'c', 'd', 'e', 'f'];
          const { devices } = await drawn(
            rows.map(
              ([family, one, other], index): Wired => [
                line(family, `X${index}`),
                `${names[one]} ${names[other]}`,
              ],
            ),
          );
          for (const [index, a] of devices.entries())
            for (const b of devices.slice(index + 1)) {
              const apart =
                a.x + a.width <= b.x + 0.5 ||
                b.x + b.width <= a.x + 0.5 ||
                a.y + a.height <= b.y + 0.5 ||
                b.y + b.height <= a.y + 0.5;
              expect(apart, `${a.place} ${b.place}`).toBe(true);
            }
        },
      ),
      { numRuns: 12, seed: 9 },
    );
  }, 120_000);

  it('as a file it holds every name, with nothing that XML would trip over', async () => {
    const rows: readonly Wired[] = [
      [{ ...line('ic-dip', 'U<1', type('NE555'), 8), pins: 8 }, 'minus a - plus - a - plus'],
      [line('resistor-axial', 'R1', ohm(1000)), 'plus a'],
    ];
    const svg = circuitSvgText(await drawn(rows), 'monospace');
    expect(svg).toContain('U&lt;1');
    expect(svg).toContain('>R1<');
    expect(svg).not.toMatch(/<1/);
  });
});
