/** A server of its own for a benchmark, with one workshop on it, reached as a browser would. */
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root } from '../scripts/prepare.mjs';

const passphrase = 'bench in the harbour';

/**
 * Starts the real server on an empty data folder and plans a workshop with so many seats.
 *
 * @returns the workshop, a way to call the server, and `stop`
 */
export async function startEvening(seats) {
  const dataFolder = mkdtempSync(join(tmpdir(), 'ozzet-bench-'));
  const server = spawn(process.execPath, [join(root, 'scripts', 'serve.mjs')], {
    cwd: root,
    env: { ...process.env, PORT: '0', OZZET_DATA: dataFolder },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  // Also where a benchmark fails: no server of its stays behind.
  const end = () => server.kill('SIGTERM');
  process.once('exit', end);
  const address = await readyAddress(server);
  const call = caller(address);
  await call('POST', '/api/setup', { passphrase });
  const csv = readFileSync(join(root, 'demo', 'kits', 'fern-minder.csv'), 'utf8');
  const mapping = {
    designators: 0,
    quantity: 1,
    description: 2,
    value: 3,
    tolerance: 4,
    bandCount: 5,
    pins: 6,
    supply: 7,
  };
  const kit = await call('POST', '/api/kits', { name: 'Bench kit', supplyVolt: 3, csv, mapping });
  const { id } = await call('POST', '/api/workshops', {
    title: 'Bench evening',
    kitId: kit.id,
    startsAt: new Date().toISOString(),
    lengthMinutes: 120,
    seats: Array.from({ length: seats }, (_, index) => ({ name: `Seat ${index + 1}` })),
  });
  const workshop = await call('GET', `/api/workshops/${id}`);
  const stop = async () => {
    const ended = new Promise((resolve) => server.once('exit', resolve));
    end();
    await ended;
    process.off('exit', end);
    rmSync(dataFolder, { recursive: true, force: true });
  };
  return { address, passphrase, workshop, call, stop, residentMb: () => residentMb(server.pid) };
}

/** What the process that serves holds in memory (proc(5)); serve.mjs starts it as its only child. */
function residentMb(pid) {
  const [child] = readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim().split(' ');
  const [, kilobytes] =
    /^VmRSS:\s+(\d+)/m.exec(readFileSync(`/proc/${child}/status`, 'utf8')) ?? [];
  return Number(kilobytes) / 1024;
}

function readyAddress(server) {
  return new Promise((resolve, reject) => {
    let said = '';
    server.stdout.on('data', (chunk) => {
      said += chunk;
      const ready = /Ozzet is ready at (\S+)/.exec(said);
      if (ready) resolve(ready[1]);
    });
    server.once('exit', () => reject(new Error(`the server ended: ${said}`)));
  });
}

/** Calls over kept connections, with the session's cookie, as a page's fetch does. */
function caller(address) {
  const agent = new Agent({ keepAlive: true });
  let cookie = '';
  const call = (method, path, body) =>
    new Promise((resolve, reject) => {
      const text = body === undefined ? undefined : JSON.stringify(body);
      const sent = request(
        address + path,
        {
          method,
          agent,
          headers: {
            Cookie: cookie,
            ...(text === undefined
              ? {}
              : { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(text) }),
          },
        },
        (response) => {
          let answer = '';
          response.on('data', (chunk) => {
            answer += chunk;
          });
          response.on('end', () => {
            cookie = response.headers['set-cookie']?.[0]?.split(';')[0] ?? cookie;
            if (response.statusCode === 200) resolve(JSON.parse(answer));
            else reject(new Error(`${method} ${path}: ${answer}`));
          });
        },
      );
      sent.on('error', (error) => {
        // The server had closed a kept connection that was idle: nothing was sent yet (Node's manual, http).
        if (sent.reusedSocket && error.code === 'ECONNRESET') resolve(call(method, path, body));
        else reject(error);
      });
      sent.end(text);
    });
  return call;
}
