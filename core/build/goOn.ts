import { measuringOf } from '../order/checks/measuring.ts';
import type { Step } from '../order/step.ts';
import type { SeatState } from './foldSeat.ts';

/** Whether a step may be called done: `reading`: a meter has to say so first; `held`: staff have to. */
export type GoOn = 'free' | 'reading' | 'held';

/**
 * Whether a seat may go on from a step. A check that failed holds it until staff have looked; what they released
 * counts as right, whatever the meter showed before. A fault that everybody was told of and that this seat has built in
 * holds it at its next check, before there is power, until somebody has looked.
 */
export function goOn(
  step: Step,
  state: Pick<SeatState, 'holds' | 'readings' | 'releases' | 'notices'>,
): GoOn {
  const { holds, readings, releases } = state;
  if (isHeldByNotice(step, state)) return 'held';
  if (holds.some(({ stepId }) => stepId === step.id)) return 'held';
  const measuring = measuringOf(step);
  if (!measuring) return 'free';
  const last = readings.findLast(({ stepId }) => stepId === step.id);
  const release = releases.findLast(({ stepId }) => stepId === step.id);
  if (release && (!last || release.at >= last.at)) return 'free';
  return last && measuring.judge(last.amount) === 'right' ? 'free' : 'reading';
}

export const isHeldByNotice = (step: Step, { notices }: Pick<SeatState, 'notices'>): boolean =>
  (step.kind === 'check' || step.own?.sort === 'check') &&
  notices.some(({ holds, standing }) => holds && standing === 'to-check');
