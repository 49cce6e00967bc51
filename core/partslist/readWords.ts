import type { ReadLine } from './readPartsList.ts';
import { readPartsList } from './readPartsList.ts';

/** What a few words say about a part, read as a line of a parts list would be; undefined where they say nothing. */
export function readWords(text: string): Pick<ReadLine, 'part' | 'confidence'> | undefined {
  if (text.trim() === '') return undefined;
  const { lines } = readPartsList(
    { headings: ['quantity', 'part'], rows: [{ line: 1, cells: ['1', text] }] },
    { quantity: 0, description: 1 },
  );
  const [line] = lines;
  return line && line.confidence !== 'unknown' ? line : undefined;
}
