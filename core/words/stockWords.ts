import type { TFunction } from 'i18next';
import { toleranceLabel } from '../parts/label.ts';
import { asPart, type StockPart } from '../stores/stockPart.ts';
import { partName } from './partWords.ts';

/** `470 Ω resistor 5 %`, `10 µF electrolytic capacitor 16 V`, `330 Ω chip resistor 1206`, `chip socket, 8 pins`. */
export function stockName(t: TFunction, part: StockPart): string {
  const { value, pins, size } = part;
  const volt = value.kind === 'amount' && value.ratedVolt ? `${value.ratedVolt} V` : '';
  const words = [partName(t, asPart(part)), toleranceLabel(value), volt, size]
    .filter(Boolean)
    .join(' ');
  return pins === undefined ? words : t('name.pins', { words, count: pins });
}
