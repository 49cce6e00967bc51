import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { packedAs, testDatabase } from '../testing/testDatabase.ts';
import { openDatabase } from './database.ts';
import { lockFolder } from './lockFolder.ts';
import { migrate, migrationNames } from './migrate.ts';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ozzet-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

describe('the database', () => {
  it('is brought up to date once, and keeps its data', async () => {
    const first = await openDatabase(join(folder, 'postgres'), { packed: await packedAs('bare') });
    await migrate(first);
    await first.query(
      `insert into kit (id, name) values ('00000000-0000-4000-8000-000000000001', 'Kept')`,
    );
    await first.close();
    const second = await openDatabase(join(folder, 'postgres'));
    await migrate(second);
    expect(await second.query('select name from kit')).toEqual([{ name: 'Kept' }]);
    expect(await second.query('select name from migration order by name')).toEqual([
      { name: '001_start.sql' },
      { name: '002_kit_parts.sql' },
      { name: '003_stores.sql' },
      { name: '004_board.sql' },
      { name: '005_order.sql' },
      { name: '006_people.sql' },
      { name: '007_iron.sql' },
      { name: '008_versions.sql' },
      { name: '009_room.sql' },
      { name: '010_accounts.sql' },
      { name: '011_seat_links.sql' },
      { name: '012_packages.sql' },
      { name: '013_mounting.sql' },
      { name: '014_kit_shelf.sql' },
      { name: '015_drawers_removed.sql' },
      { name: '016_packing.sql' },
      { name: '017_pictures.sql' },
      { name: '018_currency.sql' },
      { name: '019_newer_fields.sql' },
      { name: '020_step_pictures.sql' },
      { name: '021_board_pictures.sql' },
      { name: '022_workshop_about.sql' },
      { name: '023_workshop_shelf.sql' },
      { name: '024_closing.sql' },
      { name: '025_seat_photo.sql' },
      { name: '026_room_plan.sql' },
      { name: '027_site_clock.sql' },
      { name: '028_conditions.sql' },
      { name: '029_told_together.sql' },
      { name: '030_figures.sql' },
      { name: '031_faults.sql' },
      { name: '032_circuit_notes.sql' },
      { name: '033_sharp_s.sql' },
    ]);
    await second.close();
  });

  it('keeps what was remembered of words with ß, of two the newer way of writing', async () => {
    const db = await testDatabase('bare');
    const folder = new URL('./migrations/', import.meta.url);
    const script = (name: string) => readFileSync(new URL(name, folder), 'utf8');
    const names = readdirSync(folder).sort();
    for (const name of names.slice(0, names.indexOf('033_sharp_s.sql')))
      await db.script(script(name));
    await db.script(`insert into remembered_family (wording, family) values
      ('gehäusefuß', 'rubber-foot'), ('weiß led', 'led-3mm'), ('weiss led', 'led-5mm')`);
    await db.script(script('033_sharp_s.sql'));
    expect(await db.query('select wording, family from remembered_family order by 1')).toEqual([
      { wording: 'gehäusefuss', family: 'rubber-foot' },
      { wording: 'weiss led', family: 'led-5mm' },
    ]);
  });

  it('carries older data over into the words of today', async () => {
    const db = await testDatabase('bare');
    const script = (name: string) =>
      readFileSync(new URL(`./migrations/${name}`, import.meta.url), 'utf8');
    await db.script(script('001_start.sql'));
    const kit = '00000000-0000-4000-8000-000000000001';
    const steps = [
      { id: 'a', kind: 'solder', parts: [{ family: 'led', inKit: true }] },
      { id: 'b', kind: 'check' },
    ];
    await db.script(`
      insert into kit (id, name) values ('${kit}', 'Old');
      insert into kit_revision (id, kit_id, number) values ('${kit}', '${kit}', 1);
      insert into part_line values ('${kit}', 0, '["D1"]', 1, 'led', '{"kind": "none"}', null, 'LED', false, 'sure');
      insert into remembered_mapping values ('ref|in kit', '{"designators": 0, "inKit": 1}');
      insert into workshop (id, title, revision_id, starts_at, length_minutes, steps)
        values ('${kit}', 'Old', '${kit}', now(), 60, '${JSON.stringify(steps)}');`);
    await db.script(script('002_kit_parts.sql'));
    expect(await db.query('select family, supply, lot_note from part_line')).toEqual([
      { family: 'led-5mm', supply: 'not-in-kit', lot_note: null },
    ]);
    expect(await db.query('select mapping from remembered_mapping')).toEqual([
      { mapping: { designators: 0, supply: 1 } },
    ]);
    expect(await db.query('select steps from workshop')).toEqual([
      {
        steps: [
          {
            id: 'a',
            kind: 'solder',
            parts: [{ family: 'led-5mm', supply: 'in-kit' }],
            cautions: [],
          },
          { id: 'b', kind: 'check' },
        ],
      },
    ]);
    for (const name of ['003_stores.sql', '004_board.sql', '005_order.sql']) {
      await db.script(script(name));
    }
    expect(await db.query('select steps from workshop')).toMatchObject([
      {
        steps: [
          { id: 'a', kind: 'solder', side: 'top', holding: [], lengths: [] },
          { id: 'b', kind: 'check', blocks: [], sees: null },
        ],
      },
    ]);
    await db.close();
  });

  it('keeps pictures behind boards like all others, by their content', async () => {
    const db = await testDatabase('bare');
    await migrate(
      db,
      migrationNames.filter((name) => name < '021'),
    );
    const [photo, layer, plain] = [1, 2, 3].map((n) => `00000000-0000-4000-8000-00000000000${n}`);
    const where = { widthPx: 4, heightPx: 2, mmPerPx: 0.5, xMm: 1, yMm: 2 };
    const board = (image: string) =>
      JSON.stringify({ v: 1, widthMm: 40, backdrop: { image, ...where } });
    const svg = '<svg xmlns="http://www.w3.org/2000/svg"/>';
    await db.script(`
      insert into kit (id, name) values ('${photo}', 'P'), ('${layer}', 'L'), ('${plain}', 'N');
      insert into kit_revision (id, kit_id, number, board) values
        ('${photo}', '${photo}', 1, '${board('data:image/png;base64,iVBORw==')}'),
        ('${layer}', '${layer}', 1, '${board(`data:image/svg+xml;base64,${Buffer.from(svg).toString('base64')}`)}'),
        ('${plain}', '${plain}', 1, '{"widthMm": 40}');`);
    await migrate(db);
    // SHA-256 of those bytes, by `sha256sum`.
    const hashOfPng = '0f4636c78f65d3639ece5a064b5ae753e3408614a14fb18ab4d7540d2c248543';
    const kept = await db.query<{ hash: string; media_type: string; bytes: Uint8Array }>(
      'select hash, media_type, bytes from picture order by media_type',
    );
    expect(kept.map(({ media_type }) => media_type)).toEqual(['image/png', 'image/svg+xml']);
    expect(kept[0]?.hash).toBe(hashOfPng);
    expect(Buffer.from(kept[1]?.bytes ?? []).toString()).toBe(svg);
    expect(await db.query('select board from kit_revision order by id')).toEqual([
      {
        board: {
          v: 1,
          widthMm: 40,
          pictures: [{ ...where, hash: kept[0]?.hash, side: 'top', what: 'photo' }],
        },
      },
      {
        board: {
          v: 1,
          widthMm: 40,
          pictures: [{ ...where, hash: kept[1]?.hash, side: 'top', what: 'print' }],
        },
      },
      { board: { widthMm: 40 } },
    ]);
    expect(await db.query('select kit_id from kit_step_picture order by kit_id')).toEqual([
      { kit_id: photo },
      { kit_id: layer },
    ]);
    await db.close();
  });

  it('keeps what was said of a circuit with the kit, no longer with its board', async () => {
    const db = await testDatabase('bare');
    await migrate(
      db,
      migrationNames.filter((name) => name < '032'),
    );
    const [said, plain, none] = [1, 2, 3].map((n) => `00000000-0000-4000-8000-00000000000${n}`);
    const circuit = { feed: 'bench', nets: [{ name: 'A', pins: ['R1.1', 'R2.1'] }] };
    await db.script(`
      insert into kit (id, name) values ('${said}', 'S'), ('${plain}', 'P'), ('${none}', 'N');
      insert into kit_revision (id, kit_id, number, board) values
        ('${said}', '${said}', 1, '${JSON.stringify({ v: 2, widthMm: 40, circuit })}'),
        ('${plain}', '${plain}', 1, '{"v": 2, "widthMm": 40}'), ('${none}', '${none}', 1, null);`);
    await migrate(db);
    expect(await db.query('select board, circuit_notes from kit_revision order by id')).toEqual([
      { board: { v: 2, widthMm: 40 }, circuit_notes: circuit },
      { board: { v: 2, widthMm: 40 }, circuit_notes: null },
      { board: null, circuit_notes: null },
    ]);
    await db.close();
  });

  it('makes accounts of the instructor and the helpers of before, with their sessions', async () => {
    const db = await testDatabase('bare');
    await migrate(
      db,
      migrationNames.filter((name) => name < '010'),
    );
    const [knot, gone] = [1, 2].map((n) => `00000000-0000-4000-8000-00000000000${n}`);
    await db.script(`
      insert into instructor (passphrase_hash) values ('hash of the instructor');
      insert into helper (id, name, passphrase_hash, left_at)
        values ('${knot}', 'Instructor', 'hash of a helper', null), ('${gone}', 'Ruff', 'x', now());
      insert into session (token_hash, expires_at, helper_id)
        values ('a', now() + interval '1 day', null), ('b', now() + interval '1 day', '${knot}');`);
    await migrate(db);
    const accounts = await db.query<{ name: string; role: string }>(
      `select name, role, passphrase_hash as hash from account where left_at is null order by role`,
    );
    // The name is taken by a helper.
    expect(accounts).toEqual([
      { name: 'Instructor', role: 'helper', hash: 'hash of a helper' },
      { name: 'The instructor', role: 'instructor', hash: 'hash of the instructor' },
    ]);
    expect(
      await db.query(
        `select token_hash, name from session join account on account.id = account_id order by token_hash`,
      ),
    ).toEqual([
      { token_hash: 'a', name: 'The instructor' },
      { token_hash: 'b', name: 'Instructor' },
    ]);
    await db.close();
  });

  it('does all of a transaction or nothing', async () => {
    const db = await testDatabase('empty');
    const insert = (name: string) =>
      `insert into kit (id, name) values (gen_random_uuid(), '${name}')`;
    await expect(
      db.transaction(async (tx) => {
        await tx.query(insert('half'));
        throw new Error('no');
      }),
    ).rejects.toThrow('no');
    expect(await db.query('select * from kit')).toEqual([]);
    await db.transaction((tx) => tx.query(insert('whole')));
    expect(await db.query('select name from kit')).toEqual([{ name: 'whole' }]);
    await db.close();
  });
});

describe('a data folder', () => {
  const lockFile = () => join(folder, 'in-use-by.pid');

  const other = (changes: object) => {
    lockFolder(folder);
    const own = JSON.parse(readFileSync(lockFile(), 'utf8'));
    writeFileSync(lockFile(), JSON.stringify({ ...own, ...changes }));
  };
  const alive = { pid: process.ppid };

  it('of another container counts while it is touched, whatever its number', () => {
    other({ pid: process.pid, processes: 'pid:[1]', host: 'other' });
    expect(() => lockFolder(folder)).toThrow(/in another container or on another computer/);
    const before = new Date(Date.now() - 60_000);
    utimesSync(lockFile(), before, before);
    lockFolder(folder)();
  });

  it('of before a reboot is nobody’s, though its number lives again', () => {
    other({ ...alive, boot: 'another boot' });
    lockFolder(folder)();
  });

  it('whose number was given to another program since is nobody’s', () => {
    other({ ...alive, started: '1' });
    lockFolder(folder)();
  });

  it('that came along with a copy of the folder is nobody’s', () => {
    other({ ...alive, started: null, folder: '1:1' });
    lockFolder(folder)();
  });

  it('of a program that lives is refused by its number', () => {
    other({ ...alive, started: null });
    expect(() => lockFolder(folder)).toThrow(`in use by process ${process.ppid}. Stop it`);
  });

  it('is held by one process and free again afterwards', () => {
    const unlock = lockFolder(folder);
    expect(JSON.parse(readFileSync(lockFile(), 'utf8'))).toMatchObject({ pid: process.pid });
    unlock();
    lockFolder(folder)();
  });

  it('held by a living process is refused with the way out', () => {
    writeFileSync(lockFile(), String(process.ppid));
    expect(() => lockFolder(folder)).toThrow(/in use by process .* OZZET_DATA/);
  });

  it('whose process has died is taken over', () => {
    const { pid } = spawnSync(process.execPath, ['-e', '']);
    writeFileSync(lockFile(), String(pid));
    lockFolder(folder)();
  });

  it('with a lock that says nothing is taken over', () => {
    writeFileSync(lockFile(), '');
    lockFolder(folder)();
  });
});
