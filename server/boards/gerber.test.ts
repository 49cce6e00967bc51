import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '#core/testing/cases';
import { Refusal } from '../http/refusal.ts';
import { edgesOfGerber } from './gerber.ts';

const layer = `%FSLAX24Y24*%
%MOMM*%
%ADD10C,0.5*%
%AMBOX*21,1,1.2,0.8,0,0,30*%
%ADD11BOX*%
D10*
X0Y0D02*
X100000Y0D01*
X100000Y80000D01*
X0Y80000D01*
X0Y0D01*
D11*
X50000Y40000D03*
M02*
`;

/** Pieces that mean much where they stand: commands, numbers, repeats. */
const pieces = [
  '*',
  '%',
  'D01',
  'D03',
  'G36*',
  'G02*',
  'X',
  '-',
  '9999999',
  '%SRX9Y9I1J1*%',
  'M02*',
];

describe('a Gerber layer with edges, whatever happened to it on its way', () => {
  it('is read or told to be wrong', { timeout: 300_000 }, async () => {
    expect((await edgesOfGerber(layer)).shapes).toHaveLength(1);
    const change = fc.record({
      at: fc.nat(layer.length),
      length: fc.nat(12),
      by: fc.constantFrom('', ...pieces),
    });
    await fc.assert(
      fc.asyncProperty(fc.array(change, { minLength: 1, maxLength: 4 }), async (changes) => {
        const text = changes.reduce(
          (left, { at, length, by }) => left.slice(0, at) + by + left.slice(at + length),
          layer,
        );
        const found = await edgesOfGerber(text).catch((error: unknown) => error);
        if (found instanceof Error) expect(found).toBeInstanceOf(Refusal);
        else expect(found).toHaveProperty('shapes');
      }),
      { numRuns: cases(150) },
    );
  });
});
