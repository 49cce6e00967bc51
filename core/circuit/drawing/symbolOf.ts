import { familyOf } from '../../parts/families/index.ts';
import { pinoutOf } from '../../parts/pinouts.ts';
import type { Device } from '../circuit.ts';
import { typeOf } from '../models/amounts.ts';
import { modelOf } from '../models/index.ts';
import {
  bipolarSymbol,
  boxSymbol,
  byHeatSymbol,
  byLightSymbol,
  capacitorSymbol,
  cellSymbol,
  changeoverSymbol,
  contactSymbol,
  diodeSymbol,
  endSymbol,
  fieldEffectSymbol,
  filamentSymbol,
  fusibleSymbol,
  inductorSymbol,
  lightSymbol,
  polarisedSymbol,
  resistorSymbol,
  slidingSymbol,
  sounderSymbol,
  voiceCoilSymbol,
  zenerSymbol,
} from './shapes.ts';
import type { PartSymbol, Standing } from './symbol.ts';

/** Symbols of parts with two ends, by what they behave as. */
const uprights: Readonly<Record<string, (standing: Standing) => PartSymbol>> = {
  resistor: resistorSymbol,
  'by-light': byLightSymbol,
  'by-heat': byHeatSymbol,
  capacitor: capacitorSymbol,
  inductor: inductorSymbol,
  diode: diodeSymbol,
  zener: zenerSymbol,
  light: lightSymbol,
  'infrared-light': lightSymbol,
  filament: filamentSymbol,
  sounder: sounderSymbol,
  'voice-coil': voiceCoilSymbol,
  fusible: fusibleSymbol,
  contact: contactSymbol,
};

/** The symbol of a part; a box with its pins where there is none for it. */
export function symbolOf(device: Device, standing: Standing): PartSymbol {
  const { part, netAt } = device;
  const id = modelOf(device)?.id ?? '';
  const lead = leadsOf(part);
  const { pins } = standing;
  if (pins.length === 1) return endSymbol(pins[0] ?? '1');
  if (familyOf(part).cells && pins.length === 2) return cellSymbol(standing);
  if (id === 'capacitor' && familyOf(part).polarity === 'polarised')
    return polarisedSymbol(standing);
  if (id === 'sliding') return slidingSymbol(standing);
  if (id === 'changeover' && netAt[2] !== undefined)
    return changeoverSymbol(standing.isMiddleAbove);
  if (id === 'button' && pins.length === 2) return contactSymbol(standing);
  if (id === 'bipolar') {
    const [base, collector, emitter] = ['base', 'collector', 'emitter'].map(lead);
    if (base && collector && emitter)
      return bipolarSymbol({ base, collector, emitter }, typeOf(part)?.kind === 'pnp');
  }
  if (id === 'field-effect') {
    const [gate, drain, source] = ['gate', 'drain', 'source'].map(lead);
    if (gate && drain && source)
      return fieldEffectSymbol({ gate, drain, source }, typeOf(part)?.kind === 'p-mosfet');
  }
  const two = pins.length === 2 ? uprights[id] : undefined;
  return two ? two(standing) : boxSymbol(pins, (pin) => pinoutOf(part)?.pins[Number(pin) - 1]);
}

const leadsOf = (part: Device['part']) => (name: string) => {
  const index = pinoutOf(part)?.pins.indexOf(name) ?? -1;
  return index < 0 ? undefined : String(index + 1);
};
