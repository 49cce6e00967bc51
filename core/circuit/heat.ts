import type { BodyShape } from '../parts/body.ts';
import { bodyOf } from '../parts/bodyOf.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';

/** Kelvin a watt from the part to still air, soldered to a small board (from memory of data sheets and JEDEC tables). */
const byShape: Readonly<Partial<Record<BodyShape, number>>> = {
  'half-round': 200,
  tab: 62,
  can: 200,
  sot: 300,
  so: 130,
  dip: 90,
  rod: 250,
  dome: 300,
  chip: 280,
};

/** Anything else of a kit's size (common practice: a quarter-watt resistor at its rating is some 70 K above the room). */
const usualKelvinPerWatt = 250;

export function kelvinPerWatt(part: Part): number {
  const body = bodyOf(familyOf(part), part);
  return byShape[body.shape] ?? usualKelvinPerWatt;
}

/** Of what a hand notices; less is not said. */
export const noticedKelvin = 8;
export const roomCelsius = 22;

/** Hands draw back from some 55 °C (common practice); small parts bear no more than about 125 °C (data sheets, from memory). */
const hotCelsius = 55;
const leastTooHotCelsius = 125;

/** Whether a part that gets so warm may be touched, or is as it should be at all. */
export const howWarm = (mostCelsius: number): 'warm' | 'hot' | 'tooHot' =>
  mostCelsius >= leastTooHotCelsius ? 'tooHot' : mostCelsius >= hotCelsius ? 'hot' : 'warm';
