import type { TFunction } from 'i18next';
import type { Block } from '#core/circuit/patterns/pattern';
import { withDecimals } from '#core/words/decimals';
import { amountText } from '#core/words/figureWords';

/** `1.5 s`, `20 ms`: how long something takes. */
function secondsText(t: TFunction, seconds: number): string {
  const [amount, unit] = seconds < 0.1 ? [seconds * 1000, 'ms'] : [seconds, 's'];
  return `${withDecimals(amount.toPrecision(2), t('step.tongue'))} ${unit}`;
}

/** What a block of a circuit is for, in a sentence. */
export function blockText(t: TFunction, { pattern, places, hertz, seconds, volt }: Block): string {
  // Of lamps there may be any number; their resistor is the last.
  const named = pattern === 'led' ? [places.slice(0, -1).join(', '), places.at(-1) ?? ''] : places;
  const [a = '', b = '', c = '', d = ''] = named;
  const rate =
    hertz !== undefined
      ? t('kits.circuit.does.rate.hertz', { amount: amountText(t, hertz, 'Hz') })
      : seconds !== undefined
        ? t('kits.circuit.does.rate.seconds', { amount: secondsText(t, seconds) })
        : volt !== undefined
          ? t('kits.circuit.does.rate.volt', { amount: amountText(t, volt, 'V') })
          : '';
  return t(`kits.circuit.does.${pattern}`, { a, b, c, d, rate });
}
