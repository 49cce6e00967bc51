/** How many nodes each kind of element has before its value. */
const nodesOf: Readonly<Record<string, number>> = {
  R: 2,
  C: 2,
  L: 2,
  V: 2,
  I: 2,
  B: 2,
  D: 2,
  Q: 3,
  J: 3,
  M: 4,
  E: 4,
  G: 4,
  F: 2,
  H: 2,
};

export type ElementFault = 'not-an-element' | 'too-few-words' | 'no-model' | 'name-twice';

/**
 * Reads elements of a SPICE netlist, one a line, with their `.model` lines; `*` begins a comment, `+` goes on with the
 * line before. Nothing else is taken: no control, no include.
 *
 * @returns the lines, or the first that is not understood
 */
export function readElements(
  text: string,
): { readonly lines: readonly string[] } | { readonly line: string; readonly fault: ElementFault } {
  const lines = text
    .replace(/\r\n?/g, '\n')
    .split('\n')
    .map((line) => line.replace(/\s+/g, ' ').trim())
    .filter((line) => line !== '')
    .join('\n')
    .replaceAll('\n+', ' ')
    .split('\n')
    .map((line) => line.replace(/\s+/g, ' ').trim())
    .filter((line) => line !== '' && !line.startsWith('*'));
  const models = new Set(
    lines.flatMap((line) => /^\.model (\S+) \S/i.exec(line)?.[1]?.toLowerCase() ?? []),
  );
  const names = new Set<string>();
  for (const line of lines) {
    if (/^\.model (\S+) \S/i.test(line)) continue;
    const words = line.split(' ');
    const name = (words[0] ?? '').toUpperCase();
    const nodes = nodesOf[name[0] ?? ''];
    if (nodes === undefined) return { line, fault: 'not-an-element' };
    if (words.length < nodes + 2) return { line, fault: 'too-few-words' };
    if (names.has(name)) return { line, fault: 'name-twice' };
    names.add(name);
    const model = words[nodes + 1]?.toLowerCase() ?? '';
    if ('DQJM'.includes(name[0] ?? '') && !models.has(model)) return { line, fault: 'no-model' };
  }
  return { lines };
}
