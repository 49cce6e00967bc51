import { padsOf, partsByPlace } from '../board/pads.ts';
import { circuitOf } from '../circuit/circuitOf.ts';
import { conditionsOf } from '../circuit/conditionsOf.ts';
import { feedOf } from '../circuit/feedOf.ts';
import { basisOf } from '../circuit/kitFigures.ts';
import { type Across, type Analysis, netlistOf } from '../circuit/netlist.ts';
import { limitFor } from '../circuit/readings/current.ts';
import type { SpiceEngine } from '../circuit/spice.ts';
import { nominalDraw } from '../circuit/spread.ts';
import { supplyOf } from '../circuit/supplyOf.ts';
import { unknownPlaces } from '../circuit/unknownParts.ts';
import type { WiredKit } from '../circuit/wiredKit.ts';
import { asMeant } from './change.ts';
import type { DictionaryEntry, FaultDictionary } from './dictionary.ts';
import type { Faulty, Subject } from './fault.ts';
import { groupsOf } from './groups.ts';
import { faultKindOf, faultsOf } from './kinds/index.ts';
import { madeUp, restAlike, unpoweredOf, watchedFor } from './madeUp.ts';
import { pointsOf, worthSeeing } from './points.ts';
import { type FromGood, looksOf, type Shown, type Signature, signatureOf } from './signature.ts';

/** Raised when kinds of faults or what they make change, so that dictionaries are worked out anew. */
const faultsVersion = 6;

export interface KitToFault extends WiredKit {
  readonly supplyVolt: number;
}

export const dictionaryBasis = (kit: KitToFault): string => `${faultsVersion} ${basisOf(kit)}`;

/** The whole board of a kit; null where nothing tells where its supply comes in. */
export function subjectOf(kit: KitToFault): Subject | null {
  const { board, circuitNotes, parts, supplyVolt } = kit;
  const circuit = circuitOf(kit);
  const at = supplyOf(circuit, circuitNotes);
  if (!at || circuit.nets.length === 0) return null;
  return {
    ...{ board, circuitNotes, parts, circuit, at },
    fitted: new Set(circuit.devices.map(({ place }) => place)),
    conditions: conditionsOf(circuit, circuitNotes),
    feed: feedOf(circuit, at, supplyVolt, circuitNotes.feed),
    pads: board ? padsOf(board, partsByPlace(parts)) : [],
  };
}

/** Made-up boards of each fault: where nothing swings, and where each takes a run over time; and of the good board. */
const boardsAtRest = 9;
const boardsOverTime = 1;
/** Where parts are about that nobody knows, more boards show what depends on them. */
const boardsUnsure = 6;
const goodBoards = { atRest: 30, overTime: 6 } as const;

/**
 * Works out what every single fault shows. Faults that make the same circuit are worked out once.
 *
 * @param onProgress called with the part that is done, from 0 to 1; what it throws ends the work
 * @returns null where not even the good board has a solution
 * @throws Error of the simulator
 */
export async function makeDictionary(
  simulator: SpiceEngine,
  subject: Subject,
  basis: string,
  onProgress: (done: number) => void = () => {},
): Promise<FaultDictionary | null> {
  const meant = asMeant(subject);
  const analysis = await watchedFor(simulator, meant);
  if (!analysis) return null;
  const engine = inTime(simulator);
  const isAtRest = analysis.kind === 'point';
  const unknown = unknownPlaces(subject.circuit, subject.fitted);
  const isUnsure = unknown.length > 0;
  const { volt } = subject.feed;
  const allPoints = pointsOf(subject);
  const [asPrinted] = await madeUp(engine, allPoints, meant, analysis, 1, 1);
  if (!asPrinted) return null;
  const hertzOf = ({ senses }: Shown) => senses.map(({ hertz }) => hertz);
  const points = worthSeeing(allPoints, looksOf(asPrinted, hertzOf(asPrinted)));
  const boards = (faulty: Faulty, count: number, seed: number, settles: boolean) => {
    const most = isUnsure ? Math.max(count, boardsUnsure) : count;
    return madeUp(engine, points, faulty, analysis, most, seed, 'as printed', settles);
  };
  const ofGood = isAtRest ? goodBoards.atRest : goodBoards.overTime;
  const goodShown = await boards(meant, ofGood, 1, false);
  const [usual] = goodShown;
  if (!usual) return null;
  const goodHertz = hertzOf(usual);
  const usually = { volt, supply: points.supply, hertz: goodHertz };
  const good = signatureOf(goodShown, await unpoweredOf(engine, points, meant), usually);
  const fromGood: FromGood = { ...usually, signature: good };

  const settles = isAtRest && restAlike(goodShown, volt);
  const faults = faultsOf(subject);
  const shows = new Map<string, number>();
  const signatures: (Signature | null)[] = [];
  const entries: DictionaryEntry[] = [];
  for (const [index, fault] of faults.entries()) {
    const faulty = faultKindOf(fault.kind).make(subject, fault);
    const key = textOf(faulty, analysis);
    let at = shows.get(key);
    if (at === undefined) {
      at = signatures.length;
      shows.set(key, at);
      const many = isAtRest ? boardsAtRest : boardsOverTime;
      const shown = await boards(faulty, many, index + 2, settles);
      signatures.push(
        shown.length === 0
          ? null
          : signatureOf(shown, await unpoweredOf(engine, points, faulty), fromGood),
      );
    }
    entries.push({ fault, shows: at });
    onProgress((index + 1) / faults.length);
  }
  const most = 10 ** (good.milliampere.mean + 2 * good.milliampere.sd);
  return {
    basis,
    volt,
    limitMilliampere: limitFor(most),
    points,
    unknown,
    good,
    goodHertz,
    signatures,
    entries,
    groups: groupsOf(good, signatures, entries),
  };
}

/** A run of one board may take so long, in ms: a fault can make a circuit swing faster than anybody can watch. */
const mostMilliseconds = 6000;

/** What takes too long is not known: readings say nothing of it, looks may still find it. */
const inTime = ({ run }: SpiceEngine): SpiceEngine => ({
  run: (netlist) => run(netlist, mostMilliseconds),
});

/** A text that two faults share where they make the same circuit. */
const textOf = ({ stage, extra }: Faulty, analysis: Analysis): string => {
  const { circuit, fitted, at, conditions, feed } = stage;
  const across: Across = { kind: 'supply', volt: feed.volt, ohm: feed.ohm };
  const how = { across, drawOf: () => nominalDraw, analysis, attempt: 0, extra };
  return netlistOf({ circuit, fitted, at, conditions, ...how });
};
