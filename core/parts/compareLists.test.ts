import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyBoard } from '../board/board.ts';
import { usualSettings } from '../order/settings.ts';
import { anyKit, line, ohm } from '../order/testing/kits.ts';
import { type ComparedList, compareLists } from './compareLists.ts';
import type { Part } from './part.ts';

const list = (parts: readonly Part[], more: Partial<ComparedList> = {}): ComparedList => ({
  parts,
  supplyVolt: 6,
  errata: [],
  ...more,
});
const r1 = line('resistor-axial', 'R1', ohm(470));
const r2 = line('resistor-axial', 'R2', ohm(1000));

describe('two revisions of a kit', () => {
  it('that hold the same have no difference', () => {
    fc.assert(
      fc.property(anyKit, (parts) => {
        expect(compareLists(list(parts), list(structuredClone(parts)))).toEqual([]);
      }),
    );
  });

  it('name the line and what changed of it', () => {
    const to = { ...r1, value: ohm(560), supply: 'not-in-kit' as const };
    expect(compareLists(list([r1, r2]), list([to, r2]))).toEqual([
      { kind: 'changed', from: r1, to, fields: ['value', 'supply'] },
    ]);
  });

  it('do not mind the order of keys, nor the words of the line', () => {
    const to: Part = {
      ...r1,
      description: 'the same',
      value: { amount: 470, unit: 'ohm', kind: 'amount' },
    };
    expect(compareLists(list([r1]), list([to]))).toEqual([]);
  });

  it('say what came and what went', () => {
    expect(compareLists(list([r1]), list([r2]))).toEqual([
      { kind: 'added', part: r2 },
      { kind: 'removed', part: r1 },
    ]);
  });

  it('a place that moved to another line changes both', () => {
    const wide = line('resistor-axial', 'R1 R2', ohm(470));
    expect(compareLists(list([wide]), list([r1, r2]))).toEqual([
      { kind: 'changed', from: wide, to: r1, fields: ['designators', 'quantity'] },
      { kind: 'added', part: r2 },
    ]);
  });

  it('count the supply and the errata', () => {
    const erratum = { designators: ['R1'], text: 'printed as R2' };
    expect(compareLists(list([r1]), list([r1], { supplyVolt: 9, errata: [erratum] }))).toEqual([
      { kind: 'supply', from: 6, to: 9 },
      { kind: 'erratum-added', erratum },
    ]);
  });

  it('there and back exchange what came and what went', () => {
    fc.assert(
      fc.property(anyKit, anyKit, (a, b) => {
        const there = compareLists(list(a), list(b));
        const back = compareLists(list(b), list(a));
        const count = (changes: typeof there, kind: string) =>
          changes.filter((change) => change.kind === kind).length;
        expect(count(there, 'added') - count(there, 'removed')).toBe(b.length - a.length);
        expect(count(back, 'added') - count(back, 'removed')).toBe(a.length - b.length);
      }),
    );
  });

  it('a board that is laid out anew names the places that moved', () => {
    const parts = [line('resistor-axial', 'R1 R2')];
    const at = (xMm: number) => ({
      ...emptyBoard(50, 30, 'printed'),
      placements: [
        { place: 'R1', xMm, yMm: 10, rotation: 0, side: 'top' as const },
        { place: 'R2', xMm: 30, yMm: 10, rotation: 0, side: 'top' as const },
      ],
    });
    const list = { parts, supplyVolt: 3, errata: [] };
    expect(compareLists({ ...list, board: at(10) }, { ...list, board: at(20) })).toEqual([
      { kind: 'board', places: ['R1'] },
    ]);
    expect(compareLists({ ...list, board: at(10) }, { ...list, board: at(10) })).toEqual([]);
  });

  it('what is said of the circuit is told, and nothing said is like an empty note', () => {
    const list = { parts: [], supplyVolt: 3, errata: [] };
    const said = { ...list, circuitNotes: { feed: 'bench' as const } };
    expect(compareLists(list, said)).toEqual([{ kind: 'circuit' }]);
    expect(compareLists(list, { ...list, circuitNotes: {} })).toEqual([]);
  });

  it('another soldering order is told', () => {
    const parts = [line('resistor-axial', 'R1', ohm(470))];
    const list = { parts, supplyVolt: 3, errata: [], order: usualSettings };
    expect(compareLists(list, { ...list, order: { ...usualSettings, checks: 'blocks' } })).toEqual([
      { kind: 'order' },
    ]);
    expect(compareLists(list, { ...list, order: { ...usualSettings } })).toEqual([]);
  });
});
