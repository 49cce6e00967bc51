import type { BuildEvent, Deed } from '../../build/event.ts';
import { eventsThatCount } from '../../build/eventsThatCount.ts';
import type { ItemId } from '../drills/exercise.ts';

/** An exercise that was answered. */
export interface PracticeAnswer {
  readonly eventId: string;
  readonly item: ItemId;
  readonly seed: number;
  readonly answer: unknown;
  /** Null where it was not counted: what decided it could not be seen. */
  readonly isRight: boolean | null;
  /** 0 to 1. */
  readonly credit: number;
  /** ISO 8601. */
  readonly at: string;
  /** The round of the whole class that it belongs to. */
  readonly round?: string | undefined;
}

/** Deeds of practice; they say nothing about the board. */
const practiceDeeds: ReadonlySet<Deed['kind']> = new Set([
  'practised',
  'round-started',
  'round-ended',
]);

export const isPractice = ({ kind }: Pick<BuildEvent, 'kind'>): boolean => practiceDeeds.has(kind);

/** What was answered, in the order of time. */
export const answersOf = (events: Iterable<BuildEvent>): PracticeAnswer[] =>
  eventsThatCount(events).flatMap((event) =>
    event.kind === 'practised'
      ? [
          {
            eventId: event.id,
            item: event.item,
            seed: event.seed,
            answer: event.answer,
            isRight: event.isRight,
            credit: event.credit,
            at: event.at,
            round: event.round,
          },
        ]
      : [],
  );
