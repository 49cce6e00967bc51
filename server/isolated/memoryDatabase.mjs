// A worker of its own: a database in memory works through each statement at once, and everybody would wait meanwhile.
import { parentPort, workerData } from 'node:worker_threads';
import { PGlite } from '@electric-sql/pglite';
import { expose } from 'comlink';
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs';

const opened = PGlite.create({ loadDataDir: new Blob([workerData]) });

expose(
  {
    query: async (sql, params) => (await (await opened).query(sql, params)).rows,
    script: async (sql) => {
      await (await opened).exec(sql);
    },
  },
  nodeEndpoint(parentPort),
);
