import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { version } from '#contract/version';

it('the program shows the version that the package and the change log have', () => {
  const { version: ofPackage } = JSON.parse(readFileSync('package.json', 'utf8'));
  expect(version).toBe(ofPackage);
  const [, newest] = /^## (\d+\.\d+\.\d+)/m.exec(readFileSync('CHANGELOG.md', 'utf8')) ?? [];
  expect(newest).toBe(version);
});
