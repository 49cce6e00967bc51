import { kindsByNumber, type Packaged, type PartType, type TypeKind } from './type.ts';

export interface TypeInBody {
  readonly type: PartType;
  readonly packaged: Packaged;
}

/**
 * Whether one type may be fitted where another is missing. `fits`: the same job, the same leads in the same body, and
 * it bears at least as much. `compare`: nothing that is known speaks against it, but not everything is known. `no`:
 * something that is known does.
 */
export type StandIn = 'fits' | 'compare' | 'no';

/** Of what a type bears, more is always right. */
const bearsAsMuch = (own: number | undefined, asked: number | undefined): StandIn => {
  if (asked === undefined) return 'fits';
  if (own === undefined) return 'compare';
  return own >= asked ? 'fits' : 'no';
};

/** Output and breakdown voltages must be the same; within what makers round (common practice). */
function sameVolt(own: number | undefined, asked: number | undefined): StandIn {
  if (own === undefined && asked === undefined) return 'fits';
  if (own === undefined || asked === undefined) return 'no';
  return Math.abs(own / asked - 1) < 0.01 ? 'fits' : 'no';
}

const byNumber: ReadonlySet<TypeKind> = new Set(kindsByNumber);

/** @returns the judgement on the candidate in the place of the missing one */
export function standIn(missing: TypeInBody, candidate: TypeInBody): StandIn {
  const [a, b] = [missing.type, candidate.type];
  if (a.kind !== b.kind) return 'no';
  if (missing.packaged.pins !== candidate.packaged.pins) return 'no';
  if (missing.packaged.package !== candidate.packaged.package) return 'no';
  if (a === b) return missing.packaged.makersDiffer ? 'compare' : 'fits';
  if (byNumber.has(a.kind)) {
    return a.pinsLike !== undefined && a.pinsLike === b.pinsLike ? 'compare' : 'no';
  }
  const judgements = [
    sameVolt(b.volt, a.volt),
    bearsAsMuch(b.maxVolt, a.maxVolt),
    bearsAsMuch(b.maxAmpere, a.maxAmpere),
    sameLeads(missing.packaged, candidate.packaged),
  ];
  if (judgements.includes('no')) return 'no';
  return judgements.includes('compare') ? 'compare' : 'fits';
}

function sameLeads(a: Packaged, b: Packaged): StandIn {
  // Two leads and a band need no names.
  if (a.pinout === undefined && b.pinout === undefined) return a.pins === 2 ? 'fits' : 'compare';
  if (a.makersDiffer || b.makersDiffer || !a.pinout || !b.pinout) return 'compare';
  const [own, asked] = [b.pinout.join(), a.pinout.join()];
  if (own === asked) return 'fits';
  // Turned by half a turn, its outer leads change places: it can be fitted, but not as the board shows.
  return [...b.pinout].reverse().join() === asked ? 'compare' : 'no';
}
