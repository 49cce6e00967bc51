import { appendFileSync } from 'node:fs';
import { join } from 'node:path';

/** The exit code that asks the start script for a new start (EX_SOFTWARE of sysexits.h). */
export const faultExit = 70;

/** How long the data may take to be closed before the process ends all the same. */
const closeMs = 5_000;

/**
 * What is thrown outside every request ends the process, for nobody knows what state it left; but with a record, with
 * the data closed where that still goes, and with the exit code that brings it back.
 *
 * @param folder of the data: the record is `faults.log` there, a line of JSON for each
 * @returns a function that stops looking
 */
export function endOnFault(folder: string, close: () => Promise<void>): () => void {
  const end = (error: unknown) => {
    record(folder, error);
    setTimeout(() => process.exit(faultExit), closeMs).unref();
    void close()
      .catch(() => {})
      .then(() => process.exit(faultExit));
  };
  process.once('uncaughtException', end);
  return () => process.off('uncaughtException', end);
}

function record(folder: string, error: unknown): void {
  const { message, stack } = error instanceof Error ? error : new Error(String(error));
  const line = JSON.stringify({ at: new Date().toISOString(), message, stack });
  console.error(line);
  try {
    appendFileSync(join(folder, 'faults.log'), `${line}\n`, { mode: 0o600 });
  } catch {
    // A full disk must not keep the process from starting anew.
  }
}
