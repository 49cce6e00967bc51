/** Why a try is not a good joint. */
export const faults = [
  'never-hot',
  'fed-too-soon',
  'fed-on-iron',
  'only-pad',
  'only-lead',
  'too-short',
  'too-little',
  'too-much',
  'moved',
  'pad-burnt',
  'part-burnt',
  'flux-gone',
] as const;
export type Fault = (typeof faults)[number];

/** Figures of a try. */
export interface Facts {
  /** Seconds with the iron on before solder was fed; null where none was. */
  readonly heatedSeconds: number | null;
  /** Seconds that this joint needs until both are hot enough; null where touch alone does not get there. */
  readonly neededSeconds: number | null;
  /** Seconds with the iron on. */
  readonly ironSeconds: number;
  /** Seconds that pad and lead both were above the liquidus. */
  readonly bothHotSeconds: number;
  readonly highestPad: number;
  readonly highestLead: number;
  readonly highestBody: number;
  /** Solder over what a good joint has. */
  readonly solderShare: number;
  readonly padWetted: number;
  readonly leadWetted: number;
}

/** Wetted less than this, a joint is not accepted (270 of 360 degrees; from memory of IPC-A-610). */
export const wettedFrom = 0.75;
