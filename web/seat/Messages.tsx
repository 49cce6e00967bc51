import { useTranslation } from 'react-i18next';
import type { Deed } from '#core/build/event';
import type { Message } from '#core/build/foldSeat';
import { isBreakOver, isMessageOpen, minutesLeftOf } from '#core/build/messages';
import { timeOfDay } from '../ui/clock.ts';
import { Glyph, type GlyphName } from '../ui/Glyph.tsx';
import { useNow } from '../ui/useNow.ts';

interface MessagesProps {
  readonly messages: readonly Message[];
  readonly clock: () => Date;
  readonly report: (deed: Deed) => void;
}

const signs: Readonly<Record<Message['sort'], GlyphName>> = {
  hint: 'dot',
  look: 'hand',
  check: 'warn',
  break: 'ring',
  stop: 'cross',
};

/** What staff have told this seat, until it is read; a break until it is over. */
export function Messages({ messages, clock, report }: MessagesProps) {
  const { t } = useTranslation();
  const now = useNow(clock);
  const open = messages.filter((message) => isMessageOpen(message, now));
  return (
    <div aria-live="assertive">
      {open.map((message) => {
        const { eventId, sort, text, readAt } = message;
        const left = minutesLeftOf(message, now);
        return (
          <section key={eventId} className={sort === 'hint' ? 'help-box' : 'alarm-box'}>
            <h2>
              <Glyph name={signs[sort]} /> {t(`seat.message.sort.${sort}`)}
            </h2>
            <p>
              <strong>{text}</strong>
            </p>
            {left !== null && (
              <p>
                {isBreakOver(message, now)
                  ? t('seat.message.breakIsOver')
                  : t('seat.message.breakUntil', {
                      time: timeOfDay(endOfBreak(message)),
                      count: left,
                    })}
              </p>
            )}
            {readAt === null && (
              <button
                type="button"
                className="side-button"
                onClick={() => report({ kind: 'message-read', told: eventId })}
              >
                {t('seat.message.understood')}
              </button>
            )}
          </section>
        );
      })}
    </div>
  );
}

const endOfBreak = ({ at, minutes = 0 }: Message): string =>
  new Date(Date.parse(at) + minutes * 60_000).toISOString();
