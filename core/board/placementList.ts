import Papa from 'papaparse';
import { type Said, said } from '../learning/said.ts';
import { readDesignators } from '../partslist/designators.ts';
import { plain } from '../partslist/plain.ts';
import { readTable } from '../partslist/readTable.ts';
import { fail, ok, type Result } from '../result.ts';
import type { Placement } from './board.ts';

export type PlacementColumn = 'place' | 'x' | 'y' | 'rotation' | 'side' | 'span';
/** For each meaning the index of its column; below 0 where the file has none. */
export type PlacementMapping = Readonly<Record<PlacementColumn, number>>;

/** What the columns of a placement file are called, in several languages, lower case, without accents. */
const headings: Readonly<Record<PlacementColumn, readonly string[]>> = {
  place: [
    'designator',
    'designators',
    'ref',
    'refdes',
    'reference',
    'place',
    'position',
    'part',
    'name',
  ],
  x: ['x', 'mid x', 'center x', 'centre x', 'pos x', 'posx', 'x mm', 'location x', 'ref x'],
  y: ['y', 'mid y', 'center y', 'centre y', 'pos y', 'posy', 'y mm', 'location y', 'ref y'],
  rotation: ['rotation', 'rot', 'angle', 'orientation', 'drehung', 'winkel', 'rotatie'],
  side: ['side', 'layer', 'tb', 'seite', 'lage', 'zijde', 'cote', 'cara'],
  span: ['span', 'span mm', 'lead spacing', 'rastermass'],
};

export interface PlacementReading {
  readonly placements: readonly Placement[];
  /** By line of the file, what is wrong and what to write. */
  readonly problems: readonly { readonly line: number; readonly message: Said }[];
}

/** What the columns of a placement file mean, guessed from their headings. */
export function guessPlacementColumns(columns: readonly string[]): PlacementMapping {
  const guessed = Object.entries(headings).map(([id, known]) => [
    id,
    columns.findIndex((heading) => known.includes(bare(heading))),
  ]);
  return Object.fromEntries(guessed) as PlacementMapping;
}

/** Whether every column that is needed is known. */
export const isMapped = ({ place, x, y }: PlacementMapping): boolean =>
  place >= 0 && x >= 0 && y >= 0;

/**
 * Reads positions and rotations from CSV with any headings. Lengths are millimetres unless they or their heading say
 * mil or in.
 *
 * @param mapping what the columns mean; guessed from the headings where left out
 */
export function readPlacementList(
  text: string,
  mapping?: PlacementMapping,
): Result<PlacementReading, Said> {
  const table = readTable(text);
  if (!table.ok) return table;
  const found = mapping ?? guessPlacementColumns(table.value.headings);
  for (const id of ['place', 'x', 'y'] as const) {
    if (found[id] < 0) {
      return fail(
        id === 'place'
          ? said('lists.placements.noPlaceColumn', { heading: headings[id][0] ?? id })
          : said('lists.placements.noPositionColumn', { axis: id, heading: headings[id][0] ?? id }),
      );
    }
  }
  const placements: Placement[] = [];
  const problems: { line: number; message: Said }[] = [];
  for (const { line, cells } of table.value.rows) {
    const cell = (id: PlacementColumn) => (found[id] < 0 ? '' : (cells[found[id]] ?? '').trim());
    const unit = (id: PlacementColumn) => bareUnit(table.value.headings[found[id]] ?? '');
    const names = readDesignators(cell('place'));
    const x = readLength(cell('x'), unit('x'));
    const y = readLength(cell('y'), unit('y'));
    const rotation =
      cell('rotation') === ''
        ? 0
        : Number(
            cell('rotation')
              .replace(/°|deg$/i, '')
              .replace(',', '.'),
          );
    const span = cell('span') === '' ? undefined : readLength(cell('span'), unit('span'));
    const wrong =
      !names.ok || names.value.length !== 1
        ? said('lists.placements.isNotOnePlaceNameSuchAs', { cell: cell('place') })
        : x === undefined || y === undefined
          ? said('lists.placements.thePositionIsNoLengthWrite')
          : !Number.isFinite(rotation)
            ? said('lists.placements.isNoRotationWriteDegreesSuchAs', { cell: cell('rotation') })
            : undefined;
    const [place] = names.ok ? names.value : [];
    if (wrong !== undefined || x === undefined || y === undefined || place === undefined) {
      problems.push({ line, message: wrong ?? said('lists.placements.thisLineCannotBeRead') });
      continue;
    }
    if (placements.some((one) => one.place === place)) {
      problems.push({
        line,
        message: said('lists.placements.standsInAnEarlierLineAlreadyRemove', { place }),
      });
      continue;
    }
    placements.push({
      place,
      xMm: x,
      yMm: y,
      rotation: ((rotation % 360) + 360) % 360,
      side: /^(b|bottom|back|unten|u|onder|dessous|solder)/i.test(cell('side')) ? 'bottom' : 'top',
      ...(span === undefined ? {} : { spanMm: span }),
    });
  }
  return ok({ placements, problems });
}

/** Writes placements so that they can be read again to the last digit. */
export const writePlacementList = (placements: readonly Placement[]): string =>
  `${Papa.unparse(
    [
      ['Designator', 'X (mm)', 'Y (mm)', 'Rotation', 'Side', 'Span (mm)'],
      ...placements.map(({ place, xMm, yMm, rotation, side, spanMm }) => [
        place,
        String(xMm),
        String(yMm),
        String(rotation),
        side,
        spanMm === undefined ? '' : String(spanMm),
      ]),
    ],
    { escapeFormulae: false },
  )}\r\n`;

const bare = (heading: string) =>
  plain(heading)
    .replace(/\((mm|mil|in|inch|deg|°)\)/g, '')
    .replace(/[._-]+/g, ' ')
    .trim();

const bareUnit = (heading: string): string => /\b(mm|mils?|in|inch)\b/i.exec(heading)?.[1] ?? 'mm';

const toMm: Readonly<Record<string, number>> = {
  mm: 1,
  mil: 0.0254,
  mils: 0.0254,
  in: 25.4,
  inch: 25.4,
};

function readLength(text: string, unit: string): number | undefined {
  const found = /^([+-]?\d+(?:[.,]\d+)?)\s*(mm|mils?|in|inch|")?$/i.exec(text);
  if (!found) return undefined;
  const factor = toMm[(found[2] === '"' ? 'in' : (found[2] ?? unit)).toLowerCase()] ?? 1;
  return Number((Number((found[1] ?? '').replace(',', '.')) * factor).toFixed(4));
}
