import { formatQuantity } from '../quantity/formatQuantity.ts';
import type { PartValue } from './part.ts';

/** The value in words a person says: `470 Ω`, `10 µF`, `2N3904`, `red`; empty where the family has none. */
export function valueLabel(value: PartValue): string {
  switch (value.kind) {
    case 'amount':
      return formatQuantity(value.amount, value.unit);
    case 'type':
      return value.print;
    case 'colour':
      return value.colour;
    case 'none':
      return '';
  }
}

/** Place names in the short form of parts lists: `R1–R4, R7`. */
export function shortDesignators(designators: readonly string[]): string {
  const runs: string[][] = [];
  for (const name of designators) {
    const run = runs.at(-1);
    if (run && follows(run.at(-1) ?? '', name)) run.push(name);
    else runs.push([name]);
  }
  return runs.flatMap((run) => (run.length > 2 ? [`${run[0]}–${run.at(-1)}`] : run)).join(', ');
}

const numbered = /^(.*?)(?<!\d)(\d+)$/;

function follows(before: string, after: string): boolean {
  const a = before.match(numbered);
  const b = after.match(numbered);
  return a !== null && b !== null && a[1] === b[1] && Number(a[2]) + 1 === Number(b[2]);
}

/** `5 %`; empty where the line says none. */
export const toleranceLabel = (value: PartValue): string =>
  value.kind === 'amount' && value.tolerancePercent !== undefined
    ? percentLabel(value.tolerancePercent, value.minusPercent)
    : '';

/** `5 %`; `−20/+80 %` where the limits differ. */
export const percentLabel = (plus: number, minus = plus): string =>
  minus === plus ? `${plus} %` : `−${minus}/+${plus} %`;
