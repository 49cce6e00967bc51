/**
 * A floor of 60 lanes on a tablet: how evenly it scrolls while ten events a second come in, as frames that came in time
 * of those that a screen of 60 Hz shows; and how long a message to everybody takes to reach the seats, sent in one request.
 */
import { v7 as newEventId } from 'uuid';
import { instructorPage, openBrowser } from './browser.mjs';
import { startEvening } from './evening.mjs';
import { median, ms, percentile } from './figures.mjs';

const seats = 60;
const messages = 20;
const scrolledMs = 6000;
const frameMs = 1000 / 60;

export async function benchLargeFloor() {
  const evening = await startEvening(seats);
  const browser = await openBrowser();
  const page = await instructorPage(browser, evening);
  await page.setViewportSize({ width: 820, height: 1180 });
  await page.goto(`${evening.address}/workshops/${evening.workshop.id}/floor`);
  await page.getByRole('button', { name: /^Seat 60 / }).waitFor();
  const still = await page.evaluate(scrollUpAndDown, scrolledMs);
  const stop = workAtAll(evening);
  const busy = await page.evaluate(scrollUpAndDown, scrolledMs);
  await stop();
  await browser.close();
  for (const [name, frames] of [
    ['nothing coming in', still],
    ['ten events a second', busy],
  ]) {
    const inTime = frames.filter((each) => each < 1.5 * frameMs).length;
    console.log(
      `floor of ${seats} lanes, scrolled for ${scrolledMs / 1000} s, ${name}: ${((frames.length * 1000) / scrolledMs).toFixed(0)} frames a second, ` +
        `${((100 * inTime) / frames.length).toFixed(1)} % of ${frames.length} in time, the slowest ${ms(Math.max(...frames))}`,
    );
  }
  const times = await tellAll(evening);
  await evening.stop();
  console.log(
    `message to ${seats} seats, one request, ${messages} times: sent to read at a seat: median ${ms(median(times))}, 95th percentile ${ms(percentile(times, 0.95))} of ${times.length}`,
  );
}

/** Runs in the page: scrolls as a thumb does, and takes the time between frames. */
function scrollUpAndDown(lastsMs) {
  return new Promise((resolve) => {
    const frames = [];
    const began = performance.now();
    let last = began;
    let by = 14;
    const frame = (now) => {
      frames.push(now - last);
      last = now;
      const { scrollTop, scrollHeight, clientHeight } = document.documentElement;
      if (scrollTop <= 0) by = 14;
      if (scrollTop + clientHeight >= scrollHeight - 1) by = -14;
      scrollBy({ top: by, behavior: 'instant' });
      if (now - began < lastsMs) requestAnimationFrame(frame);
      // The first is the time since it was asked for.
      else resolve(frames.slice(1));
    };
    requestAnimationFrame(frame);
  });
}

function workAtAll({ call, workshop }) {
  const stepId = workshop.steps[0].id;
  let sent = 0;
  const under = new Set();
  const timer = setInterval(() => {
    const seat = workshop.seats[sent % seats];
    const kind = Math.floor(sent / seats) % 2 === 0 ? 'step-done' : 'step-reopened';
    sent += 1;
    const event = { kind, stepId, id: newEventId(), seatId: seat.id, at: new Date().toISOString() };
    const report = call('POST', `/api/seats/${seat.token}/events`, { events: [event] }).finally(
      () => under.delete(report),
    );
    under.add(report);
  }, 100);
  return async () => {
    clearInterval(timer);
    await Promise.all(under);
  };
}

/** Every seat listens by its own link; each message is timed at each of them. */
async function tellAll({ address, call, workshop }) {
  const waiting = new Map();
  const ending = new AbortController();
  const listening = workshop.seats.map(async ({ token }) => {
    const response = await fetch(`${address}/api/seats/${token}/stream`, { signal: ending.signal });
    const read = async () => {
      let text = '';
      for await (const chunk of response.body.pipeThrough(new TextDecoderStream())) {
        text += chunk;
        const lines = text.split('\n');
        text = lines.pop();
        for (const line of lines) {
          if (line.startsWith('data: ')) waiting.get(JSON.parse(line.slice(6)).event.id)?.();
        }
      }
    };
    void read().catch(() => undefined);
  });
  await Promise.all(listening);
  const times = [];
  for (let count = 0; count < messages; count++) {
    const message = newEventId();
    const at = new Date().toISOString();
    const [seatId, ...alsoAt] = workshop.seats.map(({ id }) => id);
    const event = {
      kind: 'message',
      message,
      sort: 'hint',
      text: 'Look at the front, please.',
      id: newEventId(),
      seatId,
      alsoAt,
      at,
    };
    const began = performance.now();
    const seenAt = [];
    const seen = new Promise((resolve) => {
      waiting.set(event.id, () => {
        seenAt.push(performance.now() - began);
        if (seenAt.length === workshop.seats.length) resolve();
      });
    });
    await call('POST', `/api/workshops/${workshop.id}/events`, { events: [event] });
    await seen;
    times.push(...seenAt);
  }
  ending.abort();
  return times;
}
