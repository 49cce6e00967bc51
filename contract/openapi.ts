import { type AnyEndpoint, bodyOf, endpoint } from './endpoint.ts';
import type { JsonSchema } from './schema.ts';

/** A description of the interface by OpenAPI 3.1 (spec.openapis.org/oas/v3.1.1), as far as it is filled in here. */
export interface OpenApi {
  readonly openapi: '3.1.1';
  readonly info: { readonly title: string; readonly version: string };
  readonly paths: Readonly<Record<string, Readonly<Record<string, JsonSchema>>>>;
  readonly components: JsonSchema;
}

/** What programs of others may call, made from the same records that the server checks calls by. */
export const getOpenApi = endpoint<OpenApi>()({
  method: 'GET',
  path: '/api/openapi.json',
  access: 'public',
});

const parameterNames = (path: string) => [...path.matchAll(/:(\w+)/g)].map(([, name = '']) => name);

const security: Readonly<Record<AnyEndpoint['access'], readonly JsonSchema[]>> = {
  public: [],
  // The token is part of the address.
  seat: [],
  helper: [{ session: [] }],
  instructor: [{ session: [] }],
};

const who: Readonly<Record<AnyEndpoint['access'], string>> = {
  public: 'Anybody may call this.',
  seat: 'Whoever has the token of the seat may call this, for that seat only.',
  helper: 'Helpers and the instructor may call this.',
  instructor: 'Only the instructor may call this.',
};

/** `listKits` as `List kits`. */
const summaryOf = (name: string) => {
  const words = name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
  return words.slice(0, 1).toUpperCase() + words.slice(1);
};

function contentOf(one: AnyEndpoint): JsonSchema {
  switch (one.kind) {
    case 'json':
      return { 'application/json': { schema: {} } };
    case 'stream':
      return { 'text/event-stream': { schema: { type: 'string' } } };
    case 'file':
      return Object.fromEntries(one.types.map((type) => [type, { schema: {} }]));
  }
}

async function operationOf(name: string, one: AnyEndpoint): Promise<JsonSchema> {
  const body = one.kind === 'json' ? await bodyOf(one) : undefined;
  const inPath = parameterNames(one.path).map((parameter) => ({
    name: parameter,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));
  const behind = (one.kind === 'file' ? (one.query ?? []) : []).map((parameter) => ({
    name: parameter,
    in: 'query',
    required: false,
    schema: { type: 'string' },
  }));
  return {
    operationId: name,
    summary: summaryOf(name),
    description: who[one.access],
    security: security[one.access],
    parameters: [...inPath, ...behind],
    ...(body
      ? {
          requestBody: {
            required: true,
            content: { 'application/json': { schema: body.json } },
          },
        }
      : {}),
    responses: {
      200: { description: 'Done.', content: contentOf(one) },
      default: {
        description: 'A refusal (RFC 9457).',
        content: {
          'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } },
        },
      },
    },
  };
}

/** The description of some endpoints. */
export async function openApiOf(
  endpoints: readonly (readonly [name: string, endpoint: AnyEndpoint])[],
  version: string,
): Promise<OpenApi> {
  const paths: Record<string, Record<string, JsonSchema>> = {};
  for (const [name, one] of endpoints) {
    const path = one.path.replace(/:(\w+)/g, '{$1}');
    paths[path] = { ...paths[path], [one.method.toLowerCase()]: await operationOf(name, one) };
  }
  return {
    openapi: '3.1.1',
    info: { title: 'Ozzet', version },
    paths,
    components: {
      securitySchemes: {
        session: { type: 'apiKey', in: 'cookie', name: 'ozzet_session' },
      },
      schemas: {
        Problem: {
          type: 'object',
          required: ['type', 'title', 'status', 'detail'],
          properties: {
            type: { type: 'string' },
            title: { type: 'string' },
            status: { type: 'integer' },
            detail: { type: 'string' },
            errors: {
              type: 'array',
              items: {
                type: 'object',
                required: ['field', 'message'],
                properties: { field: { type: 'string' }, message: { type: 'string' } },
              },
            },
          },
        },
      },
    },
  };
}
