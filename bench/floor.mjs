/** From a seat's tap to the change on the floor page, in real browsers, while 30 seats work. */
import { v7 as newEventId } from 'uuid';
import { instructorPage, openBrowser } from './browser.mjs';
import { startEvening } from './evening.mjs';
import { median, ms, percentile } from './figures.mjs';

const seats = 30;
const taps = 80;
/** Events of the other seats in a second, all together. */
const eventsPerSecond = 10;

/** @param acknowledgeMs median time of an acknowledgement in this run, for the ratio */
export async function benchFloor(acknowledgeMs) {
  const evening = await startEvening(seats);
  const browser = await openBrowser();
  const floor = await openFloor(browser, evening);
  const seat = await (
    await browser.newContext({ viewport: { width: 390, height: 844 } })
  ).newPage();
  const [{ id: seatId, token }] = evening.workshop.seats;
  // Met already: the seat begins with its steps.
  await evening.call('POST', `/api/seats/${token}/events`, {
    events: [{ kind: 'greeted', id: newEventId(), seatId, at: new Date().toISOString() }],
  });
  await seat.goto(`${evening.address}/seat/${token}`);
  await seat.getByRole('button', { name: /^Done/ }).waitFor();

  const others = workAsOthers(evening);
  const times = [];
  for (let tap = 0; tap < taps; tap++) {
    const step = tap % 2 === 0 ? 2 : 1;
    await seat.locator('.main-button[aria-disabled="false"]').waitFor();
    const changed = floor.evaluate(whenLaneSays, `step ${step},`);
    const tapped = await seat.evaluate(tapAndTell, tap % 2 === 0 ? 'Done' : 'Back one step');
    times.push((await changed) - tapped);
  }
  const sent = await others.stop();
  await browser.close();
  await evening.stop();
  console.log(
    `tap to floor, ${seats} seats working (${sent} events of the others): median ${ms(median(times))}, 95th percentile ${ms(percentile(times, 0.95))} of ${taps}; ` +
      `${(median(times) / acknowledgeMs).toFixed(1)} and ${(percentile(times, 0.95) / acknowledgeMs).toFixed(1)} times an acknowledgement`,
  );
}

async function openFloor(browser, evening) {
  const { address, workshop } = evening;
  const page = await instructorPage(browser, evening);
  await page.goto(`${address}/workshops/${workshop.id}/floor`);
  await page.getByRole('button', { name: /^Seat 1 / }).waitFor();
  return page;
}

/** Runs in the floor page: the moment at which the first lane says so, in ms since 1970. */
function whenLaneSays(text) {
  const lane = document.querySelector('li[data-seat="1"] button');
  return new Promise((resolve) => {
    const look = () => {
      if (!lane?.getAttribute('aria-label')?.includes(text)) return;
      observer.disconnect();
      resolve(performance.timeOrigin + performance.now());
    };
    const observer = new MutationObserver(look);
    observer.observe(document.body, { subtree: true, attributes: true, childList: true });
    look();
  });
}

/** Runs in the seat's page: taps a button and tells when, in ms since 1970. */
function tapAndTell(name) {
  const button = [...document.querySelectorAll('button')].find((b) =>
    b.textContent?.includes(name),
  );
  const at = performance.timeOrigin + performance.now();
  button?.click();
  return at;
}

/** The other seats go to and fro between their first two steps, until stopped. */
function workAsOthers({ call, workshop }) {
  const [, ...others] = workshop.seats;
  const stepId = workshop.steps[0].id;
  let sent = 0;
  const under = new Set();
  const timer = setInterval(() => {
    const seat = others[sent % others.length];
    const kind = Math.floor(sent / others.length) % 2 === 0 ? 'step-done' : 'step-reopened';
    sent += 1;
    const event = { kind, stepId, id: newEventId(), seatId: seat.id, at: new Date().toISOString() };
    const report = call('POST', `/api/seats/${seat.token}/events`, { events: [event] }).finally(
      () => under.delete(report),
    );
    under.add(report);
  }, 1000 / eventsPerSecond);
  const stop = async () => {
    clearInterval(timer);
    await Promise.all(under);
    return sent;
  };
  return { stop };
}
