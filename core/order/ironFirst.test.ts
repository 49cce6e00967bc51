import { describe, expect, it } from 'vitest';
import { ironTurn, twoAtOnePhone } from './ironFirst.ts';

const steps = [
  { id: 'a', kind: 'solder' },
  { id: 'look', kind: 'check' },
  { id: 'b', kind: 'solder' },
  { id: 'c', kind: 'solder' },
] as const;

describe('who has the iron', () => {
  it('changes with every step of soldering, checks between them or not', () => {
    const turns = steps.map(({ id }) => ironTurn(steps, id, ['Ada', 'Bo'])?.first ?? null);
    expect(turns).toEqual(['Ada', null, 'Bo', 'Ada']);
  });

  it('is one of the two, and the other is the other', () => {
    for (const { id } of steps) {
      const turn = ironTurn(steps, id, ['Ada', 'Bo']);
      if (turn) expect([turn.first, turn.other].sort()).toEqual(['Ada', 'Bo']);
    }
  });

  it('is nobody at a step that is not in the plan', () => {
    expect(ironTurn(steps, 'gone', ['Ada', 'Bo'])).toBeNull();
  });
});

describe('two at one phone', () => {
  it.each([
    ['Ada & Bo', ['Ada', 'Bo']],
    ['Ada+Bo', ['Ada', 'Bo']],
    ['Ana María & Luis', ['Ana María', 'Luis']],
    ['Ada', undefined],
    ['Ada &', undefined],
    ['Ada & Bo & Cem', undefined],
    ['', undefined],
  ])('%s', (name, pair) => {
    expect(twoAtOnePhone(name)).toEqual(pair);
  });
});
