import { isFarBehind, minutesAhead } from '#core/pace/againstPlan';
import { elapsedMinutes } from '#core/pace/phase';
import { percent } from '#core/pace/tonight/visitReasons';
import { minutesSince } from '#core/pace/waiting';
import { Glyph } from '../../ui/Glyph.tsx';
import type { FloorSeat } from './floorSeat.ts';

interface StandingProps {
  readonly at: FloorSeat;
  readonly startsAt: string;
}

/** The one thing to know about a seat, readable from two metres away; a shape and a word, never colour alone. */
export function Standing({ at: { state, steps, now, tonight }, startsAt }: StandingProps) {
  if (state.help) {
    const minutes = minutesSince(state.help.askedAt, now);
    return (
      <div className="standing standing-bad">
        <Glyph name="hand" /> help
        <small>{minutes === 0 ? 'just now' : `for ${minutes} min`}</small>
      </div>
    );
  }
  if (state.finishedAt) {
    return (
      <div className="standing standing-good">
        <Glyph name="tick" /> done
        <small>minute {Math.round(elapsedMinutes(startsAt, new Date(state.finishedAt)))}</small>
      </div>
    );
  }
  const elapsed = Math.max(0, elapsedMinutes(startsAt, now));
  const ahead = Math.round(minutesAhead(steps, state.currentStepId, elapsed));
  if (ahead <= -1) {
    return (
      <div className={isFarBehind(ahead) ? 'standing standing-bad' : 'standing'}>
        <Glyph name="down" /> {-ahead} min
        <small>behind, {percent(tonight.chance)}</small>
      </div>
    );
  }
  return (
    <div className="standing standing-good">
      <Glyph name={ahead >= 1 ? 'up' : 'dot'} /> {ahead >= 1 ? `${ahead} min` : 'on plan'}
      <small>
        {ahead >= 1 && 'ahead, '}
        {percent(tonight.chance)}
      </small>
    </div>
  );
}
