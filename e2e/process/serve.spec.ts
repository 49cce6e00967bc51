import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { demoPassphrase, demoWorkshops } from '../../demo/scenario';
import { copyDemo, type Program, startProgram } from './program';

/** The program itself: how it starts, stops, and takes a sudden end. */

let data: string;
const running: Program[] = [];

test.beforeEach(() => {
  data = join(mkdtempSync(join(tmpdir(), 'ozzet-process-')), 'data');
});
test.afterEach(async () => {
  await Promise.all(running.splice(0).map((program) => program.end('SIGTERM')));
  rmSync(join(data, '..'), { recursive: true, force: true });
});

async function start(
  args: readonly string[] = [],
  env: Record<string, string> = {},
): Promise<Program> {
  const program = await startProgram(data, args, 0, env);
  running.push(program);
  return program;
}

async function post(address: string, path: string, body: object, cookie = ''): Promise<Response> {
  return fetch(address + path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Cookie: cookie },
    body: JSON.stringify(body),
  });
}

async function signIn(address: string): Promise<string> {
  const answer = await post(address, '/api/session', { passphrase: demoPassphrase });
  return answer.headers.get('set-cookie')?.split(';')[0] ?? '';
}

/** Kills what holds the data folder, as a power cut would. */
async function endInTheMiddle(): Promise<void> {
  const lock = join(data, 'in-use-by.pid');
  await expect(() => expect(existsSync(lock)).toBe(true)).toPass();
  const { pid } = JSON.parse(readFileSync(lock, 'utf8')) as { pid: number };
  process.kill(pid, 'SIGKILL');
}

interface Listed {
  readonly id: string;
  readonly title: string;
}
const workshops = async (address: string): Promise<Listed[]> =>
  (await (
    await fetch(`${address}/api/workshops`, { headers: { Cookie: await signIn(address) } })
  ).json()) as Listed[];

test('the demo prints its sign-in and address, keeps its data, and starts over when asked', async () => {
  // The demo is loaded once more.
  test.slow();
  copyDemo(data);
  const first = await start(['--demo']);
  const made = await workshops(first.address);
  expect(made).toHaveLength(demoWorkshops.length);
  await first.end('SIGTERM');

  const second = await start(['--demo']);
  expect(second.said).not.toContain('Building');
  expect(await workshops(second.address)).toEqual(made);
  await second.end('SIGTERM');

  // Ended while it loads: the next start does not take half of it for all.
  const broken = startProgram(data, ['--demo', '--fresh'], 0);
  await expect(() => expect(existsSync(join(data, 'demo-loading'))).toBe(true)).toPass();
  await expect(() => expect(existsSync(join(data, 'postgres', 'PG_VERSION'))).toBe(true)).toPass();
  await endInTheMiddle();
  expect((await broken).address).toBe('');

  const third = await start(['--demo']);
  expect(third.said).toContain(demoPassphrase);
  expect(third.said.trim().split('\n').at(-1)).toBe(`Ozzet is ready at ${third.address}`);
  const fresh = await workshops(third.address);
  expect(fresh).toHaveLength(demoWorkshops.length);
  expect(fresh.map(({ id }) => id)).not.toEqual(made.map(({ id }) => id));
});

test('what was acknowledged is there after a sudden end', async () => {
  copyDemo(data);
  const before = await start(['--demo']);
  const [running] = (await workshops(before.address)).filter(({ title }) => title.includes('2:'));
  const cookie = await signIn(before.address);
  const path = `/api/workshops/${running?.id}`;
  const read = async (address: string, what: string, as: string) =>
    (await fetch(address + what, { headers: { Cookie: as } })).json() as Promise<{
      seats: { id: string; token: string }[];
      steps: { id: string }[];
      events: { event: { id: string } }[];
    }>;
  const { seats, steps } = await read(before.address, path, cookie);
  const ids = Array.from(
    { length: 20 },
    (_, n) => `01900000-0000-7000-8000-${String(n).padStart(12, '0')}`,
  );
  for (const id of ids) {
    const event = {
      id,
      kind: 'step-reopened',
      stepId: steps[0]?.id,
      seatId: seats[3]?.id,
      at: new Date().toISOString(),
    };
    expect(
      (await post(before.address, `/api/seats/${seats[3]?.token}/events`, { events: [event] }))
        .status,
    ).toBe(200);
  }
  await before.end('SIGKILL');
  expect(existsSync(join(data, 'in-use-by.pid'))).toBe(true);

  const after = await start(['--demo']);
  const { events } = await read(after.address, `${path}/log`, await signIn(after.address));
  expect(events.map(({ event }) => event.id)).toEqual(expect.arrayContaining(ids));
});

test('a fault outside every request is written down, and the same address answers again', async () => {
  test.slow();
  copyDemo(data);
  // Thrown where no request is, as soon as the file is there.
  const trigger = join(data, '..', 'now');
  const fault = `import{existsSync,rmSync}from"node:fs";if(process.argv[1]?.endsWith("serving.mjs"))setInterval(()=>{if(existsSync(${JSON.stringify(trigger)})){rmSync(${JSON.stringify(trigger)});throw new Error("out of nowhere")}},50).unref()`;
  const program = await start(['--demo'], {
    NODE_OPTIONS: `--import data:text/javascript,${encodeURIComponent(fault)}`,
  });
  const made = await workshops(program.address);
  writeFileSync(trigger, '');
  await expect(async () => expect(readFaults()).toHaveLength(1)).toPass();
  await expect(async () => expect(await workshops(program.address)).toEqual(made)).toPass();
  expect(readFaults()[0]).toMatchObject({ message: 'out of nowhere' });
});

function readFaults(): { message: string }[] {
  const file = join(data, 'faults.log');
  if (!existsSync(file)) return [];
  return readFileSync(file, 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line));
}

test('two servers never share a data folder, nor a port', async () => {
  // Three programs start.
  test.slow();
  const first = await start();
  expect(first.address).not.toBe('');
  const sameFolder = await start();
  expect(sameFolder.said).toMatch(
    /in use by process \d+\. Stop it, or choose another with OZZET_DATA/,
  );
  const { port } = new URL(first.address);
  const samePort = await start([], { PORT: port, OZZET_DATA: `${data}-2` });
  expect(samePort.said).toContain(`Port ${port} is in use`);
  expect((await fetch(`${first.address}/api/session`)).status).toBe(200);
});

test('own data is never thrown away, nor a folder that holds something else', async () => {
  expect((await start(['--fresh'])).said).toContain('your own data is never thrown away');
  copyDemo(data);
  writeFileSync(join(data, 'thesis.txt'), 'years of work');
  expect((await start(['--demo', '--fresh'])).said).toContain('thesis.txt');
  expect(existsSync(join(data, 'thesis.txt'))).toBe(true);
});

test('a port that is none is told', async () => {
  expect((await start([], { PORT: 'harbour' })).said).toContain(
    'PORT is “harbour”; it must be a number',
  );
});
