import Ajv2020 from 'ajv/dist/2020.js';
import { unzipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { emptyDocument } from '#contract/kitDocument';
import { kitFileSchema } from '#contract/kitFileSchema';
import { emptyBoard } from '#core/board/board';
import { openKitFile } from '#core/kitfile/kitFile';
import { changeKitTo, makeKit, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const bytesOf = async (id: string): Promise<Uint8Array> => {
  const { body } = await server.instructor
    .get(`/api/kits/${id}/kit-file`)
    .buffer(true)
    .parse((response, done) => {
      const chunks: Buffer[] = [];
      response.on('data', (chunk: Buffer) => chunks.push(chunk));
      response.on('end', () => done(null, Buffer.concat(chunks)));
    })
    .expect(200);
  return new Uint8Array(body as Buffer);
};
const fileOf = async (id: string) => {
  const read = openKitFile(await bytesOf(id));
  if (!read.ok) throw new Error(read.problem.says);
  return read.value;
};
const take = (document: unknown) =>
  server.instructor.post('/api/kits/from-document').send({ document });

/** One red dot (PNG). */
const pixel =
  'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==';
const empty = emptyDocument('From nothing');

describe('a kit in one file', () => {
  it('of a newer version keeps what this one does not know, wherever it stands', async () => {
    const document = await fileOf(await makeKit(server, 'Of tomorrow'));
    const [line, ...lines] = document.lines as readonly Record<string, unknown>[];
    const newer = {
      ...document,
      name: 'From tomorrow',
      version: 2,
      moods: ['calm'],
      lines: [{ ...line, seenBy: 'two' }, ...lines],
      order: { ...(document.order as object), rhythm: 3 },
    };
    const { body } = await take(newer).expect(200);
    const { pictures: _, ...out } = await fileOf(body.id);
    const { pictures: __, ...sent } = newer as typeof newer & { pictures?: unknown };
    expect(out).toEqual(sent);
    // Of this version nobody means a field that is not there.
    await take({ ...newer, name: 'A slip', version: 1 }).expect(422);
  });

  it('goes out, comes in on another site, and is the same there', async () => {
    const id = await makeKit(server, 'To hand on');
    await server.instructor
      .put(`/api/kits/${id}/errata`)
      .send({ version: 1, errata: [{ designators: ['R1'], text: 'R1 is printed twice.' }] })
      .expect(200);
    for (const purpose of ['card', 'sheet']) {
      await server.instructor
        .put(`/api/kits/${id}/pictures/${purpose}`)
        .send({ image: pixel, alt: `The ${purpose}` })
        .expect(200);
    }
    const { body: kept } = await server.instructor
      .post(`/api/kits/${id}/step-pictures`)
      .send({ image: pixel })
      .expect(200);
    const ring = { sort: 'ring', from: { x: 0.2, y: 0.2 }, to: { x: 0.5, y: 0.5 } };
    const shown = { ...kept, widthPx: 1, heightPx: 1, alt: { en: 'A dot' }, marks: [ring] };
    const { body: before } = await server.instructor.get(`/api/kits/${id}`);
    const own = {
      changed: [{ at: 'R1', words: { pictures: [shown] }, basis: '' }],
      added: [],
      hidden: [],
    };
    await changeKitTo(server, before, { order: { ...before.order, own } }).expect(200);
    const document = await fileOf(id);
    const other = await testServer();
    const { body } = await other.instructor
      .post('/api/kits/from-document')
      .send({ document })
      .expect(200);
    const [here, there] = [
      (await server.instructor.get(`/api/kits/${id}`)).body,
      (await other.instructor.get(`/api/kits/${body.id}`)).body,
    ];
    for (const part of ['name', 'lines', 'errata', 'board', 'order', 'supplyVolt']) {
      expect(there[part]).toEqual(here[part]);
    }
    expect(there.about.pictures).toEqual(here.about.pictures);
    expect(Object.keys(there.about.pictures).sort()).toEqual(['card', 'sheet']);
    const { body: dot } = await other.instructor.get(`/api/pictures/${kept.hash}`).expect(200);
    expect(`data:image/png;base64,${dot.toString('base64')}`).toBe(pixel);
    await other.db.close();
  });

  it('has the pictures of its board with it, and the one picture of older files is among them', async () => {
    const id = await makeKit(server, 'Photographed');
    const { body: photo } = await server.instructor
      .post(`/api/kits/${id}/step-pictures`)
      .send({ image: pixel })
      .expect(200);
    const layer = '%FSLAX46Y46*%%MOMM*%%ADD10C,0.2*%D10*X0Y0D02*X20000000Y10000000D01*M02*';
    const { body: copper } = await server.instructor
      .post(`/api/kits/${id}/gerber-picture`)
      .send({ text: layer, what: 'copper' })
      .expect(200);
    const where = { widthPx: 1, heightPx: 1, mmPerPx: 30, xMm: 0, yMm: 0 };
    const pictures = [
      { side: 'bottom', what: 'photo', hash: photo.hash, ...where },
      { side: 'top', what: 'copper', hash: copper.hash, ...where },
    ];
    const cables = [
      {
        name: 'Lead',
        mm: null,
        through: '',
        cores: [{ colour: 'red', from: 'BT1 +', to: 'plug' }],
      },
    ];
    const board = { ...emptyBoard(40, 30, 'printed'), pictures, cables };
    await server.instructor.put(`/api/kits/${id}/board`).send({ version: 1, board }).expect(200);
    const document = await fileOf(id);
    const other = await testServer();
    const { body } = await other.instructor
      .post('/api/kits/from-document')
      .send({ document })
      .expect(200);
    const { body: there } = await other.instructor.get(`/api/kits/${body.id}`);
    expect(there.board).toEqual(board);
    const drawn = await other.instructor.get(`/api/pictures/${copper.hash}`).expect(200);
    expect(drawn.headers['content-type']).toMatch(/svg/);

    const older = {
      ...emptyDocument('From before'),
      board: emptyBoard(40, 30, 'printed'),
      backdrop: { image: pixel, ...where },
    };
    const { body: old } = await other.instructor
      .post('/api/kits/from-document')
      .send({ document: older })
      .expect(200);
    const { body: carried } = await other.instructor.get(`/api/kits/${old.id}`);
    expect(carried.board.pictures).toEqual([
      { side: 'top', what: 'photo', hash: photo.hash, ...where },
    ]);
    await other.db.close();
  });

  it('with another picture under the name of one is refused whole', async () => {
    const { body } = await take({
      ...emptyDocument('With another picture'),
      stepPictures: [{ hash: '0'.repeat(64), image: pixel }],
    }).expect(422);
    expect(body.errors[0].field).toBe('document.stepPictures[0].image');
  });

  it('with a picture that is none is refused whole', async () => {
    const image = 'data:image/png;base64,PHNjcmlwdD4=';
    const { body } = await take({
      ...emptyDocument('With no picture'),
      pictures: { card: { image, alt: '' } },
    }).expect(422);
    expect(body.errors[0].field).toBe('document.pictures.card.image');
    const { body: kits } = await server.instructor.get('/api/kits').expect(200);
    expect(kits.map(({ name }: { name: string }) => name)).not.toContain('With no picture');
  });

  it('keeps what a newer version wrote, and writes it again', async () => {
    const { body } = await take({ ...empty, name: 'Newer', weather: { nets: 3 } }).expect(200);
    expect(await fileOf(body.id)).toMatchObject({ name: 'Newer', weather: { nets: 3 } });
  });

  it('has what is said of a circuit, which older files have at their board', async () => {
    const circuitNotes = { nets: [{ name: 'A', pins: ['R1.1', 'R2.1'] }] };
    const board = emptyBoard(40, 30, 'printed');
    const older = { ...empty, name: 'Older', board: { ...board, circuit: circuitNotes } };
    const { body } = await take(older).expect(200);
    expect(await fileOf(body.id)).toMatchObject({ board, circuitNotes });
    const loose = await take({ ...empty, name: 'Loose', circuitNotes }).expect(200);
    expect(await fileOf(loose.body.id)).toMatchObject({ board: null, circuitNotes });
  });

  it('may be empty: the parts are added by hand', async () => {
    const { body } = await take(empty).expect(200);
    const kit = await server.instructor.get(`/api/kits/${body.id}`).expect(200);
    expect(kit.body.lines).toEqual([]);
    await server.instructor.get('/api/kits').expect(200);
    await server.instructor.get(`/api/kits/${body.id}/papers/parts-sheet.pdf`).expect(200);
  });

  it('names the field that is wrong, and makes nothing', async () => {
    const line = { confidence: 'sure', part: { designators: ['R1'], quantity: 2 } };
    const { body } = await take({ ...empty, name: 'Wrong', lines: [line] }).expect(422);
    expect(body.errors[0].field).toMatch(/^document\.lines\[0\]\.part\./);
    const taken = await take(empty).expect(422);
    expect(taken.body.errors[0].field).toBe('name');
    const { body: kits } = await server.instructor.get('/api/kits');
    expect(kits.map(({ name }: { name: string }) => name)).not.toContain('Wrong');
  });

  it('refuses a place that two lines have', async () => {
    const part = {
      designators: ['R1'],
      quantity: 1,
      family: 'resistor-axial',
      value: { kind: 'amount', unit: 'ohm', amount: 470 },
      description: '470',
      supply: 'in-kit',
    };
    const lines = [part, part].map((one) => ({ confidence: 'sure', part: one }));
    const { body } = await take({ ...empty, name: 'Twice', lines }).expect(422);
    expect(body.errors[0].field).toMatch(/^document\.lines\[\d\]/);
  });

  it('is as the published schema says, checked by a validator of others', async () => {
    const matches = new Ajv2020({ strict: false }).compile(kitFileSchema);
    const id = await makeKit(server, 'By the schema');
    const files = unzipSync(await bytesOf(id));
    const document = JSON.parse(new TextDecoder().decode(files['kit.json']));
    expect(matches(document)).toBe(true);
    expect(matches({ ...document, lines: [{ part: {} }] })).toBe(false);
    expect(matches({ ...document, format: 'recipe' })).toBe(false);
  });
});
