import { once } from 'node:events';
import { createRequire } from 'node:module';
import { Worker } from 'node:worker_threads';
import { wrap } from 'comlink';
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs';
import pLimit from 'p-limit';
import type { Database, Queryable } from './database.ts';

/** What the thread answers; see `isolated/memoryDatabase.mjs`. */
interface InThread {
  query<Row>(sql: string, params: readonly unknown[]): Promise<Row[]>;
  script(sql: string): Promise<void>;
}

const require = createRequire(import.meta.url);

/** What somebody else's file is put into holds no more than that, in MB. */
const mostMegabytes = 1024;

/**
 * A database in memory as another one was when it was packed, in a thread of its own: whatever is done in it keeps
 * nobody waiting but whoever does it.
 */
export async function openInThread(packed: Blob): Promise<Database> {
  const thread = new Worker(require.resolve('#isolated/memoryDatabase'), {
    workerData: new Uint8Array(await packed.arrayBuffer()),
    resourceLimits: { maxOldGenerationSizeMb: mostMegabytes },
  });
  const inThread = wrap<InThread>(nodeEndpoint(thread));
  // What is asked of a thread that has ended is never answered.
  const ended = once(thread, 'exit').then(([code]) => {
    throw new Error(`the thread of a database ended with ${code}`);
  });
  ended.catch(() => {});
  const answered = <Answer>(asked: Promise<Answer>) => Promise.race([asked, ended]);

  const query: Queryable['query'] = <Row>(sql: string, params: readonly unknown[] = []) =>
    answered(inThread.query(sql, params) as Promise<Row[]>);
  const script = (sql: string) => answered(inThread.script(sql));
  /** Who comes during a transaction waits until it is through. */
  const turns = pLimit(1);
  const inTurn: Queryable['query'] = (sql, params) => turns(() => query(sql, params));
  return {
    query: inTurn,
    queryOften: inTurn,
    script: (sql) => turns(() => script(sql)),
    transaction: (work) =>
      turns(async () => {
        await script('begin');
        try {
          const result = await work({ query, queryOften: query });
          await script('commit');
          return result;
        } catch (error) {
          await script('rollback');
          throw error;
        }
      }),
    close: async () => {
      await thread.terminate();
    },
  };
}
