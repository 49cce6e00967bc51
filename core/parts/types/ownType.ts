import type { FamilyId } from '../families/ids.ts';
import { familyOf } from '../families/index.ts';
import type { LotNote, Part } from '../part.ts';
import { typeByNumber } from './findType.ts';

/** What an instructor said of a number that the catalogue does not know. */
export interface OwnType {
  readonly family: FamilyId;
  readonly pins?: number;
  /** As it is written at the part: `TO-92`, `9 x 5 x 3 mm`. */
  readonly package?: string;
  /** Leads and marks, with the sentence that learners read. */
  readonly lotNote?: LotNote;
}

/** By their numbers; see {@link ownNumber}. */
export type OwnTypes = Readonly<Record<string, OwnType>>;

/** A number as it is compared: capitals, without blanks and hyphens. */
export const ownNumber = (print: string): string => print.replace(/[\s_-]/g, '').toUpperCase();

/** So short a number would be found in other words. */
const shortest = 4;

/** What a line that somebody has confirmed says of its type; undefined where the catalogue knows better or it has none. */
export function ownTypeOf(part: Part): { number: string; type: OwnType } | undefined {
  const { value, family, pins, package: body, lotNote } = part;
  if (value.kind !== 'type' || !familyOf(part).kinds) return undefined;
  const number = ownNumber(value.print);
  if (number.length < shortest || !/\d/.test(number) || typeByNumber(value.print)) return undefined;
  return {
    number,
    type: {
      family,
      ...(pins === undefined ? {} : { pins }),
      ...(body === undefined ? {} : { package: body }),
      ...(lotNote === undefined ? {} : { lotNote }),
    },
  };
}

/** The first word of a line that is a number of one’s own, as it is written there. */
export function findOwnType(
  text: string,
  own: OwnTypes,
): { readonly print: string; readonly type: OwnType } | undefined {
  for (const word of text.split(/[\s,;:()]+/)) {
    const number = ownNumber(word);
    const type = Object.hasOwn(own, number) ? own[number] : undefined;
    if (type) return { print: word, type };
  }
  return undefined;
}
