import { defineConfig } from 'vitest/config';

const setupFiles = ['./scripts/testing/propertyTests.ts'];

export default defineConfig({
  test: {
    reporters: process.env.OZZET_TEST_REPORT
      ? ['default', ['json', { outputFile: process.env.OZZET_TEST_REPORT }]]
      : ['default'],
    projects: [
      {
        test: {
          name: 'core',
          include: ['core/**/*.test.ts', 'contract/**/*.test.ts', 'scripts/**/*.test.ts'],
          // Thousands of cases take seconds, on a busy machine many.
          testTimeout: 30_000,
        },
      },
      {
        test: {
          name: 'web',
          setupFiles,
          include: ['web/**/*.test.{ts,tsx}'],
          testTimeout: 30_000,
        },
      },
      {
        test: {
          name: 'server',
          setupFiles,
          include: ['server/**/*.test.ts', 'demo/**/*.test.ts'],
          testTimeout: 30_000,
          // A database in memory takes seconds to make, on a busy machine many.
          hookTimeout: 120_000,
        },
      },
    ],
  },
});
