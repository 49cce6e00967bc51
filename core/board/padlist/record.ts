/**
 * The record layout of IPC-D-356A (published by IPC; columns from memory of the standard): 80 columns, fields at fixed
 * places. Columns are counted from 1 and both ends belong to the field.
 */
export const fields = {
  operation: [1, 3],
  net: [4, 17],
  place: [21, 26],
  dash: [27, 27],
  pin: [28, 31],
  middle: [32, 32],
  drill: [33, 37],
  plating: [38, 38],
  access: [39, 41],
  x: [42, 49],
  y: [50, 57],
  width: [58, 62],
  height: [63, 67],
  rotation: [68, 71],
  solderMask: [73, 74],
} as const;

export type Field = keyof typeof fields;

export const fieldOf = (line: string, field: Field): string => {
  const [first, last] = fields[field];
  return line.slice(first - 1, last);
};

/** A record from its fields, each put at its columns; what is longer than its field is cut. */
export function recordOf(values: Readonly<Partial<Record<Field, string>>>): string {
  const columns = Array.from({ length: 80 }, () => ' ');
  for (const [field, value] of Object.entries(values) as [Field, string][]) {
    const [first, last] = fields[field];
    for (const [index, sign] of [...value].slice(0, last - first + 1).entries()) {
      columns[first - 1 + index] = sign;
    }
  }
  return columns.join('').trimEnd();
}

/** Operation codes: 317 is a pad through the board, 327 one on its surface; 367 a hole without copper. */
export const operations = { through: '317', surface: '327', hole: '367' } as const;
/** What a record says when nothing is connected. */
export const notConnected = 'N/C';
/** Names of nets that do not fit their field stand in parameters of this name. */
export const longName = 'NNAME';
export const endOfFile = '999';
