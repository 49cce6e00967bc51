import { describe, expect, it } from 'vitest';
import { findMounting, findWires, withoutWires } from './mounting.ts';

/** As lists write it (common practice). */
describe('how a line says that a part sits', () => {
  it.each([
    ['LED 5 mm red, bent over', { kind: 'bent-over' }],
    ['LED rot, liegend montieren', { kind: 'bent-over' }],
    ['Elko 100uF liegend', { kind: 'bent-over' }],
    ['condensador tumbado', { kind: 'bent-over' }],
    ['LED, 10 mm above the board', { kind: 'raised', mm: 10 }],
    ['5 W resistor, raised 5mm', { kind: 'raised', mm: 5 }],
    ['Anzeige, mit Abstand 11,5 mm', { kind: 'raised', mm: 11.5 }],
    ['LED 8 mm über der Platine', { kind: 'raised', mm: 8 }],
    ['pantalla a 6 mm sobre la placa', { kind: 'raised', mm: 6 }],
  ])('%s', (text, mounting) => {
    expect(findMounting(text)).toEqual(mounting);
  });

  it.each(['LED 5 mm red', 'pitch 5 mm', 'stand-off 10 mm M3', '100uF 6.3x11', 'raster 5 mm'])(
    'not in “%s”',
    (text) => {
      expect(findMounting(text)).toBeUndefined();
    },
  );
});

describe('how a line says that a part hangs on wires', () => {
  it.each([
    ['battery box 2xAA with red/black wires', { colours: ['red', 'black'] }],
    ['Batteriehalter 3xAAA mit Anschlusskabeln, 15 cm', { mm: 150 }],
    ['Batteriehalter mit Anschlussdrähten', {}],
    ['Batteriehalter mit Litzen', {}],
    ['portapilas con cables rojo y negro de 12 cm', { mm: 120, colours: ['red', 'black'] }],
    ['buzzer, flying leads', {}],
    ['push button on wires', {}],
    ['Taster an Litzen, 10 cm, blau', { mm: 100, colours: ['blue'] }],
    ['coupleur de piles avec fils', {}],
    ['PIR sensor, pre-wired', {}],
    ['reed switch, leads soldered to two 20 cm wires', { mm: 200 }],
    ['thermistor on a cable, 1 m', { mm: 1000 }],
    ['push button with pink/grey wires 80mm', { mm: 80, colours: ['pink', 'grey'] }],
    ['blue LED on wires (red + black, 25 cm)', { mm: 250, colours: ['red', 'black'] }],
  ])('%s', (text, more) => {
    expect(findWires(text)).toEqual({ kind: 'on-wires', ...more });
  });

  it.each([
    'battery box 2xAA',
    'resistor with leads',
    'resistor with wire leads',
    'LED with long leads',
    'wire red 15 cm',
  ])('not in “%s”', (text) => {
    expect(findWires(text)).toBeUndefined();
  });

  it.each([
    ['blue LED on wires (red + black)', 'blue LED'],
    ['solar cell with wires 10 cm', 'solar cell'],
    ['Batteriehalter 3xAAA, mit Kabeln', 'Batteriehalter 3xAAA'],
    ['with wires: a buzzer', 'with wires: a buzzer'],
    ['wire red 15 cm', 'wire red 15 cm'],
  ])('“%s” is “%s”, whatever it hangs on', (text, what) => {
    expect(withoutWires(text)).toBe(what);
  });
});
