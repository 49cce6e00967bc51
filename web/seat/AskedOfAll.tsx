import { lazy, Suspense, useMemo, useState } from 'react';
import type { BuildEvent, Deed } from '#core/build/event';
import { roundsOf } from '#core/learning/practice/rounds';
import type { PlannedStep } from '#core/pace/stepMinutes';

const ClassRound = lazy(async () => ({
  default: (await import('../practice/class/ClassRound.tsx')).ClassRound,
}));

interface AskedOfAllProps {
  readonly steps: readonly PlannedStep[];
  readonly events: readonly BuildEvent[];
  readonly report: (deed: Deed) => void;
}

/** The last question to everybody, until it is put away; the exercise itself is loaded when there is one. */
export function AskedOfAll({ steps, events, report }: AskedOfAllProps) {
  const [putAway, setPutAway] = useState<string>();
  const round = useMemo(() => roundsOf(events).at(-1), [events]);
  if (!round || `${round.id} ${round.endedAt}` === putAway) return null;
  return (
    <Suspense fallback={null}>
      <ClassRound
        key={round.id}
        round={round}
        steps={steps}
        events={events}
        report={report}
        dismiss={() => setPutAway(`${round.id} ${round.endedAt}`)}
      />
    </Suspense>
  );
}
