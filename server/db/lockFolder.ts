import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * Takes a data folder for this process: two servers on one embedded database would destroy it. A lock whose process
 * has died, for instance by a power cut, does not count.
 *
 * @returns a function that frees the folder
 * @throws Error naming the folder where a living process holds it
 */
export function lockFolder(folder: string): () => void {
  const file = join(folder, 'in-use-by.pid');
  if (existsSync(file)) {
    const pid = Number(readFileSync(file, 'utf8'));
    if (pid !== process.pid && isAlive(pid)) {
      throw new Error(
        `The data folder ${folder} is in use by process ${pid}. Stop it, or choose another with OZZET_DATA.`,
      );
    }
  }
  writeFileSync(file, String(process.pid));
  return () => rmSync(file, { force: true });
}

function isAlive(pid: number): boolean {
  if (!(pid > 0)) return false;
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    // It lives, but belongs to somebody else.
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
}
