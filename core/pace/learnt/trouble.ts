import type { SeatState } from '../../build/foldSeat.ts';
import type { PlannedStep } from '../stepMinutes.ts';
import { troublesOf } from './stepTimes.ts';

/** How often something went wrong or somebody was called, and how long they stayed. */
export interface TroubleSeen {
  readonly joints: number;
  readonly troubles: number;
  readonly visits: number;
  /** Of all visits together. */
  readonly visitMinutes: number;
}

export const noTrouble: TroubleSeen = { joints: 0, troubles: 0, visits: 0, visitMinutes: 0 };

/** One joint in so many goes wrong where somebody is new (prior), weighed as so many joints that were seen. */
const jointsPerTrouble = 40;
const jointsBehindPrior = 160;

/** How long somebody stays (prior, common practice), weighed as so many visits that were seen. */
const priorVisitMinutes = 3;
const visitsBehindPrior = 10;

/** A visit that nobody ended for longer was forgotten. */
const longestVisit = 15;

export const troubleAJoint = ({ joints, troubles }: TroubleSeen): number =>
  (jointsBehindPrior / jointsPerTrouble + troubles) / (jointsBehindPrior + joints);

export const minutesAVisit = ({ visits, visitMinutes }: TroubleSeen): number =>
  (visitsBehindPrior * priorVisitMinutes + visitMinutes) / (visitsBehindPrior + visits);

/** What one seat's evening adds: things that went wrong or visits, one at the most for each step that was done. */
export function troubleAt(steps: readonly PlannedStep[], state: SeatState): TroubleSeen {
  const done = steps.filter(({ id }) => id in state.doneAt);
  const times = done.map(({ id }) => state.doneAt[id] ?? '').sort();
  const stepsWith = new Set(troublesOf(state).map((at) => times.findIndex((time) => time >= at)));
  const stays = state.visits.flatMap(({ at, endedAt }) => {
    const minutes =
      endedAt === null ? longestVisit : (Date.parse(endedAt) - Date.parse(at)) / 60_000;
    return minutes >= 0 && minutes < longestVisit ? [minutes] : [];
  });
  return {
    joints: done.reduce((sum, step) => sum + (step.kind === 'solder' ? step.joints : 0), 0),
    troubles: [...stepsWith].filter((index) => index >= 0).length,
    visits: stays.length,
    visitMinutes: stays.reduce((sum, minutes) => sum + minutes, 0),
  };
}

export const addedTrouble = (a: TroubleSeen, b: TroubleSeen): TroubleSeen => ({
  joints: a.joints + b.joints,
  troubles: a.troubles + b.troubles,
  visits: a.visits + b.visits,
  visitMinutes: a.visitMinutes + b.visitMinutes,
});
