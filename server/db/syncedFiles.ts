import { closeSync, fsyncSync, openSync } from 'node:fs';
import { type FileHandle, open, readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { NodeFS } from '@electric-sql/pglite/nodefs';

/** Of Emscripten's file system in Node: what is used of it. */
interface NodeStream {
  readonly nfd?: number;
  readonly node: object;
}
interface NodeFiles {
  realPath(node: object): string;
  readonly stream_ops: {
    write(stream: NodeStream, ...rest: unknown[]): number;
    fsync?(stream: NodeStream): number;
  };
}

/** What reaches the disk, for tests that cut the power. */
export type OnSync = (path: string) => void;

/**
 * PostgreSQL's files on the disk, with a working fsync. The embedded database starts with fsync off, and its file
 * system has none: what is written lies in the system's memory, and a power cut takes it. Here the server asks for
 * fsync, and gets it:
 *
 * - of the write-ahead log it is put off until `settled()`, so that what several people did in the same moment shares
 *   one, and nobody else's request waits for the disk;
 * - of everything else it is done at once, the write-ahead log first: no page may be on the disk before the log that
 *   explains it (PostgreSQL manual, 28.3).
 */
export class SyncedFiles extends NodeFS {
  readonly #onSync: OnSync;
  /** Files of the write-ahead log that were written and not synced. */
  #pending = new Set<string>();
  #settling: Promise<void> | undefined;
  #log: { readonly path: string; readonly file: FileHandle } | undefined;

  constructor(folder: string, onSync: OnSync = () => {}) {
    super(folder);
    this.#onSync = onSync;
  }

  override async init(
    ...[pglite, options]: Parameters<NodeFS['init']>
  ): ReturnType<NodeFS['init']> {
    const { emscriptenOpts } = await super.init(pglite, options);
    const patch = (module: unknown) => this.#patch((module as { NODEFS: NodeFiles }).NODEFS);
    return {
      emscriptenOpts: {
        ...emscriptenOpts,
        preRun: [...((emscriptenOpts.preRun as []) ?? []), patch],
      } as typeof emscriptenOpts,
    };
  }

  /** Resolves when everything that was committed before the call is on the disk. */
  async settled(): Promise<void> {
    // Those who come while one sync runs share the next.
    while (this.#settling) await this.#settling;
    if (this.#pending.size === 0) return;
    this.#settling = this.#settle().finally(() => {
      this.#settling = undefined;
    });
    await this.#settling;
  }

  async #settle(): Promise<void> {
    const paths = this.#pending;
    this.#pending = new Set();
    try {
      for (const path of paths) {
        await (await this.#logFile(path)).datasync();
        this.#onSync(path);
      }
    } catch (error) {
      // Not known to be there: whoever waits is told, and the next one tries again.
      for (const path of paths) this.#pending.add(path);
      throw error;
    }
  }

  /** A segment of the log stays the one that is written for long: it is opened once. */
  async #logFile(path: string): Promise<FileHandle> {
    if (this.#log?.path !== path) {
      const before = this.#log;
      this.#log = { path, file: await open(path, 'r+') };
      await before?.file.close();
    }
    return this.#log.file;
  }

  override async closeFs(): Promise<void> {
    await this.settled();
    await super.closeFs();
    await this.#log?.file.close();
    this.#log = undefined;
  }

  #settleNow(): void {
    for (const path of this.#pending) syncNow(path, this.#onSync);
    this.#pending.clear();
  }

  #patch(files: NodeFiles): void {
    const operations = files.stream_ops;
    const write = operations.write;
    const pathOf = ({ node }: NodeStream) => files.realPath(node);
    operations.write = (stream, ...rest) => {
      if (this.#pending.size > 0 && !isLog(pathOf(stream))) this.#settleNow();
      return write(stream, ...rest);
    };
    operations.fsync = (stream) => {
      const path = pathOf(stream);
      if (isLog(path)) this.#pending.add(path);
      else {
        this.#settleNow();
        if (stream.nfd === undefined) syncNow(path, this.#onSync);
        else {
          fsyncSync(stream.nfd);
          this.#onSync(path);
        }
      }
      return 0;
    };
  }
}

/** Everything below a folder onto the disk, folders too: their entries are what names are found by. */
export async function syncAll(folder: string): Promise<void> {
  const entries = await readdir(folder, { recursive: true, withFileTypes: true });
  const paths = entries
    .filter((entry) => entry.isFile() || entry.isDirectory())
    .map(({ parentPath, name }) => join(parentPath, name));
  for (const path of [...paths, folder]) {
    const file = await open(path, 'r');
    try {
      await file.sync();
    } finally {
      await file.close();
    }
  }
}

/** A segment of the write-ahead log; see PostgreSQL's manual, 68.1. */
const isLog = (path: string) => /[\\/]pg_wal[\\/][0-9A-F]{24}$/.test(path);

function syncNow(path: string, onSync: OnSync): void {
  const handle = openSync(path, 'r');
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
  onSync(path);
}

/** The parameters that the embedded database starts with, but for the one that switches fsync off, and more. */
export const startParams = [
  ...PGlite.defaultStartParams.filter((parameter) => parameter !== '-F'),
  '-c',
  // fdatasync does nothing in this file system.
  'wal_sync_method=fsync',
  '-c',
  // Files of the log are not taken again under another name: what was erased would go on lying in them.
  'wal_recycle=off',
];
