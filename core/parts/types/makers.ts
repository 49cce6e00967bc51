import type { PackageId } from '../packages/index.ts';
import type { PartType } from './type.ts';

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
export const isMakersSuffix = (rest: string): boolean =>
  rest === '' || /^[A-Z][A-Z0-9]{0,9}$/.test(rest) || /^-[A-Z0-9.]{1,10}$/.test(rest);

const throughSuffix = /^-?\d{0,2}(A|B|C|I|AC|AI|BC|UB)?(N|P|E|PE|PC|PU|PG|NG|NE4|PBF)$/;
const surfaceSuffix =
  /^-?\d{0,2}(A|B|C|I|AC|AI|BC|UB)?(D|DR|DRE4|DT|DTR2G|DG|M|MX|SU|SSU|SN|WG|FP|DW|DWR|PW|PWR)$/;
const squareSuffix = /^-?\d{0,2}(AU|MU|AN|MN)$/;

/** The metal case of regulators: LM317K, 7805CK. */
const caseSuffix = /^(C?K|KC|KSTEEL)$/;

/** Makers whose D is the body through the board, where it is the one on the surface for most (data sheets, from memory). */
const dIsThrough = /^(?:JRC|NJM|4558)/;

/**
 * The body that the letters behind the number of a chip tell; undefined where they tell none.
 *
 * @param written the number itself as it stands before them, with what tells the maker
 */
export function packageFromSuffix(
  type: PartType,
  written: string,
  rest: string,
): PackageId | undefined {
  const mounts = (id: PackageId) => !/^(dip|to-|sip|multiwatt|led|digit|matrix)/.test(id);
  const of = (surface: boolean) =>
    type.packages.find(({ package: id }) => mounts(id) === surface)?.package;
  if (type.packages.length < 2) return undefined;
  if (type.kind === 'microcontroller' && squareSuffix.test(rest)) {
    return type.packages.find(({ package: id }) => id.startsWith('qf'))?.package;
  }
  if (caseSuffix.test(rest)) return type.packages.find(({ package: id }) => id === 'to-3')?.package;
  if (!isChip(type)) return undefined;
  if (throughSuffix.test(rest)) return of(false);
  if (rest === 'D' && dIsThrough.test(written)) return of(false);
  return surfaceSuffix.test(rest) ? of(true) : undefined;
}

const isChip = ({ packages }: PartType) => packages[0].package.startsWith('dip');
