import { join } from 'node:path';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { entryChunks } from './scripts/entryChunks.ts';
import { pageKeeper } from './scripts/pageKeeper.ts';
import { printReader } from './scripts/printReader.ts';

const inWeb = (file: string) => join(import.meta.dirname, 'web', file);

/** The pages: the instructor's (index.html) and the seat's own small one (seat.html). */
export default defineConfig({
  root: 'web',
  plugins: [react(), pageKeeper(), printReader(import.meta.dirname)],
  // The package names its build for development only; the other one is smaller and says nothing to the console.
  resolve: {
    alias: [
      ...(
        [
          [/^react-router$/, 'index'],
          [/^react-router\/dom$/, 'dom-export'],
        ] as const
      ).map(([find, file]) => ({
        find,
        replacement: join(
          import.meta.dirname,
          `node_modules/react-router/dist/production/${file}.mjs`,
        ),
      })),
    ],
  },
  html: { cspNonce: '__CSP_NONCE__' },
  build: {
    outDir: '../dist/web',
    emptyOutDir: true,
    manifest: true,
    // Nothing is inlined as data: addresses, which the content security policy would refuse for fonts.
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
    rolldownOptions: {
      input: { instructor: 'web/index.html', seat: 'web/seat.html' },
      output: {
        codeSplitting: {
          groups: entryChunks(
            [inWeb('app/main.tsx'), inWeb('seat/main.tsx')],
            [inWeb('app/styleNonce.ts')],
            ['react-i18next/dist/es/Trans', 'html-parse-stringify', 'void-elements'],
          ),
        },
      },
    },
  },
});
