import type { DictionaryEntry } from './dictionary.ts';
import { lookChances, type Signature, type Spread } from './signature.ts';

/** So many standard deviations apart two readings are two. */
const apart = 2;

const differ = (a: Spread | null | undefined, b: Spread | null | undefined, least: number) =>
  !!a && !!b && Math.abs(a.mean - b.mean) > Math.max(least, apart * Math.hypot(a.sd, b.sd));

/** How much of two distributions does not lie together, from 0 to 1. */
const apartBy = (a: readonly number[], b: readonly number[]) =>
  a.reduce((sum, one, index) => sum + Math.abs(one - (b[index] ?? 0)), 0) / 2;
const apartLooks = 0.6;

/** Whether a single look or reading tells boards with the one from boards with the other. */
export function tellsApart(a: Signature, b: Signature): boolean {
  return (
    a.senses.some((sensed, sense) => {
      const other = b.senses[sense];
      return other && apartBy(lookChances(sensed), lookChances(other)) > apartLooks;
    }) ||
    a.volts.some((volt, probe) => differ(volt, b.volts[probe], 0.1)) ||
    a.moves.some((chance, probe) => Math.abs(chance - (b.moves[probe] ?? chance)) > 0.5) ||
    a.celsius.some((celsius, place) => differ(celsius, b.celsius[place], 15)) ||
    differ(a.milliampere, b.milliampere, 0.1) ||
    differ(a.ohm, b.ohm, 0.3) ||
    a.across.some((ohm, resistor) => differ(ohm, b.across[resistor], 0.15))
  );
}

/**
 * A number for each entry; those that nothing tells apart share it. A good board has 0. So do wrong values at one
 * place: whichever it is, the part is exchanged for the right one.
 */
export function groupsOf(
  good: Signature,
  signatures: readonly (Signature | null)[],
  entries: readonly DictionaryEntry[],
): number[] {
  const firsts: (Signature | null)[] = [good];
  const ofSignature = signatures.map((signature) => {
    const known = firsts.findIndex(
      (first) => first !== null && signature !== null && !tellsApart(first, signature),
    );
    if (known >= 0) return known;
    firsts.push(signature);
    return firsts.length - 1;
  });
  const ofPlace = new Map<string, number>();
  return entries.map(({ fault: { kind, at }, shows }) => {
    const group = ofSignature[shows] ?? 0;
    if (kind !== 'other-value' || group === 0) return group;
    const key = at.join(' ');
    const known = ofPlace.get(key) ?? group;
    ofPlace.set(key, known);
    return known;
  });
}
