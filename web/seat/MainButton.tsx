import { useTranslation } from 'react-i18next';
import type { GoOn } from '#core/build/goOn';
import type { Step } from '#core/order/step';
import { Glyph } from '../ui/Glyph.tsx';
import { checkFormId } from './CheckForm.tsx';

interface MainButtonProps {
  readonly step: Step;
  readonly may: GoOn;
  /** A meter decides the step. */
  readonly isMeasured: boolean;
  /** What was read last is right, or nothing has to be read. */
  readonly isRight: boolean;
  /** Pieces of a repeated step are still to come. */
  readonly isCounting: boolean;
  /** The step has only just come up. */
  readonly settling: boolean;
  readonly more: () => void;
  readonly done: () => void;
}

const doneWords = ({ kind }: Step, isMeasured: boolean) =>
  isMeasured ? 'checkForm.passed' : kind === 'check' ? 'seat.checkDone' : 'seat.done';

/** What the thumb does next: one more piece, a reading, waiting for staff, or going on. */
export function MainButton(props: MainButtonProps) {
  const { t } = useTranslation();
  const { step, may, isMeasured, isRight, isCounting, settling, more, done } = props;
  if (may === 'held' && isRight) {
    return (
      <button type="button" className="main-button" disabled>
        {t('seat.onHold')}
      </button>
    );
  }
  if (may !== 'held' && isCounting) {
    return (
      <button type="button" className="main-button" onClick={more}>
        {t('seat.oneMore')}
      </button>
    );
  }
  if (may !== 'free') {
    return (
      <button type="submit" form={checkFormId} className="main-button">
        {t('checkForm.judge')}
      </button>
    );
  }
  return (
    <button type="button" className="main-button" aria-disabled={settling} onClick={done}>
      {t(doneWords(step, isMeasured))} <Glyph name="tick" />
    </button>
  );
}
