import { useTranslation } from 'react-i18next';
import { minutesSince } from '#core/pace/waiting';
import { Glyph } from '../ui/Glyph.tsx';
import { useNow } from '../ui/useNow.ts';

interface CallForHelpProps {
  readonly askedAt: string;
  readonly clock: () => Date;
  readonly withdraw: () => void;
}

export function CallForHelp({ askedAt, clock, withdraw }: CallForHelpProps) {
  const { t } = useTranslation();
  const minutes = minutesSince(askedAt, useNow(clock));
  return (
    <section className="help-box" role="status">
      <p>
        <strong>
          <Glyph name="hand" /> {t('seat.helpAsked')}.
        </strong>{' '}
        {minutes === 0 ? t('seat.helpAskedNow') : t('seat.helpAskedAgo', { count: minutes })}
      </p>
      <button type="button" className="side-button" onClick={withdraw}>
        {t('seat.helpWithdraw')}
      </button>
    </section>
  );
}
