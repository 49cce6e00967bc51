import type { IncomingMessage } from 'node:http';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Access, AnyEndpoint } from '#contract/endpoint';
import { endpoints } from '#contract/endpoints';
import type { Workshop } from '#contract/workshops';
import { helperAt, makeWorkshop, type TestServer, testServer } from '../testing/testServer.ts';

type Agent = TestServer['instructor'];
type Caller = 'anybody' | 'helper' | 'instructor';

let server: TestServer;
let workshop: Workshop;
let agents: Readonly<Record<Caller, Agent>>;

beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server);
  const { agent: helper } = await helperAt(server);
  agents = { anybody: request.agent(server.app), helper, instructor: server.instructor };
});
afterAll(() => server.db.close());

/** Ids that exist where they can, so that a call that gets through the door finds something. */
const pathOf = ({ path }: AnyEndpoint, token: string) =>
  path
    .replace(':workshopId', workshop.id)
    .replace(':kitId', workshop.kitId)
    .replace(':seatId', workshop.seats[0]?.id ?? '')
    .replace(':token', token)
    .replace(':paper', 'count-sheet')
    .replace(':format', 'csv')
    .replace(/:\w+/g, '00000000-0000-4000-8000-000000000000');

/** The same address as a router that is not strict about letters and slashes takes it. */
const ways = {
  'as it is': (path: string) => path,
  'in upper case': (path: string) =>
    path.replace('/api', '/API').replace(/\/[a-z-]+(?=\/|$)/g, (part) => part.toUpperCase()),
  'with a slash behind it': (path: string) => `${path}/`,
} as const;

const call = (agent: Agent, { method, kind }: AnyEndpoint, path: string) => {
  const sent = agent[method.toLowerCase() as 'get' | 'post' | 'put' | 'delete'](path);
  // A stream stays open: what counts is whether it opens.
  return kind === 'stream'
    ? sent.buffer(false).parse((response, done) => {
        (response as unknown as IncomingMessage).destroy();
        done(null, undefined);
      })
    : sent;
};

const mayPass: Readonly<Record<Access, readonly Caller[]>> = {
  public: ['anybody', 'helper', 'instructor'],
  seat: ['anybody', 'helper', 'instructor'],
  helper: ['helper', 'instructor'],
  instructor: ['instructor'],
};

/** What ends the session or the owner's evening is called by nobody here. */
const leftOut = new Set(['signOut', 'setUp', 'signIn']);
/** Answered for an evening that does not exist: the door is the same, and nothing has to be set in pages. */
const takesSeconds = new Set(['eveningPapers']);
const called = endpoints.filter(([name]) => !leftOut.has(name));

// First: so many wrong links, and no more are answered for a while.
describe('a seat', () => {
  it.each(endpoints.filter(([, { access }]) => access === 'seat'))(
    '%s opens to its own token alone',
    async (_, endpoint) => {
      const { status } = await call(agents.instructor, endpoint, pathOf(endpoint, 'no-such-token'));
      expect(status).toBe(404);
    },
  );
});

describe.each(Object.entries(ways))('every endpoint %s', (_, way) => {
  it.each(called)('%s lets in whom its record names, and nobody else', async (name, endpoint) => {
    const known = takesSeconds.has(name)
      ? { ...endpoint, path: endpoint.path.replace(':workshopId', ':unknown') }
      : endpoint;
    const path = way(pathOf(known, workshop.seats[0]?.token ?? ''));
    for (const [caller, agent] of Object.entries(agents) as [Caller, Agent][]) {
      const { status } = await call(agent, endpoint, path);
      const refused = status === 401 || status === 403;
      expect(refused, `${caller} gets ${status}`).toBe(!mayPass[endpoint.access].includes(caller));
    }
  });
});

it('what no record names is answered by nobody', async () => {
  for (const path of ['/api', '/api/', '/api/anything', '/api/kits/1/2/3/4']) {
    expect((await agents.instructor.get(path)).status).toBe(404);
  }
});
