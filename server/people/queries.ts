import type { Experience } from '#core/pace/experience';
import type { Queryable } from '../db/database.ts';

export async function selectLearnerByName(
  db: Queryable,
  name: string,
): Promise<string | undefined> {
  const [row] = await db.query<{ id: string }>(
    'select id from learner where lower(name) = lower($1) and erased_at is null',
    [name],
  );
  return row?.id;
}

export async function insertLearner(tx: Queryable, id: string, name: string): Promise<void> {
  await tx.query('insert into learner (id, name) values ($1, $2)', [id, name]);
}

/** What was said of a learner's experience at the last workshop. */
export async function selectLastExperience(
  db: Queryable,
  learnerId: string,
): Promise<Experience | undefined> {
  const [row] = await db.query<{ experience: Experience }>(
    `select experience from seat join workshop on workshop.id = workshop_id
      where learner_id = $1 order by starts_at desc limit 1`,
    [learnerId],
  );
  return row?.experience;
}

export interface StoredLearner {
  readonly id: string;
  readonly name: string;
  readonly keepsPage: boolean;
}

/** Everybody with a seat at some workshop, by name. */
export const selectLearners = (db: Queryable): Promise<StoredLearner[]> =>
  db.query<StoredLearner>(
    `select id, name, keeps_page as "keepsPage" from learner
      where erased_at is null and exists (select 1 from seat where learner_id = learner.id)
      order by lower(name)`,
  );

export async function selectLearner(db: Queryable, id: string): Promise<StoredLearner | undefined> {
  const [row] = await db.query<StoredLearner>(
    'select id, name, keeps_page as "keepsPage" from learner where id = $1 and erased_at is null',
    [id],
  );
  return row;
}

/** Whoever lost their seat by a change and has nothing else here is not kept: nobody could find them to erase them. */
export async function forgetUnseated(tx: Queryable): Promise<void> {
  await tx.query(
    `delete from learner
      where erased_at is null and not exists (select 1 from seat where learner_id = learner.id)`,
  );
}

export async function updateKeepsPage(
  db: Queryable,
  id: string,
  keepsPage: boolean,
): Promise<void> {
  await db.query('update learner set keeps_page = $2 where id = $1', [id, keepsPage]);
}

/** The seats that a learner had. */
export async function selectSeatsOfLearner(db: Queryable, id: string): Promise<string[]> {
  const rows = await db.query<{ id: string }>('select id from seat where learner_id = $1', [id]);
  return rows.map((row) => row.id);
}

/**
 * Takes the name away wherever it stands: at the seats, in what everybody of those evenings was told, and in their
 * checklists. The seats and their logs stay without one.
 */
export async function eraseLearner(tx: Queryable, id: string, name: string): Promise<void> {
  const evenings = 'select workshop_id from seat where learner_id = $1';
  // As a word of its own, whatever its case (PostgreSQL manual, 9.7.3).
  const escaped = name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
  // Of a double name it is only a part: that is somebody else.
  const word = `(?<![[:alnum:]]|[[:alnum:]]-)${escaped}(?![[:alnum:]]|-[[:alnum:]])`;
  // The log is append-only by a trigger; what is a person's right comes before it, inside this transaction only.
  await tx.query('alter table build_event disable trigger build_event_append_only');
  await tx.query(
    `update build_event
        set deed = jsonb_set(deed, '{text}', to_jsonb(regexp_replace(deed ->> 'text', $2, '…', 'gi')))
      where kind in ('notice', 'message') and workshop_id in (${evenings}) and deed ->> 'text' ~* $2`,
    [id, word],
  );
  // What was said by them or written about them is theirs.
  await tx.query(
    `update build_event set deed = jsonb_set(deed, '{text}', '"…"')
      where kind in ('note', 'feedback', 'help-asked') and coalesce(deed ->> 'text', '') <> ''
        and seat_id in (select id from seat where learner_id = $1)`,
    [id],
  );
  await tx.query(
    `update build_event set deed = jsonb_set(deed, '{deed,text}', '"…"')
      where kind = 'amended' and coalesce(deed #>> '{deed,text}', '') <> ''
        and seat_id in (select id from seat where learner_id = $1)`,
    [id],
  );
  await tx.query('alter table build_event enable trigger build_event_append_only');
  await tx.query(
    `update checklist_sign set signed_by = '…'
      where workshop_id in (${evenings}) and lower(signed_by) = lower($2)`,
    [id, name],
  );
  await tx.query(
    'delete from seat_photo where seat_id in (select id from seat where learner_id = $1)',
    [id],
  );
  await tx.query(`update seat set name = '' where learner_id = $1`, [id]);
  await tx.query(`update learner set name = '', erased_at = now() where id = $1`, [id]);
}

/** Takes what was overwritten off the disk as well: dead rows, and the log that they were written ahead in. */
export async function scrub(db: Queryable): Promise<void> {
  for (const table of ['seat', 'learner', 'build_event', 'checklist_sign', 'seat_photo']) {
    await db.query(`vacuum full ${table}`);
  }
  // Twice: the checkpoint before the last one is what decides which files of the log go (manual, 28.5).
  for (let turn = 0; turn < 2; turn += 1) {
    await db.query('select pg_switch_wal()');
    await db.query('checkpoint');
  }
}

export async function selectKeepPeopleMonths(db: Queryable): Promise<number | null> {
  const [row] = await db.query<{ months: number | null }>(
    'select keep_people_months as months from site',
  );
  return row?.months ?? null;
}

export async function updateKeepPeopleMonths(db: Queryable, months: number | null): Promise<void> {
  await db.query('update site set keep_people_months = $1', [months]);
}

/** Those whose last evening is longer ago than so many months; whoever keeps a page of their own stays. */
export const selectDue = (db: Queryable, months: number, now: Date): Promise<StoredLearner[]> =>
  db.query<StoredLearner>(
    `select id, name, keeps_page as "keepsPage" from learner
      where erased_at is null and not keeps_page
        and (select max(starts_at) from seat join workshop on workshop.id = workshop_id where learner_id = learner.id)
            < $2::timestamptz - $1 * interval '1 month'
      order by lower(name)`,
    [months, now.toISOString()],
  );
