import { describe, expect, it } from 'vitest';
import { withPlacesApart } from './placesApart.ts';
import { tableOf } from './testing/readList.ts';
import { readSheet } from './testing/readSheet.ts';

// Written for these tests in the manner of what such programs and papers hand out (common practice).
describe('places among the words', () => {
  it('have a column of their own as soon as the list is read', () => {
    const { lines } = readSheet(`Lp.;Bauteil;Stückzahl
1;R1, R3: 1 kΩ (br-sw-rt-go);2
2;C2: 100 µF/16 V Elko;1
3;LED1: rot, 5 mm;1
4;IC1: 4011;1
5;Fassung 14-polig;1
`);
    expect(lines).toEqual([
      'R1 R3 | resistor-axial | 1 kΩ',
      'C2 | capacitor-electrolytic | 100 µF',
      'LED1 | led-5mm | red',
      'IC1 | ic-dip | 4011',
      '1 x | socket-dip',
    ]);
  });

  it('stand behind them too', () => {
    const { lines } = readSheet(
      'Componente,Cantidad,Valor\nResistencia R1 R2,2,1K\nTransistor Q1,1,2N3904\nPortapilas 4xAA,1,\n',
    );
    expect(lines).toEqual([
      'R1 R2 | resistor-axial | 1 kΩ',
      'Q1 | transistor-to92 | 2N3904',
      '1 x | battery-holder',
    ]);
  });

  it('are no places where there are more or fewer pieces', () => {
    const table = tableOf('Part,Qty,Value\nResistor R1,4,1k\nLED D5,2,red\n');
    expect(withPlacesApart(table)).toBe(table);
  });
});
