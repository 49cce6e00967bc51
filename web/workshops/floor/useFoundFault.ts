import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import { useLocation, useNavigate } from 'react-router';
import type { Seat } from '#contract/workshops';
import type { Deed } from '#core/build/event';
import { foundIn } from '../../app/foundFault.ts';
import type { FloorSeat } from './floorSeat.ts';

/** Logs, once, what was found wrong with the board of a seat on the page of faults. */
export function useFoundFault(
  seats: readonly FloorSeat[],
  record: (seat: Seat, deed: Deed, said: string) => void,
) {
  const { t } = useTranslation();
  const { state, pathname, search } = useLocation();
  const navigate = useNavigate();
  const logged = useRef<unknown>(undefined);
  useEffect(() => {
    const found = foundIn(state);
    const at = seats.find(({ seat }) => seat.id === found?.seatId);
    if (!found || !at || logged.current === state) return;
    logged.current = state;
    const { mistake, place: designator } = found;
    const made = at.steps.find(
      (step) =>
        step.kind !== 'check' &&
        step.parts.some(({ designators }) => designators.includes(designator)),
    );
    const stepId = made?.id ?? at.state.currentStepId ?? at.steps.at(-1)?.id;
    if (stepId !== undefined) {
      const what = t(`mistake.${mistake}.name`);
      const deed: Deed = { kind: 'mistake', stepId, mistake, designator };
      record(at.seat, { kind: 'note', text: found.says }, found.says);
      // The last that was recorded can be taken back at once.
      record(at.seat, deed, t('workshops.floorPage.logged', { what }));
    }
    // Loaded again, the page must not log it again.
    void navigate(`${pathname}${search}`, { replace: true, state: null });
  }, [state, seats, record, navigate, pathname, search, t]);
}
