import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readHoles, writtenHoles } from './holesText.ts';
import { middleOf, type Panel, panelProblems } from './panel.ts';

const panel = (more: Partial<Panel> = {}): Panel => ({
  name: 'Front',
  widthMm: 100,
  heightMm: 60,
  fromX: 'left',
  fromY: 'top',
  holes: [],
  ...more,
});
const hole = (xMm: number, yMm: number, diameterMm = 3) => ({ xMm, yMm, diameterMm, what: '' });

describe('holes as they are written', () => {
  it.each([
    ['20 15 3.2 LED', { xMm: 20, yMm: 15, diameterMm: 3.2, what: 'LED' }],
    ['20, 15, 3.2, LED', { xMm: 20, yMm: 15, diameterMm: 3.2, what: 'LED' }],
    ['12,5; 8; 6,5 switch', { xMm: 12.5, yMm: 8, diameterMm: 6.5, what: 'switch' }],
    ['20 mm / 15 mm / Ø 3 mm: power lamp', { xMm: 20, yMm: 15, diameterMm: 3, what: 'power lamp' }],
    ['20x15 d5', { xMm: 20, yMm: 15, diameterMm: 5, what: '' }],
    ['5\t7\t2.5\tgrommet', { xMm: 5, yMm: 7, diameterMm: 2.5, what: 'grommet' }],
  ])('%s', (text, expected) => {
    expect(readHoles(text)).toEqual({ ok: true, value: [expected] });
  });

  it('names every line that says no hole, and what is there stays whole', () => {
    const read = readHoles('20 15 3\nhere one\n\n10 10 0 LED');
    expect(read.ok).toBe(false);
    if (read.ok) return;
    expect(read.problem.map(({ line }) => line)).toEqual([2, 4]);
  });

  it('come back as they were written down', () => {
    const tenths = fc.integer({ min: 1, max: 5000 }).map((value) => value / 10);
    const any = fc.record({
      xMm: tenths,
      yMm: tenths,
      diameterMm: tenths,
      what: fc.constantFrom('', 'LED', 'power lamp', 'M3 screw'),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 10 }), (holes) => {
        expect(readHoles(writtenHoles(holes))).toEqual({ ok: true, value: holes });
      }),
    );
  });
});

describe('a panel', () => {
  it('is measured from the edges that it names', () => {
    expect(middleOf(panel(), hole(20, 15))).toEqual({ x: 20, y: 15 });
    expect(middleOf(panel({ fromX: 'right', fromY: 'bottom' }), hole(20, 15))).toEqual({
      x: 80,
      y: 45,
    });
  });

  it('says which holes leave nothing to hold', () => {
    const holes = [hole(50, 30, 10), hole(58, 30, 5), hole(2.5, 30), hole(99.5, 30), hole(20, 20)];
    expect(panelProblems(panel({ holes }))).toEqual([
      { kind: 'too-near', hole: 2, other: 1, leftMm: 0.5 },
      { kind: 'near-edge', hole: 3, leftMm: 1 },
      { kind: 'outside', hole: 4 },
    ]);
  });
});
