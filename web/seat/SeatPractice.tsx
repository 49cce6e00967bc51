import { useEffect, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { useStore } from 'zustand';
import { keptPractice } from '#contract/keptKinds';
import { getSeatPractice, type SeatPractice as Practice } from '#contract/practice';
import type { BuildEvent } from '#core/build/event';
import { byTime } from '#core/learning/builds';
import { answersOf } from '#core/learning/practice/answers';
import { kitOfSteps } from '#core/learning/practice/kitOfSteps';
import { slipsOf, weaknessesOf } from '#core/learning/practice/weaknesses';
import { call } from '../app/call.ts';
import { orKept } from '../app/kept.ts';
import { Training } from '../practice/session/Training.tsx';
import { useOpenSeat } from './Seat.tsx';
import { SeatHead } from './SeatHead.tsx';
import { useRecord } from './useRecord.ts';

const nothing: readonly BuildEvent[] = [];

/** Practice from the link of a seat: without the instructor, and without the network once it is open. */
export function SeatPractice() {
  const { t } = useTranslation();
  const { token = '' } = useParams();
  const { view, log } = useOpenSeat();
  const own = useStore(log.store, ({ bySeat }) => bySeat[view.seatId] ?? nothing);
  const [practice, setPractice] = useState<Practice>();

  useEffect(() => {
    orKept(keptPractice, `practice.${token}`, () => call(getSeatPractice, { params: { token } }))
      .then(({ data }) => setPractice(data))
      // Never loaded and no network: the seat's own kit and log are here all the same.
      .catch(() =>
        setPractice({
          kitName: view.kitName,
          kit: kitOfSteps(view, view.board),
          earlier: [],
          items: [],
          slips: slipsOf({ steps: view.steps, events: view.events.map(({ event }) => event) }),
        }),
      );
  }, [token, view]);

  const answers = useMemo(
    () => [...(practice?.earlier ?? []), ...answersOf(own)].sort(byTime),
    [practice, own],
  );
  const weaknesses = useMemo(() => weaknessesOf(practice?.slips ?? []), [practice]);
  const record = useRecord();

  return (
    <>
      <SeatHead />
      <main className="bench">
        <div className="practice-top">
          <h1>{t('practice.title')}</h1>
          <Link className="guide-link" to={`/seat/${encodeURIComponent(token)}`}>
            {t('practice.backToSeat')}
          </Link>
        </div>
        {practice ? (
          <Training
            kit={practice.kit}
            answers={answers}
            weaknesses={weaknesses}
            items={practice.items}
            now={log.now}
            record={record}
            more={
              <Link className="guide-link" to="heat">
                {t('drill.heat.open')}
              </Link>
            }
            intro={
              <p className="practice-lead">
                {t('practice.lead')} {t('practice.for', { kit: practice.kitName })}
              </p>
            }
          />
        ) : (
          <p role="status">{t('seat.loading')}</p>
        )}
      </main>
    </>
  );
}
