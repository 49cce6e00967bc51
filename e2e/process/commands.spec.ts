import { spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { demoPassphrase, demoWorkshops } from '../../demo/scenario';
import { copyDemo, type Program, startProgram } from './program';

/** What is done by a command at the computer, while the program is stopped. */

const root = join(import.meta.dirname, '..', '..');
let folder: string;
let data: string;
const running: Program[] = [];

test.beforeEach(() => {
  test.slow();
  folder = mkdtempSync(join(tmpdir(), 'ozzet-commands-'));
  data = join(folder, 'data');
  copyDemo(data);
});
test.afterEach(async () => {
  await Promise.all(running.splice(0).map((program) => program.end('SIGTERM')));
  rmSync(folder, { recursive: true, force: true });
});

/** Runs a command on the data; resolves to all that it said. */
function command(script: string, args: readonly string[], typed = ''): Promise<string> {
  const child = spawn(process.execPath, [join(root, 'scripts', script), ...args], {
    env: { ...process.env, OZZET_DATA: data },
  });
  child.stdin.end(`${typed}\n`);
  let said = '';
  for (const stream of [child.stdout, child.stderr]) {
    stream.on('data', (chunk) => {
      said += chunk;
    });
  }
  return new Promise((resolve) => child.once('close', () => resolve(said)));
}

async function start(): Promise<Program> {
  const program = await startProgram(data, ['--demo']);
  running.push(program);
  return program;
}
const post = (address: string, path: string, body: object, cookie = '') =>
  fetch(address + path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Cookie: cookie },
    body: JSON.stringify(body),
  });

test('a passphrase that is forgotten is set anew, and only while the program is stopped', async () => {
  const before = await start();
  expect(await command('passphrase.mjs', [], 'three old anchors')).toContain('in use by process');
  const entered = await post(before.address, '/api/session', { passphrase: demoPassphrase });
  const cookie = entered.headers.get('set-cookie')?.split(';')[0] ?? '';
  await before.end('SIGTERM');

  expect(await command('passphrase.mjs', [], 'short')).toContain('at least 10 characters');
  expect(await command('passphrase.mjs', ['Nobody'], 'three old anchors')).toContain(
    'There are “Instructor” (instructor)',
  );
  expect(await command('passphrase.mjs', [], 'three old anchors')).toContain(
    'Instructor signs in with the new passphrase',
  );
  const after = await start();
  const kits = await fetch(`${after.address}/api/kits`, { headers: { Cookie: cookie } });
  expect(kits.status).toBe(401);
  const tries = [demoPassphrase, 'three old anchors'].map((passphrase) =>
    post(after.address, '/api/session', { passphrase }),
  );
  expect((await Promise.all(tries)).map(({ status }) => status)).toEqual([422, 200]);
});

test('a folder that is damaged says so at the start, and a backup is put back by command', async () => {
  const before = await start();
  const entered = await post(before.address, '/api/session', { passphrase: demoPassphrase });
  const cookie = entered.headers.get('set-cookie')?.split(';')[0] ?? '';
  const made = await post(before.address, '/api/backups', { passphrase: 'a stick' }, cookie);
  const backup = join(folder, 'my.backup');
  writeFileSync(backup, Buffer.from(((await made.json()) as { file: string }).file, 'base64'));
  await before.end('SIGTERM');

  expect(await command('restore.mjs', [join(folder, 'none')])).toContain('cannot be read (ENOENT)');
  scramble(join(data, 'postgres', 'base'));
  const broken = await start();
  expect(broken.address).toBe('');
  expect(broken.said).toMatch(/is damaged .*Nothing was changed.*npm run restore -- .*\.backup/);

  rmSync(join(data, 'postgres'), { recursive: true });
  const held = `workshops: ${demoWorkshops.length}`;
  const looked = await command('restore.mjs', [backup, '--look'], 'a stick');
  expect(looked).toContain(held);
  expect(looked).toContain('Nothing was changed');
  expect(await command('restore.mjs', [backup], 'another')).toContain('not the passphrase');
  expect(await command('restore.mjs', [backup], 'a stick')).toContain('It is in place');
  const after = await start();
  const again = await post(after.address, '/api/session', { passphrase: demoPassphrase });
  expect(again.status).toBe(200);
});

/** Bytes in the middle of every table's first page, as a disk that fails leaves them. */
function scramble(base: string): void {
  for (const entry of readdirSync(base, { recursive: true, withFileTypes: true })) {
    const path = join(entry.parentPath, entry.name);
    // What belongs to the tables of the program has numbers from 16384 on (PostgreSQL manual, 8.19).
    if (!entry.isFile() || !(Number(entry.name) >= 16384) || statSync(path).size < 8192) continue;
    const page = readFileSync(path);
    for (let at = 4000; at < 8192; at += 1) page[at] = (page[at] ?? 0) ^ 0x5a;
    writeFileSync(path, page);
  }
}
