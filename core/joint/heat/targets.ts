/** What is soldered: how much heat it holds and where the heat goes. */
export interface Target {
  readonly id: string;
  /** Pad and barrel with what of the board warms up at once, in J/K. */
  readonly padHeat: number;
  /** The end of the lead, or the cap of a chip part, in J/K. */
  readonly leadHeat: number;
  /** The part itself, in J/K. */
  readonly bodyHeat: number;
  /** The board around, or the plane, in J/K. */
  readonly sinkHeat: number;
  /** From pad to board or plane, along the lead to the part, and from those to the air, in W/K. */
  readonly padToSink: number;
  readonly leadToBody: number;
  readonly sinkToAir: number;
  readonly bodyToAir: number;
  /** Between lead and barrel while there is no solder, in W/K. */
  readonly padToLead: number;
  /** The share of the tip's contact that the pad and the lead get when it touches both. */
  readonly padShare: number;
  readonly leadShare: number;
  /** Solder of a good joint, in mm³. */
  readonly solderMm3: number;
  /** A pad is glued to its board and lets go when it gets too hot; a lug is not. */
  readonly onBoard: boolean;
  /** The part is spoiled above this, in °C; null where it stands what a joint needs. */
  readonly bodyLimit: number | null;
}

/**
 * What a workshop solders. Copper holds 3.45 mJ/(K mm³), epoxy glass some 2 (handbook tables, from memory); a lead of
 * 0.6 mm holds some 1 mJ/K a millimetre. The plane passes 2πkt/ln(r₂/r₁), some 0.04 W/K for 35 µm copper of 401 W/(m K)
 * from 1 to 10 mm (heat conduction in a ring, any textbook); four spokes in series with it about half of that. Board to
 * air: some 15 W/(m² K) on both faces (common practice).
 */
export const targets: readonly Target[] = [
  {
    id: 'ordinary',
    padHeat: 0.013,
    leadHeat: 0.007,
    bodyHeat: 0.08,
    sinkHeat: 0.15,
    padToSink: 0.009,
    leadToBody: 0.003,
    sinkToAir: 0.004,
    bodyToAir: 0.003,
    padToLead: 0.003,
    padShare: 0.6,
    leadShare: 0.4,
    solderMm3: 1.8,
    onBoard: true,
    bodyLimit: null,
  },
  {
    id: 'large-pad',
    padHeat: 0.035,
    leadHeat: 0.014,
    bodyHeat: 0.2,
    sinkHeat: 0.35,
    padToSink: 0.013,
    leadToBody: 0.003,
    sinkToAir: 0.005,
    bodyToAir: 0.004,
    padToLead: 0.004,
    padShare: 0.65,
    leadShare: 0.45,
    solderMm3: 4.5,
    onBoard: true,
    bodyLimit: null,
  },
  {
    id: 'plane-spokes',
    padHeat: 0.013,
    leadHeat: 0.007,
    bodyHeat: 0.08,
    sinkHeat: 2.9,
    padToSink: 0.013,
    leadToBody: 0.002,
    sinkToAir: 0.027,
    bodyToAir: 0.003,
    padToLead: 0.003,
    padShare: 0.6,
    leadShare: 0.4,
    solderMm3: 1.8,
    onBoard: true,
    bodyLimit: null,
  },
  {
    id: 'plane-solid',
    padHeat: 0.04,
    leadHeat: 0.007,
    bodyHeat: 0.08,
    sinkHeat: 2.9,
    padToSink: 0.022,
    leadToBody: 0.002,
    sinkToAir: 0.027,
    bodyToAir: 0.003,
    padToLead: 0.003,
    padShare: 0.72,
    leadShare: 0.4,
    solderMm3: 1.9,
    onBoard: true,
    bodyLimit: null,
  },
  {
    id: 'lug',
    padHeat: 0.09,
    leadHeat: 0.03,
    bodyHeat: 0.5,
    sinkHeat: 0.4,
    padToSink: 0.008,
    leadToBody: 0.008,
    sinkToAir: 0.006,
    bodyToAir: 0.006,
    padToLead: 0.01,
    padShare: 0.9,
    leadShare: 0.7,
    solderMm3: 7,
    onBoard: false,
    bodyLimit: null,
  },
  {
    id: 'chip-end',
    padHeat: 0.006,
    leadHeat: 0.004,
    bodyHeat: 0.012,
    sinkHeat: 0.09,
    padToSink: 0.007,
    leadToBody: 0.003,
    sinkToAir: 0.003,
    bodyToAir: 0.001,
    padToLead: 0.004,
    padShare: 0.5,
    leadShare: 0.35,
    solderMm3: 0.7,
    onBoard: true,
    bodyLimit: null,
  },
  {
    id: 'hot-part',
    padHeat: 0.013,
    leadHeat: 0.007,
    bodyHeat: 0.035,
    sinkHeat: 0.15,
    padToSink: 0.009,
    leadToBody: 0.005,
    sinkToAir: 0.004,
    bodyToAir: 0.002,
    padToLead: 0.003,
    padShare: 0.6,
    leadShare: 0.4,
    solderMm3: 1.8,
    onBoard: true,
    bodyLimit: 130,
  },
];

export const targetOf = (id: string): Target =>
  targets.find((target) => target.id === id) ?? (targets[0] as Target);
