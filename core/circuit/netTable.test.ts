import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { netNames, withJoined, withPinOn } from './netTable.ts';
import { netText, readNetText } from './netText.ts';

const nets = [
  { name: 'VCC', pins: ['R1.1', 'U1.8'] },
  { name: 'out', pins: ['R1.2'] },
];
const after = (pin: string, name: string) => netText(withPinOn(nets, pin, name));

describe('a pin put on a net by its name', () => {
  it.each([
    [
      'joins what has the name, in capitals or not',
      'R2.1',
      'OUT',
      'VCC: R1.1 U1.8\nout: R1.2 R2.1',
    ],
    ['leaves the net where it was', 'U1.8', 'out', 'VCC: R1.1\nout: R1.2 U1.8'],
    [
      'makes a net that nobody has named yet',
      'R2.1',
      ' mid ',
      'VCC: R1.1 U1.8\nout: R1.2\nmid: R2.1',
    ],
    ['without a name is on none, and an empty net is gone', 'R1.2', '', 'VCC: R1.1 U1.8'],
    ['has no colon in its name', 'R2.1', 'A:B', 'VCC: R1.1 U1.8\nout: R1.2\nA B: R2.1'],
  ])('%s', (_, pin, name, text) => {
    expect(after(pin, name)).toBe(text);
  });

  const places = ['R1', 'R2', 'U1'];
  const pin = fc
    .tuple(fc.constantFrom(...places), fc.integer({ min: 1, max: 3 }))
    .map(([place, number]) => `${place}.${number}`);
  const deed = fc.tuple(pin, fc.string({ maxLength: 6 }));

  it('after any number of changes each pin is on the net of its last name, and the text is read again', () => {
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 20 }), (deeds) => {
        const all = deeds.reduce<ReturnType<typeof withPinOn>>(
          (before, [at, name]) => withPinOn(before, at, name),
          [],
        );
        const names = netNames(all);
        const last = new Map(deeds);
        for (const [at, typed] of last) {
          const name = typed.replaceAll(':', ' ').trim();
          expect((names.get(at) ?? '').toLowerCase()).toBe(name.toLowerCase());
        }
        const read = readNetText(netText(all), () => ['1', '2', '3']);
        expect(read).toEqual({ ok: true, value: all });
      }),
      { seed: 1 },
    );
  });
});

describe('two pins that are joined', () => {
  it.each([
    ['the second comes to the net of the first', 'R1.1', 'R2.1', 'VCC: R1.1 U1.8 R2.1\nout: R1.2'],
    ['or the first to that of the second', 'R2.1', 'R1.1', 'VCC: R1.1 U1.8 R2.1\nout: R1.2'],
    ['two nets become one', 'R1.2', 'U1.8', 'out: R1.2 R1.1 U1.8'],
    ['of one net nothing changes', 'R1.1', 'U1.8', 'VCC: R1.1 U1.8\nout: R1.2'],
    [
      'without a net a new one is named',
      'R2.1',
      'R2.2',
      'VCC: R1.1 U1.8\nout: R1.2\nN1: R2.1 R2.2',
    ],
  ])('%s', (_, one, other, text) => {
    expect(netText(withJoined(nets, one, other))).toBe(text);
  });

  const pin = fc.integer({ min: 1, max: 8 }).map((number) => `U1.${number}`);
  it('in any order are on one net in the end, and every pin is on one net only', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(pin, pin), { maxLength: 12 }), (pairs) => {
        const all = pairs.reduce<ReturnType<typeof withJoined>>(
          (before, [one, other]) => withJoined(before, one, other),
          [],
        );
        const names = netNames(all);
        for (const [one, other] of pairs) expect(names.get(one)).toBe(names.get(other));
        const pins = all.flatMap((net) => net.pins);
        expect(new Set(pins).size).toBe(pins.length);
        expect(new Set(all.map(({ name }) => name)).size).toBe(all.length);
      }),
      { seed: 1 },
    );
  });
});
