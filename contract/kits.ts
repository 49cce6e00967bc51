import * as yup from 'yup';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Part } from '#core/parts/part';
import { type ColumnId, columns } from '#core/partslist/columns';
import { endpoint } from './endpoint.ts';

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
  readonly lines: readonly KitLine[];
  readonly steps: readonly PlannedStep[];
}

export interface KitLine {
  readonly part: Part;
  /** How sure the import was of what it is. */
  readonly confidence: 'sure' | 'unsure' | 'unknown';
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
