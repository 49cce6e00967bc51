/** A board of 150 parts in the browser: how long it takes to be drawn, and how smoothly it is dragged and zoomed. */
import { instructorPage, openBrowser } from './browser.mjs';
import { startEvening } from './evening.mjs';
import { median, ms, percentile } from './figures.mjs';

const parts = 150;
const rounds = 5;

export async function benchBoard() {
  const evening = await startEvening(1);
  const kitId = await largeBoard(evening);
  const browser = await openBrowser();
  const page = await instructorPage(browser, evening);
  const opened = [];
  const fetched = [];
  const turned = [];
  for (let round = 0; round < rounds; round += 1) {
    await page.goto(`${evening.address}/kits/${kitId}/parts`);
    await page.locator('table.parts tbody tr').first().waitFor();
    await page.evaluate(atRest);
    const { drawnMs, fetchedMs } = await page.evaluate(clickAndTime, 'Board');
    opened.push(drawnMs);
    fetched.push(drawnMs - fetchedMs);
    await page
      .locator('.board-places li')
      .nth(parts - 1)
      .waitFor({ state: 'attached' });
    for (const side of ['Solder side', 'Component side']) {
      await page.evaluate(atRest);
      turned.push((await page.evaluate(clickAndTime, side)).drawnMs);
    }
  }
  const box = await page.locator('.board-map').boundingBox();
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await page.mouse.move(middle.x, middle.y);
  const dragged = await frames(page, async () => {
    await page.mouse.down();
    for (let step = 0; step < 90; step += 1) {
      await page.mouse.move(
        middle.x + 120 * Math.sin(step / 9),
        middle.y + 60 * Math.cos(step / 9),
      );
    }
    await page.mouse.up();
  });
  const zoomed = await frames(page, async () => {
    for (let step = 0; step < 60; step += 1) await page.mouse.wheel(0, step % 20 < 10 ? -120 : 120);
  });
  await browser.close();
  await evening.stop();
  console.log(
    `board of ${parts} parts: turned over and drawn in a median of ${ms(median(turned))} (all within ${ms(Math.max(...turned))}); ` +
      `its page opened in ${ms(median(opened))}, ${ms(median(fetched))} after the kit had come; ` +
      `dragged at ${rate(dragged)} frames a second (95 % of frames within ${ms(percentile(dragged, 0.95))}), zoomed at ${rate(zoomed)} (${ms(percentile(zoomed, 0.95))})`,
  );
}

const rate = (times) => (1000 / median(times)).toFixed(0);

/** Times between frames while something is done. */
async function frames(page, deed) {
  await page.evaluate(() => {
    window.frameTimes = [];
    let last = performance.now();
    const next = (now) => {
      window.frameTimes.push(now - last);
      last = now;
      window.frameTimer = requestAnimationFrame(next);
    };
    window.frameTimer = requestAnimationFrame(next);
  });
  await deed();
  return page.evaluate(() => {
    cancelAnimationFrame(window.frameTimer);
    return window.frameTimes.slice(2);
  });
}

/** Runs in the page: until nothing of what was opened before is left to do. */
function atRest() {
  return new Promise((resolve) => requestAnimationFrame(() => requestIdleCallback(resolve)));
}

/** Runs in the page: ms from a click to the frame after the board is drawn, and until the last answer of the server. */
function clickAndTime(name) {
  return new Promise((resolve) => {
    const target = [...document.querySelectorAll('nav[aria-label="Kit"] a, button')].find(
      (one) => one.textContent === name,
    );
    const start = performance.now();
    const drawn = () => {
      const drawnMs = performance.now() - start;
      const answers = performance.getEntriesByType('resource').map((one) => one.responseEnd);
      resolve({ drawnMs, fetchedMs: Math.max(0, ...answers.map((at) => at - start)) });
    };
    new MutationObserver((_, observer) => {
      if (document.querySelectorAll('.board-map .placed').length === 0) return;
      observer.disconnect();
      requestAnimationFrame(() => setTimeout(drawn));
    }).observe(document.body, { childList: true, subtree: true, attributes: true });
    target.click();
  });
}

/** A kit of resistors, capacitors, transistors and diodes in rows. */
async function largeBoard({ call }) {
  const kinds = [
    'resistor 470',
    'film capacitor 100n',
    'transistor 2N3904',
    'diode 1N4148',
    'LED red 5mm',
  ];
  const letters = ['R', 'C', 'Q', 'D', 'LED'];
  const rows = Array.from({ length: parts }, (_, index) => {
    const kind = index % kinds.length;
    return `${letters[kind]}${index + 1},1,${kinds[kind]}`;
  });
  const { id } = await call('POST', '/api/kits', {
    name: 'Large board',
    supplyVolt: null,
    csv: ['Ref,Qty,Part', ...rows].join('\n'),
    mapping: { designators: 0, quantity: 1, description: 2 },
  });
  const kit = await call('GET', `/api/kits/${id}`);
  await call('PUT', `/api/kits/${id}/board`, {
    version: kit.versions.board,
    board: {
      widthMm: 240,
      heightMm: 130,
      kind: 'printed',
      pads: [],
      planes: [],
      cuts: [],
      links: [],
      otherRecords: [],
      placements: rows.map((row, index) => ({
        place: row.split(',')[0],
        xMm: 10 + (index % 15) * 15.24,
        yMm: 10 + Math.floor(index / 15) * 12.7,
        rotation: (index % 4) * 90,
        side: 'top',
      })),
    },
  });
  return id;
}
