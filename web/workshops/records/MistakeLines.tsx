import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { TFunction } from 'i18next';
import { lazy, Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { v7 as newEventId } from 'uuid';
import { logAtSeat, type Seat } from '#contract/workshops';
import type { BuildEvent, Deed } from '#core/build/event';
import { type PutRight, putRight } from '#core/build/eventsThatCount';
import { foldSeat, type LoggedMistake, type SeatState } from '#core/build/foldSeat';
import { elapsedMinutes } from '#core/pace/phase';
import { call } from '../../app/call.ts';
import { ink } from '../../app/tokens.ts';
import { useSave } from '../../app/useSave.ts';
import { dateAndTime, timeOfDay } from '../../ui/clock.ts';
import { type SeatEntry, seatEntries } from '../floor/seatEntries.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import { type Amendable, amendableOf } from './entryDraft.ts';
import { OtherRecords } from './OtherRecords.tsx';

// Little is logged wrongly.
const CorrectEntry = lazy(async () => ({
  default: (await import('./CorrectEntry.tsx')).CorrectEntry,
}));
const CorrectMistake = lazy(async () => ({
  default: (await import('./CorrectMistake.tsx')).CorrectMistake,
}));

const SeatPhotos = lazy(async () => ({
  default: (await import('./SeatPhotos.tsx')).SeatPhotos,
}));

interface MistakeLinesProps {
  readonly seat: Seat;
  readonly state: SeatState;
  /** The seat's own log. */
  readonly events: readonly BuildEvent[];
}

/** The mistakes of a seat, each to be corrected or deleted, and the trace of what was. */
export function MistakeLines({ seat, state, events }: MistakeLinesProps) {
  const { t } = useTranslation();
  const { id, startsAt, steps } = useWorkshop();
  const { revalidate } = useRevalidator();
  const { run, refusal } = useSave();
  const [correcting, setCorrecting] = useState<LoggedMistake>();
  const [amending, setAmending] = useState<Amendable>();
  const number = (stepId: string) => steps.findIndex((step) => step.id === stepId) + 1;
  const log = (...deeds: readonly Deed[]) =>
    run(async () => {
      const at = new Date().toISOString();
      await call(logAtSeat, {
        params: { workshopId: id, seatId: seat.id },
        body: { events: deeds.map((deed) => ({ ...deed, id: newEventId(), seatId: seat.id, at })) },
      });
      await revalidate();
    });
  const isOther = ({ eventId }: SeatEntry) =>
    state.mistakes.every((mistake) => mistake.eventId !== eventId);
  const others = seatEntries(t, { steps, state }).filter(isOther);
  // As if nothing had been put right: what a trace speaks of is gone from the state.
  const everything = foldSeat(
    steps.map((step) => step.id),
    events.filter(({ kind }) => kind !== 'undo' && kind !== 'amended'),
  );
  const said = new Map(
    seatEntries(t, { steps, state: everything }).map(({ eventId, at, text }) => [
      eventId,
      `${timeOfDay(at)} ${text}`,
    ]),
  );
  const traces = putRight(events).filter(({ was }) => said.has(entryOf(was)));
  const remove = (undoes: string) => void log({ kind: 'undo', undoes });
  return (
    <Box>
      {state.mistakes.length === 0 && (
        <Box sx={{ color: ink('faded') }}>{t('workshops.wrapUpPage.noMistakesLogged')}</Box>
      )}
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {state.mistakes.map((mistake) => {
          const found = mistake.foundAtStepId;
          const what = named(t, mistake);
          return (
            <li key={mistake.eventId}>
              <strong>{what}</strong>
              {t(foundWords(mistake), {
                made: number(mistake.madeAtStepId),
                found: found === null ? 0 : number(found),
                minute: Math.round(elapsedMinutes(startsAt, new Date(mistake.foundAt))),
                by: t(`workshops.wrapUpPage.by.${mistake.by}`),
              })}{' '}
              <Button
                size="small"
                color="inherit"
                aria-label={t('workshops.correct.correctIt', { what, number: seat.number })}
                onClick={() => setCorrecting(mistake)}
              >
                {t('workshops.correct.correct')}
              </Button>
              <Button
                size="small"
                color="inherit"
                aria-label={t('workshops.correct.deleteIt', { what, number: seat.number })}
                onClick={() => remove(mistake.eventId)}
              >
                {t('workshops.correct.delete')}
              </Button>
            </li>
          );
        })}
        {traces.map((trace) => (
          <Box component="li" key={trace.eventId} sx={{ color: ink('faded') }}>
            {traceWords(t, trace, number, said.get(entryOf(trace.was)) ?? '')}
          </Box>
        ))}
      </Box>
      <OtherRecords
        seat={seat.number}
        entries={others}
        isAmendable={(eventId) => amendableOf(events, eventId) !== undefined}
        correct={(eventId) => setAmending(amendableOf(events, eventId))}
        remove={remove}
      />
      {state.photos.length > 0 && (
        <Suspense>
          <SeatPhotos
            workshopId={id}
            seatId={seat.id}
            state={state}
            report={(deed) => void log(deed)}
          />
        </Suspense>
      )}
      {refusal && !amending && !correcting && <p role="alert">{refusal.message}</p>}
      {amending && (
        <Suspense>
          <CorrectEntry
            entry={amending}
            save={async (deeds) => {
              if (!(await log(...deeds))) setAmending(undefined);
            }}
            refusal={refusal}
            close={() => setAmending(undefined)}
          />
        </Suspense>
      )}
      {correcting && (
        <Suspense>
          <CorrectMistake
            mistake={correcting}
            save={async (deed) => {
              if (!(await log(deed))) setCorrecting(undefined);
            }}
            refusal={refusal}
            close={() => setCorrecting(undefined)}
          />
        </Suspense>
      )}
    </Box>
  );
}

/** What went wrong and where: “Wrong value R1 (fitted: R2)”. */
const named = (
  t: TFunction,
  { mistake, designator, instead }: Pick<LoggedMistake, 'mistake' | 'designator' | 'instead'>,
): string =>
  t(
    `workshops.correct.${designator === undefined ? 'what' : instead === undefined ? 'whatAt' : 'whatInstead'}`,
    { what: t(`mistake.${mistake}.name`), place: designator, instead },
  );

/** The entry that an event is told in: the end of a visit stands in the visit’s. */
const entryOf = (event: BuildEvent): string =>
  event.kind === 'visit-ended' ? event.visit : event.id;

/** @param entry what it was, in words, with its time */
function traceWords(
  t: TFunction,
  { was, now, at, by, helper }: PutRight,
  number: (stepId: string) => number,
  entry: string,
): string {
  const of = { by: helper ?? t(`workshops.wrapUpPage.by.${by}`), when: dateAndTime(at) };
  if (was.kind !== 'mistake') {
    return t(`workshops.correct.${now === null ? 'entryDeleted' : 'entryCorrected'}`, {
      ...of,
      was: entry,
    });
  }
  return t(`workshops.correct.${now === null ? 'wasDeleted' : 'wasCorrected'}`, {
    was: named(t, was),
    step: number(was.stepId),
    ...of,
  });
}

/** Found at once, at a later step, or when all was done. */
const foundWords = ({ foundAtStepId, madeAtStepId }: LoggedMistake) =>
  foundAtStepId === madeAtStepId
    ? 'workshops.wrapUpPage.foundAtOnce'
    : foundAtStepId === null
      ? 'workshops.wrapUpPage.foundAtEnd'
      : 'workshops.wrapUpPage.foundLater';
