import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { type HelpAbout, helpAbouts } from '#core/build/event';
import type { SeatState } from '#core/build/foldSeat';
import { minutesSince } from '#core/pace/waiting';
import { Glyph } from '../ui/Glyph.tsx';
import { useNow } from '../ui/useNow.ts';
import { useQueuePlace } from './useQueuePlace.ts';

interface CallForHelpProps {
  readonly help: NonNullable<SeatState['help']>;
  readonly clock: () => Date;
  readonly say: (about: HelpAbout) => void;
  readonly withdraw: () => void;
}

/** From this place on the wait is worth an exercise: each visit takes a few minutes (common practice). */
const longQueue = 3;

/** A call that nobody has settled: since when, what it is about, and what is known of who comes. */
export function CallForHelp({ help, clock, say, withdraw }: CallForHelpProps) {
  const { t } = useTranslation();
  const { token = '' } = useParams();
  const { eventId, askedAt, about, coming } = help;
  const minutes = minutesSince(askedAt, useNow(clock));
  const place = useQueuePlace(token, `${eventId} ${about ?? ''}`);
  return (
    <section className={about === 'hurt' ? 'alarm-box' : 'help-box'}>
      <p role="status">
        <strong>
          <Glyph name="hand" /> {t('seat.helpAsked')}.
        </strong>{' '}
        {minutes === 0 ? t('seat.helpAskedNow') : t('seat.helpAskedAgo', { count: minutes })}{' '}
        {coming
          ? coming.helper
            ? t('seat.queue.comingBy', { name: coming.helper })
            : t('seat.queue.coming')
          : place !== undefined && t('seat.queue.place', { number: place })}
      </p>
      {about === 'hurt' && <p role="alert">{t('seat.queue.firstAid')}</p>}
      <fieldset className="about-call">
        <legend>{t('seat.queue.about')}</legend>
        {helpAbouts.map((one) => (
          <button
            key={one}
            type="button"
            className="side-button"
            aria-pressed={about === one}
            onClick={() => about !== one && say(one)}
          >
            {t(`seat.queue.abouts.${one}`)}
          </button>
        ))}
      </fieldset>
      {about !== 'hurt' && place !== undefined && place >= longQueue && (
        <Link className="side-button as-link" to="practice">
          {t('seat.queue.practise')}
        </Link>
      )}
      <button type="button" className="side-button" onClick={withdraw}>
        {t('seat.helpWithdraw')}
      </button>
    </section>
  );
}
