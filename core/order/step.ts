import type { Side } from '../board/board.ts';
import type { Range } from '../circuit/figures.ts';
import type { Hazard, HoldMethod } from '../parts/family.ts';
import type { Part } from '../parts/part.ts';
import type { CheckId } from './checks/ids.ts';
import type { Named, WorkKind } from './kinds.ts';
import type { OwnOfStep } from './own/own.ts';
import type { RuleId } from './rules/ids.ts';
import type { StyleId } from './styles/ids.ts';

/** One thing a learner does before looking at the screen again. */
export type Step = WorkStep | CheckStep;

export interface WorkStep {
  /** Stable for a kit revision: made of what is done and to which parts. */
  readonly id: string;
  readonly kind: WorkKind;
  /** Lines of one family and one value; of several where the instructor lets them be put in together. */
  readonly parts: readonly Part[];
  readonly joints: number;
  /** Of these, how many hang on a plane or a large pad and take longer. */
  readonly hotJoints: number;
  /** The side of the board on which the parts stand. */
  readonly side: Side;
  /** Places of the parts that its screws or ties hold. */
  readonly holds?: readonly string[];
  readonly reason: Reason;
  /** What to know before picking up the iron. */
  readonly cautions: readonly Caution[];
  /** What would drop out when the board is turned over, and what keeps it in. */
  readonly holding: readonly Holding[];
  readonly lengths: readonly Length[];
  /** What the instructor says otherwise, or of a step of his own. */
  readonly own?: OwnOfStep;
}

export interface CheckStep {
  readonly id: string;
  readonly kind: 'check';
  readonly check: CheckId;
  /** The blocks that are tested; none where it is the whole board. */
  readonly blocks: readonly string[];
  /** What the instructor wants seen, where the check is about a block of his. */
  readonly sees: string | null;
  /** Chips that must be out of their sockets while checking, by place name. */
  readonly chipsOut: readonly string[];
  /** The kit runs on cells, which are out again after the check. */
  readonly hasBattery: boolean;
  readonly supplyVolt: number | null;
  /** What the board may take, estimated from its parts; absent in plans from before it was. */
  readonly mostMilliampere?: number;
  /** What good boards show then, worked out from the circuit; absent where that was not done. */
  readonly shows?: ShownAtCheck;
  /** What of the kit can hurt; absent in plans from before it was said. */
  readonly hazards?: readonly Hazard[];
  readonly reason: Reason;
  readonly own?: OwnOfStep;
}

/** What nineteen of twenty good boards show at a check. */
export interface ShownAtCheck {
  /** From plus to minus, red probe at plus. */
  readonly ohm?: Range;
  /** Until capacitors are charged by the meter. */
  readonly settlesSeconds?: number;
  readonly milliampere?: Range;
  readonly limitMilliampere?: number;
}

/** Something about this very kit that the family's words do not say. */
export type Caution =
  /** The kit's papers or board are wrong here. */
  | { readonly kind: 'erratum'; readonly text: string; readonly designators: readonly string[] }
  /** The lot in the bag differs from the rule. */
  | { readonly kind: 'lot-note'; readonly text: string; readonly designators: readonly string[] }
  /** These look like parts fitted in an earlier step; `other` are those, `here` the ones of this step. */
  | { readonly kind: 'mix-up'; readonly here: Part; readonly other: Part };

/** Why a step stands where it stands, as data; the catalogue makes the sentence. */
export type Reason =
  /** Nothing left lies lower; `next` is the first taller part after it, null for the tallest of all. */
  | { readonly kind: 'lowest'; readonly heightMm: number; readonly next: Named | null }
  /** The same among surface parts: what is flatter is in nobody's way. */
  | { readonly kind: 'flattest'; readonly heightMm: number; readonly next: Named | null }
  /** As high as the step before, but another value. */
  | { readonly kind: 'same-height'; readonly heightMm: number; readonly before: Named }
  /** A hard rule puts it before or after others. */
  | {
      readonly kind: 'rule';
      readonly rule: RuleId;
      readonly side: 'before' | 'after';
      readonly others: readonly Named[];
    }
  /** A style of building puts it before or after others. */
  | {
      readonly kind: 'style';
      readonly style: StyleId;
      readonly side: 'before' | 'after';
      readonly others: readonly Named[];
    }
  /** The instructor put it there; `before` is the step it follows, null for the first. */
  | { readonly kind: 'by-hand'; readonly before: Named | null }
  /** Wires that hang off the board come after what stands on it. */
  | { readonly kind: 'off-board' }
  | { readonly kind: 'check' };

/** Parts of a step that would drop out of the board. */
export interface Holding {
  readonly places: readonly string[];
  readonly method: HoldMethod;
  /** How far the loosest of them can drop, in mm. */
  readonly dropMm: number;
}

/** A length that hands measure at a step, in mm. */
export type Length =
  /** Leads are bent at this distance. */
  | { readonly kind: 'bend'; readonly places: readonly string[]; readonly mm: number }
  /** The body stands off the board. */
  | { readonly kind: 'raise'; readonly places: readonly string[]; readonly mm: number }
  /** The body is bent over onto the board; nothing is measured. */
  | { readonly kind: 'lay'; readonly places: readonly string[] }
  /** A bare wire is cut to this, with enough at both ends to go through the board. */
  | { readonly kind: 'cut-link'; readonly places: readonly string[]; readonly mm: number }
  /** A wire is cut to this; its ends are stripped. */
  | { readonly kind: 'cut-wire'; readonly places: readonly string[]; readonly mm: number };
