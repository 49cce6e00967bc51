import { useTranslation } from 'react-i18next';
import type { Repeat } from '#core/order/own/measure';
import { repeatSentence } from '#core/words/measureWords';

export interface CounterProps {
  readonly repeat: Repeat;
  readonly pieces: number;
  readonly count: (pieces: number) => void;
  /** Somebody who has not counted along is done all the same. */
  readonly all: () => void;
}

/** How many pieces of a repeated step are done; the button for the next one stands under the thumb. */
export function Counter({ repeat, pieces, count, all }: CounterProps) {
  const { t } = useTranslation();
  const { times } = repeat;
  return (
    <section className="way">
      <h2 id="counter-head">{repeatSentence(t, repeat)}</h2>
      <p className="counter" role="status">
        {t('seat.counted', { pieces, times })}
      </p>
      <progress value={pieces} max={times} aria-labelledby="counter-head" />
      <div className="counter-row">
        <button
          type="button"
          className="side-button"
          onClick={() => count(pieces - 1)}
          disabled={pieces === 0}
        >
          {t('seat.oneLess')}
        </button>
        <button type="button" className="side-button" onClick={all} disabled={pieces >= times}>
          {t('seat.allDone', { times })}
        </button>
      </div>
    </section>
  );
}
