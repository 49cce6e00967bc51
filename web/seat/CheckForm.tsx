import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Finding } from '#core/order/checks/definition';
import type { Measuring } from '#core/order/checks/measuring';
import { readAtCheck } from '#core/order/checks/readings';
import { ownMeasureSentence } from '#core/words/measureWords';
import { saying } from '#core/words/sayings';

/** The button that sends the form stands at the foot of the page, under the thumb. */
export const checkFormId = 'check-form';

export interface CheckReading {
  readonly measuring: Measuring;
  /** What the last reading means; none while nothing was read. */
  readonly finding: Finding | undefined;
  readonly read: (amount: number) => void;
}

/** The reading goes in, the verdict comes out. */
export function CheckForm({ measuring, finding, read }: CheckReading) {
  const { t } = useTranslation();
  const { unit } = measuring;
  const own = ownMeasureSentence(t, measuring);
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const amount = readAtCheck(unit, text);
    if (!amount.ok) {
      setProblem(saying(t, amount.problem));
      return;
    }
    setProblem(undefined);
    setText('');
    read(amount.value);
  };
  return (
    <form id={checkFormId} className="check-form" onSubmit={submit} noValidate>
      {own && (
        <p>
          <strong>{own}</strong>
        </p>
      )}
      <label htmlFor="check-reading">{t(`checkForm.ask.${unit}`)}</label>
      <input
        id="check-reading"
        type="text"
        autoComplete="off"
        value={text}
        onChange={({ target }) => setText(target.value)}
        aria-invalid={problem !== undefined}
        aria-describedby="check-hint"
      />
      <p id="check-hint" className={problem ? 'check-problem' : 'check-hint'}>
        {problem ?? t(`checkForm.example.${unit}`)}
      </p>
      {finding && (
        <p role="status" className={finding === 'right' ? 'check-right' : 'alarm-box'}>
          <strong>{t(`checkForm.finding.${finding}`)}</strong>
        </p>
      )}
    </form>
  );
}
