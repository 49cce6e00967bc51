import { familyOf } from '../../parts/families/index.ts';
import type { Part } from '../../parts/part.ts';

/** The number of a pin; null where it has a name. */
export const numberOf = (pin: string): number | null => (/^\d+$/.test(pin) ? Number(pin) : null);

export const isPolarised = (part: Part): boolean => familyOf(part).polarity === 'polarised';

/** Nothing is soldered there by whoever builds it: a bare board, a case. */
export const isElectrical = (part: Part): boolean => {
  const { job } = familyOf(part);
  return job !== 'mechanical' && job !== 'socket';
};

/** Small parts of silicon, which heat and a wrong supply destroy. */
export const isDelicate = (part: Part): boolean =>
  ['diode', 'light', 'transistor', 'regulator', 'chip'].includes(familyOf(part).job);
