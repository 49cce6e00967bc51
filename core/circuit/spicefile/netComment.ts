import type { SaidNet } from '../notes.ts';

/**
 * A net as a comment of a netlist: `* n1 = VCC: R1.1 C1.1`. The cards themselves do not tell it whole: a model has nodes
 * of its own between the leads of its part.
 */
export const netComment = (node: string, { name, pins }: SaidNet): string =>
  `* ${node} = ${name.replace(/\s+/g, ' ')}: ${pins.join(' ')}`;

/** The net of such a comment; undefined for any other line. */
export function netOfComment(line: string): SaidNet | undefined {
  const [sign, node, equals] = line.split(' ', 3);
  const colon = line.lastIndexOf(': ');
  if (sign !== '*' || !node || equals !== '=' || colon < 0) return undefined;
  const name = line.slice(`* ${node} = `.length, colon).trim();
  const pins = line.slice(colon + 2).split(' ');
  return name !== '' && pins.every((pin) => pin.lastIndexOf('.') > 0) ? { name, pins } : undefined;
}
