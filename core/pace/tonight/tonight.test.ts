import { describe, expect, it } from 'vitest';
import type { BuildEvent, Deed } from '../../build/event.ts';
import { foldSeat } from '../../build/foldSeat.ts';
import { event } from '../../build/testing/log.ts';
import { inEnglish } from '../../learning/testing/spoken.ts';
import { planKit } from '../../order/planKit.ts';
import { line, ohm, type } from '../../order/testing/kits.ts';
import { nothingLearnt } from '../evening/beliefs.ts';
import { usualConditions } from '../evening/conditions.ts';
import { seatNow } from '../evening/evening.ts';
import { forecastEvening } from '../evening/forecast.ts';
import { paceBefore, shareOf } from '../learnt/priors.ts';
import { stepTimes } from '../learnt/stepTimes.ts';
import { type PlannedStep, totalMinutes, withMinutes } from '../stepMinutes.ts';
import { proposalFor } from './proposal.ts';
import { type Tonight, tonightOf } from './tonight.ts';
import type { SeatNow } from './visitReasons.ts';
import { whoNext } from './whoNext.ts';

const steps: readonly PlannedStep[] = withMinutes(
  planKit({
    parts: [
      line('resistor-axial', 'R1 R2 R3 R4', ohm(470)),
      line('resistor-axial', 'R5 R6 R7 R8', ohm(10_000)),
      line('diode-axial', 'D1 D2', type('1N4148')),
      line('ic-dip', 'U1', type('NE555'), 8),
      line('socket-dip', 'X1', { kind: 'none' }, 8),
    ],
    supplyVolt: 9,
  }).steps,
);
const startsAt = '2026-03-05T18:30:00.000Z';
const at = (minute: number) => new Date(Date.parse(startsAt) + minute * 60_000);
const stepAt = (number: number) => steps[number - 1]?.id ?? '';
const indexOf = (wanted: string) =>
  1 + steps.findIndex((step) => (step.kind === 'check' ? step.check : step.kind) === wanted);

/** The log of somebody who has done so many steps, each in so many times its planned minutes. */
function doneSteps(count: number, share = 1): BuildEvent[] {
  let minute = 5;
  return steps.slice(0, count).map(({ id, minutes }) => {
    minute += minutes * share;
    return event(minute, { kind: 'step-done', stepId: id });
  });
}

const lastMinute = (log: readonly BuildEvent[]) =>
  Math.max(0, ...log.map((one) => (Date.parse(one.at) - Date.parse(startsAt)) / 60_000));

interface Seat extends SeatNow {
  readonly name: string;
}

function seat(name: string, log: readonly BuildEvent[], minute: number, lengthMinutes = 180): Seat {
  const state = foldSeat(
    steps.map(({ id }) => id),
    log,
  );
  const plan = { steps, startsAt, lengthMinutes, kinds: new Map() };
  return {
    name,
    steps,
    state,
    now: at(minute),
    tonight: tonightOf(
      plan,
      state,
      log,
      paceBefore('new'),
      at(minute),
      forecastOf(log, minute, lengthMinutes),
    ),
  };
}

/** What the room’s forecast says of somebody who is there alone. */
function forecastOf(log: readonly BuildEvent[], minute: number, lengthMinutes: number) {
  const state = foldSeat(
    steps.map(({ id }) => id),
    log,
  );
  const times = stepTimes(steps, log, state);
  const alone = { ...usualConditions(1), welcomeMinutes: 0 };
  const { seats } = forecastEvening(
    {
      steps,
      lengthMinutes,
      nowMinutes: minute,
      conditions: alone,
      beliefs: nothingLearnt,
      seats: [seatNow('s', paceBefore('new'), steps, state, times, startsAt, 0, at(minute))],
    },
    400,
    1,
  );
  return seats[0] ?? null;
}

const says = (one: Seat) =>
  whoNext([one]).flatMap(({ reasons }) =>
    reasons.map((reason) => `${reason.id}: ${inEnglish(reason.says(one))}`),
  );
const staff = (minute: number, deed: Deed) => event(minute, deed, 'instructor');

describe('how a seat is getting on', () => {
  it('knows no more than the prior before anything was done', () => {
    const { tonight } = seat('Tern', [], 0);
    expect(tonight).toMatchObject({ times: [], minutesLeft: 180 });
    expect(shareOf(tonight.pace)).toBeCloseTo(1, 10);
    // Hands and, now and then, something that goes wrong.
    const share = (tonight.forecast?.needed ?? 0) / totalMinutes(steps);
    expect(share).toBeGreaterThan(0.9);
    expect(share).toBeLessThan(1.25);
  });

  it('takes the pace from the evening’s own steps', () => {
    const slow = seat('Skua', doneSteps(4, 2), lastMinute(doneSteps(4, 2)));
    const quick = seat('Knot', doneSteps(4, 0.6), lastMinute(doneSteps(4, 0.6)));
    expect(shareOf(slow.tonight.pace)).toBeGreaterThan(1.2);
    expect(shareOf(quick.tonight.pace)).toBeLessThan(0.85);
    expect(slow.tonight.forecast?.needed).toBeGreaterThan(quick.tonight.forecast?.needed ?? 0);
  });

  it('is sure of somebody who has finished', () => {
    const log = doneSteps(steps.length);
    expect(seat('Tern', log, lastMinute(log)).tonight.forecast).toMatchObject({
      chance: 1,
      needed: 0,
    });
  });

  it('makes a later step never likelier than an earlier one', () => {
    const log = doneSteps(2, 1.3);
    const reached = [...(seat('Tern', log, 60, 100).tonight.forecast?.reaches.values() ?? [])];
    for (const [index, chance] of reached.entries())
      expect(chance).toBeLessThanOrEqual((reached[index - 1] ?? 1) + 1e-9);
  });
});

describe('who is next', () => {
  const begun = doneSteps(1);
  const soon = lastMinute(begun) + 1;

  it('nobody where all is well', () => {
    expect(whoNext([seat('Tern', begun, soon), seat('Skua', begun, soon)])).toEqual([]);
  });

  it('whoever has waited longest for help, before everybody else', () => {
    const asked = (minute: number) => [
      ...begun,
      event(minute, { kind: 'help-asked', stepId: stepAt(2) }),
    ];
    const seats = [
      seat('quiet', begun, soon),
      seat('asked late', asked(soon - 0.5), soon + 4),
      seat('asked early', asked(soon - 0.9), soon + 5),
    ];
    expect(whoNext(seats).map(({ seat: { name } }) => name)).toEqual(['asked early', 'asked late']);
    expect(says(seat('Tern', asked(soon), soon + 6))).toEqual(['asked: asked for help 6 min ago']);
  });

  it('a failed check, until somebody has been there and has let the seat go on', () => {
    const number = indexOf('look');
    const log = doneSteps(number - 1);
    const minute = lastMinute(log);
    const failed = event(minute + 1, {
      kind: 'mistake',
      stepId: stepAt(number),
      mistake: 'check-failed',
    });
    expect(says(seat('Tern', [...log, failed], minute + 3))).toEqual([
      'failed-check: a check failed 2 min ago',
    ]);
    const visit = staff(minute + 2, { kind: 'visit', answers: [] });
    const ended = staff(minute + 2.5, { kind: 'visit-ended', visit: visit.id });
    const seen = [...log, failed, visit, ended];
    expect(says(seat('Tern', seen, minute + 3))).toEqual([
      'on-hold: on hold for 2 min: a check failed',
    ]);
    const stepId = stepAt(number);
    const released = staff(minute + 3, { kind: 'released', stepId, failed: [failed.id] });
    expect(says(seat('Tern', [...seen, released], minute + 3))).toEqual([]);
  });

  it('whoever has been silent for longer than the step takes nineteen times of twenty', () => {
    const usual = seat('Tern', begun, soon).tonight.long;
    expect(says(seat('Tern', begun, soon - 1 + usual - 0.5))).toEqual([]);
    expect(says(seat('Tern', begun, soon - 1 + usual + 1))[0]).toMatch(
      /^silent: nothing heard for \d+ min; this step rarely takes over \d+ min$/,
    );
  });

  it.each([
    ['first-power', 'about to switch it on for the first time'],
    ['insert', 'about to insert a chip'],
  ])('whoever is about to do what cannot be taken back: %s', (kind, words) => {
    const log = doneSteps(indexOf(kind) - 1);
    const minute = lastMinute(log);
    expect(says(seat('Tern', log, minute + 0.5))).toEqual([`irreversible: ${words}`]);
    const visit = staff(minute + 0.2, { kind: 'visit', answers: [] });
    const ended = staff(minute + 0.4, { kind: 'visit-ended', visit: visit.id });
    expect(says(seat('Tern', [...log, visit, ended], minute + 0.5))).toEqual([]);
  });

  it('a part that was found to be in backwards', () => {
    const wrong = event(soon, {
      kind: 'mistake',
      stepId: stepAt(1),
      mistake: 'backwards',
      designator: 'D1',
    });
    expect(says(seat('Tern', [...begun, wrong], soon + 1))).toEqual([
      'reversed: D1 is in backwards: go before its leads are cut or it gets power',
    ]);
    // Whoever is there while it is found knows of it, and so does whoever logs it.
    const visit = staff(soon - 0.5, { kind: 'visit', answers: [] });
    const ended = staff(soon + 0.5, { kind: 'visit-ended', visit: visit.id });
    expect(says(seat('Tern', [...begun, visit, wrong, ended], soon + 1))).toEqual([]);
    const bySomebodyThere = { ...wrong, by: 'instructor' as const };
    expect(says(seat('Tern', [...begun, bySomebodyThere], soon + 1))).toEqual([]);
  });

  it('whoever was told too late, and whoever will hardly finish', () => {
    const told = staff(soon, {
      kind: 'notice',
      notice: 'n',
      stepId: stepAt(1),
      designators: [],
      text: 'R1 is 1k.',
    });
    expect(says(seat('Tern', [...begun, told], soon + 0.5))).toEqual([
      'told-too-late: to be checked: R1 is 1k.',
    ]);
    expect(says(seat('Tern', begun, soon, soon + 10))).toEqual([
      'unlikely: chance to finish tonight: under 1 %',
    ]);
  });

  it('nobody where somebody is already; a visit that was never ended is forgotten after a while', () => {
    const asked = event(soon, { kind: 'help-asked', stepId: stepAt(2) });
    const here = staff(soon + 1, { kind: 'visit', answers: [] });
    expect(says(seat('Tern', [...begun, asked, here], soon + 2))).toEqual([]);
    expect(says(seat('Tern', [...begun, asked, here], soon + 40))).not.toEqual([]);
  });
});

describe('what is proposed', () => {
  const neighbour = { seat: 3, tonight: {} as Tonight, isDone: true };
  const slow = (length: number) => {
    const log = doneSteps(3, 1.5);
    return seat('Tern', log, lastMinute(log), length).tonight;
  };
  const needed = slow(400).forecast?.needed ?? 0;
  const spent = 400 - slow(400).minutesLeft;

  it('to go on while the chance is fair', () => {
    expect(proposalFor(steps, slow(400), [])).toEqual({ kind: 'go-on' });
  });

  it('a neighbour who is done, where two pairs of hands would make it', () => {
    const tight = slow(spent + 0.8 * needed);
    expect(tight.forecast?.chance).toBeLessThan(0.5);
    expect(proposalFor(steps, tight, [neighbour])).toEqual({ kind: 'pair-up', withSeat: 3 });
  });

  it('the last check that is as good as certain, else to take it home', () => {
    const tight = slow(spent + 0.8 * needed);
    const proposed = proposalFor(steps, tight, []);
    expect(proposed.kind).toBe('to-the-check');
    if (proposed.kind === 'to-the-check') {
      expect(steps.find(({ id }) => id === proposed.stepId)?.kind).toBe('check');
      expect(proposed.chance).toBeGreaterThanOrEqual(0.8);
    }
    expect(proposalFor(steps, slow(spent + 2), [neighbour])).toEqual({ kind: 'take-home' });
  });
});
