import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { useShortcuts } from '../app/shortcuts.ts';
import { Glyph } from '../ui/Glyph.tsx';

interface ChoicesProps<Value> {
  readonly label: string;
  readonly choices: readonly { readonly value: Value; readonly says: ReactNode }[];
  readonly right: Value;
  readonly given: Value | undefined;
  readonly answer?: ((value: Value) => void) | undefined;
}

/** One of a few answers, by a tap or by its number. Afterwards the right one is ticked and a wrong one crossed out. */
export function Choices<Value extends string>({
  label,
  choices,
  right,
  given,
  answer,
}: ChoicesProps<Value>) {
  const { t } = useTranslation();
  const isOpen = given === undefined && answer !== undefined;
  useShortcuts(
    isOpen
      ? choices.map(({ value }, index) => ({
          key: String(index + 1),
          does: t('practice.choices.answer', { index: index + 1 }),
          run: () => answer(value),
        }))
      : [],
  );
  return (
    <ol className="drill-choices" aria-label={label}>
      {choices.map(({ value, says }, index) => {
        const state = given === undefined ? 'open' : stateOf(value, right, given);
        return (
          <li key={value}>
            <button
              type="button"
              className={`drill-choice drill-choice-${state}`}
              disabled={!isOpen}
              onClick={() => answer?.(value)}
            >
              <span className="drill-key" aria-hidden="true">
                {index + 1}
              </span>
              <span>{says}</span>
              {state === 'right' && <Glyph name="tick" />}
              {state === 'wrong' && <Glyph name="cross" />}
            </button>
          </li>
        );
      })}
    </ol>
  );
}

function stateOf<Value>(value: Value, right: Value, given: Value): 'right' | 'wrong' | 'other' {
  if (value === right) return 'right';
  return value === given ? 'wrong' : 'other';
}
