import { defineConfig } from 'vitest/config';

const setupFiles = ['./scripts/testing/propertyTests.ts'];

export default defineConfig({
  test: {
    // Every core works: nothing else runs beside the tests.
    maxWorkers: '100%',
    reporters: process.env.OZZET_TEST_REPORT
      ? ['default', ['json', { outputFile: process.env.OZZET_TEST_REPORT }]]
      : ['default'],
    projects: [
      {
        test: {
          name: 'core',
          setupFiles,
          isolate: false,
          include: [
            'core/**/*.test.ts',
            'locales/*.test.ts',
            'contract/**/*.test.ts',
            'scripts/*.test.ts',
          ],
          // Thousands of cases take seconds, on a busy machine many.
          testTimeout: 120_000,
        },
      },
      {
        test: {
          name: 'web',
          isolate: false,
          setupFiles,
          include: ['web/**/*.test.{ts,tsx}'],
          exclude: ['web/**/*.dom.test.tsx'],
          testTimeout: 120_000,
        },
      },
      {
        test: {
          // Pages with a DOM and a server that is made up.
          name: 'pages',
          isolate: false,
          setupFiles: [...setupFiles, './web/testing/cleanUp.ts'],
          environment: 'happy-dom',
          include: ['web/**/*.dom.test.tsx'],
          testTimeout: 120_000,
        },
      },
      {
        test: {
          name: 'server',
          setupFiles,
          globalSetup: ['./server/testing/packDatabase.ts'],
          // Modules are loaded once a worker: no test leaves anything behind in one.
          isolate: false,
          include: ['server/**/*.test.ts', 'demo/**/*.test.ts', 'scripts/docs/*.test.ts'],
          testTimeout: 120_000,
          // A database in memory takes seconds to make, on a busy machine many.
          hookTimeout: 120_000,
        },
      },
    ],
  },
});
