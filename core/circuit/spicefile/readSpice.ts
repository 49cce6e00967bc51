import type { SaidNet } from '../notes.ts';
import { netOfComment } from './netComment.ts';
import { parseSpiceNumber } from './spiceNumber.ts';

/** An element of a netlist, as far as it is understood. */
export interface SpiceElement {
  readonly letter: string;
  /** As it is written: `R1`, `XU1`. */
  readonly name: string;
  readonly nodes: readonly string[];
  /** In the base unit; undefined where it is a model, or no number. */
  readonly value?: number;
}

export interface SpiceNetlist {
  readonly title: string;
  readonly elements: readonly SpiceElement[];
  /** As comments tell them, pin by pin; none in most files. */
  readonly nets: readonly SaidNet[];
  /** Lines that say something which is not read, word for word. */
  readonly notRead: readonly string[];
}

/** How many nodes an element has (SPICE 3 manual). X has as many as stand before its last word. */
const nodeCounts: Readonly<Record<string, number>> = {
  R: 2,
  C: 2,
  L: 2,
  D: 2,
  V: 2,
  I: 2,
  Q: 3,
  J: 3,
  M: 4,
};

/** Directives that say nothing of what is joined. */
const passedOver =
  /^\.(?:end|ends|model|options?|op|tran|dc|ac|save|print|plot|probe|temp|ic|nodeset|param|title|include|lib|global|meas(?:ure)?)\b/i;

/**
 * Reads the plain subset of SPICE text: R, C, L, D, Q, J, M, X, V and I, continued lines, comments, subcircuits (their
 * inside is left out). Anything else is kept and told.
 *
 * @param text one netlist; its first line is its title, as SPICE has it
 */
export function readSpice(text: string): SpiceNetlist {
  const [title = '', ...rest] = text.split(/\r?\n/);
  const elements: SpiceElement[] = [];
  const notRead: string[] = [];
  let depth = 0;
  // Some programs write no title: then the first line is an element.
  const isTitled = !looksLikeElement(title);
  for (const line of joinedLines(isTitled ? rest : [title, ...rest])) {
    if (/^\.subckt\b/i.test(line)) depth += 1;
    if (/^\.ends\b/i.test(line)) depth = Math.max(0, depth - 1);
    if (depth > 0 || /^\.ends\b/i.test(line)) continue;
    if (line.startsWith('.')) {
      if (!passedOver.test(line)) notRead.push(line);
      continue;
    }
    const element = elementOf(line);
    if (element) elements.push(element);
    else notRead.push(line);
  }
  const nets = rest.flatMap((line) => netOfComment(line.trim()) ?? []);
  return { title: isTitled ? title.replace(/^\*\s*/, '').trim() : '', elements, nets, notRead };
}

const looksLikeElement = (line: string): boolean =>
  /^[RCLDQJMXVI]\w*\s+\S+\s+\S+\s+\S+/i.test(line) && elementOf(line)?.value !== undefined;

/** Without comments; a line that begins with + goes on with the one before. */
function joinedLines(lines: readonly string[]): string[] {
  const joined: string[] = [];
  for (const raw of lines) {
    const line = (raw.split(/;|\s\$/, 1)[0] ?? '').trim();
    if (line === '' || line.startsWith('*')) continue;
    if (line.startsWith('+') && joined.length > 0)
      joined[joined.length - 1] += ` ${line.slice(1).trim()}`;
    else joined.push(line);
  }
  return joined;
}

function elementOf(line: string): SpiceElement | undefined {
  const [name = '', ...words] = line.split(/\s+/);
  const letter = name[0]?.toUpperCase() ?? '';
  if (letter === 'X') {
    const end = words.findIndex((word) => /^params:|=/i.test(word));
    const plain = end < 0 ? words : words.slice(0, end);
    return plain.length < 2 ? undefined : { letter, name, nodes: plain.slice(0, -1) };
  }
  const count = nodeCounts[letter];
  if (count === undefined) return undefined;
  // The substrate of a transistor is seldom written; a field-effect transistor may leave its bulk out.
  const nodes = words.slice(0, letter === 'M' && words.length < 5 ? 3 : count);
  if (nodes.length < Math.min(count, 3)) return undefined;
  const value = parseSpiceNumber(words[count] ?? '');
  return { letter, name, nodes, ...(value === undefined ? {} : { value }) };
}
