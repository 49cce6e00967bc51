import { useTranslation } from 'react-i18next';
import { Link, useLoaderData } from 'react-router';
import { useStore } from 'zustand';
import type { FloorData } from '#contract/keptForms';
import { foldSeat } from '#core/build/foldSeat';
import { minutesLeftOf, onTheWall } from '#core/build/messages';
import { plannedStepAt } from '#core/pace/againstPlan';
import { elapsedMinutes } from '#core/pace/phase';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import type { Kept } from '../../app/kept.ts';
import { duration, timeOfDay } from '../../ui/clock.ts';
import { PartPicture, pictureScale } from '../../ui/PartPicture.tsx';
import { useNow } from '../../ui/useNow.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import { useWorkshopLog } from '../workshopLog.ts';
import './wall.css';

const room = { width: 420, height: 150 };

/** For the projector: the time, where the plan is, a break or a stop; nobody’s name. */
export function WallPage() {
  const { t } = useTranslation();
  const workshop = useWorkshop();
  const kept = useLoaderData<Kept<FloorData>>();
  const log = useWorkshopLog(workshop, kept.data.log, kept.isFresh);
  const { bySeat, connected } = useStore(log.store);
  const now = useNow(log.now);
  const { steps, startsAt, lengthMinutes, seats, title } = workshop;
  const stepIds = steps.map(({ id }) => id);
  const states = seats.map(({ id }) => foldSeat(stepIds, bySeat[id] ?? []));
  const elapsed = elapsedMinutes(startsAt, now);
  const left = lengthMinutes - elapsed;
  const planned = plannedStepAt(steps, elapsed);
  const message = onTheWall(states, now);
  const minutesLeft = message && minutesLeftOf(message, now);
  const finished = states.filter(({ currentStepId }) => currentStepId === null).length;
  return (
    <section className="wall" aria-label={t('workshops.wall.title')}>
      <header className="wall-head">
        <span>{title}</span>
        {!connected && <span role="status">{t('workshops.wall.noNetwork')}</span>}
        <Link to={`/workshops/${workshop.id}/floor`}>{t('workshops.wall.close')}</Link>
      </header>
      <p className="wall-clock">{timeOfDay(now.toISOString())}</p>
      <p className="wall-left">
        {elapsed < 0
          ? t('workshops.floorClock.startsIn', { duration: duration(-elapsed) })
          : left >= 0
            ? t('workshops.floorClock.left', { duration: duration(left) })
            : t('workshops.floorClock.overSince', { duration: duration(-left) })}
      </p>
      {message ? (
        <div className={`wall-message is-${message.sort}`} role="status">
          <p className="wall-sort">{t(`workshops.message.sort.${message.sort}`)}</p>
          {minutesLeft !== null && minutesLeft !== undefined && (
            <p className="wall-countdown">
              {t('workshops.wall.minutesLeft', { count: minutesLeft })}
            </p>
          )}
          <p>{message.text}</p>
        </div>
      ) : (
        <div className="wall-step">
          <p className="wall-sort">{t('workshops.wall.planNow')}</p>
          <p className="wall-title">
            {planned
              ? t('workshops.wall.step', {
                  number: stepIds.indexOf(planned.id) + 1,
                  title: stepTitle(t, planned),
                  places: stepPlaces(planned),
                })
              : t(elapsed < 0 ? 'workshops.lanes.planNotBegun' : 'workshops.lanes.planAllDone')}
          </p>
          {planned && planned.kind !== 'check' && (
            <div className="wall-parts">
              {planned.parts.slice(0, 3).map((part) => (
                <PartPicture
                  key={part.designators.join() || part.description}
                  part={part}
                  pixelsPerMm={pictureScale(part, room)}
                />
              ))}
            </div>
          )}
        </div>
      )}
      <p className="wall-done">{t('workshops.wall.done', { count: finished, of: seats.length })}</p>
    </section>
  );
}
