import { describe, expect, it } from 'vitest';
import { line, type } from '../order/testing/kits.ts';
import type { Hazard } from '../parts/family.ts';
import type { Part } from '../parts/part.ts';
import { hasLiveTab } from '../parts/types/liveTab.ts';
import { checklistOf } from './checklist.ts';
import { hazardsOf } from './hazardsOf.ts';

const capacitor = (family: 'capacitor-film' | 'capacitor-electrolytic', ratedVolt?: number) =>
  line(family, 'C1', {
    kind: 'amount',
    unit: 'farad',
    amount: 1e-7,
    ...(ratedVolt === undefined ? {} : { ratedVolt }),
  });
const saying = (part: Part, description: string): Part => ({ ...part, description });

// What a qualified person looks for before a kit is handed out (common practice).
describe('what can hurt about a part', () => {
  it.each<[string, Part, Hazard[]]>([
    [
      'an electrolytic for 400 V',
      capacitor('capacitor-electrolytic', 400),
      ['can-burst', 'high-voltage'],
    ],
    ['an electrolytic for 25 V', capacitor('capacitor-electrolytic', 25), ['can-burst']],
    ['a film capacitor for 63 V', capacitor('capacitor-film', 63), []],
    ['a small film capacitor of the usual 100 V', capacitor('capacitor-film', 100), []],
    ['one for more', capacitor('capacitor-film', 250), ['high-voltage']],
    ['an X2 capacitor', saying(capacitor('capacitor-film'), 'X2 100nF 275V~'), ['high-voltage']],
    ['a relay for the mains', saying(line('relay', 'K1'), 'relay 10A 250VAC'), ['high-voltage']],
    ['a relay for a lamp at 12 V', saying(line('relay', 'K1'), 'relay 12V'), []],
    ['a triac', line('triac-to220', 'TR1', type('BT136')), ['high-voltage']],
    ['a thyristor', line('triac-to220', 'TR1', type('TIC106')), []],
    ['a nixie tube', line('nixie-tube', 'V1', type('IN-14'), 11), ['high-voltage']],
    ['a lithium cell', line('lithium-cell', '', type('18650')), ['lithium']],
    ['a holder for one', saying(line('battery-holder', 'BT1'), '18650 holder'), ['lithium']],
    ['a coin cell', line('coin-cell', '', type('CR2032')), ['button-cell']],
    ['an SMD electrolytic', line('capacitor-can-chip', 'C1'), ['can-burst']],
    ['a resistor', line('resistor-axial', 'R1'), []],
    [
      'a module that makes 180 V',
      saying(line('module', 'M1'), 'boost module 5 V to 180 V'),
      ['high-voltage'],
    ],
    ['one that makes 12 V', saying(line('module', 'M1'), 'step-up module 5 V to 12 V'), []],
    [
      'a coil for a flash',
      saying(line('transformer', 'T1'), 'trigger transformer, flash, 4 kV'),
      ['high-voltage'],
    ],
    ['a Hochspannungsmodul', saying(line('module', 'M1'), 'Hochspannungsmodul'), ['high-voltage']],
  ])('%s', (_, part, hazards) => {
    expect([...hazardsOf(part)].sort()).toEqual([...hazards].sort());
  });

  const ids = (parts: Part[], supplyVolt: number | null = 5) =>
    checklistOf({ parts, supplyVolt }).map(({ id }) => id);

  it('brings its own lines of the checklist, and only those that apply', () => {
    expect(ids([line('nixie-tube', 'V1', type('IN-14'), 11)])).toEqual(
      expect.arrayContaining(['high-voltage', 'discharge']),
    );
    expect(ids([line('coin-cell', '', type('CR2032'))])).toContain('bare-button-cell');
    const withHolder = [line('coin-cell', '', type('CR2032')), line('coin-holder', 'BT1')];
    expect(ids(withHolder)).not.toContain('bare-button-cell');
    const plain = ids([line('resistor-axial', 'R1')]);
    for (const id of ['high-voltage', 'discharge', 'lithium', 'laser', 'mercury', 'coin-cells'])
      expect(plain).not.toContain(id);
  });

  // Data sheets, from memory: the tab of a 78xx is ground, of a 79xx input, of an LM317 output, of a MOSFET drain.
  it.each([
    ['7805', false],
    ['7905', true],
    ['LM317', true],
  ])('the tab of %s is live: %s', (number, live) => {
    expect(hasLiveTab(line('regulator-to220', 'U1', type(number)))).toBe(live);
  });
});
