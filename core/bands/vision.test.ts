import { differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { bandColours } from './colours.ts';
import { blackBody, colourDifference, seenAs, type Vision, visions } from './vision.ts';

const of = (a: keyof typeof bandColours, b: keyof typeof bandColours, vision: Vision = 'normal') =>
  colourDifference(bandColours[a].srgb, bandColours[b].srgb, vision);

// G. Sharma, W. Wu, E. N. Dalal: The CIEDE2000 color-difference formula (2005), table 1, from memory: L, a, b of both
// colours and the difference.
const published = `
50 2.6772 -79.7751 50 0 -82.7485 2.0425
50 3.1571 -77.2803 50 0 -82.7485 2.8615
50 2.8361 -74.0200 50 0 -82.7485 3.4412
50 -1.3802 -84.2814 50 0 -82.7485 1.0000
50 -1.1848 -84.8006 50 0 -82.7485 1.0000
50 -0.9009 -85.5211 50 0 -82.7485 1.0000
50 0 0 50 -1 2 2.3669
50 -1 2 50 0 0 2.3669
50 2.4900 -0.0010 50 -2.4900 0.0009 7.1792
50 2.4900 -0.0010 50 -2.4900 0.0010 7.1792
50 2.4900 -0.0010 50 -2.4900 0.0011 7.2195
50 2.4900 -0.0010 50 -2.4900 0.0012 7.2195
50 -0.0010 2.4900 50 0.0009 -2.4900 4.8045
50 -0.0010 2.4900 50 0.0010 -2.4900 4.8045
50 -0.0010 2.4900 50 0.0011 -2.4900 4.7461
50 2.5 0 50 0 -2.5 4.3065
50 2.5 0 73 25 -18 27.1492
50 2.5 0 61 -5 29 22.8977
50 2.5 0 56 -27 -3 31.9030
50 2.5 0 58 24 15 19.4535
50 2.5 0 50 3.1736 0.5854 1.0000
50 2.5 0 50 3.2972 0 1.0000
50 2.5 0 50 1.8634 0.5757 1.0000
50 2.5 0 50 3.2592 0.3350 1.0000
60.2574 -34.0099 36.2677 60.4626 -34.1751 39.4387 1.2644
63.0109 -31.0961 -5.8663 62.8187 -29.7946 -4.0864 1.2630
61.2901 3.7196 -5.3901 61.4292 2.2480 -4.9620 1.8731
35.0831 -44.1164 3.7933 35.0232 -40.0716 1.5901 1.8645
22.7233 20.0904 -46.6940 23.0331 14.9730 -42.5619 2.0373
36.4612 47.8580 18.3852 36.2715 50.5065 21.2231 1.4146
90.8027 -2.0831 1.4410 91.1528 -1.6435 0.0447 1.4441
90.9257 -0.5406 -0.9208 88.6381 -0.8985 -0.7239 1.5381
6.7747 -0.2908 -2.4247 5.8714 -0.0985 -2.2286 0.6377
2.0776 0.0795 -1.1350 0.9033 -0.0636 -0.5514 0.9082`
  .trim()
  .split('\n')
  .map((row) => row.split(' ').map(Number));

describe('the colour difference', () => {
  it.each(published.map((row) => [row]))('is that of Sharma, Wu and Dalal: %j', (row) => {
    const [l1 = 0, a1 = 0, b1 = 0, l2 = 0, a2 = 0, b2 = 0, expected = 0] = row;
    const found = differenceCiede2000()(
      { mode: 'lab65', l: l1, a: a1, b: b1 },
      { mode: 'lab65', l: l2, a: a2, b: b2 },
    );
    expect(found).toBeCloseTo(expected, 4);
  });

  it('is nought for one colour, and the same there and back', () => {
    for (const vision of visions) {
      expect(colourDifference('#c3271f', '#c3271f', vision)).toBe(0);
      expect(colourDifference('#c3271f', '#6b3a1c', vision)).toBeCloseTo(
        colourDifference('#6b3a1c', '#c3271f', vision),
        9,
      );
    }
  });
});

describe('bands as a deficiency sees them', () => {
  it('brown and red fall below a third of their difference under full deuteranopia', () => {
    expect(of('brown', 'red', 'deutan')).toBeLessThan(of('brown', 'red') / 3);
  });

  // Common practice: the pairs that nearly coincide under the most common deficiencies.
  it.each([
    ['brown', 'red'],
    ['orange', 'gold'],
    ['blue', 'violet'],
    ['red', 'green'],
  ] as const)('%s and %s come closer under a red-green deficiency', (a, b) => {
    const worst = Math.min(of(a, b, 'deutan'), of(a, b, 'protan'));
    expect(worst).toBeLessThan(of(a, b));
  });

  it('blue and yellow stay apart under a red-green deficiency', () => {
    expect(of('blue', 'yellow', 'deutan')).toBeGreaterThan(40);
  });
});

describe('a warm lamp', () => {
  // CIE standard illuminant A, 2856 K: x 0.44757, y 0.40745.
  it('has the chromaticity of illuminant A at 2856 K', () => {
    const { x, y } = blackBody(2856);
    expect(x).toBeCloseTo(0.44757, 3);
    expect(y).toBeCloseTo(0.40745, 3);
  });

  it('makes white paper yellowish and leaves black black', () => {
    const [r, g, b] = (seenAs('#ffffff', 'warm-light').match(/[0-9a-f]{2}/g) ?? []).map((part) =>
      Number.parseInt(part, 16),
    );
    expect(r).toBe(255);
    expect(b).toBeLessThan(g ?? 0);
    expect(seenAs('#000000', 'warm-light')).toBe('#000000');
  });
});
