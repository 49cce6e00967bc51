import { type ReactNode, useMemo, useState } from 'react';
import type { PracticeKit } from '#core/learning/drills/drill';
import type { PracticeAnswer } from '#core/learning/practice/answers';
import { cardsOf, type Weakness } from '#core/learning/practice/cards';
import { chanceByItem, difficultiesOf, type ItemTally } from '#core/learning/practice/difficulty';
import { type Planned, secondsOf, sessionOf } from '#core/learning/practice/session';
import { practiceSummary } from '#core/learning/practice/summary';
import { useSight } from '../useSight.ts';
import { type Answered, Session } from './Session.tsx';
import { Trainers } from './Trainers.tsx';

interface TrainingProps {
  readonly kit: PracticeKit;
  /** In the order of time; grows as answers are recorded. */
  readonly answers: readonly PracticeAnswer[];
  readonly weaknesses: readonly Weakness[];
  /** How often each exercise went right, by everybody. */
  readonly items: readonly ItemTally[];
  readonly now: () => Date;
  readonly record: (answered: Answered) => void;
  /** What stands above the choice of trainers. */
  readonly intro?: ReactNode;
  /** What stands below the choice of trainers. */
  readonly more?: ReactNode;
  /** Nobody in particular: nothing is shown of how far somebody is. */
  readonly isAnybody?: boolean;
}

const anySeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0] ?? 0;

interface Begun {
  readonly number: number;
  readonly drillId: string | undefined;
  readonly planned: readonly Planned[];
}

/** Choose a trainer, go through a session, and again. */
export function Training({
  kit,
  answers,
  weaknesses,
  items,
  now,
  record,
  intro,
  more,
  isAnybody,
}: TrainingProps) {
  const [sight, say] = useSight();
  const [begun, setBegun] = useState<Begun>();
  const cards = useMemo(() => cardsOf(answers, weaknesses), [answers, weaknesses]);
  const chanceOf = useMemo(
    () => (isAnybody ? undefined : chanceByItem(answers, difficultiesOf(items))),
    [answers, items, isAnybody],
  );
  const wish = { kit, cards, ...(chanceOf ? { chanceOf } : {}) };
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is wished is made of these
  const mixed = useMemo(
    () => sessionOf({ ...wish, now: now(), seed: anySeed() }),
    [kit, cards, chanceOf, now],
  );
  const summary = useMemo(
    () => (isAnybody ? undefined : practiceSummary(answers, weaknesses, now())),
    [answers, weaknesses, now, isAnybody],
  );
  const start = (drillId?: string) => {
    const planned = sessionOf({ ...wish, now: now(), seed: anySeed(), drillId });
    setBegun({ number: (begun?.number ?? 0) + 1, drillId, planned });
    scrollTo({ top: 0 });
  };
  if (!begun) {
    return (
      <>
        {intro}
        <Trainers
          sight={sight}
          say={say}
          summary={summary}
          mixed={{ minutes: Math.round(secondsOf(mixed) / 60), count: mixed.length }}
          start={start}
        />
        {more}
      </>
    );
  }
  return (
    <Session
      key={begun.number}
      planned={begun.planned}
      kit={kit}
      sight={sight}
      record={record}
      anySeed={anySeed}
      leave={() => setBegun(undefined)}
      another={() => start(begun.drillId)}
    />
  );
}
