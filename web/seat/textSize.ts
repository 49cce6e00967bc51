/** Sizes of text that a learner can choose, as a share of the usual one. */
export const textSizes = [1, 1.2, 1.45] as const;
export type TextSize = (typeof textSizes)[number];

/** As in seat.css. */
const usualPx = 18;
const keptAs = 'ozzet.seat.text';

/** As it was chosen on this device last. */
export const chosenTextSize = (): TextSize =>
  textSizes.find((size) => String(size) === localStorage.getItem(keptAs)) ?? 1;

/** Everything on a seat's page is measured by the root's text. */
export function applyTextSize(size: TextSize): void {
  localStorage.setItem(keptAs, String(size));
  const { style, dataset } = document.documentElement;
  style.fontSize = size === 1 ? '' : `${size * usualPx}px`;
  if (size > 1) dataset.text = 'large';
  else delete dataset.text;
}
