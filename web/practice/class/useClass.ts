import { useMemo } from 'react';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { useStore } from 'zustand';
import type { ClassData } from '#contract/keptForms';
import { keptClass } from '#contract/keptKinds';
import { getWorkshop, getWorkshopLog, type Seat, type Workshop } from '#contract/workshops';
import type { Exercise } from '#core/learning/drills/exercise';
import { exerciseOf } from '#core/learning/drills/exercise';
import type { PracticeAnswer } from '#core/learning/practice/answers';
import { kitOfSteps } from '#core/learning/practice/kitOfSteps';
import {
  answerIn,
  currentRoundOf,
  type Round,
  type Tally,
  tallyOf,
} from '#core/learning/practice/rounds';
import type { BuildLog } from '../../app/buildLog.ts';
import { call } from '../../app/call.ts';
import { type Kept, orKept } from '../../app/kept.ts';
import { useWorkshopLog } from '../../workshops/workshopLog.ts';

/** A workshop and its log: from the server, or what this device kept of it. */
export const loadClass = ({ params }: LoaderFunctionArgs): Promise<Kept<ClassData>> => {
  const workshopId = String(params.workshopId);
  return orKept(keptClass, `class.${workshopId}`, async () => {
    const [workshop, log] = await Promise.all([
      call(getWorkshop, { params: { workshopId } }),
      call(getWorkshopLog, { params: { workshopId } }),
    ]);
    return { workshop, log };
  });
};

/** What a seat answered. */
export interface SeatAnswer {
  readonly seat: Seat;
  /** Undefined as long as it has not answered. */
  readonly answer: PracticeAnswer | undefined;
}

/** A question to the whole class, and what has come back. */
export interface Asked {
  readonly round: Round;
  readonly exercise: Exercise;
  readonly seats: readonly SeatAnswer[];
  readonly answered: number;
  readonly tallies: readonly Tally[];
}

export interface Class {
  readonly workshop: Workshop;
  readonly log: BuildLog;
  /** The last question; undefined before the first. */
  readonly asked: Asked | undefined;
}

/** The class of a workshop, live. */
export function useClass(): Class {
  const { data, isFresh } = useLoaderData<Kept<ClassData>>();
  const { workshop } = data;
  const log = useWorkshopLog(workshop, data.log, isFresh);
  const bySeat = useStore(log.store, (state) => state.bySeat);
  const asked = useMemo((): Asked | undefined => {
    const round = currentRoundOf(Object.values(bySeat).flat(), log.now());
    const exercise = round && exerciseOf(round.item, round.seed, kitOfSteps(workshop));
    if (!round || !exercise) return undefined;
    const seats = workshop.seats.map((seat) => ({
      seat,
      answer: answerIn(round, bySeat[seat.id] ?? []),
    }));
    const answers = seats.flatMap(({ answer }) => answer ?? []);
    return { round, exercise, seats, answered: answers.length, tallies: tallyOf(answers) };
  }, [bySeat, workshop, log]);
  return { workshop, log, asked };
}
