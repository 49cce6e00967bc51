import type { KeptKind } from '#contract/keptKinds';
import { storedText } from '#contract/storedForm';
import { CallProblem } from './call.ts';

const prefix = 'ozzet.kept.';
/** The server's clock minus this device's, in ms, when they last spoke. */
const offsetKey = 'ozzet.clock-offset';

export interface Kept<Data> {
  readonly data: Data;
  /** From the server just now; false where it is what this device kept. */
  readonly isFresh: boolean;
}

/**
 * Loads something from the server and keeps it on this device; where the server cannot be reached, what was kept.
 *
 * @throws CallProblem where the server refuses, or there is neither a server nor anything kept
 */
export async function orKept<Data>(
  kind: KeptKind<Data>,
  name: string,
  load: () => Promise<Data>,
): Promise<Kept<Data>> {
  try {
    const data = await load();
    keep(kind, name, data);
    // Fetched while there is a network: without one it could not be.
    void readerOf(kind).catch(() => undefined);
    return { data, isFresh: true };
  } catch (error) {
    const data = await kept(kind, name);
    if (data === undefined || !(error instanceof CallProblem) || error.problem.status !== 0)
      throw error;
    return { data, isFresh: false };
  }
}

/** What was kept under a name; undefined where nothing was, or what was cannot be read by this version any more. */
export async function kept<Data>(kind: KeptKind<Data>, name: string): Promise<Data | undefined> {
  const text = localStorage.getItem(prefix + name);
  if (text === null) return undefined;
  // Without network, and where the browser keeps no pages, what reads it may be missing: it stays for another time.
  const read = await readerOf(kind).catch(() => undefined);
  if (!read) return undefined;
  const data = read(text);
  if (data === undefined) localStorage.removeItem(prefix + name);
  return data;
}

/** What reads texts of a kind. */
async function readerOf<Data>(kind: KeptKind<Data>) {
  const [{ decoded }, schema] = await Promise.all([import('./decoded.ts'), kind.schema()]);
  return (text: string) => decoded({ ...kind, schema }, text);
}

export function keep<Data>(kind: KeptKind<Data>, name: string, data: Data): void {
  keepText(prefix + name, storedText(kind, data));
}

function keepText(key: string, text: string): void {
  try {
    localStorage.setItem(key, text);
  } catch {
    // The device’s store is full: the page works, and only a reload without network would miss this.
    localStorage.removeItem(key);
  }
}

/** Forgets everything that was kept: whoever signs out leaves nothing to be seen. */
export function forgetKept(): void {
  for (const key of Object.keys(localStorage)) {
    if (key.startsWith(prefix)) localStorage.removeItem(key);
  }
}

/** Remembers how far this device's clock is off, so that it is right without the network too. */
export const keepClockOffset = (offsetMs: number): void =>
  keepText(offsetKey, String(Math.round(offsetMs)));

export const keptClockOffset = (): number => Number(localStorage.getItem(offsetKey) ?? 0);
