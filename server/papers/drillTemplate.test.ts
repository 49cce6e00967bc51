import { inflateSync } from 'node:zlib';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyBoard } from '#core/board/board';
import { middleOf, type Panel } from '#core/housing/panel';
import { cases } from '#core/testing/cases';
import { speak } from '../words/speak.ts';
import { drillTemplatePdf } from './drillTemplate.ts';

type Matrix = readonly [number, number, number, number, number, number];
interface Path {
  readonly points: readonly { readonly x: number; readonly y: number }[];
  readonly isRound: boolean;
}

const times = (a: Matrix, b: Matrix): Matrix => [
  a[0] * b[0] + a[1] * b[2],
  a[0] * b[1] + a[1] * b[3],
  a[2] * b[0] + a[3] * b[2],
  a[2] * b[1] + a[3] * b[3],
  a[4] * b[0] + a[5] * b[2] + b[4],
  a[4] * b[1] + a[5] * b[3] + b[5],
];

/**
 * The lines that a PDF strokes, in millimetres from the upper left of the sheet: its content streams, read by the
 * operators of ISO 32000-1, 8.4.4 and 8.5.2, in points of 1/72 inch.
 */
function strokedPaths(pdf: Buffer): Path[] {
  const text = pdf.toString('latin1');
  const paths: Path[] = [];
  for (const found of text.matchAll(/stream\r?\n([\s\S]*?)\r?\nendstream/g)) {
    let content: string;
    try {
      content = inflateSync(Buffer.from(found[1] ?? '', 'latin1')).toString('latin1');
    } catch {
      continue;
    }
    let matrix: Matrix = [1, 0, 0, 1, 0, 0];
    const stack: Matrix[] = [];
    let points: { x: number; y: number }[] = [];
    let isRound = false;
    const add = (x = 0, y = 0) => {
      const [px, py] = [
        matrix[0] * x + matrix[2] * y + matrix[4],
        matrix[1] * x + matrix[3] * y + matrix[5],
      ];
      // A sheet counts from its lower edge.
      points.push({ x: (px / 72) * 25.4, y: (-py / 72) * 25.4 });
    };
    for (const line of content.split('\n')) {
      const words = line.trim().split(/\s+/);
      const operator = words.at(-1);
      const numbers = words.slice(0, -1).map(Number);
      if (operator === 'q') stack.push(matrix);
      else if (operator === 'Q') matrix = stack.pop() ?? matrix;
      else if (operator === 'cm') {
        const [a = 1, b = 0, c = 0, d = 1, e = 0, f = 0] = numbers;
        matrix = times([a, b, c, d, e, f], matrix);
      } else if (operator === 'm' || operator === 'l') add(numbers[0], numbers[1]);
      else if (operator === 'c') {
        isRound = true;
        add(numbers[4], numbers[5]);
      } else if (['S', 'B', 'n', 'f'].includes(operator ?? '')) {
        if (operator === 'S' || operator === 'B') paths.push({ points, isRound });
        points = [];
        isRound = false;
      }
    }
  }
  return paths;
}

const extent = ({ points }: Path) => {
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  return {
    left,
    top: Math.min(low, high),
    width: right - left,
    height: high - low,
    x: (left + right) / 2,
    y: (low + high) / 2,
  };
};

const printed = (panels: readonly Panel[], size: 'a4' | 'letter' = 'a4') => {
  const kit = { name: 'Lamp', revision: 1, board: { ...emptyBoard(50, 50, 'printed'), panels } };
  return drillTemplatePdf(kit, {
    size,
    steps: 'small',
    speaker: speak('en'),
  });
};

const tenths = (least: number, most: number) =>
  fc.integer({ min: least * 10, max: most * 10 }).map((value) => value / 10);
const anyPanel: fc.Arbitrary<Panel> = fc
  .tuple(tenths(60, 160), tenths(60, 180))
  .chain(([widthMm, heightMm]) =>
    fc.record({
      name: fc.constant('Front'),
      widthMm: fc.constant(widthMm),
      heightMm: fc.constant(heightMm),
      fromX: fc.constantFrom('left' as const, 'right' as const),
      fromY: fc.constantFrom('top' as const, 'bottom' as const),
      holes: fc.array(
        fc.record({
          xMm: tenths(10, 50),
          yMm: tenths(10, 50),
          diameterMm: tenths(1, 12),
          what: fc.constant('LED'),
        }),
        { minLength: 1, maxLength: 6 },
      ),
    }),
  );

describe('the drill template', () => {
  it('has every hole within 0.1 mm of where it belongs, and as wide as it is', async () => {
    await fc.assert(
      fc.asyncProperty(
        anyPanel,
        fc.constantFrom('a4' as const, 'letter' as const),
        async (panel, size) => {
          const paths = strokedPaths(await printed([panel], size));
          const outline = paths
            .filter(({ isRound, points }) => !isRound && points.length === 4)
            .map(extent)
            .find(
              ({ width, height }) =>
                Math.abs(width - panel.widthMm) < 0.1 && Math.abs(height - panel.heightMm) < 0.1,
            );
          if (!outline) throw new Error('no outline of the panel’s size is printed');
          const circles = paths.filter(({ isRound }) => isRound).map(extent);
          expect(circles).toHaveLength(panel.holes.length);
          for (const [index, hole] of panel.holes.entries()) {
            const { x, y } = middleOf(panel, hole);
            const circle = circles[index];
            expect(Math.abs((circle?.x ?? 0) - outline.left - x)).toBeLessThan(0.1);
            expect(Math.abs((circle?.y ?? 0) - outline.top - y)).toBeLessThan(0.1);
            expect(Math.abs((circle?.width ?? 0) - hole.diameterMm)).toBeLessThan(0.1);
          }
        },
      ),
      { numRuns: cases(8) },
    );
  });

  it('has a bar of a hundred millimetres to measure the print by', async () => {
    const panel: Panel = {
      name: 'Lid',
      widthMm: 40,
      heightMm: 30,
      fromX: 'left',
      fromY: 'top',
      holes: [{ xMm: 10, yMm: 10, diameterMm: 3, what: '' }],
    };
    const bars = strokedPaths(await printed([panel]))
      .filter(({ points }) => points.length === 2)
      .map(extent)
      .filter(({ width, height }) => width > 90 && width < 110 && height < 0.01);
    expect(bars.map(({ width }) => width)).toContainEqual(expect.closeTo(100, 1));
  });

  it('says so where a panel is larger than the sheet, and lists its holes', async () => {
    const panel: Panel = {
      name: 'Base',
      widthMm: 300,
      heightMm: 200,
      fromX: 'left',
      fromY: 'top',
      holes: [{ xMm: 10, yMm: 10, diameterMm: 3, what: 'foot' }],
    };
    const paths = strokedPaths(await printed([panel]));
    expect(paths.filter(({ isRound }) => isRound)).toEqual([]);
  });
});
