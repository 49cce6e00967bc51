import {
  closeSync,
  openSync,
  readFileSync,
  readlinkSync,
  rmSync,
  statSync,
  utimesSync,
  writeSync,
} from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';

/** Who holds a folder, so that it can be told whether that one still lives. What a system does not say is null. */
interface Holder {
  readonly pid: number;
  /** When the process began, in the system's own count: numbers of processes are given again. */
  readonly started: string | null;
  /** Of the running system: another one after every reboot. */
  readonly boot: string | null;
  /** Of the container: the same number means another process in each. */
  readonly processes: string | null;
  readonly host: string;
  /** The folder itself: a copy of it carries the lock along. */
  readonly folder: string;
}

const lockName = 'in-use-by.pid';
const touchEveryMs = 5_000;
/** A holder that cannot be asked lives as long as it touches its lock. */
const silentAfterMs = 20_000;

/**
 * Takes a data folder for this process: two servers on one embedded database would destroy it. Holds across containers,
 * and between computers that share the folder; a lock that was left behind by a power cut, a reboot or a copy is taken.
 *
 * @returns a function that frees the folder
 * @throws Error naming the folder, who holds it, and the way out
 */
export function lockFolder(folder: string): () => void {
  const file = join(folder, lockName);
  const self = ownHolder(folder);
  for (let left = 2; ; left -= 1) {
    try {
      // Made and opened in one step: of two that start at once, one gets it.
      const handle = openSync(file, 'wx', 0o600);
      writeSync(handle, JSON.stringify(self));
      closeSync(handle);
      break;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST' || left === 0) throw error;
      const why = heldBy(file, self);
      if (why) throw new Error(`The data folder ${folder} is in use by ${why}`);
      rmSync(file, { force: true });
    }
  }
  const touching = setInterval(() => touch(file), touchEveryMs);
  touching.unref();
  return () => {
    clearInterval(touching);
    rmSync(file, { force: true });
  };
}

const wayOut = 'Stop it, or choose another with OZZET_DATA.';

/** Who lives and holds the lock, with the way out; undefined where nobody does. */
function heldBy(file: string, self: Holder): string | undefined {
  const holder = read(file);
  if (!holder || (holder.folder !== undefined && holder.folder !== self.folder)) return undefined;
  const { pid, boot = self.boot, processes = self.processes, host = self.host, started } = holder;
  if (boot === self.boot && processes === self.processes) {
    const lives = pid !== self.pid && isAlive(pid) && (!started || startOf(pid) === started);
    return lives ? `process ${pid}. ${wayOut}` : undefined;
  }
  // The same computer, started anew since.
  if (boot !== self.boot && host === self.host) return undefined;
  const silentMs = Date.now() - statSync(file).mtimeMs;
  return silentMs < silentAfterMs
    ? `process ${pid} on ${host}, in another container or on another computer. ${wayOut} If it is not running any more, try again in ${silentAfterMs / 1000} seconds.`
    : undefined;
}

/** Locks of before hold the number alone; what is neither is of nobody. */
function read(file: string): (Pick<Holder, 'pid'> & Partial<Holder>) | undefined {
  try {
    const text = readFileSync(file, 'utf8');
    const found: unknown = JSON.parse(text);
    if (typeof found === 'number') return { pid: found };
    return typeof found === 'object' && found !== null && 'pid' in found
      ? (found as Holder)
      : undefined;
  } catch {
    return undefined;
  }
}

function ownHolder(folder: string): Holder {
  const { dev, ino } = statSync(folder);
  return {
    pid: process.pid,
    started: startOf(process.pid),
    boot: orNull(() => readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim()),
    processes: orNull(() => readlinkSync('/proc/self/ns/pid')),
    host: hostname(),
    folder: `${dev}:${ino}`,
  };
}

/** Of /proc/PID/stat (proc(5)) what stands behind the name, which may hold anything: field 3 is the first. */
const statOf = (pid: number): readonly string[] =>
  (
    orNull(() => {
      const text = readFileSync(`/proc/${pid}/stat`, 'utf8');
      return text.slice(text.lastIndexOf(')') + 2);
    }) ?? ''
  ).split(' ');

/** Field 22. */
const startOf = (pid: number): string | null => statOf(pid)[19] ?? null;

/** Field 3: it has ended, but nobody has asked for its exit code yet. */
const isZombie = (pid: number) => statOf(pid)[0] === 'Z';

function touch(file: string): void {
  const now = new Date();
  try {
    utimesSync(file, now, now);
  } catch {
    // The folder is gone; whoever writes to it next will be told.
  }
}

function orNull(ask: () => string): string | null {
  try {
    return ask();
  } catch {
    return null;
  }
}

function isAlive(pid: number): boolean {
  if (!(pid > 0)) return false;
  try {
    process.kill(pid, 0);
    return !isZombie(pid);
  } catch (error) {
    // It lives, but belongs to somebody else.
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
}
