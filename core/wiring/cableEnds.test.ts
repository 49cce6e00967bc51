import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { line } from '../order/testing/kits.ts';
import { cases } from '../testing/cases.ts';
import { cableProblems, cablesAt, coreColour, endOf } from './cableEnds.ts';
import { readCores, writtenCores } from './coresText.ts';

const read = (text: string) => {
  const cores = readCores(text);
  if (!cores.ok) throw new Error(cores.problem.map(({ message }) => message.says).join());
  return cores.value;
};

describe('cores as they are written', () => {
  it.each([
    ['red, BT1 +, J1.1', ['red', 'BT1 +', 'J1.1']],
    ['red BT1 + J1.1', ['red', 'BT1 +', 'J1.1']],
    ['red BT1+ J1.1', ['red', 'BT1+', 'J1.1']],
    ['rot; BT1 +; J1.1', ['rot', 'BT1 +', 'J1.1']],
    ['light blue, tip of the plug, J2/1', ['light blue', 'tip of the plug', 'J2/1']],
    ['black\tBT1 −\tJ1.2', ['black', 'BT1 −', 'J1.2']],
    ['white -> LS1.1 -> J3.1', ['white', 'LS1.1', 'J3.1']],
    ['red, ; BT1 + , ; J1.1', ['red', 'BT1 +', 'J1.1']],
    ['azul → LS1 → J3.1', ['azul', 'LS1', 'J3.1']],
  ])('%s', (text, [colour, from, to]) => {
    expect(read(text)).toEqual([{ colour, from, to }]);
  });

  it.each(['red', 'red, BT1', 'red, BT1, J1, J2', `red, ${'x'.repeat(41)}, J1`])(
    '“%s” is refused by its line',
    (text) => {
      const cores = readCores(`red, BT1, J1\n\n${text}`);
      expect(cores.ok ? [] : cores.problem.map((problem) => problem.line)).toEqual([3]);
    },
  );

  it('are the same when they are written and read again', () => {
    const word = fc.stringMatching(/^[A-Za-z0-9.+äß ]{1,12}$/).filter((text) => text.trim() !== '');
    const core = fc.record({ colour: word, from: word, to: word });
    fc.assert(
      fc.property(fc.array(core, { maxLength: 12 }), (cores) => {
        const trimmed = cores.map(({ colour, from, to }) => ({
          colour: colour.trim(),
          from: from.trim(),
          to: to.trim(),
        }));
        expect(read(writtenCores(trimmed))).toEqual(trimmed);
      }),
      { numRuns: cases(200) },
    );
  });
});

describe('the ends of a cable', () => {
  it.each([
    ['BT1 +', { place: 'BT1', lead: '+' }],
    ['bt1+', { place: 'BT1', lead: '+' }],
    ['BT1-', { place: 'BT1', lead: '−' }],
    ['J1.2', { place: 'J1', lead: '2' }],
    ['J1/2', { place: 'J1', lead: '2' }],
    ['LS1', { place: 'LS1', lead: '' }],
    ['D3 long lead', { place: 'D3', lead: 'long lead' }],
    ['tip of the plug', undefined],
    ['shield', undefined],
  ])('%s', (text, end) => {
    expect(endOf(text)).toEqual(end);
  });

  const parts = new Map(
    [line('battery-holder', 'BT1'), line('buzzer', 'BZ1')].map((part) => [
      part.designators[0] ?? '',
      part,
    ]),
  );
  const core = (from: string, to: string) => ({ colour: 'red', from, to });

  it('are told where the list knows no such place or lead, and taken as written otherwise', () => {
    const cores = [
      core('BT1 +', 'BZ1 +'),
      core('BT1 7', 'X9.1'),
      core('BT1 outer case', 'tip of the plug'),
    ];
    expect(cableProblems({ cores }, parts).map(({ kind, end }) => [kind, end])).toEqual([
      ['no-such-lead', 'BT1 7'],
      ['no-such-place', 'X9.1'],
    ]);
  });

  it('say at which part a cable is soldered', () => {
    const cable = { name: 'Power', mm: 120, through: '', cores: [core('BT1 +', 'J1.1')] };
    expect(cablesAt([cable], new Set(['J1']))).toEqual([cable]);
    expect(cablesAt([cable], new Set(['J10', 'R1']))).toEqual([]);
  });

  it('have a colour where it is a usual one', () => {
    expect(coreColour({ colour: 'hellblau', from: '', to: '' })).toBeUndefined();
    expect(coreColour({ colour: 'blau', from: '', to: '' })).toBe('blue');
  });
});
