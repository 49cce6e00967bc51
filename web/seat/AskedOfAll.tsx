import { lazy, type ReactNode, Suspense, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { SeatView } from '#contract/seats';
import type { BuildEvent, Deed } from '#core/build/event';
import { answerIn, currentRoundOf } from '#core/learning/practice/rounds';
import { openPractice } from './openPractice.ts';

const ClassRound = lazy(async () => ({
  default: (await openPractice()).ClassRound,
}));

interface AskedOfAllProps {
  readonly view: SeatView;
  readonly events: readonly BuildEvent[];
  readonly report: (deed: Deed) => void;
  readonly clock: () => Date;
  /** Says whether the question waits for its answer: then it has the place of the step’s own buttons. */
  readonly answering: (isAt: boolean) => void;
  /** Where the step’s buttons were. */
  readonly foot: Element | null;
  /** What stays in reach while the question has their place. */
  readonly help: ReactNode;
}

/** The last question to everybody; put away it can be taken up again until its answers are shown. */
export function AskedOfAll(props: AskedOfAllProps) {
  const { view, events, report, clock, answering, foot, help } = props;
  const { t } = useTranslation();
  const [putAway, setPutAway] = useState<string>();
  const round = useMemo(() => currentRoundOf(events, clock()), [events, clock]);
  const isAnswered = useMemo(
    () => round !== undefined && answerIn(round, events) !== undefined,
    [round, events],
  );
  if (!round) return null;
  if (`${round.id} ${round.endedAt}` === putAway) {
    if (isAnswered || round.endedAt !== null) return null;
    return (
      <button type="button" className="text-button" onClick={() => setPutAway(undefined)}>
        {t('seat.questionAgain')}
      </button>
    );
  }
  return (
    <Suspense fallback={null}>
      <ClassRound
        key={round.id}
        round={round}
        plan={view}
        events={events}
        report={report}
        answering={answering}
        foot={foot}
        help={help}
        dismiss={() => setPutAway(`${round.id} ${round.endedAt}`)}
      />
    </Suspense>
  );
}
