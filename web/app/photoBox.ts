import { createStore, del, entries, get, set } from 'idb-keyval';
import { addressOf } from '#contract/endpoint';
import { keepOwnPhoto, keepPhoto, ownPhoto, photoFile } from '#contract/photos';
import { CallProblem, call } from './call.ts';

/** Where a photo belongs: a seat by its link, or by the workshop of whoever is signed in. */
export type PhotoPlace =
  | { readonly token: string }
  | { readonly workshopId: string; readonly seatId: string };

interface Waiting {
  readonly place: PhotoPlace;
  /** JPEG, as an address with its data in it. */
  readonly image: string;
}

// Larger than what a page's own storage takes.
const box = () => createStore('ozzet-photos', 'waiting');

/** Some browsers have no such store, or let private windows have none. */
async function ifStored<T>(work: () => Promise<T>): Promise<T | undefined> {
  try {
    return await work();
  } catch {
    return undefined;
  }
}

/** What the server says of a photo itself; everything else may be another time: no network, no session, too much at once. */
const isRefused = (error: unknown): boolean =>
  error instanceof CallProblem && [403, 404, 409, 410, 413, 422].includes(error.problem.status);

export const photoAddress = (place: PhotoPlace, photoId: string): string =>
  'token' in place
    ? addressOf(ownPhoto, { ...place, photoId })
    : addressOf(photoFile, { ...place, photoId });

const send = (photoId: string, { place, image }: Waiting): Promise<unknown> =>
  'token' in place
    ? call(keepOwnPhoto, { params: { ...place, photoId }, body: { image } })
    : call(keepPhoto, { params: { ...place, photoId }, body: { image } });

/**
 * Keeps a photo on this device until the server has it; where this device cannot, it is sent at once.
 *
 * @throws CallProblem where it can neither be kept nor sent
 */
export async function keepPhotoHere(
  photoId: string,
  place: PhotoPlace,
  image: string,
): Promise<void> {
  const photo: Waiting = { place, image };
  const isKept = await ifStored(() => set(photoId, photo, box()).then(() => true));
  if (!isKept) await send(photoId, photo);
}

/** A photo that waits on this device; undefined where it is not here. */
export const photoHere = async (photoId: string): Promise<string | undefined> =>
  (await ifStored(() => get<Waiting>(photoId, box())))?.image;

let sending: Promise<number> | undefined;

/**
 * Sends what waits on this device, one after the other. What the server refuses for good is dropped.
 *
 * @returns how many still wait
 */
export function sendPhotos(): Promise<number> {
  sending ??= sendAll().finally(() => {
    sending = undefined;
  });
  return sending;
}

async function sendAll(): Promise<number> {
  const waiting = (await ifStored(() => entries<string, Waiting>(box()))) ?? [];
  let left = waiting.length;
  for (const [photoId, photo] of waiting) {
    try {
      await send(photoId, photo);
    } catch (error) {
      if (!isRefused(error)) return left;
    }
    await del(photoId, box());
    left -= 1;
  }
  return left;
}
