import { lazy, Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import type { Board } from '#core/board/board';
import type { HeatTimes } from '#core/joint/heat/iron';
import type { Turn } from '#core/order/ironFirst';
import type { OwnTextField } from '#core/order/own/own';
import type { CheckStep, WorkStep } from '#core/order/step';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { familyOf } from '#core/parts/families/index';
import { overridesRule } from '#core/parts/lotNote';
import type { Part } from '#core/parts/part';
import { harmsOf } from '#core/safety/harms';
import { holdingSentence, lengthSentence } from '#core/words/orderWords';
import { ownLines } from '#core/words/ownText';
import {
  checkExpects,
  checkWords,
  familyWord,
  fitWords,
  partName,
  reasonSentence,
  stepTitle,
} from '#core/words/partWords';
import { Glyph } from '../ui/Glyph.tsx';
import { BandNames, BoardMark, PartPicture } from '../ui/PartPicture.tsx';
import { Cautions } from './Cautions.tsx';
import { CheckForm, type CheckReading } from './CheckForm.tsx';
import { Counter, type CounterProps } from './Counter.tsx';
import { StepMap } from './StepMap.tsx';

const StepPictures = lazy(async () => ({
  default: (await import('./StepPictures.tsx')).StepPictures,
}));

const StepCables = lazy(async () => ({
  default: (await import('./StepCables.tsx')).StepCables,
}));

interface StepCardProps {
  readonly step: PlannedStep;
  /** The whole plan: what is on the board already, and what comes. */
  readonly steps: readonly PlannedStep[];
  readonly board: Board | null;
  readonly heatTimes: HeatTimes;
  readonly number: number;
  readonly count: number;
  /** At a step that a reading decides. */
  readonly reading?: CheckReading;
  /** At a step that is done many times. */
  readonly counter?: CounterProps;
  /** Who of two has the iron first, and whether that is the learner, the partner, or one of two at this phone. */
  readonly turn?: Turn & { readonly says: 'mine' | 'of' | 'shared' };
}

/** One step and nothing else: which part, where, which way round, how, what to check. */
export function StepCard({
  step,
  steps,
  board,
  heatTimes,
  number,
  count,
  reading,
  counter,
  turn,
}: StepCardProps) {
  const { t } = useTranslation();
  return (
    <article className="step-card" aria-labelledby="step-title">
      <p className="step-count">
        {t('seat.stepOf', { number, count })}
        {step.kind === 'solder' && ` · ${t('step.joints', { count: step.joints })}`}
        {step.own?.sort && ` · ${t(`step.sort.${step.own.sort}`)}`}
      </p>
      <h1 id="step-title">{stepTitle(t, step)}</h1>
      {turn && <p>{t(`seat.turn.${turn.says}`, { first: turn.first, other: turn.other })}</p>}
      <Own step={step} field="caution" className="caution" />
      {step.own?.words.pictures && (
        <Suspense>
          <StepPictures pictures={step.own.words.pictures} />
        </Suspense>
      )}
      {step.kind === 'check' ? (
        <CheckBody step={step} />
      ) : (
        <>
          <Cautions cautions={step.cautions} />
          {step.parts.map((part) => (
            <PartSeen key={keyOf(part)} part={part} />
          ))}
          {board && step.parts.length > 0 && (
            <StepMap board={board} steps={steps} step={step} heatTimes={heatTimes} />
          )}
          {board?.cables && step.kind === 'solder' && (
            <Suspense>
              <StepCables
                cables={board.cables}
                places={step.parts.flatMap((part) => part.designators)}
              />
            </Suspense>
          )}
          <Holding step={step} />
          {step.parts.map((part) => (
            <PartFitted key={keyOf(part)} part={part} isTold={step.own?.words.how !== undefined} />
          ))}
          <Own step={step} field="how" head={t('seat.how')} />
          <Own step={step} field="expects" head={t('seat.expect')} className="way way-matters" />
        </>
      )}
      {counter && <Counter {...counter} />}
      {reading && <CheckForm {...reading} />}
      <Own step={step} field="look" head={t('seat.look')} className="way way-matters" />
      <Harms step={step} />
      <details className="why">
        <summary>{t('seat.why')}</summary>
        {step.kind !== 'own' && <p>{reasonSentence(t, step)}</p>}
        <p>{t('seat.burn')}</p>
      </details>
    </article>
  );
}

interface OwnProps {
  readonly step: PlannedStep;
  readonly field: OwnTextField;
  readonly head?: string;
  readonly className?: string;
}

/** What the instructor says, line by line. */
function Own({ step, field, head, className }: OwnProps) {
  const { t } = useTranslation();
  const text = step.kind === 'check' && field === 'how' ? undefined : step.own?.words[field];
  if (!text) return null;
  // What is done one after the other is counted.
  const [Lines, Line] = field === 'how' ? (['ol', 'li'] as const) : (['div', 'p'] as const);
  return (
    <section className={className}>
      {head && <h2>{head}</h2>}
      <Lines>
        {ownLines(t, text).map((line) => (
          <Line key={line}>{line}</Line>
        ))}
      </Lines>
    </section>
  );
}

/** What can hurt at this step; local rules come first. */
function Harms({ step }: { readonly step: PlannedStep }) {
  const { t } = useTranslation();
  return (
    <div className="caution">
      {harmsOf(step).map(({ id }) => (
        <p key={id}>
          <Glyph name="warn" /> {t(`harm.${id}.says`)}
        </p>
      ))}
      <p>{t('seat.cautionLocal')}</p>
    </div>
  );
}

const keyOf = (part: Part): string => part.designators.join() || part.description;

/** What to take from the mat. */
function PartSeen({ part }: { readonly part: Part }) {
  const { t } = useTranslation();
  return (
    <>
      <Places part={part} />
      <div className="pictures">
        <figure>
          <PartPicture part={part} />
          <figcaption>
            {t('seat.pictureOnMat')}
            <BandNames part={part} />
          </figcaption>
        </figure>
        {familyOf(part).drawBoardMark && (
          <figure>
            <BoardMark part={part} />
            <figcaption>{t('seat.onBoard')}</figcaption>
          </figure>
        )}
      </div>
      {part.supply === 'not-in-kit' && <p className="caution">{t('seat.bring')}</p>}
    </>
  );
}

/** Which way round, and how it is fitted where the instructor has not told it. */
function PartFitted({ part, isTold }: { readonly part: Part; readonly isTold: boolean }) {
  const { t } = useTranslation();
  // The rule of the family would say the opposite of what is true for this lot.
  const wayRound = overridesRule(part) ? t('seat.thisLot') : familyWord(t, part, 'wayRound');
  const backwards = familyWord(t, part, 'backwards');
  const { polarity } = familyOf(part);
  return (
    <>
      {wayRound && (
        <section className={polarity === 'free' ? 'way' : 'way way-matters'}>
          <h2>{t('seat.wayRound')}</h2>
          <p>{wayRound}</p>
          {backwards && (
            <p>
              <strong>{t('seat.otherwise')}:</strong> {backwards}
            </p>
          )}
        </section>
      )}
      {part.showRemarks && part.remarks && <p className="caution">{part.remarks}</p>}
      {!isTold && (
        <>
          <h2>{t('seat.how')}</h2>
          <ol>
            {fitWords(t, part).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ol>
        </>
      )}
      <a
        className="guide-link"
        href={`/guide/${familyOf(part).id}`}
        target="_blank"
        rel="noreferrer"
      >
        {t('seat.guide', { what: t(`family.${familyOf(part).id}.one`) })}
      </a>
    </>
  );
}

/** Where on the board, each place as a tag, and how many pieces there are. */
function Places({ part }: { readonly part: Part }) {
  const { t } = useTranslation();
  if (part.designators.length === 0) {
    return (
      <p className="places">
        {t('step.pieces', { count: part.quantity })} · {part.description || partName(t, part)}
      </p>
    );
  }
  return (
    <ul className="places" aria-label={t('seat.places', { places: part.designators.join(', ') })}>
      {part.designators.map((name) => (
        <li key={name} className="place">
          {name}
        </li>
      ))}
    </ul>
  );
}

/** What would fall out when the board is turned, and what is measured off before. */
function Holding({ step }: { readonly step: WorkStep }) {
  const { t } = useTranslation();
  const lines = [
    ...step.lengths.map((length) => lengthSentence(t, length)),
    ...step.holding.map((holding) => holdingSentence(t, holding)),
  ];
  if (lines.length === 0) return null;
  return (
    <section className="way">
      <h2>{t('seat.beforeTurning')}</h2>
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
    </section>
  );
}

function CheckBody({ step }: { readonly step: CheckStep }) {
  const { t } = useTranslation();
  return (
    <>
      {step.blocks.length > 0 && <p>{t('checkForm.blocks', { blocks: step.blocks.join(', ') })}</p>}
      <h2>{t('seat.how')}</h2>
      <ol>
        {checkWords(t, step).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      <section className="way way-matters">
        <h2>{t('seat.expect')}</h2>
        <p>{checkExpects(t, step)}</p>
        <p>
          <strong>{t('seat.otherwise')}:</strong> {t(`check.${step.check}.otherwise`)}
        </p>
      </section>
    </>
  );
}
