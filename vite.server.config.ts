import { defineConfig } from 'vite';

/** The server and the demo loader, as two modules that scripts/serve.mjs starts; packages stay in node_modules. */
export default defineConfig({
  build: {
    ssr: true,
    target: 'node20',
    outDir: 'dist/server',
    emptyOutDir: true,
    rolldownOptions: { input: { start: 'server/start.ts', demo: 'demo/load.ts' } },
  },
});
