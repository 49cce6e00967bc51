import { defineConfig } from 'vitest/config';

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
        },
      },
      { test: { name: 'web', include: ['web/**/*.test.ts'] } },
      {
        test: {
          name: 'server',
          include: ['server/**/*.test.ts', 'demo/**/*.test.ts'],
          testTimeout: 30_000,
        },
      },
    ],
  },
});
