import type { OrderNode } from '../node.ts';
import type { Situation } from '../situation.ts';
import type { RuleId } from './ids.ts';

/** A rule that holds in every style of building: in each pair the first comes before the second. */
export interface HardRule {
  readonly id: RuleId;
  readonly pairs: (nodes: readonly OrderNode[], situation: Situation) => readonly Pair[];
  /** It is kept already when the first is put in first; both may be soldered in one turn. */
  readonly enoughToPutInFirst?: true;
  /** It is the reason even where the styles would have had the same order. */
  readonly alwaysSaid?: true;
  readonly words: {
    /** Why the first of a pair stands this early; `others` are the parts that wait for it. */
    readonly before?: string;
    /** Why the second stands this late; `others` are the parts it waits for. */
    readonly after: string;
    /** What the rule says, for somebody who is about to break it. */
    readonly says: string;
    /** What to change where it contradicts another rule. */
    readonly wayOut: string;
  };
}

export type Pair = readonly [before: OrderNode, after: OrderNode];

/** A rule at work between two nodes. */
export interface Edge {
  readonly from: OrderNode;
  readonly to: OrderNode;
  readonly rule: HardRule;
}

/** Every pair of what `before` picks and what `after` picks, never a node with itself. */
export const eachPair =
  (before: (node: OrderNode) => boolean, after: (node: OrderNode) => boolean) =>
  (nodes: readonly OrderNode[]): Pair[] => {
    const late = nodes.filter(after);
    return nodes
      .filter(before)
      .flatMap((from) => late.filter((to) => to !== from).map((to) => [from, to] as const));
  };
