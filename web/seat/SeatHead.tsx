import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { useStore } from 'zustand';
import { LanguageChoice } from '../ui/LanguageChoice.tsx';
import { Network } from './Network.tsx';
import { useOpenSeat } from './Seat.tsx';

/** Whose seat it is, whether everything has arrived, and the language. */
export function SeatHead({ children }: { readonly children?: ReactNode }) {
  const { t } = useTranslation();
  const { view, log } = useOpenSeat();
  const { unsent, connected } = useStore(log.store);
  return (
    <header className="seat-head">
      <div className="seat-line">
        <span>
          <strong>{t('seat.seat', { number: view.number })}</strong> {view.name}
        </span>
        <Network connected={connected} waiting={unsent.size} />
        <LanguageChoice reader="seat" />
      </div>
      {children}
    </header>
  );
}
