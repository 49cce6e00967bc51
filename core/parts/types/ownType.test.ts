import { describe, expect, it } from 'vitest';
import { line, type } from '../../order/testing/kits.ts';
import { readPartsList } from '../../partslist/readPartsList.ts';
import type { Part } from '../part.ts';
import { ownTypeOf } from './ownType.ts';

const driver: Part = {
  ...line('ic-dip', 'U1', type('QX5252'), 4),
  package: '9 x 5 x 3 mm',
};
const read = (text: string, own = {}) =>
  readPartsList(
    { headings: ['Ref', 'Part'], rows: [{ line: 2, cells: ['U7', text] }] },
    { designators: 0, description: 1 },
    {},
    own,
  ).lines[0];

describe('a type of one’s own', () => {
  it('is what a confirmed line says of a number that is not known', () => {
    expect(ownTypeOf(driver)).toEqual({
      number: 'QX5252',
      type: { family: 'ic-dip', pins: 4, package: '9 x 5 x 3 mm' },
    });
    expect(ownTypeOf({ ...driver, value: type('NE555') })).toBeUndefined();
    expect(ownTypeOf({ ...driver, value: type('ABC') })).toBeUndefined();
    expect(ownTypeOf(line('screw', '', type('M3 x 8')))).toBeUndefined();
  });

  it('is read from the next list as it was said, without a doubt', () => {
    const own = ownTypeOf(driver);
    if (!own) throw new Error('it has no type of its own');
    expect(read('driver qx-5252')?.doubts).not.toEqual([]);
    const found = read('driver qx-5252', { [own.number]: own.type });
    expect(found).toMatchObject({
      confidence: 'told',
      doubts: [],
      part: { family: 'ic-dip', pins: 4, package: '9 x 5 x 3 mm', value: { print: 'qx-5252' } },
    });
  });

  it('never comes before what the catalogue knows', () => {
    const own = { NE555: { family: 'transistor-to92' as const } };
    expect(read('NE555', own)?.part.family).toBe('ic-dip');
  });
});
