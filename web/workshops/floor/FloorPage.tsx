import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useLoaderData } from 'react-router';
import { v7 as newNoticeId } from 'uuid';
import { useStore } from 'zustand';
import type { FloorData } from '#contract/keptForms';
import type { Seat, Workshop } from '#contract/workshops';
import type { Deed } from '#core/build/event';
import type { BuildLog } from '../../app/buildLog.ts';
import type { Kept } from '../../app/kept.ts';
import { useShortcuts } from '../../app/shortcuts.ts';
import { useLogsAs } from '../../app/staff.ts';
import { useChoices } from '../../app/useChoices.ts';
import { useNow } from '../../ui/useNow.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import { useWorkshopLog } from '../workshopLog.ts';
import { FloorClock } from './FloorClock.tsx';
import { type FloorSeat, type OpenVisit, openVisits } from './floorSeat.ts';
import { useFloorSeats } from './floorSeats.ts';
import { Lanes } from './Lanes.tsx';
import { LetThemBegin } from './LetThemBegin.tsx';
import { MistakeGrid } from './MistakeGrid.tsx';
import { Notices } from './Notices.tsx';
import { NotSaved } from './NotSaved.tsx';
import { RecentMistakes } from './RecentMistakes.tsx';
import { SeatPanel } from './SeatPanel.tsx';
import { TellEveryone, type Told } from './TellEveryone.tsx';
import { VisitBar } from './VisitBar.tsx';
import { WhoNext } from './WhoNext.tsx';
import './floor.css';

/** The room, live: who is where, who needs somebody, what went wrong; and the log in two taps. */
export function FloorPage() {
  const workshop = useWorkshop();
  const kept = useLoaderData<Kept<FloorData>>();
  return <Floor key={workshop.id} workshop={workshop} kept={kept} />;
}

interface FloorProps {
  readonly workshop: Workshop;
  readonly kept: Kept<FloorData>;
}

function Floor({ workshop, kept }: FloorProps) {
  const { t } = useTranslation();
  const { enqueueSnackbar } = useSnackbar();
  const me = useLogsAs();
  const log = useWorkshopLog(workshop, kept.data.log, kept.isFresh);
  const now = useNow(log.now);
  const seats = useFloorSeats(log, workshop, kept.data.paces, now);
  const connected = useStore(log.store, (state) => state.connected);
  const unsent = useStore(log.store, (state) => state.unsent.size);
  const [search, chooseInAddress] = useChoices();
  const [mistakeAt, setMistakeAt] = useState<{
    readonly seatId: string;
    readonly anchor: HTMLElement;
  }>();
  const [telling, setTelling] = useState(false);
  const visits = openVisits(seats);
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
  const leave = useCallback(
    ({ at, visit }: OpenVisit) =>
      log.report(at.seat.id, { kind: 'visit-ended', visit: visit.eventId }),
    [log],
  );
  const latest = useRef(visits);
  useEffect(() => {
    latest.current = visits;
  });
  // Nobody is at two seats at once: going to one ends one's visit to another.
  const visit = useCallback(
    (at: FloorSeat) => {
      for (const open of latest.current) if (open.visit.helper === me) leave(open);
      record(
        at.seat,
        { kind: 'visit', answers: at.state.openCalls },
        at.state.help ? t('workshops.floorPage.visitedCallForHelpSettled') : 'visited',
      );
    },
    [record, leave, me, t],
  );
  const praise = (at: FloorSeat) =>
    record(
      at.seat,
      { kind: 'praise', stepId: praisedStep(at) },
      t('workshops.floorPage.praiseLoggedAndShownThere'),
    );
  const tell = (told: Told) => {
    const notice = newNoticeId();
    for (const { seat } of seats) log.report(seat.id, { kind: 'notice', notice, ...told });
    setTelling(false);
    enqueueSnackbar(t('workshops.floorPage.allSeatsAreTold', { count: seats.length }));
  };
  const takeBack = (notice: string) => {
    for (const { seat, state } of seats) {
      const told = state.notices.find((one) => one.notice === notice);
      if (told) undo(seat.id, told.eventId);
    }
  };
  const step = (by: number) => {
    const index = seats.findIndex(({ seat }) => seat.id === chosen?.seat.id);
    choose(seats[(index + by + seats.length) % seats.length]?.seat.id);
  };
  useShortcuts([
    { key: 'j', does: t('workshops.floorPage.nextSeat'), run: () => step(1) },
    { key: 'u', does: t('workshops.floorPage.seatBefore'), run: () => step(-1) },
    {
      key: 'v',
      does: t('workshops.floorPage.visitTheChosenSeat'),
      run: () => chosen && visit(chosen),
    },
    {
      key: 'm',
      does: t('workshops.floorPage.logAMistakeAtTheChosen'),
      run: () => {
        const anchor = chosen && document.getElementById(`mistake-${chosen.seat.id}`);
        if (anchor) openGrid(chosen.seat.id, anchor);
      },
    },
    {
      key: 'l',
      does: t('workshops.floorPage.goneOnFromTheSeatYou'),
      run: () => {
        for (const open of visits) if (open.visit.helper === me) leave(open);
      },
    },
    {
      key: 'b',
      does: t('workshops.floorPage.bravoPraiseTheChosenSeat'),
      run: () => chosen && praise(chosen),
    },
    { key: 't', does: t('workshops.floorPage.tellEveryone'), run: () => setTelling(true) },
    { key: 'x', does: t('workshops.floorPage.closeTheSeat'), run: () => choose(undefined) },
  ]);

  return (
    <>
      {!connected && (
        <Alert severity="warning" sx={{ mb: 1 }}>
          {t('workshops.floorPage.noNetwork', { count: unsent })}
        </Alert>
      )}
      <LetThemBegin workshop={workshop} now={now} />
      <NotSaved log={log} seats={workshop.seats} />
      <div className="floor">
        <div className="floor-head">
          <FloorClock now={now} lengthMinutes={lengthMinutes} startsAt={startsAt} seats={seats} />
          <VisitBar visits={visits} me={me} choose={choose} leave={leave} />
          {chosen ? (
            <SeatPanel
              key={chosen.seat.id}
              workshopId={workshop.id}
              at={chosen}
              seats={seats}
              visit={() => visit(chosen)}
              record={(deed, said) => record(chosen.seat, deed, said)}
              praise={() => praise(chosen)}
              undo={(eventId) => undo(chosen.seat.id, eventId)}
              close={() => choose(undefined)}
            />
          ) : (
            <WhoNext seats={seats} visit={visit} choose={choose} />
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
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2 }}>
              <Button
                variant="outlined"
                color="inherit"
                onClick={() => setTelling(true)}
                sx={{ minHeight: 44 }}
              >
                {t('workshops.floorPage.tellEveryone2')}
              </Button>
              <Button
                variant="outlined"
                color="inherit"
                component={Link}
                to={`/practice/class/${workshop.id}`}
                sx={{ minHeight: 44 }}
              >
                {t('workshops.floorPage.askEveryone')}
              </Button>
            </Box>
            <Notices
              seats={seats}
              check={(at, { eventId }) =>
                record(
                  at.seat,
                  { kind: 'notice-checked', told: eventId },
                  t('workshops.floorPage.lookedAt'),
                )
              }
              takeBack={takeBack}
            />
            <RecentMistakes seats={seats} steps={steps} now={now} undo={undo} />
          </div>
        )}
      </div>
      {telling && (
        <TellEveryone
          steps={steps}
          seats={seats}
          firstStepId={chosen?.state.currentStepId ?? earliestStep(seats) ?? steps[0]?.id ?? ''}
          tell={tell}
          close={() => setTelling(false)}
        />
      )}
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
              t('workshops.floorPage.logged', {
                what: [t(`mistake.${deed.mistake}.name`), deed.designator]
                  .filter(Boolean)
                  .join(' '),
              }),
            );
            setMistakeAt(undefined);
          }}
        />
      )}
    </>
  );
}

/** Praise is for what was done last; before the first step is done, for the step under way. */
const praisedStep = ({ steps, state }: FloorSeat): string =>
  steps.findLast(({ id }) => id in state.doneAt)?.id ?? state.currentStepId ?? '';

/** The first step of the plan that somebody is still at. */
const earliestStep = ([first, ...others]: readonly FloorSeat[]): string | undefined =>
  first?.steps.find(({ id }) => [first, ...others].some(({ state }) => state.currentStepId === id))
    ?.id;

/** Records a deed at a seat, says so, and offers to take it back. */
function useRecord(log: BuildLog, undo: (seatId: string, eventId: string) => void) {
  const { t } = useTranslation();
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  return useCallback(
    (seat: Seat, deed: Deed, said: string) => {
      const { id } = log.report(seat.id, deed);
      enqueueSnackbar(t('workshops.floorPage.seat', { number: seat.number, said }), {
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
    [log, undo, enqueueSnackbar, closeSnackbar, t],
  );
}

function UndoButton({ run }: { readonly run: () => void }) {
  const { t } = useTranslation();
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
      {t('workshops.floorPage.undo')}
    </Box>
  );
}
