import { type Alloy, liquidShare, temperatureOf } from './alloys.ts';
import type { Target } from './targets.ts';
import {
  fullPowerBelowKelvin,
  heaterWatt,
  type Tip,
  tipLossWattPerKelvin,
  wetTimes,
} from './tips.ts';

/** What one solders with and what. */
export interface HeatSetup {
  readonly tip: Tip;
  /** What the station is set to, in °C. */
  readonly celsius: number;
  readonly alloy: Alloy;
  readonly target: Target;
}

/** What the hands do. */
export interface Hands {
  /** What the tip touches. */
  readonly iron: 'away' | 'both' | 'pad' | 'lead';
  /** Where solder is fed: at the far side of the joint, or on the iron. */
  readonly feed: 'none' | 'joint' | 'iron';
}

/** Temperatures in °C, heat in J, solder in g. */
export interface HeatState {
  readonly tip: number;
  readonly pad: number;
  readonly lead: number;
  readonly sink: number;
  readonly body: number;
  readonly solderJoules: number;
  readonly solderGrams: number;
  /** How much of pad and lead the solder has wetted, 0 to 1. */
  readonly padWetted: number;
  readonly leadWetted: number;
  /** Flux that is left, 1 to 0. */
  readonly flux: number;
  /** At 1 the pad lets go of the board. */
  readonly padDamage: number;
  /** What the heater gave and what the air took since the beginning, in J. */
  readonly heaterJoules: number;
  readonly lostJoules: number;
}

export const roomCelsius = 25;

/** Wire of 0.8 mm at 3 mm/s (common practice): half a cubic millimetre a millimetre. */
export const feedMm3PerSecond = 1.5;

/** Between solder that wets and what it wets, in W/K; little solder passes less. */
const solderWattPerKelvin = 0.2;
const halfAtGrams = 0.002;
/** Solder that only lies on cold metal passes this share. */
const dryShare = 0.12;

/** Hot copper is wetted in so many seconds (time constant; common practice: it flows within a second). */
const wettingSeconds = 0.35;
/** So far above the liquidus a surface is wetted at full speed. */
const wettingKelvin = 15;
/** Flux at this temperature is used up in so many seconds (time constant), above it faster (common practice). */
const fluxCelsius = 260;
const fluxSeconds = 12;
/** What melts on the iron smokes its flux away at once (time constant; common practice). */
const fluxOnIronSeconds = 0.25;
/** A pad at this temperature lets go after so many seconds; every 20 K more halve that (common practice). */
const padCelsius = 300;
const padSeconds = 16;
const padHalvingKelvin = 20;

/** Everything at the temperature of the room but the tip. */
export const coldState = ({ celsius }: HeatSetup): HeatState => ({
  tip: celsius,
  pad: roomCelsius,
  lead: roomCelsius,
  sink: roomCelsius,
  body: roomCelsius,
  solderJoules: 0,
  solderGrams: 0,
  padWetted: 0,
  leadWetted: 0,
  flux: 1,
  padDamage: 0,
  heaterJoules: 0,
  lostJoules: 0,
});

const perGram = ({ solderJoules, solderGrams }: HeatState): number =>
  solderGrams > 0 ? solderJoules / solderGrams : 0;

/** The temperature of the solder in the joint, in °C. */
export const solderCelsius = ({ alloy }: HeatSetup, state: HeatState): number =>
  temperatureOf(alloy, perGram(state), roomCelsius);

/** How much of the solder in the joint is liquid, 0 to 1. */
export const solderLiquid = ({ alloy }: HeatSetup, state: HeatState): number =>
  state.solderGrams > 0 ? liquidShare(alloy, perGram(state), roomCelsius) : 0;

/** Whether solder melts where it is fed. */
export function melts({ alloy }: HeatSetup, state: HeatState, feed: Hands['feed']): boolean {
  if (feed === 'none') return false;
  if (feed === 'iron') return state.tip > alloy.liquidus;
  // The wire touches pad and lead on the far side, and what has flowed there already.
  return Math.max(state.pad, state.lead) > alloy.liquidus;
}

/** What passes between the tip and pad, lead and solder, in W/K. */
function contacts({ tip, target }: HeatSetup, { iron }: Hands, liquid: number, grams: number) {
  const wet = 1 + (wetTimes - 1) * liquid * Math.min(1, grams / halfAtGrams);
  const touch = tip.contactWattPerKelvin * wet;
  return {
    pad: iron === 'both' || iron === 'pad' ? touch * target.padShare : 0,
    lead: iron === 'both' || iron === 'lead' ? touch * target.leadShare : 0,
    solder: iron === 'away' ? 0 : (touch * grams) / (grams + halfAtGrams),
  };
}

/**
 * How fast everything changes: lumps of heat joined by conductances (Newton's law of cooling between any two), the
 * solder by its enthalpy, so that melting takes its latent heat. In kelvin, joules and grams a second.
 */
export function rates(setup: HeatSetup, hands: Hands, state: HeatState): HeatState {
  const { tip, target, alloy, celsius } = setup;
  const liquid = solderLiquid(setup, state);
  const solder = solderCelsius(setup, state);
  const contact = contacts(setup, hands, liquid, state.solderGrams);
  const joined = (solderWattPerKelvin * state.solderGrams) / (state.solderGrams + halfAtGrams);
  const bond = (wetted: number) => joined * (dryShare + (1 - dryShare) * wetted);

  const heater =
    heaterWatt * Math.min(1, Math.max(0, (celsius - state.tip) / fullPowerBelowKelvin)) +
    // What it idles at.
    tipLossWattPerKelvin * (celsius - roomCelsius);
  const toPad = contact.pad * (state.tip - state.pad);
  const toLead = contact.lead * (state.tip - state.lead);
  const toSolder = contact.solder * (state.tip - solder);
  const tipLoss = tipLossWattPerKelvin * (state.tip - roomCelsius);
  const padToSink = target.padToSink * (state.pad - state.sink);
  const leadToBody = target.leadToBody * (state.lead - state.body);
  const padToLead = target.padToLead * (state.pad - state.lead);
  const padToSolder = bond(state.padWetted) * (state.pad - solder);
  const leadToSolder = bond(state.leadWetted) * (state.lead - solder);
  const sinkLoss = target.sinkToAir * (state.sink - roomCelsius);
  const bodyLoss = target.bodyToAir * (state.body - roomCelsius);

  const melted = melts(setup, state, hands.feed);
  return {
    tip: (heater - toPad - toLead - toSolder - tipLoss) / tip.heatPerKelvin,
    pad: (toPad - padToSink - padToLead - padToSolder) / target.padHeat,
    lead: (toLead + padToLead - leadToBody - leadToSolder) / target.leadHeat,
    sink: (padToSink - sinkLoss) / target.sinkHeat,
    body: (leadToBody - bodyLoss) / target.bodyHeat,
    // Fed solder comes at the temperature of the room, where its heat is 0.
    solderJoules: toSolder + padToSolder + leadToSolder,
    solderGrams: melted ? (feedMm3PerSecond * alloy.density) / 1000 : 0,
    padWetted: wetting(state.pad, alloy, liquid, state) * (1 - state.padWetted),
    leadWetted: wetting(state.lead, alloy, liquid, state) * (1 - state.leadWetted),
    flux: -state.flux * fluxLoss(solder, hands.feed),
    padDamage: target.onBoard ? 2 ** ((state.pad - padCelsius) / padHalvingKelvin) / padSeconds : 0,
    heaterJoules: heater,
    lostJoules: tipLoss + sinkLoss + bodyLoss,
  };
}

/** The share of the flux that is used up in a second. */
function fluxLoss(solder: number, feed: Hands['feed']): number {
  if (feed === 'iron') return 1 / fluxOnIronSeconds;
  return 2 ** ((Math.max(solder, roomCelsius) - fluxCelsius) / 60) / fluxSeconds;
}

/** The share a second by which liquid solder wets a surface. */
function wetting(
  surface: number,
  alloy: Alloy,
  liquid: number,
  { flux, solderGrams }: HeatState,
): number {
  if (solderGrams === 0) return 0;
  const hot = Math.min(1, Math.max(0, (surface - alloy.liquidus) / wettingKelvin));
  return (hot * liquid * alloy.flow * flux) / wettingSeconds;
}

const keys = [
  'tip',
  'pad',
  'lead',
  'sink',
  'body',
  'solderJoules',
  'solderGrams',
  'padWetted',
  'leadWetted',
  'flux',
  'padDamage',
  'heaterJoules',
  'lostJoules',
] as const satisfies readonly (keyof HeatState)[];

type Numbers = { -readonly [Key in keyof HeatState]: HeatState[Key] };

function moved(state: HeatState, by: HeatState, seconds: number): HeatState {
  const next: Numbers = { ...state };
  for (const key of keys) next[key] = state[key] + seconds * by[key];
  return next;
}

/** One step of the classical Runge–Kutta method of fourth order. */
export function stepBy(
  setup: HeatSetup,
  hands: Hands,
  state: HeatState,
  seconds: number,
): HeatState {
  const a = rates(setup, hands, state);
  const b = rates(setup, hands, moved(state, a, seconds / 2));
  const c = rates(setup, hands, moved(state, b, seconds / 2));
  const d = rates(setup, hands, moved(state, c, seconds));
  const next: Numbers = { ...state };
  for (const key of keys)
    next[key] = state[key] + (seconds / 6) * (a[key] + 2 * b[key] + 2 * c[key] + d[key]);
  return next;
}

/** Heat that everything holds above the room, in J. */
export function heldJoules({ tip, target }: HeatSetup, state: HeatState): number {
  return (
    tip.heatPerKelvin * (state.tip - roomCelsius) +
    target.padHeat * (state.pad - roomCelsius) +
    target.leadHeat * (state.lead - roomCelsius) +
    target.sinkHeat * (state.sink - roomCelsius) +
    target.bodyHeat * (state.body - roomCelsius) +
    state.solderJoules
  );
}
