import * as yup from 'yup';
import type { Board } from '#core/board/board';
import type { Thumbnail } from '#core/board/thumbnail';
import type { KitFigures } from '#core/circuit/kitFigures';
import type { CircuitNotes } from '#core/circuit/notes';
import type { WiredKit } from '#core/circuit/wiredKit';
import { meters } from '#core/inspection/meters';
import { said } from '#core/learning/said';
import type { OrderSettings } from '#core/order/settings';
import type { Erratum } from '#core/parts/erratum';
import type { Part } from '#core/parts/part';
import type { OwnTypes } from '#core/parts/types/ownType';
import { columnIds } from '#core/partslist/columns';
import type { Mapping } from '#core/partslist/guessMapping';
import type { RememberedFamilies } from '#core/partslist/wording';
import { basedOnVersion } from './basedOn.ts';
import { boardOrNone } from './board.ts';
import { circuitNotesSchema } from './circuitNotes.ts';
import { columnIndex, headings } from './columns.ts';
import { endpoint } from './endpoint.ts';
import { type KitAbout, kitName } from './kitShelf.ts';
import { supplyVolt } from './leaves.ts';
import { orderSchema } from './order.ts';
import { erratumSchema, type KitLine, kitLineSchema } from './parts.ts';
import type { KeptPicture } from './pictures.ts';
import { fields, leaf, list, oneOf, record, type Schema, sameFor } from './schema.ts';

export type { KitLine } from './parts.ts';

export interface KitSummary {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly supplyVolt: number | null;
  /** Pieces of the newest revision, without those that are not in the kit. */
  readonly pieces: number;
  readonly minutes: number;
  readonly steps: number;
  /** Of its board what a card shows; null where it has none. */
  readonly board: Thumbnail | null;
  /** The picture on its card; null where the board is drawn instead. */
  readonly picture: KeptPicture | null;
  readonly description: string;
  readonly tags: readonly string[];
  /** When it was put away; null while it is in use. */
  readonly archivedAt: string | null;
  /** Evenings planned with any of its revisions. */
  readonly workshops: number;
  /** When the latest of them begins or began. */
  readonly lastWorkshopAt: string | null;
  /** When its newest revision was made. */
  readonly revisedAt: string;
}

/** What a kit is changed by: each by itself, so that two people who change different ones are not in each other's way. */
export const kitParts = ['lines', 'errata', 'supply', 'order', 'board', 'circuit'] as const;
export type KitPart = (typeof kitParts)[number];

export interface Revision {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly revisionId: string;
  readonly supplyVolt: number | null;
  readonly importedAt: string;
  /** Workshops that are planned on this revision; it is not changed any more once there is one. */
  readonly workshops: number;
  readonly lines: readonly KitLine[];
  readonly errata: readonly Erratum[];
  readonly board: Board | null;
  /** What is said of its circuit; empty where nothing is said. */
  readonly circuitNotes: CircuitNotes;
  readonly order: OrderSettings;
  /** What its boards show; absent where that was not worked out for what it is now. */
  readonly figures?: KitFigures;
}

/** What of a revision tells how its parts are joined, and its supply. */
export type WiredRevision = Pick<Revision, 'board' | 'circuitNotes' | 'lines' | 'supplyVolt'>;

/** The same as the core has it. */
export const wiredKitOf = ({
  board,
  circuitNotes,
  lines,
  supplyVolt,
}: WiredRevision): WiredKit & { readonly supplyVolt: number | null } => ({
  board,
  circuitNotes,
  parts: lines.map(({ part }) => part),
  supplyVolt,
});

export interface Kit extends Revision {
  readonly about: KitAbout;
  /** Raised by every change of the part; a change made from an older one is refused. */
  readonly versions: Readonly<Record<KitPart, number>>;
}

export interface RevisionSummary {
  readonly number: number;
  readonly importedAt: string;
  readonly pieces: number;
  readonly workshops: number;
}

/** One measured part of the incoming goods. */
export interface IncomingReading {
  readonly id: string;
  readonly at: string;
  /** The line's part as it was when it was measured. */
  readonly part: Part;
  /** Id of a meter of core/inspection/meters. */
  readonly meter: string;
  /** In the base unit of the part's value. */
  readonly reading: number;
}

export const mappingSchema: Schema<Mapping> = record<Mapping>(
  sameFor(columnIds, columnIndex),
  said('refusals.kits.sayWhichColumnIsWhich'),
);

const partsListFields = {
  supplyVolt,
  csv: leaf(
    yup
      .string()
      .strict()
      .required(said('refusals.kits.chooseACsvFile'))
      .max(1_000_000, said('refusals.kits.aPartsListHasAtMost1')),
  ),
  mapping: mappingSchema,
  /** Where the headings are: a line counted from 1, or 0 for a list without; absent where the reader may look. */
  headingLine: leaf(yup.number().integer().min(0).max(50)),
};

export const partsListBody = fields(partsListFields);

export const newKitBody = fields({
  name: kitName,
  ...partsListFields,
});

export const listKits = endpoint<KitSummary[]>()({
  method: 'GET',
  path: '/api/kits',
  access: 'helper',
});
export const getKit = endpoint<Kit>()({
  method: 'GET',
  path: '/api/kits/:kitId',
  access: 'helper',
});
export const createKit = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/kits',
  access: 'instructor',
  recorded: 'kit-made',
  bodySize: 'large',
  body: newKitBody,
});
export const reviseKit = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/kits/:kitId/revisions',
  access: 'instructor',
  recorded: 'kit-changed',
  bodySize: 'large',
  body: partsListBody,
});
/** The mapping used last for these headings, or null. */
export const getRememberedMapping = endpoint<Mapping | null>()({
  method: 'POST',
  path: '/api/remembered-mapping',
  access: 'instructor',
  body: fields({ headings }),
});

/** What a change of a kit has led to; a revision that a workshop is planned on is left as it is, and the next one made. */
export interface KitChanged {
  readonly revision: number;
  readonly revisionId: string;
  readonly isNew: boolean;
  /** Of the part that was changed. */
  readonly version: number;
}

export const changeLines = endpoint<KitChanged>()({
  method: 'PUT',
  path: '/api/kits/:kitId/lines',
  access: 'instructor',
  recorded: 'kit-changed',
  bodySize: 'large',
  body: fields({
    version: basedOnVersion,
    lines: list(kitLineSchema, (array) =>
      array
        .max(2000, said('refusals.kits.aKitHasAtMost2000Lines'))
        .required(said('refusals.kits.listTheLinesOfTheKit')),
    ),
  }),
});
export const changeErrata = endpoint<KitChanged>()({
  method: 'PUT',
  path: '/api/kits/:kitId/errata',
  access: 'instructor',
  recorded: 'kit-changed',
  body: fields({
    version: basedOnVersion,
    errata: list(erratumSchema, (array) =>
      array
        .max(100, said('refusals.kits.aKitHasAtMost100Errata'))
        .required(said('refusals.kits.listTheErrataOrAnEmptyList')),
    ),
  }),
});
export const changeSupply = endpoint<KitChanged>()({
  method: 'PUT',
  path: '/api/kits/:kitId/supply',
  access: 'instructor',
  recorded: 'kit-changed',
  body: fields({ version: basedOnVersion, supplyVolt }),
});
export const changeOrder = endpoint<KitChanged>()({
  method: 'PUT',
  path: '/api/kits/:kitId/order',
  access: 'instructor',
  recorded: 'kit-changed',
  body: fields({ version: basedOnVersion, order: orderSchema }),
});
export const changeBoard = endpoint<KitChanged>()({
  method: 'PUT',
  path: '/api/kits/:kitId/board',
  access: 'instructor',
  recorded: 'kit-changed',
  bodySize: 'large',
  body: fields({ version: basedOnVersion, board: boardOrNone }),
});
export const changeCircuit = endpoint<KitChanged>()({
  method: 'PUT',
  path: '/api/kits/:kitId/circuit',
  access: 'instructor',
  recorded: 'kit-changed',
  bodySize: 'large',
  body: fields({ version: basedOnVersion, circuitNotes: circuitNotesSchema }),
});
export const listRevisions = endpoint<RevisionSummary[]>()({
  method: 'GET',
  path: '/api/kits/:kitId/revisions',
  access: 'helper',
});
export const getRevision = endpoint<Revision>()({
  method: 'GET',
  path: '/api/kits/:kitId/revisions/:number',
  access: 'helper',
});
/** What families people said lines with such words are of. */
export const getRememberedFamilies = endpoint<RememberedFamilies>()({
  method: 'GET',
  path: '/api/remembered-families',
  access: 'helper',
});

/** What instructors said of numbers that the catalogue does not know. */
export const getOwnTypes = endpoint<OwnTypes>()({
  method: 'GET',
  path: '/api/own-types',
  access: 'helper',
});

export const forgetOwnType = endpoint<Record<string, never>>()({
  method: 'DELETE',
  path: '/api/own-types/:number',
  access: 'instructor',
});

export const listReadings = endpoint<IncomingReading[]>()({
  method: 'GET',
  path: '/api/kits/:kitId/readings',
  access: 'helper',
});
export const addReading = endpoint<IncomingReading>()({
  method: 'POST',
  path: '/api/kits/:kitId/readings',
  access: 'instructor',
  body: fields({
    line: leaf(
      yup
        .number()
        .integer()
        .min(0, said('refusals.kits.aLineIsCountedFrom0'))
        .required(said('refusals.kits.sayWhichLineWasMeasured')),
    ),
    meter: oneOf(
      meters.map(({ id }) => id),
      {
        wrong: said('refusals.kits.chooseOneOfTheMeters'),
        missing: said('refusals.kits.chooseTheMeter'),
      },
    ),
    reading: leaf(
      yup
        .number()
        .typeError(said('refusals.kits.writeTheReadingAsANumber'))
        .min(0, said('refusals.kits.aReadingIsNotBelow0'))
        .required(said('refusals.kits.writeTheReading')),
    ),
  }),
});
export const removeReading = endpoint<Record<string, never>>()({
  method: 'DELETE',
  path: '/api/kits/:kitId/readings/:readingId',
  access: 'instructor',
});
