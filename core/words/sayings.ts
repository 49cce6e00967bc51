import type { TFunction } from 'i18next';
import type { Filling, Said } from '../learning/said.ts';

/** A sentence that is data, in the language that is spoken. */
export function saying(t: TFunction, { says, fill = {}, otherwise }: Said): string {
  const filled = Object.fromEntries(
    Object.entries(fill).map(([name, filling]) => [name, written(t, filling)]),
  );
  return t(says, otherwise === undefined ? filled : { ...filled, defaultValue: otherwise });
}

/** What is filled in, in the language that is spoken. */
export const written = (t: TFunction, filling: Filling): string | number => {
  if (typeof filling === 'string' || typeof filling === 'number') return filling;
  if (isList(filling)) return filling.map((one) => written(t, one)).join(', ');
  return saying(t, filling);
};

const isList = (filling: Filling): filling is readonly Filling[] => Array.isArray(filling);
