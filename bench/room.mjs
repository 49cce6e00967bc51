/**
 * A full room: 60 seats, six floor pages in a real browser, ten events a second for five minutes. Every event must be
 * acknowledged and reach every floor page once; every third is a mistake, which the floor counts where everybody sees
 * it, and the time until it is seen there is measured.
 */
import { v7 as newEventId } from 'uuid';
import { instructorPage, openBrowser } from './browser.mjs';
import { startEvening } from './evening.mjs';
import { median, ms, percentile } from './figures.mjs';
import { beHostile } from './hostile.mjs';

const seats = 60;
const floors = 6;
const eventsPerSecond = 10;
/** Shorter for a look while developing. */
const minutes = Number(process.env.OZZET_BENCH_MINUTES ?? 5);

/** @param readers where there are any, one phone sends its worst as well, and so many streams are never read */
export async function benchRoom(readers = 0) {
  const evening = await startEvening(seats);
  const browser = await openBrowser();
  const pages = [];
  for (let floor = 0; floor < floors; floor++) pages.push(await openFloor(browser, evening));

  const before = evening.residentMb();
  const hostile = readers > 0 ? beHostile(evening, readers) : undefined;
  const { sentAt, failed } = await work(evening);
  const answers = await hostile?.stop();
  const grown = evening.residentMb() - before;
  const mistakes = [...sentAt.values()].filter(({ kind }) => kind === 'mistake').length;
  for (const page of pages) {
    await page.waitForFunction(
      ([all, seen]) => window.received.length >= all && window.seen.length >= seen,
      [sentAt.size, mistakes],
      { timeout: 60_000 },
    );
  }
  const log = await evening.call('GET', `/api/workshops/${evening.workshop.id}/log`);
  const order = log.events.map(({ event }) => event);
  const times = [];
  let [lost, doubled] = [0, 0];
  for (const page of pages) {
    const { received, seen } = await page.evaluate(() => ({
      received: window.received,
      seen: window.seen,
    }));
    doubled += received.length - new Set(received).size;
    lost += [...sentAt.keys()].filter((id) => !received.includes(id)).length;
    // The count goes up in the order of the log: its n-th step is the n-th mistake there.
    const inOrder = order.filter(({ kind }) => kind === 'mistake');
    for (const { count, at } of seen) {
      const event = inOrder[count - 1];
      if (event) times.push(at - sentAt.get(event.id).at);
    }
  }
  await browser.close();
  await evening.stop();
  const stored = new Set(order.map(({ id }) => id));
  const missing =
    [...sentAt.keys()].filter((id) => !stored.has(id)).length + (order.length - sentAt.size);
  console.log(
    `full room, ${seats} seats and ${floors} floor pages, ${eventsPerSecond} events a second for ${minutes} min` +
      (answers
        ? `, with a hostile phone (answers by status ${JSON.stringify(answers)}) and ${readers} streams that are never read: `
        : ': ') +
      `${sentAt.size} events, ${failed} not acknowledged, ${missing} missing in the log, ${lost} lost and ${doubled} doubled on the pages; ` +
      `sent to seen on a floor: median ${ms(median(times))}, 95th percentile ${ms(percentile(times, 0.95))} of ${times.length}; ` +
      `the server's memory grew by ${Math.round(grown)} MB`,
  );
}

async function openFloor(browser, evening) {
  const { address, workshop } = evening;
  const page = await instructorPage(browser, evening);
  await page.goto(`${address}/workshops/${workshop.id}/floor`);
  await page.getByRole('button', { name: /^Seat 1 / }).waitFor();
  await page.evaluate(watchFloor, `/api/workshops/${workshop.id}/stream`);
  await page.waitForFunction(() => window.listening);
  return page;
}

/** Runs in the floor page: keeps what the stream brings, and when the count of mistakes goes up before one's eyes. */
function watchFloor(stream) {
  window.received = [];
  window.seen = [];
  const source = new EventSource(stream);
  source.onopen = () => {
    window.listening = true;
  };
  source.onmessage = ({ data }) => window.received.push(JSON.parse(data).event.id);
  let shown = 0;
  const look = () => {
    const heading = [...document.querySelectorAll('h2')].find((one) =>
      one.textContent.startsWith('Mistakes: '),
    );
    const count = Number(heading?.textContent.split(' ')[1] ?? 0);
    const at = performance.timeOrigin + performance.now();
    while (shown < count) {
      shown += 1;
      window.seen.push({ count: shown, at });
    }
  };
  new MutationObserver(look).observe(document.body, {
    subtree: true,
    childList: true,
    characterData: true,
  });
}

/** Events of all seats in turn, each sent as a seat's page does; ends when all are answered. */
async function work({ call, workshop }) {
  const [first, second] = workshop.steps;
  const sentAt = new Map();
  const under = [];
  let failed = 0;
  const total = Math.round(minutes * 60 * eventsPerSecond);
  const began = performance.now();
  for (let sent = 0; sent < total; sent++) {
    const due = began + (sent * 1000) / eventsPerSecond;
    await new Promise((resolve) => setTimeout(resolve, Math.max(0, due - performance.now())));
    // The first seat is the hostile phone's, where there is one.
    const seat = workshop.seats[1 + ((sent * 7) % (workshop.seats.length - 1))];
    const deed =
      sent % 3 === 0
        ? { kind: 'mistake', stepId: first.id, mistake: 'bridge' }
        : {
            kind: sent % 3 === 1 ? 'step-done' : 'step-reopened',
            stepId: sent % 2 ? first.id : second.id,
          };
    const id = newEventId();
    const event = { ...deed, id, seatId: seat.id, at: new Date().toISOString() };
    sentAt.set(id, { kind: deed.kind, at: performance.timeOrigin + performance.now() });
    under.push(
      call('POST', `/api/seats/${seat.token}/events`, { events: [event] }).catch(() => {
        failed += 1;
      }),
    );
  }
  await Promise.all(under);
  return { sentAt, failed };
}
