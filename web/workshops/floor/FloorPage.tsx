import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useCallback, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useLoaderData } from 'react-router';
import { useStore } from 'zustand';
import type { FloorData } from '#contract/keptForms';
import { maxSeats, type Workshop } from '#contract/workshops';
import type { Kept } from '../../app/kept.ts';
import { useShortcuts } from '../../app/shortcuts.ts';
import { useChoices } from '../../app/useChoices.ts';
import { useNow } from '../../ui/useNow.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import { useWorkshopLog } from '../workshopLog.ts';
import { FloorClock } from './FloorClock.tsx';
import { type FloorDialog, FloorDialogs } from './FloorDialogs.tsx';
import { useFloor } from './floorSeats.ts';
import { Lanes } from './Lanes.tsx';
import { LetThemBegin } from './LetThemBegin.tsx';
import { NextBar } from './NextBar.tsx';
import { Notices } from './Notices.tsx';
import { NotSaved } from './NotSaved.tsx';
import { RecentMistakes } from './RecentMistakes.tsx';
import { RoomForecast } from './RoomForecast.tsx';
import { SeatPanel } from './SeatPanel.tsx';
import { SentMessages } from './SentMessages.tsx';
import { SomebodyIsHurt } from './SomebodyIsHurt.tsx';
import { useFloorDeeds } from './useFloorDeeds.tsx';
import { useFoundFault } from './useFoundFault.ts';
import { VisitBar } from './VisitBar.tsx';
import { WhoNext } from './WhoNext.tsx';
import './floor.css';

const nextId = 'who-next';

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
  const log = useWorkshopLog(workshop, kept.data.log, kept.isFresh);
  const now = useNow(log.now);
  const { seats, forecast } = useFloor(log, workshop, kept.data.paces, now);
  const connected = useStore(log.store, (state) => state.connected);
  const unsent = useStore(log.store, (state) => state.unsent.size);
  const [search, chooseInAddress] = useChoices();
  const [dialog, setDialog] = useState<FloorDialog>();
  const deeds = useFloorDeeds(log, seats);
  const { me, visits, undo, record, leave, visit, comeTo } = deeds;
  useFoundFault(seats, record);
  const { steps, startsAt, lengthMinutes } = workshop;
  const chosen = seats.find(({ seat }) => seat.id === search.get('seat'));

  const choose = useCallback(
    (seatId: string | undefined) => chooseInAddress({ seat: seatId }),
    [chooseInAddress],
  );
  const openGrid = useCallback(
    (seatId: string, anchor: HTMLElement) => setDialog({ kind: 'mistake', seatId, anchor }),
    [],
  );
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
      run: deeds.leaveMine,
    },
    {
      key: 'b',
      does: t('workshops.floorPage.bravoPraiseTheChosenSeat'),
      run: () => chosen && deeds.praise(chosen),
    },
    { key: 'n', does: t('workshops.message.title'), run: () => setDialog({ kind: 'message' }) },
    {
      key: 't',
      does: t('workshops.floorPage.tellEveryone'),
      run: () => setDialog({ kind: 'tell' }),
    },
    { key: 'x', does: t('workshops.floorPage.closeTheSeat'), run: () => choose(undefined) },
  ]);

  const panel = chosen && (
    <SeatPanel
      key={chosen.seat.id}
      workshopId={workshop.id}
      at={chosen}
      seats={seats}
      visit={() => visit(chosen)}
      record={(deed, said) => record(chosen.seat, deed, said)}
      praise={() => deeds.praise(chosen)}
      comeTo={() => comeTo(chosen)}
      open={(kind) => setDialog({ kind })}
      undo={(eventId) => undo(chosen.seat.id, eventId)}
      close={() => choose(undefined)}
    />
  );

  return (
    <>
      {!connected && (
        <Alert severity="warning" sx={{ mb: 1 }}>
          {t('workshops.floorPage.noNetwork', { count: unsent })}
        </Alert>
      )}
      <LetThemBegin workshop={workshop} now={now} />
      <NotSaved log={log} seats={workshop.seats} />
      <SomebodyIsHurt seats={seats} visit={visit} />
      <div className="floor">
        <div className="floor-clock">
          <FloorClock now={now} lengthMinutes={lengthMinutes} startsAt={startsAt} seats={seats} />
          <RoomForecast
            forecast={forecast}
            startsAt={startsAt}
            lengthMinutes={lengthMinutes}
            seats={seats}
          />
          <VisitBar visits={visits} me={me} choose={choose} leave={leave} />
        </div>
        <div className="floor-next" id={nextId}>
          {panel ? (
            <div className="seat-sheet">{panel}</div>
          ) : (
            <WhoNext seats={seats} visit={visit} comeTo={comeTo} choose={choose} />
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
                onClick={() => setDialog({ kind: 'tell' })}
                sx={{ minHeight: 44 }}
              >
                {t('workshops.floorPage.tellEveryone2')}
              </Button>
              <Button
                variant="outlined"
                color="inherit"
                component={Link}
                to={`/workshops/${workshop.id}/wall`}
                sx={{ minHeight: 44 }}
              >
                {t('workshops.wall.open')}
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
              <Button
                variant="outlined"
                color="inherit"
                onClick={() => setDialog({ kind: 'message' })}
                sx={{ minHeight: 44 }}
              >
                {t('workshops.message.title')}
              </Button>
              {seats.length < maxSeats && (
                <Button
                  variant="outlined"
                  color="inherit"
                  onClick={() => setDialog({ kind: 'add' })}
                  sx={{ minHeight: 44 }}
                >
                  {t('workshops.addSeat.add')}
                </Button>
              )}
            </Box>
            <SentMessages seats={seats} takeBack={deeds.takeBackMessage} />
            <Notices
              seats={seats}
              check={(at, { eventId }) =>
                record(
                  at.seat,
                  { kind: 'notice-checked', told: eventId },
                  t('workshops.floorPage.lookedAt'),
                )
              }
              takeBack={deeds.takeBackNotice}
            />
            <RecentMistakes seats={seats} steps={steps} now={now} undo={undo} />
          </div>
        )}
        <NextBar
          seats={seats}
          choose={choose}
          more={() => document.getElementById(nextId)?.scrollIntoView()}
        />
      </div>
      <FloorDialogs
        dialog={dialog}
        steps={steps}
        seats={seats}
        chosen={chosen}
        choose={choose}
        deeds={deeds}
        close={() => setDialog(undefined)}
      />
    </>
  );
}
