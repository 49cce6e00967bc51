import { useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { SentEvent } from '#contract/events';
import type { Deed } from '#core/build/event';
import { wrongValue } from '#core/learning/mistakes/fitting';
import type { MistakeId } from '#core/learning/mistakes/ids';
import { mistakesOf } from '#core/learning/mistakes/index';
import { otherValues } from '#core/learning/mistakes/otherValues';
import type { Step } from '#core/order/step';
import type { Part } from '#core/parts/part';
import { partName, stepPlaces, stepTitle } from '#core/words/partWords';
import { Glyph } from '../ui/Glyph.tsx';

interface TroubleProps {
  readonly current: Step;
  /** The steps behind this one; a mistake is often found later than it was made. */
  readonly earlier: readonly Step[];
  /** The whole plan. */
  readonly steps: readonly Step[];
  readonly report: (deed: Deed) => SentEvent;
  readonly helpAsked: boolean;
  readonly askForHelp: (text?: string) => void;
  /** The learner does not have what the step needs. */
  readonly tellMissing: (step: Step) => void;
  readonly close: () => void;
}

type Stage =
  | { readonly at: 'what' }
  | { readonly at: 'where'; readonly mistake: MistakeId }
  | { readonly at: 'instead'; readonly designator: string; readonly others: readonly Part[] }
  | { readonly at: 'else' }
  | { readonly at: 'now what'; readonly mistake: MistakeId; readonly eventId: string };

/** What went wrong, at which part, and what to do about it now. */
export function Trouble({
  current,
  earlier,
  steps,
  report,
  helpAsked,
  askForHelp,
  tellMissing,
  close,
}: TroubleProps) {
  const { t } = useTranslation();
  const dialog = useRef<HTMLDialogElement>(null);
  const [stage, setStage] = useState<Stage>({ at: 'what' });
  const [step, setStep] = useState(current);
  const [words, setWords] = useState('');
  const places = step.kind === 'check' ? [] : step.parts.flatMap((part) => part.designators);

  useEffect(() => dialog.current?.showModal(), []);

  const log = (mistake: MistakeId, designator?: string, instead?: string) => {
    const { id } = report({
      kind: 'mistake',
      stepId: step.id,
      mistake,
      ...(designator === undefined ? {} : { designator }),
      ...(instead === undefined ? {} : { instead }),
    });
    setStage({ at: 'now what', mistake, eventId: id });
  };
  const choose = (mistake: MistakeId) => {
    if (places.length > 1) setStage({ at: 'where', mistake });
    else logAt(mistake, places[0]);
  };
  /** Which value it was matters for the next evening; where nothing else can have been fitted nobody is asked. */
  const logAt = (mistake: MistakeId, designator: string | undefined) => {
    const others =
      mistake === wrongValue.id && designator !== undefined ? otherValues(steps, designator) : [];
    if (designator === undefined || others.length === 0) log(mistake, designator);
    else setStage({ at: 'instead', designator, others });
  };

  return (
    <dialog ref={dialog} className="trouble" aria-labelledby="trouble-title" onClose={close}>
      {stage.at === 'what' && (
        <>
          <h2 id="trouble-title">{t('seat.whatWrong')}</h2>
          <p>{t('seat.whatWrongHint')}</p>
          {earlier.length > 0 && (
            <label className="field">
              {t('seat.whichStep')}
              <select
                value={step.id}
                onChange={({ target }) =>
                  setStep([...earlier, current].find(({ id }) => id === target.value) ?? current)
                }
              >
                {[current, ...earlier.toReversed()].map((reached) => (
                  <option key={reached.id} value={reached.id}>
                    {stepPlaces(reached)} {stepTitle(t, reached)}
                  </option>
                ))}
              </select>
            </label>
          )}
          <div className="choices">
            {mistakesOf(step).map(({ id }) => (
              <button key={id} type="button" className="side-button" onClick={() => choose(id)}>
                {t(`mistake.${id}.name`)}
              </button>
            ))}
            {places.length > 0 && (
              <button
                type="button"
                className="side-button"
                onClick={() => {
                  tellMissing(step);
                  close();
                }}
              >
                {t('seat.cannotFind')}
              </button>
            )}
            <button type="button" className="side-button" onClick={() => setStage({ at: 'else' })}>
              {t('seat.somethingElse')}
            </button>
          </div>
        </>
      )}
      {stage.at === 'else' && (
        <form
          className="choices"
          onSubmit={(event) => {
            event.preventDefault();
            askForHelp(words.trim() === '' ? undefined : words.trim());
            close();
          }}
        >
          <h2 id="trouble-title">{t('seat.somethingElse')}</h2>
          <label className="field">
            {t('seat.sayWhat')}
            <textarea
              rows={3}
              maxLength={200}
              value={words}
              onChange={({ target }) => setWords(target.value)}
            />
          </label>
          <button type="submit" className="main-button">
            <Glyph name="hand" /> {t('seat.help')}
          </button>
        </form>
      )}
      {stage.at === 'where' && (
        <>
          <h2 id="trouble-title">{t('seat.whichPart')}</h2>
          <div className="choices">
            {places.map((name) => (
              <button
                key={name}
                type="button"
                className="side-button place"
                onClick={() => logAt(stage.mistake, name)}
              >
                {name}
              </button>
            ))}
            <button type="button" className="side-button" onClick={() => log(stage.mistake)}>
              {t('seat.notSure')}
            </button>
          </div>
        </>
      )}
      {stage.at === 'instead' && (
        <>
          <h2 id="trouble-title">{t('seat.whichValue', { place: stage.designator })}</h2>
          <div className="choices">
            {stage.others.map((part) => (
              <button
                key={part.designators[0]}
                type="button"
                className="side-button"
                onClick={() => log(wrongValue.id, stage.designator, part.designators[0])}
              >
                {partName(t, { ...part, quantity: 1 })} ({part.designators.join(', ')})
              </button>
            ))}
            <button
              type="button"
              className="side-button"
              onClick={() => log(wrongValue.id, stage.designator)}
            >
              {t('seat.notSure')}
            </button>
          </div>
        </>
      )}
      {stage.at === 'now what' ? (
        <>
          <h2 id="trouble-title">{t(`mistake.${stage.mistake}.name`)}</h2>
          <p>{t(`mistake.${stage.mistake}.whatNow`)}</p>
          <div className="choices">
            <button type="button" className="main-button" onClick={close}>
              {t('seat.understood')}
            </button>
            <button
              type="button"
              className="side-button"
              disabled={helpAsked}
              onClick={() => {
                askForHelp();
                close();
              }}
            >
              <Glyph name="hand" /> {helpAsked ? t('seat.helpAsked') : t('seat.help')}
            </button>
            <button
              type="button"
              className="text-button"
              onClick={() => {
                report({ kind: 'undo', undoes: stage.eventId });
                close();
              }}
            >
              {t('seat.takeBack')}
            </button>
          </div>
        </>
      ) : (
        <button type="button" className="text-button" onClick={close}>
          {t('seat.close')}
        </button>
      )}
    </dialog>
  );
}
