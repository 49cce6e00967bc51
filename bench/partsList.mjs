/** Parts lists: how much of what people write is recognised, and how long 200 lines take to be read and drawn. */
import { instructorPage, openBrowser } from './browser.mjs';
import { loadCore } from './core.mjs';
import { startEvening } from './evening.mjs';
import { median, ms } from './figures.mjs';

const lines = 200;
const rounds = 5;

export async function benchPartsList() {
  await countRecognised();
  const csv = await longList();
  await readIt(csv);
  await drawIt(csv);
}

async function countRecognised() {
  const { asWritten } = await loadCore('partslist/testing/asWritten.ts');
  const { recognise } = await loadCore('partslist/recognise.ts');
  const { readValue } = await loadCore('partslist/readValue.ts');
  const { valueLabel } = await loadCore('parts/label.ts');
  const counts = { right: 0, unsure: 0, wrong: 0, wrongAndSure: 0 };
  for (const { text, place, family, value } of asWritten) {
    const found = recognise({ text, designators: place ? [place] : [] });
    const read = readValue(found.family, { value: '', description: text });
    const right = found.family.id === family && (read.ok ? valueLabel(read.value) : '') === value;
    if (!right && found.confidence === 'sure') counts.wrongAndSure += 1;
    if (found.confidence !== 'sure') counts.unsure += 1;
    else if (right) counts.right += 1;
    if (!right) counts.wrong += 1;
  }
  const share = (count) => `${((100 * count) / asWritten.length).toFixed(0)} %`;
  console.log(
    `${asWritten.length} lines as people write them: ${share(counts.right)} right and sure, ${share(counts.unsure)} left for a look, ${share(counts.wrong)} wrong, wrong and sure of it: ${counts.wrongAndSure}`,
  );
}

/** Different parts, so that nothing is read or drawn once for all. */
async function longList() {
  const { asWritten } = await loadCore('partslist/testing/asWritten.ts');
  const rows = Array.from({ length: lines }, (_, index) => {
    const { text } = asWritten[index % asWritten.length];
    return `${index + 1},"${text.replaceAll('"', '')} no. ${index + 1}"`;
  });
  return ['Qty,Part', ...rows.map((row) => row.replace(/^\d+/, '1'))].join('\n');
}

async function readIt(csv) {
  const { readTable } = await loadCore('partslist/table.ts');
  const { guessMapping } = await loadCore('partslist/columns.ts');
  const { readPartsList } = await loadCore('partslist/readPartsList.ts');
  const times = [];
  let read = 0;
  for (let round = 0; round < rounds; round += 1) {
    const start = performance.now();
    const table = readTable(csv);
    read = readPartsList(table.value, guessMapping(table.value)).lines.length;
    times.push(performance.now() - start);
  }
  console.log(`${read} of ${lines} lines read: median ${ms(median(times))}`);
}

async function drawIt(csv) {
  const evening = await startEvening(1);
  const browser = await openBrowser();
  const page = await instructorPage(browser, evening);
  const times = [];
  for (let round = 0; round < rounds; round += 1) {
    await page.goto(`${evening.address}/kits/import`);
    await page.getByRole('button', { name: 'Choose a CSV file' }).waitFor();
    const drawn = page.evaluate(whenRowsAreDrawn);
    await page
      .getByLabel('Parts list file')
      .setInputFiles({ name: 'long.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
    times.push(await drawn);
  }
  await browser.close();
  await evening.stop();
  console.log(
    `${lines} lines from file to drawn table in the browser: median ${ms(median(times))}`,
  );
}

/** Runs in the page: ms from the file's arrival to the frame after its table is on the screen. */
function whenRowsAreDrawn() {
  return new Promise((resolve) => {
    let start = 0;
    document.querySelector('input[type=file]').addEventListener(
      'change',
      () => {
        start = performance.now();
      },
      { capture: true, once: true },
    );
    new MutationObserver((_, observer) => {
      if (!document.querySelector('table.parts tbody tr')) return;
      observer.disconnect();
      requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - start)));
    }).observe(document.body, { childList: true, subtree: true });
  });
}
