import { Trans, useTranslation } from 'react-i18next';
import { isFarBehind, minutesAhead } from '#core/pace/againstPlan';
import { elapsedMinutes } from '#core/pace/phase';
import { chanceOf } from '#core/pace/tonight/visitReasons';
import { minutesSince } from '#core/pace/waiting';
import { saying } from '#core/words/sayings';
import { Glyph } from '../../ui/Glyph.tsx';
import type { FloorSeat } from './floorSeat.ts';

interface StandingProps {
  readonly at: FloorSeat;
  readonly startsAt: string;
}

/** The one thing to know about a seat, readable from two metres away; a shape and a word, never colour alone. */
export function Standing({ at: { state, steps, now, tonight }, startsAt }: StandingProps) {
  const { t } = useTranslation();
  if (state.help) {
    const minutes = minutesSince(state.help.askedAt, now);
    return (
      <div className="standing standing-bad">
        <Trans
          i18nKey="workshops.standing.help"
          values={{ since: t('workshops.standing.since', { count: minutes }) }}
          components={{ glyph: <Glyph name="hand" />, small: <small /> }}
        />
      </div>
    );
  }
  if (state.finishedAt) {
    return (
      <div className="standing standing-good">
        <Trans
          i18nKey="workshops.standing.doneMinute"
          values={{
            elapsedMinutes: Math.round(elapsedMinutes(startsAt, new Date(state.finishedAt))),
          }}
          components={{ glyph: <Glyph name="tick" />, small: <small /> }}
        />
      </div>
    );
  }
  const elapsed = Math.max(0, elapsedMinutes(startsAt, now));
  const ahead = Math.round(minutesAhead(steps, state.currentStepId, elapsed));
  if (ahead <= -1) {
    return (
      <div className={isFarBehind(ahead) ? 'standing standing-bad' : 'standing'}>
        <Trans
          i18nKey="workshops.standing.minBehind"
          values={{ minutes: -ahead, chance: saying(t, chanceOf(tonight.chance)) }}
          components={{ glyph: <Glyph name="down" />, small: <small /> }}
        />
      </div>
    );
  }
  return (
    <div className="standing standing-good">
      <Glyph name={ahead >= 1 ? 'up' : 'dot'} />{' '}
      {ahead >= 1 ? t('workshops.standing.min', { ahead }) : t('workshops.standing.onPlan')}
      <small>
        {ahead >= 1
          ? t('workshops.standing.ahead', { chance: saying(t, chanceOf(tonight.chance)) })
          : saying(t, chanceOf(tonight.chance))}
      </small>
    </div>
  );
}
