import { said } from '#core/learning/said';
import { basedOnVersion } from './basedOn.ts';
import { endpoint } from './endpoint.ts';
import { flag, trimmed, trimmedOrEmpty } from './leaves.ts';
import type { KitPictures } from './pictures.ts';
import { fields, list } from './schema.ts';

/** What a kit is called and filed under; the same for all its revisions. */
export interface KitAbout {
  readonly description: string;
  readonly tags: readonly string[];
  /** When it was put away; null while it is in use. */
  readonly archivedAt: string | null;
  /** Raised by every change; a change made from an older one is refused. */
  readonly version: number;
  readonly pictures: KitPictures;
}

/** An evening that a kit is built at. */
export interface KitEvening {
  readonly workshopId: string;
  readonly title: string;
  readonly startsAt: string;
  readonly revision: number;
  readonly seats: number;
  /** What is to be different next time; empty where nobody has written anything. */
  readonly nextTime: string;
}

/** A kit that was removed can be brought back for so many days. */
export const removedKeptDays = 7;

export const kitName = trimmed(80, said('refusals.kits.giveTheKitAName'));
export const kitDescription = trimmedOrEmpty(2000, said('refusals.kits.writeADescriptionOrNone'));
export const kitTags = list(trimmed(30, said('refusals.kits.aTagIsAWord')), (array) =>
  array
    .max(12, said('refusals.kits.aKitHasAtMost12Tags'))
    .required(said('refusals.kits.listTheTagsOrNone')),
);

export const changeKitAbout = endpoint<{ version: number }>()({
  method: 'PUT',
  path: '/api/kits/:kitId/about',
  access: 'instructor',
  recorded: 'kit-changed',
  body: fields({
    version: basedOnVersion,
    name: kitName,
    description: kitDescription,
    tags: kitTags,
  }),
});

export const archiveKit = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/kits/:kitId/archived',
  access: 'instructor',
  recorded: 'kit-changed',
  body: fields({ archived: flag }),
});

/** With its board, order and known problems; a kit of its own from then on. */
export const copyKit = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/kits/:kitId/copies',
  access: 'instructor',
  recorded: 'kit-made',
  body: fields({ name: kitName }),
});

/** Only a kit that no evening was ever planned with. */
export const removeKit = endpoint<Record<string, never>>()({
  method: 'DELETE',
  path: '/api/kits/:kitId',
  access: 'instructor',
  recorded: 'kit-removed',
});

export const bringKitBack = endpoint<Record<string, never>>()({
  method: 'POST',
  path: '/api/kits/:kitId/back',
  access: 'instructor',
  recorded: 'kit-changed',
});

/** Latest first. */
export const listKitEvenings = endpoint<KitEvening[]>()({
  method: 'GET',
  path: '/api/kits/:kitId/evenings',
  access: 'instructor',
});
