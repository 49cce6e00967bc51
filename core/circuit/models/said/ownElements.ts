import { inside, type Model, named } from '../model.ts';
import { readElements } from './readElements.ts';

/** A part as a subcircuit of its own, whose nodes are its pins by their numbers. */
export const ownElements = (text: string): Model => ({
  id: 'said-elements',
  source: 'elements of a netlist: the instructor',
  isActive: true,
  takes: () => true,
  assumes: () => 'said',
  cards: (at) => {
    const read = readElements(text);
    if (!('lines' in read) || read.lines.length === 0) return [];
    const spoken = new Set(read.lines.flatMap((line) => line.split(/[\s(),=*+/-]+/)));
    const pins = Array.from({ length: at.part.pins ?? 40 }, (_, index) => String(index + 1)).filter(
      (pin) => spoken.has(pin) || at.isJoined(pin),
    );
    const name = inside(at, 'own');
    return [
      [`.subckt ${name} ${pins.join(' ')}`, ...read.lines, '.ends'].join('\n'),
      `${named('X', at)} ${pins.map((pin) => at.node(pin)).join(' ')} ${name}`,
    ];
  },
});
