import { useSnackbar } from 'notistack';
import { useCallback, useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import { v7 as newNoticeId } from 'uuid';
import type { BuildLog } from '../../app/buildLog.ts';
import { useLogsAs } from '../../app/staff.ts';
import { type FloorSeat, type OpenVisit, openVisits, stepNumber } from './floorSeat.ts';
import type { ToSend } from './SendMessage.tsx';
import type { Told } from './TellEveryone.tsx';
import { useRecord } from './useRecord.tsx';

export type FloorDeeds = ReturnType<typeof useFloorDeeds>;

/** What staff do on the floor, each logged at the seats that it is about. */
export function useFloorDeeds(log: BuildLog, seats: readonly FloorSeat[]) {
  const { t } = useTranslation();
  const { enqueueSnackbar } = useSnackbar();
  const me = useLogsAs();
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
  const visits = openVisits(seats);
  const latest = useRef(visits);
  useEffect(() => {
    latest.current = visits;
  });
  // Nobody is at two seats at once: going to one ends one's visit to another.
  const leaveMine = useCallback(() => {
    for (const open of latest.current) if (open.visit.helper === me) leave(open);
  }, [leave, me]);
  const visit = useCallback(
    (at: FloorSeat) => {
      leaveMine();
      record(
        at.seat,
        { kind: 'visit', answers: at.state.openCalls },
        at.state.help
          ? t('workshops.floorPage.visitedCallForHelpSettled')
          : t('workshops.floorPage.visited'),
      );
    },
    [record, leaveMine, t],
  );
  const comeTo = useCallback(
    ({ seat, state }: FloorSeat) => {
      if (state.help?.coming) undo(seat.id, state.help.coming.eventId);
      else log.report(seat.id, { kind: 'coming', calls: state.openCalls });
    },
    [log, undo],
  );
  const praise = (at: FloorSeat) =>
    record(
      at.seat,
      { kind: 'praise', stepId: praisedStep(at) },
      t('workshops.floorPage.praiseLoggedAndShownThere'),
    );
  const tell = (told: Told) => {
    const notice = newNoticeId();
    log.reportTogether(idsOf(seats), { kind: 'notice', notice, ...told });
    enqueueSnackbar(t('workshops.floorPage.allSeatsAreTold', { count: seats.length }));
  };
  const send = (to: readonly FloorSeat[], words: ToSend) => {
    const message = newNoticeId();
    log.reportTogether(idsOf(to), { kind: 'message', message, ...words });
    enqueueSnackbar(t('workshops.message.isSent', { count: to.length }));
  };
  const put = (at: readonly FloorSeat[], stepId: string) => {
    for (const one of at) {
      const said = t('workshops.putAtStep.isPut', { number: stepNumber(one.steps, stepId) });
      record(one.seat, { kind: 'put-at', stepId }, said);
    }
  };
  /** What was told together is taken back together. */
  const takeBack = (toldAt: (at: FloorSeat) => { readonly eventId: string } | undefined) => {
    const told = new Set(seats.flatMap((one) => toldAt(one)?.eventId ?? []));
    for (const undoes of told) {
      const there = seats.filter((one) => toldAt(one)?.eventId === undoes);
      log.reportTogether(idsOf(there), { kind: 'undo', undoes });
    }
  };
  const takeBackMessage = (message: string) =>
    takeBack(({ state }) => state.messages.find((one) => one.message === message));
  const takeBackNotice = (notice: string) =>
    takeBack(({ state }) => state.notices.find((one) => one.notice === notice));
  return {
    me,
    visits,
    undo,
    record,
    leave,
    leaveMine,
    visit,
    comeTo,
    praise,
    tell,
    send,
    put,
    takeBackMessage,
    takeBackNotice,
  };
}

const idsOf = (seats: readonly FloorSeat[]) => seats.map(({ seat }) => seat.id);

/** Praise is for what was done last; before the first step is done, for the step under way. */
const praisedStep = ({ steps, state }: FloorSeat): string =>
  steps.findLast(({ id }) => id in state.doneAt)?.id ?? state.currentStepId ?? '';
