/** A year of records: 40 workshops, 12 seats, 60 steps each; how long every report takes to come. */
import { v7 as newEventId } from 'uuid';
import { startEvening } from './evening.mjs';
import { median, ms } from './figures.mjs';

const workshops = 40;
const seats = 12;
const steps = 60;
const day = 24 * 60 * 60_000;
const runs = 3;

export async function benchYear() {
  const server = await startEvening(1);
  const { call } = server;
  const kitId = await longKit(call);
  let events = 0;
  let stepCount = 0;
  let lastId = '';
  for (let week = 0; week < workshops; week++) {
    const startMs = Date.now() - (workshops - week) * 7 * day;
    const { id } = await call('POST', '/api/workshops', {
      title: `Evening ${week + 1}`,
      kitId,
      startsAt: new Date(startMs).toISOString(),
      lengthMinutes: 240,
      seats: Array.from({ length: seats }, (_, seat) => ({ name: `Learner ${seat + 1}` })),
    });
    lastId = id;
    const workshop = await call('GET', `/api/workshops/${id}`);
    stepCount = workshop.steps.length;
    for (const seat of workshop.seats) events += await build(call, workshop, seat, startMs, week);
  }
  const cold = performance.now();
  const [person] = await call('GET', '/api/people');
  const coldMs = performance.now() - cold;
  const reports = [
    ['people', '/api/people'],
    ['one learner', `/api/people/${person.id}`],
    ['report on the kit', `/api/kits/${kitId}/report`],
    ['what was learnt of pace', `/api/workshops/${lastId}/paces`],
  ];
  const times = [];
  for (const [name, path] of reports) {
    const taken = [];
    for (let run = 0; run < runs; run++) {
      const began = performance.now();
      await call('GET', path);
      taken.push(performance.now() - began);
    }
    times.push([name, median(taken)]);
  }
  await server.stop();
  const [slowest, slowestMs] = [...times].sort(([, a], [, b]) => b - a)[0];
  console.log(
    `a year of records, ${workshops} workshops of ${seats} seats and ${stepCount} steps, ${events} events: ` +
      `${times.map(([name, time]) => `${name} ${ms(time)}`).join(', ')}; slowest: ${slowest}, ${ms(slowestMs)}; the very first after all was logged, with every log to be read: ${ms(coldMs)}`,
  );
}

/** A kit of so many values that its plan has some sixty steps. */
async function longKit(call) {
  const lines = Array.from(
    { length: steps - 4 },
    (_, index) => `R${index + 1},1,resistor,${100 + index}`,
  );
  const csv = `Ref,Qty,Part,Value\n${lines.join('\n')}\n`;
  const mapping = { designators: 0, quantity: 1, description: 2, value: 3 };
  const kit = await call('POST', '/api/kits', { name: 'Year kit', supplyVolt: 3, csv, mapping });
  return kit.id;
}

/** A seat’s whole evening, with a mistake now and then. */
async function build(call, workshop, seat, startMs, week) {
  let at = startMs + 5 * 60_000;
  const log = (deed) => ({
    ...deed,
    id: newEventId({ msecs: at }),
    seatId: seat.id,
    at: new Date(at).toISOString(),
  });
  const events = workshop.steps.flatMap(({ id, minutes }, index) => {
    at += minutes * 60_000 * (0.7 + ((seat.number * 31 + index * 7 + week) % 60) / 100);
    const done = log({ kind: 'step-done', stepId: id });
    if ((seat.number + index + week) % 25 > 0) return [done];
    return [log({ kind: 'mistake', stepId: id, mistake: 'dry-joint' }), done];
  });
  await call('POST', `/api/seats/${seat.token}/events`, { events });
  return events.length;
}
