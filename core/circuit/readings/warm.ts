import type { Warm } from '../figures.ts';
import { kelvinPerWatt, noticedKelvin, roomCelsius } from '../heat.ts';
import { modelOf } from '../models/index.ts';
import type { Shown } from './pieces.ts';
import { rangeOf } from './range.ts';
import type { Stage } from './stage.ts';

/** What gets warm, over many boards. */
export function warmOf(stage: Stage, shown: readonly Shown[]): Warm[] {
  return stage.circuit.devices.flatMap((device): Warm[] => {
    if (!stage.fitted.has(device.place)) return [];
    const vectors = modelOf(device)?.watts?.(device) ?? [];
    if (vectors.length === 0) return [];
    const watt = rangeOf(
      shown.map(({ course }) =>
        vectors.reduce((sum, vector) => sum + Math.abs(course(vector.toLowerCase()).mean), 0),
      ),
    );
    const kelvin = kelvinPerWatt(device.part);
    if (watt.most * kelvin < noticedKelvin) return [];
    const celsius = (value: number) => roomCelsius + value * kelvin;
    return [
      {
        place: device.place,
        watt,
        celsius: {
          least: celsius(watt.least),
          usual: celsius(watt.usual),
          most: celsius(watt.most),
        },
      },
    ];
  });
}
