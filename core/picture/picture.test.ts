import { createCanvas, GlobalFonts } from '@napi-rs/canvas';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../testing/cases.ts';
import { patchesOf } from './components.ts';
import { areaOf, findCorners } from './corners.ts';
import { evened } from './evened.ts';
import { holesIn, signsIn } from './holes.ts';
import {
  type Corners,
  homographyOf,
  mapped,
  straightened,
  turnedBy,
  wholeOf,
} from './homography.ts';
import { asPgm, cropped, framed, type Grey, greyOf, shrunk, turned } from './raster.ts';
import { withoutRules } from './rules.ts';

GlobalFonts.registerFromPath('node_modules/dejavu-fonts-ttf/ttf/DejaVuSans.ttf', 'Sans');

const filled = (width: number, height: number, shade: (x: number, y: number) => number): Grey => ({
  width,
  height,
  data: Uint8Array.from({ length: width * height }, (_, at) =>
    shade(at % width, Math.floor(at / width)),
  ),
});

/** Black print on white. */
function printed(text: string, size = 60): Grey {
  const canvas = createCanvas(60 + text.length * size, 2 * size);
  const context = canvas.getContext('2d');
  context.fillStyle = 'white';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.fillStyle = 'black';
  context.font = `${size}px Sans`;
  context.fillText(text, 30, 1.4 * size);
  return greyOf(
    context.getImageData(0, 0, canvas.width, canvas.height).data,
    canvas.width,
    canvas.height,
  );
}
const whole = ({ width, height }: Grey) => ({ x: 0, y: 0, width, height });

/** A four-sided figure inside 400 by 500, its corners clockwise from the upper left, none of them flat. */
const quad = fc
  .tuple(...[30, 60, 340, 60, 340, 430, 30, 430].map((at) => fc.integer({ min: at, max: at + 30 })))
  .map(
    ([a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, h = 0]): Corners => [
      { x: a, y: b },
      { x: c, y: d },
      { x: e, y: f },
      { x: g, y: h },
    ],
  );

const isInside = (corners: Corners, x: number, y: number): boolean =>
  corners.every((from, index) => {
    const to = corners[(index + 1) % 4] ?? from;
    return (to.x - from.x) * (y - from.y) - (to.y - from.y) * (x - from.x) >= 0;
  });

describe('a homography', () => {
  it('takes each corner to its own, and the crossing of the diagonals to that of the others', () => {
    fc.assert(
      fc.property(quad, quad, (from, to) => {
        const h = homographyOf(from, to);
        from.forEach((corner, index) => {
          const there = mapped(h, corner);
          expect(there.x).toBeCloseTo(to[index]?.x ?? Number.NaN, 5);
          expect(there.y).toBeCloseTo(to[index]?.y ?? Number.NaN, 5);
        });
        // Straight lines stay straight (the property that defines it; Hartley and Zisserman, 2.3).
        const crossing = mapped(h, diagonals(from));
        expect(crossing.x).toBeCloseTo(diagonals(to).x, 4);
        expect(crossing.y).toBeCloseTo(diagonals(to).y, 4);
      }),
    );
  });

  it('there and back is where one was', () => {
    fc.assert(
      fc.property(quad, quad, fc.nat(400), fc.nat(500), (from, to, x, y) => {
        const back = mapped(homographyOf(to, from), mapped(homographyOf(from, to), { x, y }));
        expect(back.x).toBeCloseTo(x, 3);
        expect(back.y).toBeCloseTo(y, 3);
      }),
    );
  });

  it('of corners on a line is none', () => {
    const line: Corners = [
      { x: 0, y: 0 },
      { x: 1, y: 1 },
      { x: 2, y: 2 },
      { x: 5, y: 0 },
    ];
    expect(() => homographyOf(line, wholeOf({ width: 9, height: 9 }))).toThrow('on a line');
  });

  it('straightens what was seen askew', () => {
    // A sheet with a dark left half, drawn between four corners.
    const corners: Corners = [
      { x: 60, y: 40 },
      { x: 350, y: 70 },
      { x: 370, y: 440 },
      { x: 40, y: 460 },
    ];
    const back = homographyOf(corners, wholeOf({ width: 100, height: 100 }));
    const picture = filled(400, 500, (x, y) => (mapped(back, { x, y }).x < 50 ? 20 : 230));
    const straight = straightened(picture, corners, 200);
    const shades = [0.25, 0.45, 0.55, 0.75].map(
      (share) =>
        straight.data[
          Math.floor(straight.height / 2) * straight.width + Math.floor(share * straight.width)
        ],
    );
    expect(shades).toEqual([20, 20, 230, 230]);
    // Turned by a quarter the dark half is above.
    const lying = straightened(picture, turnedBy(corners, 1), 200);
    expect(lying.data[Math.floor(0.25 * lying.height) * lying.width + 50]).toBe(230);
    expect(lying.data[Math.floor(0.75 * lying.height) * lying.width + 50]).toBe(20);
  });
});

function diagonals([a, b, c, d]: Corners): { x: number; y: number } {
  const p = { x: c.x - a.x, y: c.y - a.y };
  const q = { x: d.x - b.x, y: d.y - b.y };
  const along = ((b.x - a.x) * q.y - (b.y - a.y) * q.x) / (p.x * q.y - p.y * q.x);
  return { x: a.x + along * p.x, y: a.y + along * p.y };
}

describe('the corners of a sheet', () => {
  it('are found within a hundredth of the picture, in shadow too', () => {
    fc.assert(
      fc.property(quad, fc.double({ min: 0, max: 0.4, noNaN: true }), (corners, shadow) => {
        const picture = filled(400, 500, (x, y) => {
          const light = 1 - (shadow * x) / 400;
          return Math.round((isInside(corners, x, y) ? 240 : 60) * light);
        });
        const { corners: seen, found } = findCorners(picture);
        expect(found).toBe(true);
        seen.forEach(({ x, y }, index) => {
          const own = corners[index] ?? { x: 0, y: 0 };
          expect(Math.hypot(x - own.x, y - own.y)).toBeLessThan(6);
        });
      }),
      { numRuns: cases(60, 0.2) },
    );
  });

  it('are those of the picture where no sheet stands out, and it says so', () => {
    const plain = filled(300, 400, (x, y) => 180 + ((x * 7 + y * 13) % 9));
    expect(findCorners(plain)).toEqual({ corners: wholeOf(plain), found: false });
  });

  it('enclose what Gauss’s formula says', () => {
    expect(
      areaOf([
        { x: 0, y: 0 },
        { x: 4, y: 0 },
        { x: 4, y: 3 },
        { x: 0, y: 3 },
      ]),
    ).toBe(12);
  });
});

describe('a page', () => {
  it('is white where paper is, and dark where ink is, whatever shadow lies on it', () => {
    const page = evened(
      filled(240, 240, (x, y) => ((x % 24 < 4 && y % 24 < 4 ? 30 : 240) * (1 - x / 400)) | 0),
    );
    expect(page.data[20 * 240 + 10]).toBeGreaterThan(235);
    expect(page.data[20 * 240 + 230]).toBeGreaterThan(235);
    expect(page.data[25 * 240 + 25]).toBeLessThan(60);
    expect(page.data[217 * 240 + 217]).toBeLessThan(60);
  });

  it('loses ruled lines and keeps its letters', () => {
    const line = printed('R1 10k BC547', 40);
    const text = filled(900, 900, (x, y) =>
      x < line.width ? (line.data[(y - 360) * line.width + x] ?? 255) : 255,
    );
    const isRuled = (at: number) => Math.floor(at / text.width) % 70 < 2 || at % text.width < 2;
    const ruled: Grey = { ...text, data: text.data.map((shade, at) => (isRuled(at) ? 0 : shade)) };
    const dark = ({ data }: Grey) => data.filter((shade) => shade < 128).length;
    expect(dark(withoutRules(ruled))).toBeLessThan(1.03 * dark(text));
    expect(dark(withoutRules(ruled))).toBeGreaterThan(0.97 * dark(text));
  });

  it('is shrunk by the mean, and never made larger', () => {
    const board = filled(8, 8, (x, y) => ((x + y) % 2 === 0 ? 255 : 1));
    expect([...shrunk(board, 4).data]).toEqual(Array(16).fill(128));
    expect(shrunk(board, 99)).toBe(board);
  });

  it('is cropped as far as it reaches, and written as a portable grey map (Netpbm)', () => {
    const page = filled(5, 4, (x, y) => 10 * y + x);
    const piece = cropped(page, { x: 3, y: 2, width: 9, height: 9 });
    expect(piece).toMatchObject({ width: 2, height: 2, data: Uint8Array.of(23, 24, 33, 34) });
    expect(new TextDecoder('latin1').decode(asPgm(piece)).slice(0, 11)).toBe('P5\n2 2\n255\n');
    expect(asPgm(piece).length).toBe(11 + 4);
  });
});

describe('printed signs', () => {
  // How many counters the letters of a plain face have (a fact of type design).
  it.each([
    ['0', 1],
    ['6', 1],
    ['9', 1],
    ['8', 2],
    ['B', 2],
    ['5', 0],
    ['S', 0],
    ['Ω', 0],
    ['µ', 0],
    ['u', 0],
    ['p', 1],
    ['A', 1],
    ['D', 1],
  ] as const)('%s encloses %i', (sign, count) => {
    const page = printed(sign);
    const [only, ...more] = signsIn(page, whole(page));
    expect(more).toEqual([]);
    expect(only && holesIn(page, only)).toBe(count);
  });

  it('are parted, with their dots and accents', () => {
    const page = printed('i:R%ñ');
    // Of the percent sign the three parts stand over each other or not; it is left out of the count.
    expect(signsIn(page, whole(page)).length).toBeGreaterThanOrEqual(5);
    expect(signsIn(printed('iñ'), whole(printed('iñ')))).toHaveLength(2);
    expect(patchesOf(printed('iñ'))).toHaveLength(4);
  });
});

describe('a picture that is turned', () => {
  it('goes to the right by quarters, and is itself again after four', () => {
    const page = filled(3, 2, (x, y) => 10 * y + x);
    expect(turned(page, 1)).toMatchObject({ width: 2, height: 3 });
    expect([...turned(page, 1).data]).toEqual([10, 0, 11, 1, 12, 2]);
    expect([...turned(page, 2).data]).toEqual([12, 11, 10, 2, 1, 0]);
    expect(turned(page, 4)).toEqual(page);
  });

  it('has white around it where it is framed', () => {
    const piece = framed(
      filled(4, 4, () => 7),
      { x: 1, y: 1, width: 1, height: 1 },
      1,
    );
    expect([...piece.data]).toEqual([255, 255, 255, 255, 7, 255, 255, 255, 255]);
  });
});
