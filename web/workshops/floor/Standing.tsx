import type { TFunction } from 'i18next';
import { Trans, useTranslation } from 'react-i18next';
import { elapsedMinutes } from '#core/pace/phase';
import { type Outlook, type Standing as Stands, standingOf } from '#core/pace/tonight/outlook';
import { chanceOf } from '#core/pace/tonight/visitReasons';
import { minutesSince } from '#core/pace/waiting';
import { saying } from '#core/words/sayings';
import { timeOfDay } from '../../ui/clock.ts';
import { Glyph, type GlyphName } from '../../ui/Glyph.tsx';
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
  const { forecast, minutesLeft } = tonight;
  const elapsed = Math.max(0, elapsedMinutes(startsAt, now));
  const stands = standingOf(steps, state.currentStepId, elapsed, minutesLeft, forecast);
  const { outlook } = stands;
  if (!forecast || !outlook) {
    return <div className="standing">{againstPlan(t, stands)}</div>;
  }
  const doneAt = new Date(Date.parse(startsAt) + forecast.done.p50 * 60_000).toISOString();
  return (
    <div className={looks[outlook].className}>
      <Glyph name={looks[outlook].glyph} />{' '}
      {t(`workshops.standing.${outlook}`, { time: timeOfDay(doneAt) })}
      <small>
        {t(stands.despite ? 'workshops.standing.smallDespite' : 'workshops.standing.small', {
          chance: saying(t, chanceOf(forecast.chance)),
          plan: againstPlan(t, stands),
          despite: stands.despite && t(`workshops.standing.despite.${stands.despite}`),
        })}
      </small>
    </div>
  );
}

const looks: Readonly<Record<Outlook, { readonly className: string; readonly glyph: GlyphName }>> =
  {
    likely: { className: 'standing standing-good', glyph: 'dot' },
    open: { className: 'standing', glyph: 'down' },
    unlikely: { className: 'standing standing-bad', glyph: 'down' },
  };

function againstPlan(t: TFunction, { ahead }: Stands): string {
  if (ahead === 0) return t('workshops.standing.onPlan');
  return ahead > 0
    ? t('workshops.standing.ahead', { count: ahead })
    : t('workshops.standing.behind', { count: -ahead });
}
