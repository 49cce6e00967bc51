import { useTranslation } from 'react-i18next';
import { useStore } from 'zustand';
import type { Deed } from '#core/build/event';
import type { SeatState } from '#core/build/foldSeat';
import type { Step } from '#core/order/step';
import type { BuildLog } from '../app/buildLog.ts';
import { Glyph } from '../ui/Glyph.tsx';

interface OnHoldProps {
  readonly state: SeatState;
  readonly step: Step;
  readonly log: BuildLog;
  readonly report: (deed: Deed) => void;
}

/** A check that failed waits for staff; where no word of theirs can arrive, they let the seat go on at the seat itself. */
export function OnHold({ state, step, log, report }: OnHoldProps) {
  const { t } = useTranslation();
  const { connected } = useStore(log.store);
  const failed = state.holds
    .filter(({ stepId }) => stepId === step.id)
    .map(({ eventId }) => eventId);
  return (
    <section className="alarm-box" role="status">
      <p>
        <Glyph name="warn" /> {t(failed.length > 0 ? 'seat.onHoldSays' : 'seat.onHoldByNotice')}
      </p>
      {!connected && failed.length > 0 && (
        <button
          type="button"
          className="side-button"
          onClick={() => report({ kind: 'released', stepId: step.id, failed })}
        >
          {t('seat.releasedHere')}
        </button>
      )}
    </section>
  );
}
