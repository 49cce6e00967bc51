import { type FormEvent, useId, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { parseQuantity } from '#core/quantity/parseQuantity';
import { Glyph } from '../ui/Glyph.tsx';

interface ValueFormProps {
  readonly unit: 'ohm' | 'farad';
  readonly given: number | undefined;
  readonly answer?: ((amount: number) => void) | undefined;
}

/** Letters that stand for a power of ten, on the pad beside the digits. */
const letters = { ohm: ['R', 'k', 'M'], farad: ['p', 'n', 'u'] } as const;
const digits = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0'] as const;

/** A value, typed or tapped: 4k7, 100n. */
export function ValueForm({ unit, given, answer }: ValueFormProps) {
  const { t } = useTranslation();
  const id = useId();
  const [text, setText] = useState('');
  const [isOdd, setOdd] = useState(false);
  if (given !== undefined || !answer) return null;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const amount = parseQuantity(text, unit);
    setOdd(!amount.ok);
    if (amount.ok) answer(amount.value);
  };
  const type = (key: string) => setText((before) => before + key);
  return (
    <form className="value-form" onSubmit={submit} noValidate>
      <label htmlFor={id}>{t('practice.keypad.value')}</label>
      <input
        id={id}
        type="text"
        autoComplete="off"
        autoCapitalize="off"
        spellCheck={false}
        value={text}
        onChange={({ target }) => setText(target.value)}
        aria-invalid={isOdd}
        aria-describedby={`${id}-hint`}
      />
      <p id={`${id}-hint`} className="value-problem" role="status">
        {isOdd && t(unit === 'ohm' ? 'drill.bands.read.wrongText' : 'drill.bands.print.wrongText')}
      </p>
      <div className="keypad">
        {digits.map((key) => (
          <button key={key} type="button" onClick={() => type(key)}>
            {key}
          </button>
        ))}
        <button
          type="button"
          aria-label={t('practice.keypad.delete')}
          onClick={() => setText((before) => before.slice(0, -1))}
        >
          <Glyph name="back" />
        </button>
        {letters[unit].map((key) => (
          <button key={key} type="button" className="keypad-letter" onClick={() => type(key)}>
            {key === 'u' ? 'µ' : key}
          </button>
        ))}
      </div>
      <button type="submit" className="drill-main">
        {t('practice.answer')}
      </button>
    </form>
  );
}
