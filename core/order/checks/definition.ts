import type { Shape } from '../../parts/drawing/drawing.ts';
import type { WorkNode } from '../node.ts';
import type { HardRule } from '../rules/rule.ts';
import type { CheckStep } from '../step.ts';
import type { CheckId } from './ids.ts';
import type { Limits, MeasuredUnit } from './limits.ts';

/** Everything about a check of a build: what derives from checks anywhere takes it from these records. */
export interface CheckDefinition<Id extends CheckId = CheckId> {
  readonly id: Id;
  /** Minutes for somebody new (prior from common practice). */
  readonly minutes: number;
  /** Whether the whole board of a kit with this work has it; `hasSupply`: the board can have power of its own. */
  readonly appliesTo: (work: readonly WorkNode[], hasSupply: boolean) => boolean;
  /**
   * Whether each block has one, where blocks are tested. `with-test`: only a block of which the instructor says what is
   * to be seen; each such check stands for itself and is never merged with its neighbours.
   */
  readonly perBlock: 'always' | 'with-test' | 'never';
  /** `early`: as soon as its rules allow. `before-its-work`: right before the first step that waits for it. */
  readonly stands: 'early' | 'before-its-work';
  /** The board has power while it is done. */
  readonly isLive: boolean;
  /** When it was right, the supply is known to be right: chips may go in, and later power is no risk. */
  readonly provesSupply: boolean;
  /** What decides it; null for a check that is decided by looking. */
  readonly form: CheckForm | null;
  /** What it says on some kits only. */
  readonly notes: (step: CheckStep) => CheckNotes;
  /** Where it stands among the steps. */
  readonly rules: readonly HardRule[];
  readonly words: {
    readonly name: string;
    /** Sentences in order; the notes stand before and after them. */
    readonly how: readonly string[];
    /** `{{least}}` and `{{most}}` are the limits of the form. */
    readonly expect: string;
    readonly otherwise: string;
    readonly why: string;
  };
  /** For readers of any language, 24 by 24; see core/parts/drawing/pictogram. */
  readonly pictogram: readonly Shape[];
}

/** What of a step decides what a reading means. */
export type Judged = Pick<CheckStep, 'chipsOut' | 'blocks' | 'mostMilliampere' | 'shows'>;

/** A check that a meter decides: what is read, and what the reading means. */
export interface CheckForm {
  readonly unit: MeasuredUnit;
  /** What is right on this board, as papers print it. */
  readonly limits: (step: Judged) => Limits;
  readonly judge: (amount: number, step: Judged) => Finding;
}

/** What a reading means; all but `right` are findings to be looked at before the learner goes on. */
export type Finding =
  | 'right'
  | 'short'
  | 'nearly-short'
  | 'too-much'
  | 'no-current'
  | 'too-low'
  | 'too-high';

/** A sentence that a check needs on some kits only, as data; the catalogue has the words. */
export type CheckNote =
  | { readonly kind: 'chips-out'; readonly chips: readonly string[] }
  | { readonly kind: 'no-cells' }
  | { readonly kind: 'volt'; readonly volt: number }
  | { readonly kind: 'most-milliampere'; readonly most: number }
  /** What good boards show, worked out from the circuit. */
  | { readonly kind: 'good-boards'; readonly unit: MeasuredUnit; readonly range: Limits }
  | { readonly kind: 'current-limit'; readonly most: number }
  | { readonly kind: 'settles'; readonly seconds: number }
  | { readonly kind: 'cells-out-again' };

export interface CheckNotes {
  /** Said before what the check says on every kit. */
  readonly before: readonly CheckNote[];
  readonly after: readonly CheckNote[];
}

export const noNotes: CheckNotes = { before: [], after: [] };

/** Chips stay out of their sockets until the supply is known to be right (common practice). */
export const chipsOut = ({ chipsOut: chips }: CheckStep): CheckNote[] =>
  chips.length > 0 ? [{ kind: 'chips-out', chips }] : [];
