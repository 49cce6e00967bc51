import { valueLabel } from '../../parts/label.ts';
import { guessMapping } from '../guessMapping.ts';
import { withPlacesApart } from '../placesApart.ts';
import { readPartsList } from '../readPartsList.ts';
import { readTable } from '../readTable.ts';

/** A whole sheet as its lines come out: places, kind, value and doubts. */
export function readSheet(text: string, headingLine?: number) {
  const table = readTable(text, headingLine);
  if (!table.ok) throw new Error(table.problem.says);
  const apart = withPlacesApart(table.value);
  const mapping = guessMapping(apart);
  const { lines, problems } = readPartsList(apart, mapping);
  return {
    mapping,
    problems,
    headingLine: table.value.headingLine,
    lines: lines.map(({ part, doubts }) =>
      [
        part.designators.join(' ') || `${part.quantity} x`,
        part.family,
        valueLabel(part.value),
        ...doubts.map((doubt) => `${doubt}?`),
      ]
        .filter(Boolean)
        .join(' | '),
    ),
  };
}
