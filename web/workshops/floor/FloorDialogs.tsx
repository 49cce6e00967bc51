import { lazy, Suspense, useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { FloorSeat } from './floorSeat.ts';
import type { FloorDeeds } from './useFloorDeeds.tsx';

/** Opened by a tap: not needed for the first look at the room, and all there before anybody taps, network or not. */
const parts = {
  tellEveryone: () => import('./TellEveryone.tsx'),
  sendMessage: () => import('./SendMessage.tsx'),
  putAtStep: () => import('./PutAtStep.tsx'),
  mistakeGrid: () => import('./MistakeGrid.tsx'),
  swapSeats: () => import('./SwapSeats.tsx'),
  addSeat: () => import('../AddSeat.tsx'),
};
const TellEveryone = lazy(async () => ({ default: (await parts.tellEveryone()).TellEveryone }));
const SendMessage = lazy(async () => ({ default: (await parts.sendMessage()).SendMessage }));
const PutAtStep = lazy(async () => ({ default: (await parts.putAtStep()).PutAtStep }));
const MistakeGrid = lazy(async () => ({ default: (await parts.mistakeGrid()).MistakeGrid }));
const SwapSeats = lazy(async () => ({ default: (await parts.swapSeats()).SwapSeats }));
const AddSeat = lazy(async () => ({ default: (await parts.addSeat()).AddSeat }));

/** What is open over the floor. */
export type FloorDialog =
  | { readonly kind: 'tell' | 'message' | 'add' | 'put' | 'swap' }
  | { readonly kind: 'mistake'; readonly seatId: string; readonly anchor: HTMLElement };

interface FloorDialogsProps {
  readonly dialog: FloorDialog | undefined;
  readonly steps: readonly PlannedStep[];
  readonly seats: readonly FloorSeat[];
  readonly chosen: FloorSeat | undefined;
  readonly choose: (seatId: string) => void;
  readonly deeds: FloorDeeds;
  readonly close: () => void;
}

export function FloorDialogs({
  dialog,
  steps,
  seats,
  chosen,
  choose,
  deeds,
  close,
}: FloorDialogsProps) {
  const { t } = useTranslation();
  useEffect(() => {
    // One that does not come now is asked for again when it is opened.
    for (const load of Object.values(parts)) load().catch(() => undefined);
  }, []);
  const atGrid =
    dialog?.kind === 'mistake' ? seats.find(({ seat }) => seat.id === dialog.seatId) : undefined;
  return (
    <Suspense>
      {dialog?.kind === 'tell' && (
        <TellEveryone
          steps={steps}
          seats={seats}
          firstStepId={chosen?.state.currentStepId ?? earliestStep(seats) ?? steps[0]?.id ?? ''}
          tell={(told) => {
            deeds.tell(told);
            close();
          }}
          close={close}
        />
      )}
      {dialog?.kind === 'add' && <AddSeat added={choose} close={close} />}
      {dialog?.kind === 'message' && (
        <SendMessage
          steps={steps}
          seats={seats}
          send={(to, words) => {
            deeds.send(to, words);
            close();
          }}
          close={close}
        />
      )}
      {dialog?.kind === 'put' && chosen && (
        <PutAtStep
          at={chosen}
          seats={seats}
          put={(at, stepId) => {
            deeds.put(at, stepId);
            close();
          }}
          close={close}
        />
      )}
      {dialog?.kind === 'swap' && chosen && <SwapSeats seat={chosen.seat} close={close} />}
      {dialog?.kind === 'mistake' && atGrid && (
        <MistakeGrid
          at={atGrid}
          steps={steps}
          anchor={dialog.anchor}
          close={close}
          log={(deed) => {
            const what = [t(`mistake.${deed.mistake}.name`), deed.designator]
              .filter(Boolean)
              .join(' ');
            deeds.record(atGrid.seat, deed, t('workshops.floorPage.logged', { what }));
            close();
          }}
        />
      )}
    </Suspense>
  );
}

/** The first step of the plan that somebody is still at. */
const earliestStep = ([first, ...others]: readonly FloorSeat[]): string | undefined =>
  first?.steps.find(({ id }) => [first, ...others].some(({ state }) => state.currentStepId === id))
    ?.id;
