import fc from 'fast-check';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type AnyEndpoint, bodyOf } from '#contract/endpoint';
import { endpoints } from '#contract/endpoints';
import type { Problem } from '#contract/problem';
import type { JsonSchema } from '#contract/schema';
import type { Workshop } from '#contract/workshops';
import { isLong } from '#core/testing/cases';
import { saying } from '#core/words/sayings';
import { makeWorkshop, type TestServer, testServer } from '../testing/testServer.ts';
import { speak } from '../words/speak.ts';

/** Whatever is sent: an answer that says what was wrong with it, never that something went wrong inside. */

let server: TestServer;
let workshop: Workshop;
beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server);
});
afterAll(() => server.db.close());

const rubbish = fc.oneof(
  fc.constantFrom<unknown>(
    null,
    true,
    0,
    -1,
    1e308,
    2 ** 53,
    '',
    '1',
    'Jan 1',
    '2026-02-30T10:00:00Z',
    '0000-01-01T00:00:00Z',
    '\u0000',
    'x\ud83d',
    '=1+1',
    '../../etc/passwd',
    '__proto__',
    'toString',
    'null',
    [],
    {},
    [null],
    [[]],
    '00000000-0000-4000-8000-000000000000',
    'ä'.repeat(600),
  ),
  fc.jsonValue(),
  fc.string(),
  fc.double({ noNaN: true, noDefaultInfinity: true }),
);

/** Values that are nearly what a schema asks for: each part of them is rubbish now and then. */
function nearly(schema: JsonSchema, depth = 0): fc.Arbitrary<unknown> {
  return fc.oneof(
    { weight: 1, arbitrary: rubbish },
    { weight: depth > 6 ? 0 : 6, arbitrary: right(schema, depth) },
  );
}

function right(schema: JsonSchema, depth: number): fc.Arbitrary<unknown> {
  const {
    type,
    properties,
    items,
    enum: values,
    anyOf,
    oneOf,
  } = schema as {
    type?: string;
    properties?: Record<string, JsonSchema>;
    items?: JsonSchema;
    enum?: readonly unknown[];
    anyOf?: readonly JsonSchema[];
    oneOf?: readonly JsonSchema[];
  };
  const either = anyOf ?? oneOf;
  if (values && values.length > 0) return fc.constantFrom(...values);
  if (either) return fc.oneof(...either.map((one) => nearly(one, depth + 1)));
  if (properties) {
    return fc.record(
      Object.fromEntries(
        Object.entries(properties).map(([key, one]) => [key, nearly(one, depth + 1)]),
      ),
      { noNullPrototype: true },
    );
  }
  if (items) return fc.array(nearly(items, depth + 1), { maxLength: 4 });
  if (type === 'number' || type === 'integer') return fc.oneof(fc.integer(), fc.double());
  if (type === 'boolean') return fc.boolean();
  return fc.oneof(fc.string(), fc.constantFrom('R1', '470', 'resistor', 'led-5mm', workshopIds));
}
const workshopIds = '00000000-0000-4000-8000-00000000000a';

const segment = fc.oneof(
  { weight: 4, arbitrary: fc.constant('') },
  {
    weight: 1,
    arbitrary: fc.constantFrom(
      '%00',
      '%',
      '%E0%A4%A',
      '..%2f..',
      '__proto__',
      '0',
      'x'.repeat(300),
      '%F0%9F%92%A5',
      'null',
      '-1',
    ),
  },
);

/** The ids are those of things that exist, but for what a case puts in their place. */
const pathOf = ({ path }: AnyEndpoint, garbled: readonly string[]) => {
  const known: Readonly<Record<string, string | undefined>> = {
    workshopId: workshop.id,
    kitId: workshop.kitId,
    seatId: workshop.seats[0]?.id,
    token: workshop.seats[0]?.token ?? undefined,
    paper: 'count-sheet',
    format: 'csv',
  };
  let at = -1;
  return path.replace(/:(\w+)/g, (_, name: string) => {
    at += 1;
    return garbled[at] || known[name] || workshopIds;
  });
};

/** What is nearly right here is a whole backup, encrypted: it takes a second. */
const takesSeconds = new Set(['makeBackup']);

/** Without a body only the address is garbled. */
const runsOf = (name: string, endpoint: AnyEndpoint) => {
  const hasBody = endpoint.kind === 'json' && endpoint.body !== undefined;
  if (takesSeconds.has(name)) return isLong ? 100 : 3;
  if (!isLong) return hasBody ? 10 : 2;
  return hasBody ? 700 : 40;
};

/** Sentences of a refusal that a language has no words for, or whose blanks stay open. */
function unsaid(text: string): readonly string[] {
  const { says, errors = [] } = JSON.parse(text) as Problem;
  return [says.title, says.detail, ...errors.map((error) => error.says)].flatMap((sentence) =>
    ['en', 'de', 'es']
      .map((language) => saying(speak(language).t, sentence))
      .filter((words) => /{{\w+}}|^(refusals|lists|ui)\.\w+\./.test(words)),
  );
}

/** Signing out ends the session that the other calls need; wrong passphrases slow everybody down; a stream stays open. */
const leftOut = new Set(['signOut', 'signIn', 'setUp']);
const called = endpoints.filter(([name, { kind }]) => !leftOut.has(name) && kind !== 'stream');

describe.each(called)('%s', (name, endpoint) => {
  it('has an answer, whatever is sent', { timeout: 300_000 }, async () => {
    const body: JsonSchema = (endpoint.kind === 'json' && (await bodyOf(endpoint))?.json) || {};
    await fc.assert(
      fc.asyncProperty(nearly(body), fc.array(segment, { maxLength: 3 }), async (sent, garbled) => {
        const method = endpoint.method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
        const asked = server.instructor[method](pathOf(endpoint, garbled));
        const { status, text } =
          method === 'get'
            ? await asked
            : await asked
                .set('Content-Type', 'application/json')
                .send(JSON.stringify(sent) ?? 'null');
        expect(status, text).toBeLessThan(500);
        if (status >= 400) expect(unsaid(text)).toEqual([]);
      }),
      { numRuns: runsOf(name, endpoint) },
    );
  });
});

describe('a body that is none', () => {
  beforeAll(async () => {
    // Among what was sent before are calls that give seats new links.
    workshop = (await server.instructor.get(`/api/workshops/${workshop.id}`).expect(200)).body;
  });
  const sent = (type: string, content: string | Buffer, encoding?: string) => {
    const asked = request(server.app)
      .post(`/api/seats/${workshop.seats[0]?.token}/events`)
      .set('Content-Type', type);
    if (encoding) asked.set('Content-Encoding', encoding);
    return asked.send(content);
  };

  it.each([
    ['broken gzip', 'application/json', Buffer.from([0x1f, 0x8b, 8, 0, 1, 2, 3]), 'gzip'],
    ['broken brotli', 'application/json', Buffer.from([1, 2, 3, 4]), 'br'],
    ['an encoding that nobody knows', 'application/json', '{}', 'x-own'],
    ['half of it', 'application/json', '{"events":[', undefined],
    [
      'a field that no object can have',
      'application/json',
      '{"__proto__":{"a":1},"events":[]}',
      undefined,
    ],
    [
      'nesting without end',
      'application/json',
      `{"events":${'['.repeat(20_000)}${']'.repeat(20_000)}}`,
      undefined,
    ],
    ['a form', 'application/x-www-form-urlencoded', 'events=1', undefined],
  ])('%s is the caller’s, not the server’s', async (_, type, content, encoding) => {
    const { status } = await sent(type, content, encoding);
    expect(status).toBeGreaterThanOrEqual(400);
    expect(status).toBeLessThan(500);
  });

  it.each([
    ['80,000 of nothing', { events: Array(60_000).fill({}) }],
    ['a list of lists', { events: Array(500).fill(Array(200).fill([])) }],
  ])('%s is counted before it is looked at', async (_, body) => {
    const text = JSON.stringify(body).slice(0, 250_000);
    const { status } = await sent(
      'application/json',
      text.endsWith('}') ? text : JSON.stringify({ events: Array(501).fill({}) }),
    );
    expect(status).toBe(422);
  });
});
