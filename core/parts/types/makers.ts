import { type PackageId, packageById } from '../packages/index.ts';
import type { PartType, TypeKind } from './type.ts';

// What makers put before and behind a number (from memory of their ordering tables).

interface Naming {
  readonly of: (type: PartType) => boolean;
  readonly before: readonly string[];
}

const startsWith = (digits: RegExp) => (type: PartType) => digits.test(type.number);

const naming: readonly Naming[] = [
  {
    of: (type) => type.kind === 'logic' && /^4/.test(type.number),
    before: [
      'CD',
      'HEF',
      'HCF',
      'HCC',
      'TC',
      'MC1',
      'MC',
      'HD1',
      'M',
      'F',
      'BU',
      'V',
      'GD',
      'XD',
      'CC',
      'UPD',
      'NTE',
    ],
  },
  {
    of: (type) => type.kind === 'logic' && /^74/.test(type.number),
    before: [
      'SN',
      'DM',
      'MM',
      'HD',
      'MC',
      'N',
      'GD',
      'CD',
      'TC',
      'M',
      'U',
      'IN',
      'KK',
      'XD',
      'XL',
      'CC',
      'T',
    ],
  },
  {
    of: startsWith(/^7[89]/),
    before: [
      'LM',
      'L',
      'UA',
      'MC',
      'KA',
      'NJM',
      'KIA',
      'AN',
      'TS',
      'HA17',
      'BA',
      'WS',
      'UTC',
      'XL',
      'CJ',
      'UPC',
      'TA',
      'S',
    ],
  },
  { of: startsWith(/^(LM|NE|TL|LF|OP)\d/), before: ['XD', 'XL', 'UTC', 'HGSEMI'] },
  { of: startsWith(/^\d{4}[AB]S/), before: ['FJ', 'HS', 'BL', 'KYX', 'SMA', 'LD', 'XDMR'] },
];

/** Whether these letters before the number only say who made it. */
export const isMakersPrefix = (type: PartType, letters: string): boolean =>
  letters === '' || naming.some(({ of, before }) => of(type) && before.includes(letters));

/** What may stand behind a number: grade, temperature, body, packing. */
export const isMakersSuffix = ({ number }: PartType, rest: string): boolean =>
  rest === '' ||
  (/^AT(MEGA|TINY)/.test(number)
    ? avrSuffix.test(rest)
    : /^[A-Z][A-Z0-9]{0,9}$/.test(rest) ||
      /^-[A-Z0-9.]{1,10}$/.test(rest) ||
      slashSuffix.test(rest));

/** Temperature, and the body behind a slash: `-I/P`, `T-E/SN`. */
const slashSuffix = /^[A-Z]?-?\d{0,4}[A-Z]?\/([A-Z]{1,3})$/;

/** Of these a letter more makes another chip: the 328PB and the 32U4 come in flat bodies alone. */
const avrSuffix =
  /^(?:P|A|PA|L|V|PV|VA)?-?(?:\d{0,2}(?:PU|PN|AU|MU|AN|MN|SU|SN|SSU|PI|AI|PC|AC)R?)?$/;

/** Grade, temperature and version, which say nothing of the body. */
const gradeSuffix = /^-?\d{0,3}(?:A|B|C|E|H|I|L|S|AC|AI|BC|EC|IC|SC|UB|UBC)?-?\d{0,2}\+?$/;
const throughSuffix =
  /^-?\d{0,2}(?:A|B|C|E|I|AC|AI|BC|EC|SC|UB)?(?:N|P|E|EZ|PE|PA|PC|PD|PU|PG|NG|NE4|PBF|NPB)\d?$/;
const surfaceSuffix =
  /^-?\d{0,2}(?:A|B|C|I|AC|AI|BC|EC|UB)?(?:D|DR|DRE4|DT|DTR2G|DG|M|MX|T|SA|SU|SSU|SN|WG|FP|DW|DWR|PW|PWR)$/;
const squareSuffix = /^-?\d{0,2}(AU|MU|AN|MN)$/;

/** The metal case of regulators: LM317K, 7805CK. */
const caseSuffix = /^(C?K|KC|KSTEEL)$/;

/** Makers whose D is the body through the board, where it is the one on the surface for most (data sheets, from memory). */
const dIsThrough = /^(?:JRC|NJM|4558)/;

/** Behind a slash; any other letters there are one on the surface. */
const throughBehindSlash: ReadonlySet<string> = new Set(['P', 'SP', 'TO', 'JW']);

/**
 * The body that the letters behind the number of a chip tell; undefined where they tell none, `unlisted` where they tell
 * one that the record of the type does not have, or nobody here knows what they tell.
 *
 * @param written the number itself as it stands before them, with what tells the maker
 */
export function packageFromSuffix(
  type: PartType,
  written: string,
  rest: string,
): PackageId | 'unlisted' | undefined {
  const of = (surface: boolean) =>
    type.packages.find(({ package: id }) => isSurface(id) === surface)?.package ?? 'unlisted';
  if (type.kind === 'microcontroller' && squareSuffix.test(rest)) {
    return type.packages.find(({ package: id }) => id.startsWith('qf'))?.package ?? 'unlisted';
  }
  if (caseSuffix.test(rest)) return type.packages.find(({ package: id }) => id === 'to-3')?.package;
  const behindSlash = slashSuffix.exec(rest)?.[1];
  if (behindSlash !== undefined) return of(!throughBehindSlash.has(behindSlash));
  if (!isChip(type)) return keepsBody(type, rest) ? undefined : 'unlisted';
  // An S of these is bent for the surface.
  if (type.kind === 'optocoupler' && /S/.test(rest)) return of(true);
  if (throughSuffix.test(rest)) return of(false);
  if (rest === 'D' && dIsThrough.test(written)) return of(false);
  if (surfaceSuffix.test(rest)) return of(true);
  return gradeSuffix.test(rest) ? undefined : 'unlisted';
}

/** Gain, grade and packing of what comes in no double row; anything else may be another body (from memory). */
const plainSuffixes: readonly (readonly [readonly TypeKind[], RegExp])[] = [
  [
    [
      'positive-regulator',
      'negative-regulator',
      'adjustable-regulator',
      'adjustable-negative-regulator',
      'reference',
      'temperature-sensor',
      'hall-sensor',
    ],
    /^(?:A|AB|AC|B|BC|C|CA|I|AI|E)?(?:T|V|CT|CV|P|TU|Z|CZ|DZ|LZ|LP|LPG|CLP|CP|ETU|G|H|TB|TO|GT9Z)?\d{0,2}(?:[.V]\d)?G?(?:NOPB)?$/,
  ],
  [['n-mosfet', 'p-mosfet'], /^(?:N|A|V|VN|Z|K|BU|TA|G|T|D26Z)?(?:PBF)?$/],
  [['bridge'], /^[GLM]?$/],
  [['audio', 'driver', 'converter'], /^(?:A|AV|AH|V|T|N|HN|AT|TV)?\d{0,2}$/],
];
const leadedSuffix =
  /^[A-GL]?\d{0,3}[A-E]?(?:O|Y|GR|BL|R|L|H|K)?(?:BU|TAP|TA|TF|TAR|TFR|TR|TP|RLG?|RL1|ZL1|PBF|G|T|E3\d*)?$/;

/** Whether what stands behind the number of a part in no double row leaves its body as it is. */
const keepsBody = ({ kind, packages }: PartType, rest: string): boolean =>
  rest === '' ||
  packages.every(({ package: id }) => isSurface(id)) ||
  (plainSuffixes.find(([kinds]) => kinds.includes(kind))?.[1] ?? leadedSuffix).test(rest);

const isSurface = (id: PackageId): boolean => packageById(id).mount === 'surface';

const isChip = ({ packages }: PartType) => packages[0].package.startsWith('dip');
