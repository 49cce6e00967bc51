import fc from 'fast-check';
import { v7 as newEventId } from 'uuid';
import { beforeEach, describe, expect, it } from 'vitest';
import type { SentEvent } from '#contract/events';
import { Outbox, waitingOf } from './outbox.ts';
import { MemoryStorage } from './testing/browser.ts';

const seat1 = newEventId();
const seat2 = newEventId();

let storage: MemoryStorage;
beforeEach(() => {
  storage = new MemoryStorage();
});

const event = (stepId: string): SentEvent => ({
  kind: 'step-done',
  stepId,
  id: newEventId(),
  seatId: seat1,
  at: '2026-03-05T18:30:00.000Z',
});

describe('the outbox', () => {
  it('keeps what was added across a reload, oldest first', () => {
    const events = [event('one'), event('two'), event('three')];
    const outbox = new Outbox({ of: seat1 }, storage);
    for (const item of [...events].reverse()) outbox.add(item);
    expect(new Outbox({ of: seat1 }, storage).waiting()).toEqual(events);
  });

  it('lets go of what was acknowledged, and of nothing else', () => {
    const [one, two] = [event('one'), event('two')];
    const outbox = new Outbox({ of: seat1 }, storage);
    outbox.add(one);
    outbox.add(two);
    outbox.remove([one.id]);
    expect(outbox.waiting()).toEqual([two]);
  });

  it('leaves what it cannot read where it is, for a version that can', () => {
    const outbox = new Outbox({ of: seat1 }, storage);
    outbox.add(event('one'));
    const strange = `ozzet.outbox.${seat1}.${newEventId()}`;
    storage.setItem(strange, JSON.stringify({ v: 99, kind: 'step-danced' }));
    expect(outbox.waiting().map(({ kind }) => kind)).toEqual(['step-done']);
    expect(storage.getItem(strange)).not.toBeNull();
  });

  it('reads what a page of before wrote, without a number of its form', () => {
    const old = event('one');
    storage.setItem(`ozzet.outbox.${seat1}.${old.id}`, JSON.stringify(old));
    expect(new Outbox({ of: seat1 }, storage).waiting()).toEqual([old]);
  });

  it('does not mix with that of another seat on the same device', () => {
    new Outbox({ of: seat1 }, storage).add(event('one'));
    expect(new Outbox({ of: seat2 }, storage).waiting()).toEqual([]);
    expect(new Outbox({ of: seat1.slice(0, -1) }, storage).waiting()).toEqual([]);
  });

  it('of a floor belongs to whoever is signed in, and what is older to whoever comes first', () => {
    const old = event('old');
    new Outbox({ of: seat1 }, storage).add(old);
    const knots = new Outbox({ of: seat1, accountId: 'knot' }, storage);
    expect(knots.waiting()).toEqual([old]);
    const idas = new Outbox({ of: seat1, accountId: 'ida' }, storage);
    const own = event('own');
    idas.add(own);
    expect(idas.waiting()).toEqual([own]);
    expect(knots.waiting()).toEqual([old]);
    expect([waitingOf('knot', storage), waitingOf('ida', storage)]).toEqual([1, 1]);
    expect(waitingOf('kno', storage)).toBe(0);
  });

  it('sets aside what was refused, out of the way and with the reason, across a reload', () => {
    const outbox = new Outbox({ of: seat1 }, storage);
    const [one, two] = [event('one'), event('two')];
    outbox.add(one);
    outbox.add(two);
    outbox.putAside(one, 'No such step.');
    expect(outbox.waiting()).toEqual([two]);
    const again = new Outbox({ of: seat1 }, storage);
    expect(again.setAside()).toEqual([{ event: one, reason: 'No such step.' }]);
    again.discard(one.id);
    expect(outbox.setAside()).toEqual([]);
  });

  it('with two pages of one seat loses nothing, whatever they do in turn', () => {
    const deed = fc.record({ page: fc.constantFrom(0, 1), remove: fc.boolean(), pick: fc.nat() });
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 30 }), (deeds) => {
        const shared = new MemoryStorage();
        const pages = [new Outbox({ of: 'seat' }, shared), new Outbox({ of: 'seat' }, shared)];
        const expected = new Map<string, SentEvent>();
        for (const { page, remove, pick } of deeds) {
          const known = [...expected.keys()];
          if (remove && known.length > 0) {
            const id = known[pick % known.length] ?? '';
            pages[page]?.remove([id]);
            expected.delete(id);
          } else {
            const added = event(String(pick));
            pages[page]?.add(added);
            expected.set(added.id, added);
          }
        }
        for (const page of pages) {
          expect(new Set(page.waiting().map(({ id }) => id))).toEqual(new Set(expected.keys()));
        }
      }),
    );
  });
});
