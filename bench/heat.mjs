/** The heat bench in the browser: frames a second while it heats, and how soon the page answers meanwhile. */
import { instructorPage, openBrowser } from './browser.mjs';
import { startEvening } from './evening.mjs';
import { median, ms, percentile } from './figures.mjs';

export async function benchHeat() {
  const evening = await startEvening(1);
  const browser = await openBrowser();
  const page = await instructorPage(browser, evening);
  await page.goto(`${evening.address}/practice/heat`);
  await page.getByRole('button', { name: /^Iron on/ }).waitFor();
  const idle = await frames(page, 3000);
  await page.keyboard.down('i');
  const heating = await frames(page, 3000);
  await page.keyboard.down('f');
  const feeding = await frames(page, 1500);
  // A page that is busy answers late: the time from a task being asked for to its turn.
  const answered = await page.evaluate(async () => {
    const waits = [];
    for (let count = 0; count < 200; count += 1) {
      const asked = performance.now();
      await new Promise((done) => {
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = done;
        port2.postMessage(null);
      });
      waits.push(performance.now() - asked);
      await new Promise((done) => setTimeout(done, 5));
    }
    return waits;
  });
  await page.keyboard.up('f');
  await page.keyboard.up('i');
  await browser.close();
  await evening.stop();
  console.log(
    `heat bench: ${rate(heating)} frames a second while it heats and ${rate(feeding)} while it feeds (${rate(idle)} on the idle page, 95 % within ${ms(percentile(heating, 0.95))}); ` +
      `the page answers in a median of ${ms(median(answered))}, 95 % within ${ms(percentile(answered, 0.95))}`,
  );
}

const rate = (times) => (1000 / median(times)).toFixed(0);

/** Times between frames for so long. */
const frames = (page, forMs) =>
  page.evaluate(
    (wanted) =>
      new Promise((done) => {
        const times = [];
        const begun = performance.now();
        let last = begun;
        const next = (now) => {
          times.push(now - last);
          last = now;
          if (now - begun < wanted) requestAnimationFrame(next);
          else done(times.slice(1));
        };
        requestAnimationFrame(next);
      }),
    forMs,
  );
