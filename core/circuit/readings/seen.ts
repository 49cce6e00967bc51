import type { Range, Seen } from '../figures.ts';
import { modelOf } from '../models/index.ts';
import { named } from '../models/model.ts';
import type { Shown } from './pieces.ts';
import { rangeOf } from './range.ts';
import { movesOn } from './solve.ts';
import type { Stage } from './stage.ts';

/** Below this an LED is dark in a lit room, below the second it is dim (common practice), in mA. */
const darkMilliampere = 0.05;
const dimMilliampere = 0.5;

/**
 * What is seen and heard of each part, over many boards.
 *
 * @param tooFast the boards were not watched long enough to tell what stands still
 */
export function seenOf(
  stage: Stage,
  shown: readonly Shown[],
  isUnsure: boolean,
  tooFast: boolean,
): Seen[] {
  const senses = [
    ['light', 'led'],
    ['sound', 'snd'],
  ] as const;
  return stage.circuit.devices.flatMap((device): Seen[] => {
    if (!stage.fitted.has(device.place)) return [];
    return senses.flatMap(([sense, of]): Seen[] => {
      const vector = `i(${named('V', device, of).toLowerCase()})`;
      const model = modelOf(device);
      if (!model?.meters?.includes(of)) return [];
      const courses = shown.map(({ course }) => course(vector));
      const swinging = courses.filter(({ hertz }) => hertz !== undefined);
      const swings = swinging.length > courses.length * 0.8;
      const on = courses.map(({ mean, most }) => 1000 * (swings ? most : mean));
      const milliampere = rangeOf(on);
      // Of parts that nobody knows every board counts.
      const all = { ...milliampere, least: Math.min(...on), most: Math.max(...on) };
      const isLost = !swings && (tooFast || movesOn(courses, dimMilliampere / 1000));
      const looks = isLost ? 'differs' : looksOf(isUnsure ? all : milliampere, swings);
      return [
        {
          place: device.place,
          sense,
          milliampere,
          looks,
          ...(swings ? { hertz: rangeOf(swinging.map(({ hertz = 0 }) => hertz)) } : {}),
          ...((isUnsure || isLost) && looks === 'differs' ? { unsure: true as const } : {}),
        },
      ];
    });
  });
}

function looksOf({ least, most }: Range, swings: boolean): Seen['looks'] {
  if (most < darkMilliampere) return 'off';
  if (swings) return 'on-and-off';
  if (least >= dimMilliampere) return 'on';
  if (least >= darkMilliampere && most < dimMilliampere) return 'dim';
  return least >= darkMilliampere ? 'on' : 'differs';
}
