import { defineConfig, type Plugin } from 'vite';
import { openToPack } from './server/db/database.ts';
import { packedDatabaseName } from './server/db/packedDatabase.ts';

/** A new database goes with the server: see packedDatabase. */
const withNewDatabase: Plugin = {
  name: 'new-database',
  async generateBundle() {
    const db = await openToPack();
    const source = new Uint8Array(await (await db.pack('gzip')).arrayBuffer());
    await db.close();
    this.emitFile({ type: 'asset', fileName: packedDatabaseName, source });
  },
};

/** The server, the demo loader and the commands, as modules that scripts start; packages stay in node_modules. */
export default defineConfig({
  plugins: [withNewDatabase],
  build: {
    ssr: true,
    target: 'node20',
    outDir: 'dist/server',
    emptyOutDir: true,
    rolldownOptions: {
      // All in one folder: files that go with the server are found beside whatever asks for them.
      output: { chunkFileNames: '[name]-[hash].js' },
      input: {
        start: 'server/start.ts',
        demo: 'demo/load.ts',
        atTheMachine: 'server/atTheMachine.ts',
      },
    },
  },
});
