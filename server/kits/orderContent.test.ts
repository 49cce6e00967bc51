import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Kit } from '#contract/kits';
import { type OrderSettings, usualSettings } from '#core/order/settings';
import {
  changeKitTo,
  makeKit,
  stepsOf,
  type TestServer,
  testServer,
} from '../testing/testServer.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const kitOf = async (id: string): Promise<Kit> =>
  (await server.instructor.get(`/api/kits/${id}`).expect(200)).body;
const newKit = async (name: string) => kitOf(await makeKit(server, name));
const placesOf = (kit: Kit) =>
  stepsOf(kit).map((step) =>
    step.kind === 'check' ? step.id : step.parts.flatMap((part) => part.designators).join(' '),
  );

describe('the order of a kit', () => {
  it('is lowest first, one value at a time, until somebody wants it otherwise', async () => {
    const kit = await newKit('Usual');
    expect(kit.order).toEqual(usualSettings);
  });

  it('is kept word for word, and the steps follow it', async () => {
    const kit = await newKit('Turned');
    const reversed = [...placesOf(kit)].reverse();
    const order: OrderSettings = {
      ...usualSettings,
      styles: ['by-sheet', 'lowest-first'],
      batch: { kind: 'pieces', most: 4 },
      checks: 'blocks',
      access: { coneDegrees: 25, clearanceMm: 0.5 },
      blocks: [{ name: 'Lamp', places: ['D1'], test: 'It lights.' }],
      arrangement: stepsOf(kit).map((step) =>
        step.kind === 'check' ? [step.id] : step.parts.flatMap((part) => part.designators),
      ),
      exceptions: [
        { rule: 'far-side-last', before: 'R1', after: 'D1', reason: 'It stands in a jig.' },
      ],
    };
    await changeKitTo(server, kit, { order }).expect(200);
    const after = await kitOf(kit.id);
    expect(after.order).toEqual(order);
    const turned = { ...order, arrangement: [...(order.arrangement ?? [])].reverse() };
    await changeKitTo(server, after, { order: turned }).expect(200);
    const turnedPlaces = placesOf(await kitOf(kit.id));
    expect(turnedPlaces.filter((one) => !one.startsWith('check'))).toEqual(
      reversed.filter((one) => !one.startsWith('check')),
    );
  });

  it('belongs to the revision: a workshop keeps the steps that it was planned on', async () => {
    const kit = await newKit('In use');
    const { body: planned } = await server.instructor
      .post('/api/workshops')
      .send({
        title: 'An evening',
        kitId: kit.id,
        startsAt: '2026-03-05T18:30:00Z',
        lengthMinutes: 120,
        seats: [{ name: 'Tern' }],
      })
      .expect(200);
    const order = { ...kit.order, batch: { kind: 'pieces', most: 1 } };
    const { body } = await changeKitTo(server, kit, { order }).expect(200);
    expect(body).toMatchObject({ revision: 2, isNew: true });
    const { body: workshop } = await server.instructor.get(`/api/workshops/${planned.id}`);
    expect(workshop.steps).toEqual(stepsOf(kit));
    expect(stepsOf(await kitOf(kit.id))).not.toEqual(stepsOf(kit));
  });

  it('has the instructor’s own words, which go to seats without their notes, and into the kit file', async () => {
    const kit = await newKit('In own words');
    const [first, second] = stepsOf(kit);
    const placeOf = (step: typeof first) =>
      step && step.kind !== 'check' ? (step.parts[0]?.designators[0] ?? '') : '';
    const words = { title: { en: 'Ours', de: 'Unseres' }, note: { en: 'Hush' }, minutes: 3 };
    const own = {
      changed: [{ at: placeOf(first), words, basis: 'something else' }],
      added: [{ id: 'tea', sort: 'break', after: placeOf(first), words: { title: { en: 'Tea' } } }],
      hidden: (second && second.kind !== 'check' ? second.parts : []).flatMap(({ designators }) =>
        designators.map((at) => ({ at, reason: 'At home.' })),
      ),
    };
    await changeKitTo(server, kit, { order: { ...kit.order, own } }).expect(200);
    const steps = stepsOf(await kitOf(kit.id));
    expect(steps[0]).toMatchObject({ minutes: 3, own: { words, isStale: true } });
    expect(steps[1]).toMatchObject({ id: 'own-tea', kind: 'own', minutes: 10 });
    const { body } = await server.instructor
      .post('/api/workshops')
      .send({
        title: 'In own words',
        kitId: kit.id,
        startsAt: '2026-03-05T18:30:00Z',
        lengthMinutes: 120,
        seats: [{ name: 'Tern' }],
      })
      .expect(200);
    const { body: workshop } = await server.instructor.get(`/api/workshops/${body.id}`);
    expect(workshop.steps.map(({ id }: { id: string }) => id)).not.toContain(second?.id);
    expect(JSON.stringify(workshop.steps)).toContain('Hush');
    const { text } = await server.instructor.get(`/api/seats/${workshop.seats[0].token}`);
    expect(text).toContain('Unseres');
    expect(text).not.toContain('Hush');
  });

  it.each([
    [
      'own words in no language',
      {
        own: {
          changed: [{ at: 'R1', words: { title: { english: 'x' } }, basis: '' }],
          added: [],
          hidden: [],
        },
      },
      'own.changed[0].words.title',
      'by its languages',
    ],
    [
      'a step left out without a reason',
      { own: { changed: [], added: [], hidden: [{ at: 'R1', reason: ' ' }] } },
      'own.hidden[0].reason',
      'why',
    ],
    ['no style', { styles: [] }, 'styles', 'at least one style'],
    ['a style twice', { styles: ['by-sheet', 'by-sheet'] }, 'styles', 'once'],
    ['a style that is none', { styles: ['by-moonlight'] }, 'styles[0]', 'not known'],
    [
      'half a part at a time',
      { batch: { kind: 'pieces', most: 1.5 } },
      'batch.most',
      'whole number',
    ],
    [
      'an iron lying flat',
      { access: { coneDegrees: 80, clearanceMm: 1 } },
      'access.coneDegrees',
      '0 to 60',
    ],
    [
      'two blocks of one name',
      { blocks: [1, 2].map(() => ({ name: 'A', places: ['R1'], test: null })) },
      'blocks',
      'name of its own',
    ],
    ['a part in two steps', { arrangement: [['R1'], ['R1']] }, 'arrangement', 'two steps'],
    [
      'a rule broken without a reason',
      { exceptions: [{ rule: 'battery-last', before: 'R1', after: 'BT1', reason: '' }] },
      'exceptions[0].reason',
      'why',
    ],
  ])('%s is refused with the field, and nothing is half-written', async (_, wrong, field, says) => {
    const kit = await newKit(`Refused ${field} ${says}`);
    const { body } = await changeKitTo(server, kit, { order: { ...kit.order, ...wrong } }).expect(
      422,
    );
    const problem = body.errors.find((one: { field: string }) => one.field === `order.${field}`);
    expect(problem?.message, JSON.stringify(body.errors)).toMatch(new RegExp(says, 'i'));
    expect((await kitOf(kit.id)).order).toEqual(kit.order);
  });
});
