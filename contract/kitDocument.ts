import * as yup from 'yup';
import type { Board, BoardPicture } from '#core/board/board';
import type { CircuitNotes } from '#core/circuit/notes';
import { said } from '#core/learning/said';
import { type OrderSettings, usualSettings } from '#core/order/settings';
import type { Erratum } from '#core/parts/erratum';
import { boardOrNone, position } from './board.ts';
import { circuitNotesSchema } from './circuitNotes.ts';
import { endpoint, fileEndpoint } from './endpoint.ts';
import { kitDescription, kitName, kitTags } from './kitShelf.ts';
import { supplyVolt } from './leaves.ts';
import { type NewerField, withoutNewer } from './newerFields.ts';
import { orderSchema } from './order.ts';
import { erratumSchema, type KitLine, kitLineSchema } from './parts.ts';
import {
  keptImage,
  type SentPictures,
  type SentStepPicture,
  sentPictures,
  sentStepPictures,
} from './pictures.ts';
import {
  anything,
  fields,
  leaf,
  list,
  literal,
  nullable,
  optional,
  type RecordSchema,
  record,
} from './schema.ts';

/** The version of the form of kit files that is written here. */
export const kitFileVersion = 1;

/** A whole kit as other programs and other sites read it: `kit.json` of a kit file. */
export interface KitDocument {
  readonly format: 'ozzet-kit';
  readonly version: number;
  readonly name: string;
  readonly description: string;
  readonly tags: readonly string[];
  readonly supplyVolt: number | null;
  readonly lines: readonly KitLine[];
  readonly errata: readonly Erratum[];
  readonly board: Board | null;
  /** What is said of its circuit; absent in files of before it stood by itself, and where nothing is said. */
  readonly circuitNotes?: CircuitNotes;
  /** The one picture behind the board in files of before there were several. */
  readonly backdrop?: Backdrop | null;
  readonly order: OrderSettings;
  /** The one on its card and the sheet that came with it; absent in files of before there were any. */
  readonly pictures?: SentPictures;
  /** What steps and boards show. */
  readonly stepPictures?: readonly SentStepPicture[];
}

/** A picture of the component side with its data. */
export interface Backdrop extends Omit<BoardPicture, 'side' | 'what' | 'hash'> {
  readonly image: string;
}

const pixels = leaf(yup.number().moreThan(0).required());

export const kitDocumentSchema: RecordSchema<KitDocument> = record<KitDocument>({
  format: literal('ozzet-kit'),
  version: leaf(yup.number().integer().min(1).required()),
  name: kitName,
  description: kitDescription,
  tags: kitTags,
  supplyVolt,
  lines: list(kitLineSchema, (array) =>
    array
      .max(2000, said('refusals.kits.aKitHasAtMost2000Lines'))
      .required(said('refusals.kits.listTheLinesOfTheKit')),
  ),
  errata: list(erratumSchema, (array) =>
    array
      .max(100, said('refusals.kits.aKitHasAtMost100Errata'))
      .required(said('refusals.kits.listTheErrataOrAnEmptyList')),
  ),
  board: boardOrNone,
  circuitNotes: optional(circuitNotesSchema),
  backdrop: optional(
    nullable<Backdrop>(
      record<Backdrop>({
        image: keptImage,
        widthPx: pixels,
        heightPx: pixels,
        mmPerPx: pixels,
        xMm: position,
        yMm: position,
      }),
      said('refusals.kits.giveThePictureOrNull'),
    ),
  ),
  order: orderSchema,
  pictures: optional(sentPictures),
  stepPictures: optional(sentStepPictures),
});

/** A kit without anything in it yet. */
export const emptyDocument = (name: string): KitDocument => ({
  format: 'ozzet-kit',
  version: kitFileVersion,
  name,
  description: '',
  tags: [],
  supplyVolt: null,
  lines: [],
  errata: [],
  board: null,
  order: usualSettings,
});

/** What a newer version wrote and this one does not know: it gets it back. */
export interface NewerParts {
  /** The version of the form that it is written in. */
  readonly version: number;
  readonly fields: readonly NewerField[];
}

/** What was said of a circuit stood with the board, once. */
function withCircuitNotes(
  document: Readonly<Record<string, unknown>>,
): Readonly<Record<string, unknown>> {
  const { board, ...others } = document;
  if (typeof board !== 'object' || board === null || !('circuit' in board)) return document;
  const { circuit, ...rest } = board;
  return { circuitNotes: circuit, ...others, board: rest };
}

/**
 * What is known of a document, and what is not. Of a document of this version only whole fields of its own can be
 * unknown: anything else is a slip of the pen, and is refused by name.
 */
export function splitDocument(sent: Readonly<Record<string, unknown>>): {
  readonly known: unknown;
  readonly newer: NewerParts;
} {
  const document = withCircuitNotes(sent);
  const version = typeof document.version === 'number' ? document.version : kitFileVersion;
  const { known, newer } = withoutNewer(document, kitDocumentSchema.json);
  if (version > kitFileVersion) return { known, newer: { version, fields: newer } };
  const isKnown = ([key]: readonly [string, unknown]) =>
    Object.hasOwn(kitDocumentSchema.fields, key);
  return {
    known: Object.fromEntries(Object.entries(document).filter(isKnown)),
    newer: { version: kitFileVersion, fields: newer.filter(({ way }) => way.length === 0) },
  };
}

/** Makes a kit of a document: of a kit file, of an example, or of nothing yet. */
export const createKitFrom = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/kits/from-document',
  access: 'instructor',
  recorded: 'kit-made',
  bodySize: 'kit',
  body: fields({
    document: anything(yup.object().required(said('refusals.kits.giveTheDocumentOfAKit'))),
  }),
});

/** The newest revision of a kit as one file. */
export const kitFile = fileEndpoint({
  path: '/api/kits/:kitId/kit-file',
  access: 'instructor',
  types: ['application/zip'],
});
