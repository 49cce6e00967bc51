import { shortDesignators, valueLabel } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { readPartsList } from '#core/partslist/readPartsList';
import { type Table, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';

/** Lines that show how places, numbers, values and a size are written. */
const lines = [
  ['R1-R4', '4', 'resistor', '10k', ''],
  ['C1', '1', 'ceramic capacitor', '100n', ''],
  ['C2', '1', 'electrolytic capacitor', '10u', ''],
  ['D1, D2', '2', 'LED', 'red', '5 mm'],
  ['Q1', '1', 'transistor', 'BC547', ''],
  ['IC1', '1', 'chip', 'NE555', ''],
];

const parts = readPartsList(
  { headings: [], rows: lines.map((cells, index) => ({ line: index + 1, cells })) },
  { designators: 0, quantity: 1, description: 2, value: 3, package: 4 },
).lines.map(({ part }) => part);

/** A list to write one’s own over, in the language of who asks. */
export const listTemplateTable = (speaker: Speaker): Table =>
  tableOf<Part>(
    speaker,
    [
      { heading: 'place', cell: ({ designators }) => shortDesignators(designators) },
      { heading: 'quantity', cell: ({ quantity }) => quantity },
      { heading: 'kindOfPart', cell: ({ family }) => speaker.t(`family.${family}.one`) },
      {
        heading: 'value',
        cell: ({ value, package: size = '' }) => `${valueLabel(value)} ${size}`.trim(),
      },
    ],
    parts,
  );
