import { openFromOhm } from '../../order/checks/limits.ts';
import { familyOf } from '../../parts/families/index.ts';
import { between, type Random, seeded } from '../../random.ts';
import type { StageFigures } from '../figures.ts';
import { type Across, supplyCurrent } from '../netlist.ts';
import type { SpiceEngine } from '../spice.ts';
import { Pieces } from './pieces.ts';
import { rangeOf } from './range.ts';
import { solve } from './solve.ts';
import type { Effort, Stage } from './stage.ts';

/**
 * What meters put across what they measure on ohms: from a few tenths of a volt to three volts, behind a resistance of
 * the range (common practice).
 */
const ohmmeter = (random: Random, turned: boolean): Across => ({
  kind: 'ohmmeter',
  volt: between(random, 0.4, 3),
  ohm: 10 ** between(random, 3, 4.3),
  turned,
});

/** What a meter on ohms shows across the supply, its probes either way. */
export async function readOhm(
  engine: SpiceEngine,
  stage: Stage,
  { boardsAtRest, seed }: Effort,
  random: Random,
): Promise<StageFigures['ohm']> {
  const boards = Math.max(20, Math.round(boardsAtRest / 3));
  const read = async (turned: boolean) => {
    const ohms: number[] = [];
    for (let index = 0; index < boards; index += 1) {
      const across = ohmmeter(random, turned);
      const pieces = new Pieces(seeded(seed + index));
      const run = await solve(engine, stage, {
        across,
        drawOf: pieces.of,
        analysis: { kind: 'point' },
        extra: [],
      });
      const ampere = Math.abs(run?.get(supplyCurrent)?.[0] ?? Number.NaN);
      if (Number.isNaN(ampere)) continue;
      ohms.push(Math.min(openFromOhm, Math.max(0, across.volt / ampere - across.ohm)));
    }
    return ohms.length < boards / 2 ? null : rangeOf(ohms);
  };
  const [redAtPlus, redAtMinus] = [await read(false), await read(true)];
  if (!redAtPlus || !redAtMinus) return null;
  return { redAtPlus, redAtMinus, settlesSeconds: settlesIn(stage, redAtPlus.usual) };
}

/** A capacitor across the supply is charged by the meter, through some ten kilohms, in five time constants. */
function settlesIn({ circuit, fitted }: Stage, ohm: number): number {
  const farad = circuit.devices
    .filter(({ place, part }) => fitted.has(place) && familyOf(part).job === 'capacitor')
    .reduce(
      (sum, { part: { value } }) =>
        sum + (value.kind === 'amount' && value.unit === 'farad' ? value.amount : 0),
      0,
    );
  return 5 * farad * Math.min(ohm, 10_000);
}
