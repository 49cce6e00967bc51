import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { applyTextSize, chosenTextSize, textSizes } from './textSize.ts';

/** How large the text of the seat is; it stays on the device. */
export function TextSizeChoice() {
  const { t } = useTranslation();
  const [chosen, setChosen] = useState(chosenTextSize);
  return (
    <fieldset className="about-call text-size">
      <legend>{t('seat.textSize.title')}</legend>
      {textSizes.map((size) => (
        <button
          key={size}
          type="button"
          className="side-button"
          aria-pressed={chosen === size}
          onClick={() => {
            applyTextSize(size);
            setChosen(size);
          }}
        >
          {t(`seat.textSize.of.${textSizes.indexOf(size)}`)}
        </button>
      ))}
    </fieldset>
  );
}
