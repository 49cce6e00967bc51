import { type Said, said } from '../learning/said.ts';
import { recognised } from '../parts/families/recognised.ts';
import type { PartFamily } from '../parts/family.ts';
import { findType } from '../parts/types/findType.ts';
import { findLugs, findPins, findWays } from './cells/beside.ts';
import { plain } from './plain.ts';
import { pinsOfType, type Recognition } from './recognise.ts';

// How many pins a line says that its part has: in a column of its own, in its words, or by the number of its type.

/** Families of which the number of pins is part of what they are. */
const countsPins = ({ joints }: PartFamily): boolean => joints({ pins: 4 }) !== joints({ pins: 6 });

/** So many are sold in more than one size that none is taken for granted. */
export function hasAnyPins(family: PartFamily, text: string): boolean {
  const { pinsVary } = recognised(family);
  return pinsVary instanceof RegExp ? pinsVary.test(plain(text)) : pinsVary === true;
}

/** Where poles are counted, not pins. */
const lugsOf = ({ family }: Recognition, cell: string, text: string) =>
  family.acts === 'changeover' ? findLugs(cell, text) : undefined;

/**
 * The list says another number than such a part has here, or counts what is no pin.
 *
 * @param cell of the column of pins; empty where there is none
 * @param text what the line says of the part
 */
export function hasOtherPins(recognition: Recognition, cell: string, text: string): boolean {
  const { family, typed } = recognition;
  const lugs = lugsOf(recognition, cell, text);
  if (typed || countsPins(family) || family.mount === 'none') return lugs === 'unclear';
  // `2x6` of what has no rows of pins is its size.
  const counted = findPins(cell, text.replace(/\d\s?x\s?\d/gi, ' '));
  return counted !== undefined && counted !== family.joints({});
}

/** “IC socket for NE555” has as many as that. */
const pinsOfWhatGoesIn = ({ role }: PartFamily, text: string): number | undefined =>
  role === 'socket' ? findType(text)?.type.packages[0].pins : undefined;

/**
 * The pins of a part.
 *
 * @param cell of the column of pins; empty where there is none
 * @param text what the line says of the part
 * @returns how many, or undefined where nothing tells; or that there is no such part
 */
export function countPins(
  recognition: Recognition,
  cell: string,
  text: string,
): { readonly pins: number | undefined } | { readonly wrong: Said } {
  const { family } = recognition;
  const ways = family.acts === 'row-of-switches' && cell === '' ? findWays(text) : undefined;
  // An “8-way network” is eight resistors; how many pins they have between them it does not say.
  const ofPins = family.acts === 'network' ? text.replace(/\b\d{1,2}[ -]?ways?\b/gi, ' ') : text;
  const counted = ways ? 2 * ways : (lugsOf(recognition, cell, text) ?? findPins(cell, ofPins));
  const byType = countsPins(family)
    ? (pinsOfType(recognition) ?? pinsOfWhatGoesIn(family, text))
    : undefined;
  const pins = counted === 'unclear' ? undefined : (counted ?? byType);
  // Of a kind that is a guess the number of pins is no mistake.
  const twoRows =
    (family.role === 'chip' || family.role === 'socket') && !recognition.doubts.includes('family');
  if (pins !== undefined && (pins < 1 || pins > 64 || (twoRows && (pins % 2 === 1 || pins < 4))))
    return { wrong: said('lists.line.pinsCannotBeWriteTheNumberOf', { pins }) };
  return { pins: countsPins(family) || cell !== '' ? pins : undefined };
}
