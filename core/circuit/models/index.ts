import type { Part } from '../../parts/part.ts';
import { comparator, opAmp } from './amplifying.ts';
import { diode, filament, infraredLight, light, zener } from './diodes.ts';
import { counter } from './logic/counters.ts';
import { decoder } from './logic/decoders.ts';
import { flipFlop } from './logic/flipFlops.ts';
import { gate } from './logic/gates.ts';
import { shiftRegister } from './logic/shiftRegisters.ts';
import type { Model } from './model.ts';
import { adjustableRegulator, regulator } from './regulators.ts';
import { network, resistor, sliding } from './resistor.ts';
import { byHeat, byLight, lightSwitch } from './sensing.ts';
import { sounder, voiceCoil } from './sounding.ts';
import { capacitor, inductor } from './storing.ts';
import { button, changeover, connector, contact, fusible, link, open } from './switching.ts';
import { timer } from './timing.ts';
import { bipolar, fieldEffect, junctionFieldEffect } from './transistors.ts';

/** Every kind of part whose behaviour is known; the first that takes a part is its model. */
export const models: readonly Model[] = [
  resistor,
  network,
  sliding,
  byLight,
  byHeat,
  capacitor,
  inductor,
  diode,
  zener,
  light,
  infraredLight,
  filament,
  lightSwitch,
  bipolar,
  fieldEffect,
  junctionFieldEffect,
  regulator,
  adjustableRegulator,
  opAmp,
  comparator,
  timer,
  gate,
  flipFlop,
  counter,
  decoder,
  shiftRegister,
  sounder,
  voiceCoil,
  changeover,
  button,
  contact,
  fusible,
  link,
  open,
  connector,
];

/** How a part behaves; undefined where nobody has said, which the figures must say. */
export const modelOf = (part: Part): Model | undefined => models.find(({ takes }) => takes(part));
