import Ajv2020 from 'ajv/dist/2020.js';
import { expect, it } from 'vitest';
import { kitFileSchema } from './kitFileSchema.ts';

// `npm run docs` writes the file anew.
it('the published schema of kit files is that of the contract', async () => {
  await expect(`${JSON.stringify(kitFileSchema, null, 2)}\n`).toMatchFileSnapshot(
    '../docs/kit-file.schema.json',
  );
});

it('is a schema (JSON Schema 2020-12, by a validator of others)', () => {
  expect(new Ajv2020({ strict: false }).validateSchema(kitFileSchema)).toBe(true);
});
