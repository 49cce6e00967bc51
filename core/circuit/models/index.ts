import type { Part } from '../../parts/part.ts';
import type { Device } from '../circuit.ts';
import type { LeadName } from '../notes.ts';
import { audioAmplifier, comparator, looseComparator, opAmp } from './amplifying.ts';
import { bridge } from './bridges.ts';
import { coupled } from './coupling.ts';
import { diode, filament, infraredLight, light, zener } from './diodes.ts';
import { driverArray } from './driving.ts';
import { halfBridges } from './halfBridges.ts';
import { lightRow } from './lightRow.ts';
import { analogSwitches } from './logic/analogSwitches.ts';
import { buffer } from './logic/buffers.ts';
import { counter } from './logic/counters.ts';
import { decoder } from './logic/decoders.ts';
import { flipFlop } from './logic/flipFlops.ts';
import { gate } from './logic/gates.ts';
import { lineDecoder } from './logic/lineDecoders.ts';
import { register } from './logic/registers.ts';
import { selector } from './logic/selectors.ts';
import { shiftRegister } from './logic/shiftRegisters.ts';
import { upDownCounter } from './logic/upDown.ts';
import { digit, manyColours, powerLight } from './manyLights.ts';
import type { Model } from './model.ts';
import { shuntReference, twoLeadReference } from './references.ts';
import { adjustableRegulator, regulator } from './regulators.ts';
import { relay } from './relays.ts';
import { restingHall, thermometer, waitingSensor } from './reporting.ts';
import { network, resistor, sliding } from './resistor.ts';
import { closedBox } from './said/closedBox.ts';
import { ownElements } from './said/ownElements.ts';
import { byHeat, byLight, lightSwitch } from './sensing.ts';
import { electret, rotor, sounder, voiceCoil } from './sounding.ts';
import { capacitor, inductor } from './storing.ts';
import {
  button,
  changeover,
  connector,
  contact,
  encoder,
  fusible,
  link,
  open,
  rowOfSwitches,
} from './switching.ts';
import { thyristor } from './thyristors.ts';
import { timebase } from './timebases.ts';
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
  bridge,
  light,
  powerLight,
  manyColours,
  digit,
  infraredLight,
  filament,
  lightSwitch,
  bipolar,
  fieldEffect,
  junctionFieldEffect,
  thyristor,
  regulator,
  adjustableRegulator,
  opAmp,
  comparator,
  looseComparator,
  lightRow,
  audioAmplifier,
  shuntReference,
  twoLeadReference,
  coupled,
  driverArray,
  halfBridges,
  thermometer,
  waitingSensor,
  restingHall,
  timer,
  gate,
  flipFlop,
  register,
  counter,
  upDownCounter,
  decoder,
  lineDecoder,
  selector,
  buffer,
  shiftRegister,
  analogSwitches,
  sounder,
  voiceCoil,
  rotor,
  electret,
  timebase,
  changeover,
  button,
  contact,
  relay,
  rowOfSwitches,
  encoder,
  fusible,
  link,
  open,
  connector,
];

/** How a part behaves; undefined where nobody has said, which the figures must say. What is said comes first. */
export function modelOf({ part, said }: Pick<Device, 'part' | 'said'>): Model | undefined {
  if (said?.elements !== undefined) return ownElements(said.elements);
  if (said?.pins) return closedBox(said.pins);
  return models.find(({ takes }) => takes(part));
}

/** The leads that must be known before a part behaves as one of the models; none where that is not what is missing. */
export const leadsWanted = (part: Part): readonly LeadName[] =>
  models.find(({ wants }) => wants?.of(part))?.wants?.leads ?? [];
