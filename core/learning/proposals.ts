import type { Entry, KitReport } from './kitReport.ts';
import { brokenPart } from './mistakes/damage.ts';
import { backwards } from './mistakes/fitting.ts';
import type { MistakeId } from './mistakes/ids.ts';
import { bridge } from './mistakes/joints.ts';
import { isFew, type Share } from './shares.ts';

/** Something to change in the next revision of a kit or in its order, with the figures that say so. */
export interface KitProposal {
  readonly id: string;
  readonly says: string;
  /** The figures, in words. */
  readonly because: string;
  /** The numbers are too few to conclude much. */
  readonly few: boolean;
  readonly entries: readonly Entry[];
  /** The step whose times the figures are, where they are times and not mistakes. */
  readonly stepId?: string;
}

interface ProposalRule {
  readonly id: string;
  readonly find: (report: KitReport) => Omit<KitProposal, 'id'>[];
}

const ofBuilds = ({ count, of }: Share): string => `in ${count} of ${of} builds`;
const placesOf = (entries: readonly Entry[]): string =>
  [...new Set(entries.flatMap(({ designator }) => designator ?? []))].sort().join(', ');

/** Twice may be chance in a full room, but nobody wants to see it a third time (common practice). */
const oftenFrom = 2;

/** A mistake of one kind that keeps happening at one step. */
const recurring =
  (mistake: MistakeId, says: (places: string, step: number) => string): ProposalRule['find'] =>
  ({ steps }) =>
    steps.flatMap(({ entries, number, stumbled }) => {
      const found = entries.filter((entry) => entry.mistake === mistake);
      if (found.length < oftenFrom) return [];
      return {
        says: says(placesOf(found), number),
        because: `${found.length} times at step ${number}, ${ofBuilds(stumbled)} something went wrong there`,
        few: isFew(stumbled),
        entries: found,
      };
    });

/** What a report can lead to; a new proposal is one record here. */
const rules: readonly ProposalRule[] = [
  {
    id: 'mix-up',
    find: ({ pairs }) =>
      pairs
        .filter(({ mixedUp }) => mixedUp.count >= oftenFrom)
        .map(({ pair, mixedUp, entries }) => ({
          says: `Part ${pair.a.designators.join(', ')} from ${pair.b.designators.join(', ')}: bags of their own, a card with the bands beside them, or a value with other colours in the next order.`,
          because: `mixed up ${ofBuilds(mixedUp)}, at ${placesOf(entries) || 'places not said'}`,
          few: isFew(mixedUp),
          entries,
        })),
  },
  {
    id: 'slow-step',
    // Slow for sure: even the lower end of the interval lies well above the plan.
    find: ({ steps }) =>
      steps.flatMap(({ step, pace, number, entries }) =>
        pace && pace.count > 1 && pace.share >= 1.5 && pace.low > 1.2
          ? {
              says: `Plan step ${number} longer, split it in two, or show it before everybody begins it.`,
              because: `it takes ${pace.share.toFixed(1)} times its plan (between ${pace.low.toFixed(1)} and ${pace.high.toFixed(1)}), from ${pace.count} times`,
              few: pace.count < 20,
              entries,
              stepId: step.id,
            }
          : [],
      ),
  },
  {
    id: 'backwards',
    find: recurring(
      backwards.id,
      (places, step) =>
        `Say at step ${step} which way round ${places || 'it goes'}, or print a larger mark on the next board.`,
    ),
  },
  {
    id: 'bridge',
    find: recurring(
      bridge.id,
      (places, step) =>
        `Give ${places || `the pads of step ${step}`} more room on the next board, or fit it before what crowds it.`,
    ),
  },
  {
    id: 'broken-part',
    find: recurring(
      brokenPart.id,
      (places) => `Pack a spare for ${places || 'this part'}, and show how to bend its leads.`,
    ),
  },
  {
    id: 'found-late',
    find: ({ entries, finished }) => {
      const late = entries.filter(({ foundLater }) => foundLater);
      if (late.length < 3 || late.length < entries.length / 2) return [];
      return [
        {
          says: 'Add a check in the middle: mistakes are found steps after they were made.',
          because: `${late.length} of ${entries.length} mistakes were found later than at the step they were made`,
          few: isFew(finished),
          entries: late,
        },
      ];
    },
  },
];

/** What to change in a kit, by what its workshops have shown; most figures first. */
export const proposalsFor = (report: KitReport): KitProposal[] =>
  rules
    .flatMap(({ id, find }) => find(report).map((proposal) => ({ id, ...proposal })))
    .sort((a, b) => b.entries.length - a.entries.length);
