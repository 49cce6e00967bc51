/** A solder, as far as heat goes. */
export interface Alloy {
  readonly id: string;
  /** As it is written on the reel. */
  readonly name: string;
  readonly leadFree: boolean;
  /** Melting begins and is complete, in °C. */
  readonly solidus: number;
  readonly liquidus: number;
  /** J/(g K), solid and liquid alike. */
  readonly heatPerGramKelvin: number;
  /** Latent heat of melting, in J/g. */
  readonly latentPerGram: number;
  /** g/cm³. */
  readonly density: number;
  /** How readily it spreads on hot copper, against tin and lead (common practice). */
  readonly flow: number;
}

/**
 * Common solders. Melting ranges: the alloys' data sheets, from memory; specific and latent heats and densities: from
 * memory of handbook tables, good to some 10 %.
 */
export const alloys: readonly Alloy[] = [
  {
    id: 'sn60pb40',
    name: 'Sn60Pb40',
    leadFree: false,
    solidus: 183,
    liquidus: 190,
    heatPerGramKelvin: 0.17,
    latentPerGram: 37,
    density: 8.5,
    flow: 1,
  },
  {
    id: 'sn63pb37',
    name: 'Sn63Pb37',
    leadFree: false,
    solidus: 183,
    liquidus: 183,
    heatPerGramKelvin: 0.17,
    latentPerGram: 37,
    density: 8.4,
    flow: 1,
  },
  {
    id: 'sac305',
    name: 'SAC305',
    leadFree: true,
    solidus: 217,
    liquidus: 220,
    heatPerGramKelvin: 0.23,
    latentPerGram: 58,
    density: 7.4,
    flow: 0.7,
  },
  {
    id: 'sn99cu1',
    name: 'Sn99.3Cu0.7',
    leadFree: true,
    solidus: 227,
    liquidus: 227,
    heatPerGramKelvin: 0.22,
    latentPerGram: 59,
    density: 7.3,
    flow: 0.65,
  },
  {
    id: 'sn42bi58',
    name: 'Sn42Bi58',
    leadFree: true,
    solidus: 138,
    liquidus: 138,
    heatPerGramKelvin: 0.17,
    latentPerGram: 45,
    density: 8.6,
    flow: 0.75,
  },
];

export type AlloyId = string;

export const alloyOf = (id: AlloyId): Alloy =>
  alloys.find((alloy) => alloy.id === id) ?? (alloys[0] as Alloy);

/** A eutectic melts at one temperature; so narrow a range keeps its temperature a function of its heat. */
const narrowestKelvin = 0.5;

/** Heat of a gram at which melting begins and is complete, in J, from the room's temperature on. */
export function heatOfMelting(
  alloy: Alloy,
  room: number,
): { begin: number; end: number; liquidus: number } {
  const liquidus = Math.max(alloy.liquidus, alloy.solidus + narrowestKelvin);
  const begin = alloy.heatPerGramKelvin * (alloy.solidus - room);
  const end = begin + alloy.latentPerGram + alloy.heatPerGramKelvin * (liquidus - alloy.solidus);
  return { begin, end, liquidus };
}

/** The temperature of solder that holds so much heat, in °C. */
export function temperatureOf(alloy: Alloy, joulesPerGram: number, room: number): number {
  const { begin, end, liquidus } = heatOfMelting(alloy, room);
  const { solidus, heatPerGramKelvin } = alloy;
  if (joulesPerGram <= begin) return room + joulesPerGram / heatPerGramKelvin;
  if (joulesPerGram >= end) return liquidus + (joulesPerGram - end) / heatPerGramKelvin;
  return solidus + ((liquidus - solidus) * (joulesPerGram - begin)) / (end - begin);
}

/** How much of it is liquid, 0 to 1. */
export function liquidShare(alloy: Alloy, joulesPerGram: number, room: number): number {
  const { begin, end } = heatOfMelting(alloy, room);
  return Math.min(1, Math.max(0, (joulesPerGram - begin) / (end - begin)));
}
