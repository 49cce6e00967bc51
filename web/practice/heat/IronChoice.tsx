import { useId } from 'react';
import { useTranslation } from 'react-i18next';
import { celsiusRange, type Iron as WholeIron } from '#core/joint/heat/iron';
import { tips } from '#core/joint/heat/tips';

export type Iron = Pick<WholeIron, 'tip' | 'celsius'>;

interface IronChoiceProps {
  readonly iron: Iron;
  readonly set: (iron: Iron) => void;
}

/** The tip and what the station is set to. */
export function IronChoice({ iron, set }: IronChoiceProps) {
  const { t } = useTranslation();
  const id = useId();
  const { from, to, step } = celsiusRange;
  return (
    <div className="heat-settings">
      <label htmlFor={`${id}-tip`}>{t('drill.heat.tip')}</label>
      <select
        id={`${id}-tip`}
        value={iron.tip}
        onChange={({ target }) => set({ ...iron, tip: target.value })}
      >
        {tips.map(({ id: tip, widthMm }) => (
          <option key={tip} value={tip}>
            {t('drill.heat.tipWidth', { mm: widthMm })}
          </option>
        ))}
      </select>
      <label htmlFor={`${id}-celsius`}>
        {t('drill.heat.celsius')}{' '}
        <strong className="drill-mono">
          {t('practice.ironChoice.c', { celsius: iron.celsius })}
        </strong>
      </label>
      <input
        id={`${id}-celsius`}
        type="range"
        min={from}
        max={to}
        step={step}
        value={iron.celsius}
        onChange={({ target }) => set({ ...iron, celsius: Number(target.value) })}
      />
    </div>
  );
}
