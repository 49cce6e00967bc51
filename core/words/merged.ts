import type { Words } from './words.ts';

/** Two catalogues as one; where both say something, the second one counts. */
export function merged(one: Words, other: Words): Words {
  const both: Record<string, Words[string]> = { ...one };
  for (const [key, value] of Object.entries(other)) {
    const before = both[key];
    both[key] = isTree(before) && isTree(value) ? merged(before, value) : value;
  }
  return both;
}

const isTree = (value: Words[string] | undefined): value is Words =>
  typeof value === 'object' && !Array.isArray(value);
