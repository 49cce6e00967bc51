import { pinoutOf } from '../../parts/pinouts.ts';
import { type Assumption, type At, inside } from './model.ts';

/** The node of a lead by its name; leads that share a name share a node. */
export function lead(at: At, name: string): string {
  const index = pinoutOf(at.part)?.pins.indexOf(name) ?? -1;
  return index < 0 ? inside(at, name) : at.node(index + 1);
}

/** The nodes of all leads of a name: a coil has two. */
export const leadsNamed = (at: At, name: string): string[] =>
  (pinoutOf(at.part)?.pins ?? []).flatMap((pin, index) =>
    pin === name ? [at.node(index + 1)] : [],
  );

export const hasLeads = (names: readonly string[]) => (at: Pick<At, 'part'>) => {
  const pins = pinoutOf(at.part)?.pins ?? [];
  return names.every((name) => pins.includes(name));
};
/** Said where makers order the leads of a type differently. */
export const makers = (part: At['part']): Assumption | null =>
  pinoutOf(part)?.makersDiffer ? 'makers-differ' : null;
