/** A tip of an iron with its heater. */
export interface Tip {
  readonly id: string;
  /** Width of its face, in mm. */
  readonly widthMm: number;
  /** Heat that it holds, in J/K. */
  readonly heatPerKelvin: number;
  /** What passes to bare, clean metal that it touches, in W/K, pad and lead together. */
  readonly contactWattPerKelvin: number;
}

/**
 * Tips as they come with small stations. A gram of copper holds 0.385 J/K (handbook); the contact follows the width of
 * the face, set so that an ordinary pad takes its one to three seconds (common practice).
 */
export const tips: readonly Tip[] = [
  { id: 'needle-04', widthMm: 0.4, heatPerKelvin: 0.35, contactWattPerKelvin: 0.0058 },
  { id: 'chisel-12', widthMm: 1.2, heatPerKelvin: 0.6, contactWattPerKelvin: 0.0178 },
  { id: 'chisel-16', widthMm: 1.6, heatPerKelvin: 0.7, contactWattPerKelvin: 0.0243 },
  { id: 'chisel-24', widthMm: 2.4, heatPerKelvin: 1, contactWattPerKelvin: 0.0365 },
  { id: 'chisel-32', widthMm: 3.2, heatPerKelvin: 1.4, contactWattPerKelvin: 0.0505 },
];

export const tipOf = (id: string): Tip => tips.find((tip) => tip.id === id) ?? (tips[2] as Tip);

/** Molten solder between tip and metal passes so many times the heat that a dry touch does (common practice). */
export const wetTimes = 3;

/** The heater of a small station, in W. */
export const heaterWatt = 60;
/** The station asks for all it has when the tip is so many kelvin too cold. */
export const fullPowerBelowKelvin = 12;
/** What a tip loses to the air, in W/K: a station of 60 W idles at some 8 W (common practice). */
export const tipLossWattPerKelvin = 0.025;
