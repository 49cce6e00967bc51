// A worker of its own: what is packed small may be unpacked to more than the memory holds, and a large file takes seconds.
import { createDecipheriv } from 'node:crypto';
import { parentPort, workerData } from 'node:worker_threads';
import { gunzipSync } from 'node:zlib';

const { packed, lock, form, mostBytes } = workerData;
const newline = 0x0a;

/** What is wrong with the file, as `format.ts` names it. */
class Wrong extends Error {}

function opened() {
  if (!lock) return packed;
  try {
    const decipher = createDecipheriv('aes-256-gcm', lock.key, lock.nonce);
    decipher.setAuthTag(lock.tag);
    return Buffer.concat([decipher.update(packed), decipher.final()]);
  } catch {
    throw new Wrong('key');
  }
}

function unpacked(bytes) {
  try {
    return gunzipSync(bytes, { maxOutputLength: mostBytes });
  } catch {
    throw new Wrong('packing');
  }
}

/** Line by line: all of them as one text may be longer than a text can be. */
function* linesOf(bytes) {
  for (let from = 0; from < bytes.length; ) {
    const at = bytes.indexOf(newline, from);
    const end = at < 0 ? bytes.length : at;
    if (end > from) yield parsed(bytes.toString('utf8', from, end));
    from = end + 1;
  }
}

function parsed(line) {
  try {
    return JSON.parse(line);
  } catch {
    throw new Wrong('line');
  }
}

function read() {
  const lines = linesOf(unpacked(opened()));
  const head = lines.next().value;
  if (head?.what !== 'Ozzet backup' || !Array.isArray(head.migrations)) throw new Wrong('head');
  if (head.form !== form) throw new Wrong('form');
  const tables = Object.create(null);
  for (const line of lines) {
    const { table, row } = line ?? {};
    if (typeof table !== 'string' || typeof row !== 'object' || row === null)
      throw new Wrong('line');
    tables[table] ??= [];
    tables[table].push(row);
  }
  return { migrations: head.migrations.map(String), tables };
}

try {
  parentPort?.postMessage(read());
} catch (error) {
  if (!(error instanceof Wrong)) throw error;
  parentPort?.postMessage({ wrong: error.message });
}
