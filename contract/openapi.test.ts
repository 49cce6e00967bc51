import { Validator } from '@seriousme/openapi-schema-validator';
import { describe, expect, it } from 'vitest';
import { endpoints } from './endpoints.ts';
import { openApiOf } from './openapi.ts';
import { version } from './version.ts';

const description = await openApiOf(endpoints, version);

describe('the description of the interface', () => {
  // OpenAPI 3.1, by the schema that the specification publishes.
  it('is valid OpenAPI 3.1', async () => {
    const { valid, errors } = await new Validator().validate(
      JSON.parse(JSON.stringify(description)),
    );
    expect(errors ?? []).toEqual([]);
    expect(valid).toBe(true);
  });

  it('has every endpoint with who may call it, once', () => {
    const operations = Object.values(description.paths).flatMap((path) => Object.values(path));
    expect(operations).toHaveLength(endpoints.length);
    expect(new Set(operations.map(({ operationId }) => operationId)).size).toBe(endpoints.length);
    for (const { description: who } of operations) expect(who).toMatch(/may call this/);
  });

  it('says what a body holds: limits, words to choose from, and nothing else', () => {
    const body = description.paths['/api/stores/items']?.post?.requestBody;
    expect(body).toMatchObject({
      content: {
        'application/json': {
          schema: {
            additionalProperties: false,
            required: ['part', 'location', 'minimum'],
            properties: {
              location: { type: 'string', maxLength: 60 },
              minimum: { type: 'integer', minimum: 0 },
            },
          },
        },
      },
    });
  });
});
