import type { Pad } from './board.ts';

/** `R1.2`: a pin of a part. */
export type PinName = string;
export const pinName = ({ place, pin }: Pick<Pad, 'place' | 'pin'>): PinName => `${place}.${pin}`;

/** The place of a pin: `R3` of `R3.1`; what is a place already stays. */
export const placeOfPin = (pin: PinName): string => pin.replace(/\.[^.]*$/, '');
