import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import { useSnackbar } from 'notistack';
import { useCallback, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useLoaderData } from 'react-router';
import { useStore } from 'zustand';
import type { Seat, Workshop, WorkshopLog } from '#contract/workshops';
import type { Deed } from '#core/build/event';
import type { BuildLog } from '../../app/buildLog.ts';
import { useShortcuts } from '../../app/shortcuts.ts';
import { useChoices } from '../../app/useChoices.ts';
import { useNow } from '../../ui/useNow.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import { FloorClock } from './FloorClock.tsx';
import { useFloorLog, useFloorSeats } from './floorLog.ts';
import type { FloorSeat } from './floorSeat.ts';
import { Lanes } from './Lanes.tsx';
import { MistakeGrid } from './MistakeGrid.tsx';
import { NeedsYou } from './NeedsYou.tsx';
import { RecentMistakes } from './RecentMistakes.tsx';
import { SeatPanel } from './SeatPanel.tsx';
import './floor.css';

/** The room, live: who is where, who needs somebody, what went wrong; and the log in two taps. */
export function FloorPage() {
  const workshop = useWorkshop();
  const snapshot = useLoaderData<WorkshopLog>();
  return <Floor key={workshop.id} workshop={workshop} snapshot={snapshot} />;
}

interface FloorProps {
  readonly workshop: Workshop;
  readonly snapshot: WorkshopLog;
}

function Floor({ workshop, snapshot }: FloorProps) {
  const { t } = useTranslation();
  const log = useFloorLog(workshop, snapshot);
  const seats = useFloorSeats(log, workshop);
  const connected = useStore(log.store, (state) => state.connected);
  const unsent = useStore(log.store, (state) => state.unsent.size);
  const refusal = useStore(log.store, (state) => state.refusal);
  const now = useNow(log.now);
  const [search, chooseInAddress] = useChoices();
  const [mistakeAt, setMistakeAt] = useState<{
    readonly seatId: string;
    readonly anchor: HTMLElement;
  }>();
  const { steps, startsAt, lengthMinutes } = workshop;
  const chosen = seats.find(({ seat }) => seat.id === search.get('seat'));
  const atGrid = seats.find(({ seat }) => seat.id === mistakeAt?.seatId);

  const choose = useCallback(
    (seatId: string | undefined) => chooseInAddress({ seat: seatId }),
    [chooseInAddress],
  );
  const openGrid = useCallback(
    (seatId: string, anchor: HTMLElement) => setMistakeAt({ seatId, anchor }),
    [],
  );
  const undo = useCallback(
    (seatId: string, eventId: string) => log.report(seatId, { kind: 'undo', undoes: eventId }),
    [log],
  );
  const record = useRecord(log, undo);
  const visit = useCallback(
    (at: FloorSeat) =>
      record(
        at.seat,
        { kind: 'visit', answers: at.state.openCalls },
        at.state.help ? 'visited, call for help settled' : 'visited',
      ),
    [record],
  );
  const step = (by: number) => {
    const index = seats.findIndex(({ seat }) => seat.id === chosen?.seat.id);
    choose(seats[(index + by + seats.length) % seats.length]?.seat.id);
  };
  useShortcuts([
    { key: 'j', does: 'Next seat', run: () => step(1) },
    { key: 'u', does: 'Seat before', run: () => step(-1) },
    { key: 'v', does: 'Visit the chosen seat', run: () => chosen && visit(chosen) },
    {
      key: 'm',
      does: 'Log a mistake at the chosen seat',
      run: () => {
        const anchor = chosen && document.getElementById(`mistake-${chosen.seat.id}`);
        if (anchor) openGrid(chosen.seat.id, anchor);
      },
    },
    { key: 'x', does: 'Close the seat', run: () => choose(undefined) },
  ]);

  return (
    <>
      {!connected && (
        <Alert severity="warning" sx={{ mb: 1 }}>
          No network. Go on working:{' '}
          {unsent > 0
            ? `${unsent} ${unsent === 1 ? 'entry is' : 'entries are'} kept here and sent later`
            : 'what you log is kept here and sent later'}
          . What the seats do shows when the network is back.
        </Alert>
      )}
      {refusal && (
        <Alert severity="error" sx={{ mb: 1 }} onClose={() => log.dismissRefusal()}>
          Not taken: {refusal}
        </Alert>
      )}
      <div className="floor">
        <div className="floor-head">
          <FloorClock now={now} lengthMinutes={lengthMinutes} startsAt={startsAt} seats={seats} />
          {chosen ? (
            <SeatPanel
              at={chosen}
              steps={steps}
              visit={() => visit(chosen)}
              pass={(stepId) =>
                record(chosen.seat, { kind: 'step-done', stepId }, 'the check is passed')
              }
              undo={(eventId) => undo(chosen.seat.id, eventId)}
              close={() => choose(undefined)}
            />
          ) : (
            <NeedsYou seats={seats} steps={steps} now={now} visit={visit} choose={choose} />
          )}
        </div>
        <div className="floor-lanes">
          <Lanes
            steps={steps}
            seats={seats}
            startsAt={startsAt}
            now={now}
            chosenId={chosen?.seat.id}
            choose={choose}
            visit={visit}
            openGrid={openGrid}
          />
        </div>
        {!chosen && (
          <div className="floor-feed">
            <RecentMistakes seats={seats} steps={steps} now={now} undo={undo} />
          </div>
        )}
      </div>
      {mistakeAt && atGrid && (
        <MistakeGrid
          at={atGrid}
          steps={steps}
          anchor={mistakeAt.anchor}
          close={() => setMistakeAt(undefined)}
          log={(deed) => {
            record(
              atGrid.seat,
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

/** Records a deed at a seat, says so, and offers to take it back. */
function useRecord(log: BuildLog, undo: (seatId: string, eventId: string) => void) {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  return useCallback(
    (seat: Seat, deed: Deed, said: string) => {
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
    },
    [log, undo, enqueueSnackbar, closeSnackbar],
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
