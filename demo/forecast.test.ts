import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { BuildEvent } from '#core/build/event';
import { foldSeat } from '#core/build/foldSeat';
import { planKit } from '#core/order/planKit';
import { usualConditions } from '#core/pace/evening/conditions';
import { type EveningBehind, forecastAt, lookBack } from '#core/pace/evening/lookBack';
import { stepTimes } from '#core/pace/learnt/stepTimes';
import { withMinutes } from '#core/pace/stepMinutes';
import { guessMapping } from '#core/partslist/guessMapping';
import { readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import { demoBoards } from './boards.ts';
import { eveningOf } from './evening.ts';
import { type DemoKitName, type DemoWorkshop, demoKits, demoWorkshops } from './scenario.ts';

const stepsOf = (name: DemoKitName) => {
  const kit = demoKits.find((one) => one.name === name);
  if (!kit) throw new Error(`no kit ${name}`);
  const table = readTable(readFileSync(new URL(`./kits/${kit.file}`, import.meta.url), 'utf8'));
  if (!table.ok) throw new Error(table.problem.says);
  const parts = readPartsList(table.value, guessMapping(table.value), {}).lines.map(
    ({ part }) => part,
  );
  const { supplyVolt } = kit;
  return withMinutes(planKit({ parts, supplyVolt, board: demoBoards[name] }).steps);
};

/** An evening of the demo to its very end, however late. */
function playedOut(demo: DemoWorkshop, startMs: number): EveningBehind {
  const steps = stepsOf(demo.kit);
  const endMs = startMs + 6 * 60 * 60_000;
  const seats = demo.learners.flatMap(({ waits: _, ...learner }, index) => {
    const name = demo.names[index] ?? '';
    const log = eveningOf(
      learner,
      demo.slow,
      { id: name, number: index + 1 },
      steps,
      startMs,
      endMs,
      true,
    );
    const events = log.map(({ by, event }) => ({ ...event, by }) as BuildEvent);
    const state = foldSeat(
      steps.map(({ id }) => id),
      events,
    );
    const times = stepTimes(steps, events, state);
    return [{ id: name, learner: name, experience: 'new' as const, events, state, times }];
  });
  return {
    id: demo.title,
    startsAt: new Date(startMs).toISOString(),
    lengthMinutes: demo.lengthMinutes,
    conditions: {
      ...usualConditions(seats.length),
      ...(demo.welcomeMinutes === undefined ? {} : { welcomeMinutes: demo.welcomeMinutes }),
    },
    steps,
    seats,
  };
}

describe('the demo’s evening, forecast again and again', () => {
  const startMs = Date.parse('2026-03-05T18:30:00.000Z');
  const day = 24 * 60 * 60_000;
  const [first, second, tonight] = demoWorkshops;
  if (!first || !second || !tonight)
    throw new Error('the demo has three evenings that were worked at');
  const earlier = [playedOut(first, startMs - 60 * day), playedOut(second, startMs - 7 * day)];
  const evening = playedOut(tonight, startMs);
  const { learnt, widened } = lookBack(earlier);
  const { kinds, spread, trouble, learners } = learnt;
  const at = (share: number) =>
    forecastAt(
      evening,
      share * evening.lengthMinutes,
      { kinds, spread, trouble, widened },
      learners,
      600,
    );
  const quarters = [0, 0.25, 0.5, 0.75].map(at);

  it('each quarter’s middle lies within the doubt that was told before', () => {
    for (const [index, now] of quarters.entries()) {
      for (const before of quarters.slice(0, index)) {
        expect(now.last.p50).toBeGreaterThanOrEqual(before.last.p05);
        expect(now.last.p50).toBeLessThanOrEqual(before.last.p95);
      }
    }
  });

  it('of the people too: what came lies mostly within what was told', () => {
    const [start] = quarters;
    const ended = evening.seats.map(
      ({ state }) => (Date.parse(state.finishedAt ?? '') - startMs) / 60_000,
    );
    for (const told of quarters) {
      const within = told.seats.filter(
        ({ done }, seat) => (ended[seat] ?? 0) >= done.p05 && (ended[seat] ?? 0) <= done.p95,
      );
      // Of those who were done by then there is nothing to be told.
      const open = told.seats.filter(({ needed }) => needed > 0);
      expect(within.filter((one) => open.includes(one)).length).toBeGreaterThanOrEqual(
        0.8 * open.length,
      );
    }
    expect(start?.seats).toHaveLength(12);
  });

  it('grows surer as it goes', () => {
    const widths = quarters.map(({ last }) => last.p95 - last.p05);
    expect(widths).toEqual([...widths].sort((a, b) => b - a));
  });
});
