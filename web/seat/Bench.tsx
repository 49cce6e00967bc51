import { lazy, Suspense, useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { SeatView } from '#contract/seats';
import type { Deed } from '#core/build/event';
import { goOn } from '#core/build/goOn';
import { checkFailed } from '#core/learning/mistakes/checks';
import { measuringOf } from '#core/order/checks/measuring';
import { ironTurn, type Turn, twoAtOnePhone } from '#core/order/ironFirst';
import type { Step } from '#core/order/step';
import { Glyph } from '../ui/Glyph.tsx';
import { AskedOfAll } from './AskedOfAll.tsx';
import { CallForHelp } from './CallForHelp.tsx';
import { FromTheInstructor } from './FromTheInstructor.tsx';
import { MainButton } from './MainButton.tsx';
import { Messages } from './Messages.tsx';
import { NotSaved } from './NotSaved.tsx';
import { OnHold } from './OnHold.tsx';
import { Ruler } from './Ruler.tsx';
import { useOpenSeat } from './Seat.tsx';
import { SeatHead } from './SeatHead.tsx';
import { StepCard } from './StepCard.tsx';
import { useSeatState } from './useSeatState.ts';
import { useSettling } from './useSettling.ts';

// Not for every step; each is there before it is needed, network or not.
const parts = {
  hello: () => import('./Hello.tsx'),
  goodbye: () => import('./Goodbye.tsx'),
  trouble: () => import('./Trouble.tsx'),
};
const Hello = lazy(async () => ({ default: (await parts.hello()).Hello }));
const Goodbye = lazy(async () => ({ default: (await parts.goodbye()).Goodbye }));
const Trouble = lazy(async () => ({ default: (await parts.trouble()).Trouble }));

/** Who takes turns with the iron: two at one phone, or the learner and whoever works with them; the lower seat begins. */
function pairOf({
  name,
  number,
  partner,
  partnerNumber,
}: SeatView): readonly [string, string] | undefined {
  const here = twoAtOnePhone(name);
  if (here || partner === null || partnerNumber === null) return here;
  return number < partnerNumber ? [name, partner] : [partner, name];
}

const turnSays = ({ name }: SeatView, { first }: Turn) =>
  twoAtOnePhone(name) ? 'shared' : first === name ? 'mine' : 'of';

/** A seat at work: where the learner is, this step, and what can be done about it. */
export function Bench() {
  const { t } = useTranslation();
  const { view, log } = useOpenSeat();
  const { events, state } = useSeatState();
  const [troubleOpen, setTroubleOpen] = useState(false);
  const { steps, seatId } = view;

  const index = steps.findIndex(({ id }) => id === state.currentStepId);
  const step = steps[index];
  const previous = steps[(step ? index : steps.length) - 1];
  const report = (deed: Deed) => log.report(seatId, deed);

  const isNew =
    state.greetedAt === null && state.lastSignAt === null && Object.keys(state.doneAt).length === 0;
  // Whoever reports from here is met all the same until they begin.
  const [meeting, setMeeting] = useState(isNew);
  const begin = () => {
    report({ kind: 'greeted' });
    setMeeting(false);
    scrollTo({ top: 0 });
  };
  useEffect(() => {
    // One that does not come now is asked for again when it is needed.
    for (const load of Object.values(parts)) load().catch(() => undefined);
  }, []);
  // On another device, or put at a step by staff: they have begun.
  if (meeting && (state.greetedAt !== null || Object.keys(state.doneAt).length > 0)) {
    setMeeting(false);
  }
  const settling = useSettling(state.currentStepId);

  const done = () => {
    if (!step || settling) return;
    report({ kind: 'step-done', stepId: step.id });
    scrollTo({ top: 0 });
  };
  const back = () => previous && report({ kind: 'step-reopened', stepId: previous.id });
  const askForHelp = (text?: string) =>
    report({
      kind: 'help-asked',
      stepId: (step ?? previous)?.id ?? '',
      ...(text === undefined ? {} : { about: 'question', text }),
    });
  const tellMissing = ({ id: stepId, ...of }: Step) => {
    const parts = of.kind === 'check' ? [] : of.parts;
    report({
      kind: 'part-missing',
      stepId,
      designators: parts.flatMap(({ designators }) => designators),
    });
    report({ kind: 'help-asked', stepId, about: 'lost' });
  };
  // A question to everybody takes the place of the step’s buttons until it is answered or put off.
  const [answering, setAnswering] = useState(false);
  const [foot, setFoot] = useState<HTMLElement | null>(null);
  const measuring = step ? measuringOf(step) : null;
  const repeat = step?.own?.words.repeat;
  const isCheck = step?.kind === 'check' || step?.own?.sort === 'check';
  const may = step ? goOn(step, state) : 'free';
  const reading = state.readings.filter(({ stepId }) => stepId === step?.id).at(-1);
  const finding = measuring && reading ? measuring.judge(reading.amount) : undefined;
  const read = (amount: number) => {
    if (!measuring || !step) return;
    report({ kind: 'reading', stepId: step.id, amount });
    if (measuring.judge(amount) !== 'right') failCheck();
  };
  const pieces = step ? (state.counts[step.id] ?? 0) : 0;
  const isCounting = repeat !== undefined && pieces < repeat.times;
  const count = (now: number) => step && report({ kind: 'counted', stepId: step.id, pieces: now });
  const failCheck = () => {
    if (!step) return;
    report({ kind: 'mistake', stepId: step.id, mistake: checkFailed.id });
    if (!state.help) askForHelp();
  };

  const pair = pairOf(view);
  const turn = step && pair ? ironTurn(steps, step.id, pair) : null;

  const call = state.help && (
    <CallForHelp
      help={state.help}
      clock={log.now}
      say={(about) =>
        state.help && report({ kind: 'help-asked', stepId: state.help.stepId, about })
      }
      withdraw={() => {
        for (const asked of state.openCalls) report({ kind: 'help-withdrawn', asked });
      }}
    />
  );

  const helpButton = (
    <button
      type="button"
      className="side-button"
      onClick={() => askForHelp()}
      disabled={state.help !== null}
    >
      <Glyph name="hand" /> {state.help ? t('seat.helpAsked') : t('seat.help')}
    </button>
  );

  return (
    <>
      <SeatHead>
        <Ruler steps={steps} doneAt={state.doneAt} currentIndex={step ? index : steps.length} />
      </SeatHead>
      <main className="bench">
        <NotSaved log={log} steps={steps} />
        {state.help?.about === 'hurt' && call}
        <Messages messages={state.messages} clock={log.now} report={report} />
        {state.help?.about !== 'hurt' && call}
        <AskedOfAll
          view={view}
          events={events}
          report={report}
          clock={log.now}
          answering={setAnswering}
          foot={foot}
          help={helpButton}
        />
        <FromTheInstructor state={state} steps={steps} />
        {state.missing.length > 0 && !isNew && (
          <p role="status">
            {t('seat.missingTold', {
              places: state.missing.flatMap(({ designators }) => designators).join(', '),
            })}
          </p>
        )}
        {step && may === 'held' && <OnHold state={state} step={step} log={log} report={report} />}
        {meeting ? (
          <Suspense fallback={<p role="status">{t('seat.loading')}</p>}>
            <Hello view={view} state={state} report={report} />
          </Suspense>
        ) : step ? (
          <StepCard
            key={step.id}
            step={step}
            steps={steps}
            board={view.board}
            heatTimes={view.heatTimes}
            number={index + 1}
            count={steps.length}
            {...(turn && { turn: { ...turn, says: turnSays(view, turn) } })}
            {...(measuring && { reading: { measuring, finding, read } })}
            {...(repeat && {
              counter: {
                repeat,
                pieces,
                count,
                all: () => count(repeat.times),
              },
            })}
          />
        ) : (
          <Suspense fallback={<p role="status">{t('seat.loading')}</p>}>
            <Goodbye view={view} state={state} report={report} />
          </Suspense>
        )}
        {!meeting && (isCheck || !step || state.help) && (
          <Link className="guide-link" to="look">
            {t('seat.lookFirst.link')}
          </Link>
        )}
        {step && !meeting && (
          <Link className="guide-link" to="practice">
            {t('seat.practiseWaiting')}
          </Link>
        )}
      </main>
      {meeting && !answering && (
        <div className="seat-foot">
          <div className="foot-row">
            <button type="button" className="main-button" onClick={begin}>
              {t('seat.hello.begin')}
            </button>
          </div>
        </div>
      )}
      <nav
        hidden={answering || meeting}
        className="seat-foot"
        aria-label={t('seat.stepOf', { number: index + 1, count: steps.length })}
      >
        <div className="foot-row">
          <button type="button" className="side-button" onClick={back} disabled={!previous}>
            <Glyph name="back" /> {t('seat.back')}
          </button>
          {step && (
            <MainButton
              step={step}
              may={may}
              isMeasured={measuring !== null}
              isRight={finding === 'right' || !measuring}
              isCounting={isCounting}
              settling={settling}
              more={() => count(pieces + 1)}
              done={done}
            />
          )}
        </div>
        <div className="foot-row">
          {isCheck ? (
            <button type="button" className="side-button" onClick={failCheck}>
              <Glyph name="cross" /> {t('seat.checkFailed')}
            </button>
          ) : (
            step && (
              <button type="button" className="side-button" onClick={() => setTroubleOpen(true)}>
                <Glyph name="warn" /> {t('seat.wrong')}
              </button>
            )
          )}
          {helpButton}
        </div>
      </nav>
      <div ref={setFoot} className="foot-place" />
      {step && troubleOpen && (
        <Suspense>
          <Trouble
            current={step}
            earlier={steps.slice(0, index)}
            steps={steps}
            report={report}
            helpAsked={state.help !== null}
            askForHelp={askForHelp}
            tellMissing={tellMissing}
            close={() => setTroubleOpen(false)}
          />
        </Suspense>
      )}
    </>
  );
}
