import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type Finding, type GateForm as Form, readGate } from '#core/order/gateReading';

/** The button that sends the form stands at the foot of the page, under the thumb. */
export const gateFormId = 'gate-form';

export interface Gate {
  readonly form: Form;
  /** What the last reading means; none while nothing was read. */
  readonly finding: Finding | undefined;
  readonly read: (amount: number) => void;
}

/** The reading goes in, the verdict comes out. */
export function GateForm({ form, finding, read }: Gate) {
  const { t } = useTranslation();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const amount = readGate(form, text);
    if (!amount.ok) {
      setProblem(`${amount.problem.charAt(0).toUpperCase()}${amount.problem.slice(1)}.`);
      return;
    }
    setProblem(undefined);
    setText('');
    read(amount.value);
  };
  return (
    <form id={gateFormId} className="gate-form" onSubmit={submit} noValidate>
      <label htmlFor="gate-reading">{t(`gate.ask.${form.unit}`)}</label>
      <input
        id="gate-reading"
        type="text"
        autoComplete="off"
        value={text}
        onChange={({ target }) => setText(target.value)}
        aria-invalid={problem !== undefined}
        aria-describedby="gate-hint"
      />
      <p id="gate-hint" className={problem ? 'gate-problem' : 'gate-hint'}>
        {problem ?? t(`gate.example.${form.unit}`)}
      </p>
      {finding && (
        <p role="status" className={finding === 'right' ? 'gate-right' : 'alarm-box'}>
          <strong>{t(`gate.finding.${finding}`)}</strong>
        </p>
      )}
    </form>
  );
}
