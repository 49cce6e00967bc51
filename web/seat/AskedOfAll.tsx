import { lazy, Suspense, useMemo, useState } from 'react';
import type { SeatView } from '#contract/seats';
import type { BuildEvent, Deed } from '#core/build/event';
import { currentRoundOf } from '#core/learning/practice/rounds';
import { openPractice } from './openPractice.ts';

const ClassRound = lazy(async () => ({
  default: (await openPractice()).ClassRound,
}));

interface AskedOfAllProps {
  readonly view: SeatView;
  readonly events: readonly BuildEvent[];
  readonly report: (deed: Deed) => void;
  readonly clock: () => Date;
  /** Says whether the learner is at the question now. */
  readonly answering: (isAt: boolean) => void;
}

/** The last question to everybody, until it is put away; the exercise itself is loaded when there is one. */
export function AskedOfAll({ view, events, report, clock, answering }: AskedOfAllProps) {
  const [putAway, setPutAway] = useState<string>();
  const round = useMemo(() => currentRoundOf(events, clock()), [events, clock]);
  if (!round || `${round.id} ${round.endedAt}` === putAway) return null;
  return (
    <Suspense fallback={null}>
      <ClassRound
        key={round.id}
        round={round}
        plan={view}
        events={events}
        report={report}
        answering={answering}
        dismiss={() => setPutAway(`${round.id} ${round.endedAt}`)}
      />
    </Suspense>
  );
}
