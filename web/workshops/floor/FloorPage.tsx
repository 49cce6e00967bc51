import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useLoaderData, useSearchParams } from 'react-router';
import { useStore } from 'zustand';
import type { WorkshopLog } from '#contract/workshops';
import type { Deed } from '#core/build/event';
import { elapsedMinutes } from '#core/pace/phase';
import { useShortcuts } from '../../app/shortcuts.ts';
import { useEveryTenSeconds } from '../../ui/useEveryTenSeconds.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import { FloorClock } from './FloorClock.tsx';
import { useFloorLog, useSeatStates } from './floorLog.ts';
import type { FloorSeat } from './floorSeat.ts';
import { Lanes } from './Lanes.tsx';
import { MistakeGrid } from './MistakeGrid.tsx';
import { NeedsYou } from './NeedsYou.tsx';
import { RecentMistakes } from './RecentMistakes.tsx';
import { SeatPanel } from './SeatPanel.tsx';

/** The room, live: who is where, who needs somebody, what went wrong; and the log in two taps. */
export function FloorPage() {
  const { t } = useTranslation();
  const workshop = useWorkshop();
  const log = useFloorLog(workshop, useLoaderData<WorkshopLog>());
  const states = useSeatStates(log, workshop);
  const { connected, refusal, unsent } = useStore(log.store);
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const [search, setSearch] = useSearchParams();
  const [mistakeAt, setMistakeAt] = useState<{
    readonly seatId: string;
    readonly anchor: HTMLElement;
  }>();
  useEveryTenSeconds();

  const now = log.now();
  const elapsed = elapsedMinutes(workshop.startsAt, now);
  const seats: readonly FloorSeat[] = workshop.seats.map((seat, index) => ({
    seat,
    state: states[index] as FloorSeat['state'],
  }));
  const selected = seats.find(({ seat }) => seat.id === search.get('seat'));
  const atGrid = seats.find(({ seat }) => seat.id === mistakeAt?.seatId);

  const select = (seatId: string | undefined) =>
    setSearch(seatId ? { seat: seatId } : {}, { replace: true });
  const undo = (seatId: string, eventId: string) =>
    log.report(seatId, { kind: 'undo', undoes: eventId });
  /** Records a deed and offers to take it back. */
  const record = ({ seat }: FloorSeat, deed: Deed, said: string) => {
    const { id } = log.report(seat.id, deed);
    enqueueSnackbar(`Seat ${seat.number}: ${said}`, {
      action: (key) => (
        <UndoButton
          run={() => {
            undo(seat.id, id);
            closeSnackbar(key);
          }}
        />
      ),
    });
  };
  const visit = (at: FloorSeat) =>
    record(
      at,
      { kind: 'visit', answers: at.state.openCalls },
      at.state.help ? 'visited, call for help settled' : 'visited',
    );
  const openGrid = (seatId: string, anchor: HTMLElement) => setMistakeAt({ seatId, anchor });
  const step = (by: number) => {
    const index = seats.findIndex(({ seat }) => seat.id === selected?.seat.id);
    select(seats[(index + by + seats.length) % seats.length]?.seat.id);
  };
  useShortcuts([
    { key: 'j', does: 'Next seat', run: () => step(1) },
    { key: 'u', does: 'Seat before', run: () => step(-1) },
    { key: 'v', does: 'Visit the chosen seat', run: () => selected && visit(selected) },
    {
      key: 'm',
      does: 'Log a mistake at the chosen seat',
      run: () => {
        const anchor = selected && document.getElementById(`mistake-${selected.seat.id}`);
        if (anchor) openGrid(selected.seat.id, anchor);
      },
    },
    { key: 'x', does: 'Close the seat', run: () => select(undefined) },
  ]);

  return (
    <>
      {!connected && (
        <Alert severity="warning" sx={{ mb: 1 }}>
          No network. Go on working:{' '}
          {unsent.size > 0
            ? `${unsent.size} entries are kept here and sent later`
            : 'what you log is kept here and sent later'}
          . What the seats do shows when the network is back.
        </Alert>
      )}
      {refusal && (
        <Alert severity="error" sx={{ mb: 1 }} onClose={() => log.dismissRefusal()}>
          Not taken: {refusal}
        </Alert>
      )}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 300px' },
          gap: 2.5,
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          <Lanes
            steps={workshop.steps}
            seats={seats}
            elapsed={elapsed}
            now={now}
            selectedId={selected?.seat.id}
            select={select}
            visit={visit}
            openGrid={openGrid}
          />
        </Box>
        <Box component="aside" sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
          <FloorClock
            elapsed={elapsed}
            lengthMinutes={workshop.lengthMinutes}
            startsAt={workshop.startsAt}
            seats={seats}
          />
          {selected ? (
            <SeatPanel
              at={selected}
              steps={workshop.steps}
              visit={() => visit(selected)}
              undo={(eventId) => undo(selected.seat.id, eventId)}
              close={() => select(undefined)}
            />
          ) : (
            <>
              <NeedsYou
                seats={seats}
                steps={workshop.steps}
                now={now}
                visit={visit}
                select={select}
              />
              <RecentMistakes seats={seats} steps={workshop.steps} now={now} undo={undo} />
            </>
          )}
        </Box>
      </Box>
      {mistakeAt && atGrid && (
        <MistakeGrid
          at={atGrid}
          steps={workshop.steps}
          anchor={mistakeAt.anchor}
          close={() => setMistakeAt(undefined)}
          log={(deed) => {
            record(
              atGrid,
              deed,
              `${t(`mistake.${deed.mistake}.name`)}${deed.designator ? ` at ${deed.designator}` : ''} logged`,
            );
            setMistakeAt(undefined);
          }}
        />
      )}
    </>
  );
}

function UndoButton({ run }: { readonly run: () => void }) {
  return (
    <Box
      component="button"
      type="button"
      onClick={run}
      sx={{
        font: 'inherit',
        fontWeight: 700,
        color: 'inherit',
        background: 'none',
        border: '2px solid currentColor',
        borderRadius: 1,
        minHeight: 40,
        px: 2,
        cursor: 'pointer',
      }}
    >
      Undo
    </Box>
  );
}
