import { copyFileSync, mkdirSync } from 'node:fs';
import { basename, join } from 'node:path';
import type { Plugin } from 'vite';
import { sheetLanguages } from '../core/partslist/photo/languages.ts';

/** Below the site’s own address. */
const folder = 'print-reader';

/** The reader of print with what it has learnt: loaded by pages when a photo is read, and kept by none. */
const files = (packages: string): string[] => [
  join(packages, 'tesseract.js/dist/worker.min.js'),
  // Which of them a browser takes depends on what its processor can do.
  ...['lstm', 'simd-lstm', 'relaxedsimd-lstm'].map((kind) =>
    join(packages, `tesseract.js-core/tesseract-core-${kind}.wasm.js`),
  ),
  ...sheetLanguages.map((language) =>
    join(packages, `@tesseract.js-data/${language}/4.0.0_best_int/${language}.traineddata.gz`),
  ),
];

/** A Vite plugin that puts the reader of print beside the pages: it loads its own files by their names. */
export function printReader(root: string): Plugin {
  return {
    name: 'print-reader',
    apply: 'build',
    writeBundle({ dir = '' }) {
      const target = join(dir, folder);
      mkdirSync(target, { recursive: true });
      for (const file of files(join(root, 'node_modules'))) {
        copyFileSync(file, join(target, basename(file)));
      }
    },
  };
}
