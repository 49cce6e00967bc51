import * as yup from 'yup';
import { said } from '#core/learning/said';
import { endpoint, fileEndpoint } from './endpoint.ts';
import { trimmedOrEmpty } from './leaves.ts';
import { type FieldsOf, fields, leaf, list, optional, record, type Schema } from './schema.ts';

/** Where a kit shows a picture: on its card; the sheet of paper that its list was read from. */
export const kitPicturePurposes = ['card', 'sheet'] as const;
export type KitPicturePurpose = (typeof kitPicturePurposes)[number];

/** A picture that is kept, by its content. */
export interface KeptPicture {
  /** SHA-256 of its bytes, hexadecimal. */
  readonly hash: string;
  /** What it shows, in words; empty where nobody has said. */
  readonly alt: string;
}

export type KitPictures = Readonly<Partial<Record<KitPicturePurpose, KeptPicture>>>;

/** A picture is at most so large, in bytes; browsers make cameras’ pictures smaller before they send them. */
export const largestPicture = 1_500_000;
/** As text in base64. */
const largestText = Math.ceil(largestPicture / 3) * 4 + 40;

const image = leaf(
  yup
    .string()
    .strict()
    .matches(/^data:image\/(png|jpeg|webp);base64,[A-Za-z0-9+/]+=*$/, {
      message: said('refusals.pictures.chooseJpegPngWebp'),
    })
    .max(largestText, said('refusals.pictures.tooLarge', { megabytes: largestPicture / 1_000_000 }))
    .required(said('refusals.pictures.chooseJpegPngWebp')),
);

/** One that goes with a kit: also a layer of a board, drawn from its file. */
export const keptImage = leaf(
  yup
    .string()
    .strict()
    .matches(/^data:image\/(png|jpeg|webp|svg\+xml);base64,[A-Za-z0-9+/]+=*$/, {
      message: said('refusals.pictures.chooseJpegPngWebp'),
    })
    .max(largestText, said('refusals.pictures.tooLarge', { megabytes: largestPicture / 1_000_000 }))
    .required(said('refusals.pictures.chooseJpegPngWebp')),
);

/** A picture as it is sent, and as it goes with a kit file. */
export interface SentPicture {
  /** With its data in the address (RFC 2397), in base64. */
  readonly image: string;
  readonly alt: string;
}

const sentPicture: FieldsOf<SentPicture> = {
  image,
  alt: trimmedOrEmpty(300, said('refusals.pictures.sayWhatItShows')),
};

/** The pictures of a kit in its file. */
export type SentPictures = Readonly<Partial<Record<KitPicturePurpose, SentPicture>>>;
export const sentPictures: Schema<SentPictures> = record<SentPictures>({
  card: optional(record(sentPicture)),
  sheet: optional(record(sentPicture)),
});

export const putKitPicture = endpoint<{ hash: string }>()({
  method: 'PUT',
  path: '/api/kits/:kitId/pictures/:purpose',
  access: 'instructor',
  recorded: 'kit-changed',
  bodySize: 'large',
  body: fields(sentPicture),
});

export const removeKitPicture = endpoint<Record<string, never>>()({
  method: 'DELETE',
  path: '/api/kits/:kitId/pictures/:purpose',
  access: 'instructor',
  recorded: 'kit-changed',
});

export const pictureHash = leaf(
  yup
    .string()
    .strict()
    .required(said('refusals.pictures.chooseAPicture'))
    .matches(/^[0-9a-f]{64}$/, { message: said('refusals.pictures.chooseAPicture') }),
);

/** A picture for steps or boards of a kit: it stays with the kit, as planned evenings show it. */
export const keepStepPicture = endpoint<{ hash: string }>()({
  method: 'POST',
  path: '/api/kits/:kitId/step-pictures',
  access: 'instructor',
  bodySize: 'large',
  body: fields({ image }),
});

/** A picture of a step or a board as it goes with a kit file. */
export interface SentStepPicture {
  readonly hash: string;
  readonly image: string;
}
export const sentStepPictures: Schema<readonly SentStepPicture[]> = list(
  record<SentStepPicture>({ hash: pictureHash, image: keptImage }),
  (array) => array.required().max(600),
);

/**
 * What is in a picture never changes, so that it is kept as long as browsers like. Seats show
 * some; who knows the hash has seen the picture.
 */
export const pictureFile = fileEndpoint({
  path: '/api/pictures/:hash',
  access: 'public',
  types: ['image/jpeg', 'image/png', 'image/webp', 'image/svg+xml'],
});
