/** Whether the forecast of an evening is any good, on made-up evenings whose truth is known; and how long it takes. */
import { loadCore } from './core.mjs';
import { median } from './figures.mjs';

const sites = 40;
const eveningsASite = 5;
/** Others than those that any prior was chosen with. */
const firstSeed = 1000;

export async function benchForecast() {
  await told('', (capacity) => capacity);
  await told(' with an iron for three and one meter', (capacity, seats) => ({
    ...capacity,
    iron: Math.ceil(seats / 3),
    meter: 1,
  }));
  await speed();
}

/** @param capacityOf what a room has, from what it usually has and its seats */
async function told(where, capacityOf) {
  const { seats, evenings } = await judged(capacityOf);
  const share = (list, isIn) => `${((100 * list.filter(isIn).length) / list.length).toFixed(0)} %`;
  const within = (low, high) => (one) => one.came >= one.range[low] && one.came <= one.range[high];
  const mean = (list, of) => list.reduce((sum, one) => sum + of(one), 0) / list.length;
  const atStart = seats.filter(({ half }) => !half);
  const atHalf = seats.filter(({ half }) => half);
  const brier = (of) => mean(atHalf, (one) => (of(one) - (one.inTime ? 1 : 0)) ** 2).toFixed(3);
  console.log(
    `forecast, ${evenings.length} made-up evenings${where}: last finish within its 90 % range ${share(evenings, within('p05', 'p95'))}, 50 % range ${share(evenings, within('p25', 'p75'))}; ` +
      `each person's ${share(atStart, within('p05', 'p95'))} and ${share(atStart, within('p25', 'p75'))}, at half time ${share(atHalf, within('p05', 'p95'))}; ` +
      `CRPS ${mean(atStart, ({ score }) => score).toFixed(1)} min at the start (the plan's minutes as a certainty ${mean(atStart, ({ planScore }) => planScore).toFixed(1)}), ${mean(atHalf, ({ score }) => score).toFixed(1)} at half time`,
  );
  console.log(
    `forecast, "done in time" at half time of ${atHalf.length} people${where}: Brier ${brier(({ chance }) => chance)}, hands alone ${brier(({ hands }) => hands)}, the plan's minutes alone ${brier(({ plan }) => plan)}`,
  );
  const bins = [0, 0.2, 0.4, 0.6, 0.8].map((from) =>
    atHalf.filter(({ chance }) => chance >= from && (chance < from + 0.2 || from === 0.8)),
  );
  console.log(
    `forecast, told and came at half time${where}: ${bins
      .filter((bin) => bin.length > 0)
      .map(
        (bin) =>
          `${(100 * mean(bin, ({ chance }) => chance)).toFixed(0)} % → ${share(bin, ({ inTime }) => inTime)} of ${bin.length}`,
      )
      .join(', ')}`,
  );
}

async function core() {
  const [{ planKit }, { line, ohm, type }, { withMinutes }] = await Promise.all([
    loadCore('order/planKit.ts'),
    loadCore('order/testing/kits.ts'),
    loadCore('pace/stepMinutes.ts'),
  ]);
  const kit = (parts, supplyVolt) => withMinutes(planKit({ parts, supplyVolt }).steps);
  const kits = [
    kit(
      [
        line('resistor-axial', 'R1 R2 R3 R4', ohm(470)),
        line('resistor-axial', 'R5 R6', ohm(10_000)),
        line('led-5mm', 'D1 D2'),
        line('socket-dip', 'X1', { kind: 'none' }, 8),
        line('ic-dip', 'U1', type('LM393'), 8),
      ],
      6,
    ),
    kit(
      [
        line('resistor-axial', 'R1 R2 R3 R4 R5 R6 R7 R8', ohm(1000)),
        line('diode-axial', 'D1 D2 D3', type('1N4148')),
        line('led-5mm', 'D4 D5 D6'),
        line('socket-dip', 'X1', { kind: 'none' }, 14),
        line('ic-dip', 'U1', type('CD4017'), 16),
      ],
      9,
    ),
  ];
  return kits;
}

/** Every evening at its start and at half time, with what had been learnt at the site until then. */
async function judged(capacityOf) {
  const kits = await core();
  const { otherSite, otherEvening } = await loadCore('pace/evening/testing/otherEvenings.ts');
  const { behind } = await loadCore('pace/evening/testing/behind.ts');
  const { lookBack, forecastAt } = await loadCore('pace/evening/lookBack.ts');
  const { usualConditions } = await loadCore('pace/evening/conditions.ts');
  const { crps } = await loadCore('pace/scores.ts');
  const seats = [];
  const evenings = [];
  for (let site = 0; site < sites; site += 1) {
    const steps = kits[site % kits.length];
    const count = 6 + ((site * 5) % 9);
    const usual = usualConditions(count);
    const conditions = { ...usual, capacity: capacityOf(usual.capacity, count) };
    const planned = steps.reduce((sum, { minutes }) => sum + minutes, 0);
    const length = Math.round(planned * 1.35 + 15);
    const made = otherSite(firstSeed + site, steps);
    const all = Array.from({ length: eveningsASite }, (_, index) =>
      behind(
        `${site} ${index}`,
        otherEvening(made, steps, count, conditions.capacity),
        steps,
        conditions,
        length,
      ),
    );
    for (const [index, { asSeen, finished }] of all.entries()) {
      const { learnt, widened } = lookBack(all.slice(0, index).map((one) => one.asSeen));
      const { kinds, spread, trouble, learners } = learnt;
      const beliefs = { kinds, spread, trouble, widened };
      for (const minute of [0, length / 2]) {
        const forecast = forecastAt(asSeen, minute, beliefs, learners, 300);
        if (minute === 0) evenings.push({ range: forecast.last, came: Math.max(...finished) });
        for (const [place, { chance, done }] of forecast.seats.entries()) {
          const came = finished[place];
          if (came <= minute) continue;
          const { p05, p25, p50, p75, p95 } = done;
          seats.push({
            half: minute > 0,
            range: done,
            came,
            chance,
            inTime: came <= length,
            score: crps([p05, p25, p50, p75, p95], came),
            planScore: crps([10 + planned], came),
            ...(await earlier(asSeen, place, minute, length, kinds)),
          });
        }
      }
    }
  }
  return { seats, evenings };
}

/** What was told before there was a forecast of the room, and what the plan's minutes alone say: 1 or 0. */
async function earlier({ steps, seats, startsAt }, place, minute, length, kinds) {
  const { chanceToFinish } = await loaded('pace/evening/testing/handsAlone.ts');
  const { foldSeat } = await loaded('build/foldSeat.ts');
  const { stepTimes } = await loaded('pace/learnt/stepTimes.ts');
  const { afterTimes } = await loaded('pace/learnt/learnPace.ts');
  const { paceBefore } = await loaded('pace/learnt/priors.ts');
  const { minutesOf } = await loaded('pace/tonight/tonight.ts');
  const now = new Date(Date.parse(startsAt) + minute * 60_000).toISOString();
  const till = seats[place].events.filter(({ at }) => at <= now);
  const state = foldSeat(
    steps.map(({ id }) => id),
    till,
  );
  const pace = afterTimes(paceBefore('new'), stepTimes(steps, till, state), kinds);
  const left = steps.filter(({ id }) => !(id in state.doneAt));
  const minutes = left.map((step) => minutesOf(step, kinds));
  const begun = Object.values(state.doneAt).sort().at(-1) ?? startsAt;
  const elapsed = Math.max(0, (Date.parse(now) - Date.parse(begun)) / 60_000);
  const stillToDo = {
    pace,
    current: { minutes: minutes[0] ?? 0, elapsed },
    ahead: minutes.slice(1),
  };
  return {
    hands: chanceToFinish(stillToDo, length - minute),
    plan: left.reduce((sum, step) => sum + step.minutes, 0) <= length - minute ? 1 : 0,
  };
}

const modules = new Map();
async function loaded(path) {
  if (!modules.has(path)) modules.set(path, await loadCore(path));
  return modules.get(path);
}

/** The floor's forecast of 60 seats, beside that of 12. */
async function speed() {
  const [, steps] = await core();
  const { forecastEvening } = await loadCore('pace/evening/forecast.ts');
  const { nothingLearnt } = await loadCore('pace/evening/beliefs.ts');
  const { usualConditions } = await loadCore('pace/evening/conditions.ts');
  const { seatAhead } = await loadCore('pace/evening/evening.ts');
  const { paceBefore } = await loadCore('pace/learnt/priors.ts');
  const took = (count) => {
    const evening = {
      steps,
      lengthMinutes: 120,
      nowMinutes: 0,
      conditions: usualConditions(count),
      beliefs: nothingLearnt,
      seats: Array.from({ length: count }, (_, n) => seatAhead(`s${n}`, paceBefore('new'), steps)),
    };
    const times = Array.from({ length: 5 }, () => {
      const begun = performance.now();
      forecastEvening(evening, 400, 1);
      return performance.now() - begun;
    });
    return median(times);
  };
  const [twelve, sixty] = [took(12), took(60)];
  console.log(
    `forecast, 400 runs of ${steps.length} steps: 60 seats ${sixty.toFixed(0)} ms, ${(sixty / twelve).toFixed(1)} times 12 seats`,
  );
}
