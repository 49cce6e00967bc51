import { memo } from '../../memo.ts';
import { alloyOf } from './alloys.ts';
import { secondsToReady } from './ready.ts';
import { targetOf } from './targets.ts';
import { tipOf } from './tips.ts';

/** What a workshop solders with. */
export interface Iron {
  readonly tip: string;
  /** In °C. */
  readonly celsius: number;
  readonly alloy: string;
}

/** As most workshops have it: some 340 °C suits small work in leaded solder (common practice). */
export const usualIron: Iron = { tip: 'chisel-16', celsius: 340, alloy: 'sn60pb40' };

/** Settings that an iron has, in °C. */
export const celsiusRange = { from: 250, to: 420, step: 10 } as const;

/** Seconds of heat before feeding, by what is soldered; null where touch alone does not get it hot enough, and a little solder must be fed first. */
export interface HeatTimes {
  readonly ordinary: number | null;
  readonly largePad: number | null;
  /** A pad on a plane, by four spokes and without any. */
  readonly spokes: number | null;
  readonly plane: number | null;
}

/** How long joints take with an iron, by the heating model; worked out once for each. */
export function heatTimesOf(iron: Iron): HeatTimes {
  const key = `${iron.tip} ${iron.celsius} ${iron.alloy}`;
  const seconds = (target: string) => {
    const found = secondsToReady({
      tip: tipOf(iron.tip),
      celsius: iron.celsius,
      alloy: alloyOf(iron.alloy),
      target: targetOf(target),
    });
    return found === null ? null : Math.round(found * 10) / 10;
  };
  return heatTimes.of(key, () => ({
    ordinary: seconds('ordinary'),
    largePad: seconds('large-pad'),
    spokes: seconds('plane-spokes'),
    plane: seconds('plane-solid'),
  }));
}

const heatTimes = memo<string, HeatTimes>({ name: 'times of heat', most: 200 });
