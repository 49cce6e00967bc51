import type { KitEvening } from '#contract/kitShelf';
import { removedKeptDays } from '#contract/kitShelf';
import type { KeptPicture } from '#contract/pictures';
import type { Queryable } from '../../db/database.ts';
import { deleteUnshown } from '../../pictures/queries.ts';

/** What the list of kits says of one beside what is in it. */
export interface Shelved {
  readonly picture: KeptPicture | null;
  readonly description: string;
  readonly tags: readonly string[];
  readonly archivedAt: string | null;
  /** Evenings planned with any of its revisions. */
  readonly workshops: number;
  /** When the latest of them begins or began; null where there is none. */
  readonly lastWorkshopAt: string | null;
}

export async function selectShelf(db: Queryable): Promise<ReadonlyMap<string, Shelved>> {
  const rows = await db.query<{
    id: string;
    picture: KeptPicture | null;
    description: string;
    tags: string[];
    archived_at: Date | null;
    workshops: number;
    last_at: Date | null;
  }>(
    `select kit.id, description, tags,
            (select jsonb_build_object('hash', hash, 'alt', alt) from kit_picture
              where kit_picture.kit_id = kit.id and purpose = 'card') as picture,
            archived_at, count(workshop.id)::int as workshops, max(starts_at) as last_at
       from kit left join kit_revision on kit_id = kit.id left join workshop on revision_id = kit_revision.id
            and workshop.removed_at is null
      where kit.removed_at is null group by kit.id`,
  );
  return new Map(
    rows.map(({ id, archived_at, last_at, ...rest }) => [
      id,
      {
        picture: rest.picture,
        description: rest.description,
        tags: rest.tags,
        workshops: rest.workshops,
        archivedAt: archived_at?.toISOString() ?? null,
        lastWorkshopAt: last_at?.toISOString() ?? null,
      },
    ]),
  );
}

/** What a kit of that name is called, whoever has it; removed ones do not hold theirs. */
export async function isNameTaken(tx: Queryable, name: string, except: string): Promise<boolean> {
  const rows = await tx.query(
    'select id from kit where lower(name) = lower($1) and id <> $2 and removed_at is null',
    [name, except],
  );
  return rows.length > 0;
}

interface About {
  readonly name: string;
  readonly description: string;
  readonly tags: readonly string[];
}

/** @returns the new version; undefined where somebody else was first, or there is no such kit */
export async function updateAbout(
  tx: Queryable,
  kitId: string,
  basedOn: number,
  { name, description, tags }: About,
): Promise<number | undefined> {
  const [row] = await tx.query<{ version: number }>(
    `update kit set name = $3, description = $4, tags = array(select jsonb_array_elements_text($5::jsonb)),
            about_version = about_version + 1
      where id = $1 and about_version = $2 and removed_at is null returning about_version as version`,
    [kitId, basedOn, name, description, JSON.stringify(tags)],
  );
  return row?.version;
}

/** @returns false where there is no such kit */
export async function setArchived(
  db: Queryable,
  kitId: string,
  archived: boolean,
): Promise<boolean> {
  const rows = await db.query(
    `update kit set archived_at = case when $2 then coalesce(archived_at, now()) end
      where id = $1 and removed_at is null returning id`,
    [kitId, archived],
  );
  return rows.length === 1;
}

export async function markRemoved(tx: Queryable, kitId: string): Promise<void> {
  await tx.query('update kit set removed_at = now() where id = $1', [kitId]);
}

/** @returns the name of the kit that was removed; undefined where there is none to bring back */
export async function removedName(tx: Queryable, kitId: string): Promise<string | undefined> {
  const [row] = await tx.query<{ name: string }>(
    'select name from kit where id = $1 and removed_at is not null',
    [kitId],
  );
  return row?.name;
}

export async function unmarkRemoved(tx: Queryable, kitId: string): Promise<void> {
  await tx.query('update kit set removed_at = null where id = $1', [kitId]);
}

/** Of all revisions, the latest first. */
export async function selectEvenings(db: Queryable, kitId: string): Promise<KitEvening[]> {
  const rows = await db.query<{
    id: string;
    title: string;
    starts_at: Date;
    revision: number;
    seats: number;
    next_time: string;
  }>(
    `select workshop.id, title, starts_at, kit_revision.number as revision, next_time,
            (select count(*)::int from seat where workshop_id = workshop.id and removed_at is null) as seats
       from workshop join kit_revision on kit_revision.id = revision_id
      where kit_id = $1 and removed_at is null order by starts_at desc`,
    [kitId],
  );
  return rows.map(({ id, starts_at, next_time, ...rest }) => ({
    workshopId: id,
    nextTime: next_time,
    startsAt: starts_at.toISOString(),
    title: rest.title,
    revision: rest.revision,
    seats: rest.seats,
  }));
}

/** Deletes for good what was removed long enough ago. */
export async function deleteRemoved(tx: Queryable): Promise<void> {
  const due = `select id from kit where removed_at < now() - make_interval(days => ${removedKeptDays})`;
  const revisions = `select id from kit_revision where kit_id in (${due})`;
  await tx.query(`delete from part_line where revision_id in (${revisions})`);
  await tx.query(`delete from erratum where revision_id in (${revisions})`);
  await tx.query(`delete from incoming_reading where kit_id in (${due})`);
  await tx.query(`delete from kit_revision where kit_id in (${due})`);
  await tx.query(`delete from kit_picture where kit_id in (${due})`);
  await tx.query(`delete from kit_step_picture where kit_id in (${due})`);
  await tx.query(`delete from kit where id in (${due})`);
  await deleteUnshown(tx);
}
