import * as yup from 'yup';
import type { Board } from '#core/board/board';
import { meters } from '#core/checking/meters';
import type { OrderSettings } from '#core/order/settings';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Erratum } from '#core/parts/erratum';
import type { Part } from '#core/parts/part';
import { type ColumnId, columns } from '#core/partslist/columns';
import type { Confidence } from '#core/partslist/recognise';
import type { RememberedFamilies } from '#core/partslist/wording';
import { boardSchema } from './board.ts';
import { endpoint } from './endpoint.ts';
import { orderSchema } from './order.ts';
import { erratumSchema, kitLineSchema } from './parts.ts';

export interface KitSummary {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly supplyVolt: number | null;
  /** Pieces of the newest revision, without those that are not in the kit. */
  readonly pieces: number;
  readonly minutes: number;
  readonly steps: number;
}

export interface Kit {
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
  readonly order: OrderSettings;
  readonly steps: readonly PlannedStep[];
}

export interface KitLine {
  readonly part: Part;
  /** How sure the import was of what it is; `told` where a person said it. */
  readonly confidence: Confidence;
}

export interface RevisionSummary {
  readonly number: number;
  readonly importedAt: string;
  readonly pieces: number;
  readonly workshops: number;
}

export type Revision = Omit<Kit, 'steps'>;

/** One measured part of the incoming goods. */
export interface IncomingReading {
  readonly id: string;
  readonly at: string;
  /** The line's part as it was when it was measured. */
  readonly part: Part;
  /** Id of a meter of core/checking/meters. */
  readonly meter: string;
  /** In the base unit of the part's value. */
  readonly reading: number;
}

const columnIndex = yup
  .number()
  .integer()
  .min(0, 'A column is counted from 0.')
  .max(200, 'A parts list has at most 200 columns.');

export const mappingSchema = yup.object(
  Object.fromEntries(columns.map(({ id }) => [id, columnIndex.optional()])) as Record<
    ColumnId,
    yup.NumberSchema<number | undefined>
  >,
);

const partsListFields = {
  supplyVolt: yup
    .number()
    .typeError('Write the supply voltage as a number, such as 6 or 4.5, or leave it empty.')
    .moreThan(0, 'The supply voltage must be above 0 V.')
    .max(60, 'Kits above 60 V are not for beginners; write the voltage of the kit’s own supply.')
    .nullable()
    .defined('Say the supply voltage, or null where it is not known.'),
  csv: yup
    .string()
    .strict()
    .required('Choose a CSV file.')
    .max(1_000_000, 'A parts list has at most 1 MB. Choose the CSV file of one kit.'),
  mapping: mappingSchema.required('Say which column is which.'),
};

export const partsListBody = yup.object(partsListFields);

export const newKitBody = yup.object({
  name: yup
    .string()
    .strict()
    .trim('Remove the blanks before and behind the name.')
    .required('Give the kit a name.')
    .max(80, 'A kit’s name has at most 80 characters.'),
  ...partsListFields,
});

export const listKits = endpoint<KitSummary[]>()({ method: 'GET', path: '/api/kits' });
export const getKit = endpoint<Kit>()({ method: 'GET', path: '/api/kits/:kitId' });
export const createKit = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/kits',
  body: newKitBody,
});
export const reviseKit = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/kits/:kitId/revisions',
  body: partsListBody,
});
/** The mapping used last for these headings, or null. */
export const getRememberedMapping = endpoint<yup.InferType<typeof mappingSchema> | null>()({
  method: 'POST',
  path: '/api/remembered-mapping',
  body: yup.object({
    headings: yup.array(yup.string().strict().defined().max(500)).required().max(200),
  }),
});

/** What the newest revision holds from now on; a revision that a workshop is planned on is left as it is, and the next one made. */
export const kitContentBody = yup.object({
  basedOn: yup.string().strict().required('Say which revision was looked at.'),
  supplyVolt: partsListFields.supplyVolt,
  lines: yup
    .array(kitLineSchema as yup.ISchema<KitLine>)
    .min(1, 'A kit has at least one line.')
    .max(2000, 'A kit has at most 2000 lines.')
    .required('List the lines of the kit.'),
  errata: yup
    .array(erratumSchema as yup.ISchema<Erratum>)
    .max(100, 'A kit has at most 100 errata.')
    .required('List the errata, or an empty list.'),
  board: boardSchema,
  order: orderSchema,
});

export const changeKit = endpoint<{ revision: number; revisionId: string; isNew: boolean }>()({
  method: 'PUT',
  path: '/api/kits/:kitId/content',
  body: kitContentBody,
});
export const listRevisions = endpoint<RevisionSummary[]>()({
  method: 'GET',
  path: '/api/kits/:kitId/revisions',
});
export const getRevision = endpoint<Revision>()({
  method: 'GET',
  path: '/api/kits/:kitId/revisions/:number',
});
/** What families people said lines with such words are of. */
export const getRememberedFamilies = endpoint<RememberedFamilies>()({
  method: 'GET',
  path: '/api/remembered-families',
});

export const listReadings = endpoint<IncomingReading[]>()({
  method: 'GET',
  path: '/api/kits/:kitId/readings',
});
export const addReading = endpoint<IncomingReading>()({
  method: 'POST',
  path: '/api/kits/:kitId/readings',
  body: yup.object({
    line: yup
      .number()
      .integer()
      .min(0, 'A line is counted from 0.')
      .required('Say which line was measured.'),
    meter: yup
      .string()
      .oneOf(
        meters.map(({ id }) => id),
        'Choose one of the meters.',
      )
      .required('Choose the meter.'),
    reading: yup
      .number()
      .typeError('Write the reading as a number.')
      .min(0, 'A reading is not below 0.')
      .required('Write the reading.'),
  }),
});
export const removeReading = endpoint<Record<string, never>>()({
  method: 'DELETE',
  path: '/api/kits/:kitId/readings/:readingId',
});
