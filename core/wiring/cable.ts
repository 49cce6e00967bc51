/** One wire within a cable, from end to end; an end is a lead of a part, or what somebody calls it. */
export interface Core {
  /** In somebody’s words. */
  readonly colour: string;
  /** `BT1 +`, `J1.2`, `tip of the plug`. */
  readonly from: string;
  readonly to: string;
}

/** Several wires in one sheath, or twisted together, that are cut and laid as one. */
export interface Cable {
  readonly name: string;
  /** Null where nobody has said how long it is. */
  readonly mm: number | null;
  /** What it goes through before its ends are soldered: a grommet, a gland, the lid; empty where there is nothing. */
  readonly through: string;
  readonly cores: readonly Core[];
}

export const mostCables = 20;
export const mostCores = 40;
