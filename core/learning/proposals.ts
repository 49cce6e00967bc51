import type { Entry, KitReport } from './kitReport.ts';
import { brokenPart } from './mistakes/damage.ts';
import { backwards } from './mistakes/fitting.ts';
import type { MistakeId } from './mistakes/ids.ts';
import { bridge } from './mistakes/joints.ts';
import { type Said, said } from './said.ts';
import { isFew, type Share } from './shares.ts';

/** Something to change in the next revision of a kit or in its order, with the figures that say so. */
export interface KitProposal {
  readonly id: string;
  /** Tells it from others of its kind: places, or the step. */
  readonly about: string;
  readonly says: Said;
  /** The figures. */
  readonly because: Said;
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

const ofBuilds = ({ count, of }: Share) => ({ count, of });
const placesOf = (entries: readonly Entry[]): string =>
  [...new Set(entries.flatMap(({ designator }) => designator ?? []))].sort().join(', ');

/** Twice may be chance in a full room, but nobody wants to see it a third time (common practice). */
const oftenFrom = 2;

/** A mistake of one kind that keeps happening at one step. */
const recurring =
  (mistake: MistakeId, key: string): ProposalRule['find'] =>
  ({ steps }) =>
    steps.flatMap(({ entries, number, stumbled }) => {
      const found = entries.filter((entry) => entry.mistake === mistake);
      if (found.length < oftenFrom) return [];
      const places = placesOf(found);
      return {
        about: String(number),
        says: said(`proposal.${key}.${places ? 'says' : 'saysOfStep'}`, { places, step: number }),
        because: said('proposal.recurring', {
          times: found.length,
          step: number,
          ...ofBuilds(stumbled),
        }),
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
          about: `${pair.a.designators.join()} ${pair.b.designators.join()}`,
          says: said('proposal.mix-up.says', {
            a: pair.a.designators.join(', '),
            b: pair.b.designators.join(', '),
          }),
          because: said(`proposal.mix-up.${placesOf(entries) ? 'because' : 'becauseNowhere'}`, {
            places: placesOf(entries),
            ...ofBuilds(mixedUp),
          }),
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
              about: step.id,
              says: said('proposal.slow-step.says', { step: number }),
              because: said('proposal.slow-step.because', {
                share: pace.share.toFixed(1),
                low: pace.low.toFixed(1),
                high: pace.high.toFixed(1),
                count: pace.count,
              }),
              few: pace.count < 20,
              entries,
              stepId: step.id,
            }
          : [],
      ),
  },
  {
    id: 'backwards',
    find: recurring(backwards.id, 'backwards'),
  },
  {
    id: 'bridge',
    find: recurring(bridge.id, 'bridge'),
  },
  {
    id: 'broken-part',
    find: recurring(brokenPart.id, 'broken-part'),
  },
  {
    id: 'found-late',
    find: ({ entries, finished }) => {
      const late = entries.filter(({ foundLater }) => foundLater);
      if (late.length < 3 || late.length < entries.length / 2) return [];
      return [
        {
          about: '',
          says: said('proposal.found-late.says'),
          because: said('proposal.found-late.because', { late: late.length, of: entries.length }),
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

/** What the proposals say, by their ids. */
export const proposalWords = {
  recurring:
    '{{times}} times at step {{step}}; something went wrong there in {{count}} of {{of}} builds',
  'mix-up': {
    says: 'Keep {{a}} and {{b}} apart: separate bags, a card with the bands, or a value with other colours in the next order.',
    because: 'mixed up in {{count}} of {{of}} builds, at {{places}}',
    becauseNowhere: 'mixed up in {{count}} of {{of}} builds',
  },
  'slow-step': {
    says: 'Plan step {{step}} longer, split it in two, or show it before everybody begins it.',
    because:
      'it takes {{share}} times its plan (between {{low}} and {{high}}), measured {{count}} times',
  },
  backwards: {
    says: 'Say at step {{step}} which way round {{places}} goes, or print a larger mark on the next board.',
    saysOfStep:
      'Say at step {{step}} which way round it goes, or print a larger mark on the next board.',
  },
  bridge: {
    says: 'Give {{places}} more room on the next board, or fit it before what crowds it.',
    saysOfStep:
      'Give the pads of step {{step}} more room on the next board, or fit them before what crowds them.',
  },
  'broken-part': {
    says: 'Pack a spare for {{places}}, and show how to bend its leads.',
    saysOfStep: 'Pack a spare for the part of step {{step}}, and show how to bend its leads.',
  },
  'found-late': {
    says: 'Add a check in the middle: mistakes are found steps after they were made.',
    because: '{{late}} of {{of}} mistakes were found later than at the step they were made',
  },
} as const;
