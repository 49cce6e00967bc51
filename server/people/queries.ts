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
}

/** Everybody with a seat at some workshop, by name. */
export const selectLearners = (db: Queryable): Promise<StoredLearner[]> =>
  db.query<StoredLearner>(
    `select id, name from learner
      where erased_at is null and exists (select 1 from seat where learner_id = learner.id)
      order by lower(name)`,
  );

export async function selectLearner(db: Queryable, id: string): Promise<StoredLearner | undefined> {
  const [row] = await db.query<StoredLearner>(
    'select id, name from learner where id = $1 and erased_at is null',
    [id],
  );
  return row;
}

/** Takes the name away wherever it stands; the seats and their logs stay without one. */
export async function eraseLearner(tx: Queryable, id: string): Promise<void> {
  await tx.query(`update seat set name = '' where learner_id = $1`, [id]);
  await tx.query(`update learner set name = '', erased_at = now() where id = $1`, [id]);
}
