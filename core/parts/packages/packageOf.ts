import type { PartFamily } from '../family.ts';
import { holderBody, holderCells } from '../holderCells.ts';
import type { Part } from '../part.ts';
import { typeByNumber } from '../types/findType.ts';
import { type PackageId, packageById, packages } from './index.ts';
import type { Package } from './package.ts';
import { lying, usualCan } from './radial.ts';
import { readMeasures, readPackage } from './readPackage.ts';

export interface PackageOfPart {
  readonly package: Package;
  /**
   * `said`: the instructor wrote it. `list`: the list says so. `type`: this number is sold so. `usual`: estimated from
   * what such parts usually come in.
   */
  readonly from: BodySource;
}

export type BodySource = 'said' | 'list' | 'type' | 'usual';

type Packed = Pick<Part, 'package' | 'description' | 'value' | 'pins'>;

type Framed = Pick<
  PartFamily,
  'job' | 'mount' | 'role' | 'body' | 'valueKind' | 'comesInSizes' | 'kinds'
>;

/**
 * The body of a part, as far as anything tells it.
 *
 * @returns undefined where only its kind is known: the usual body of its family is drawn, as an estimate
 */
export function packageOf(family: Framed, part: Packed): PackageOfPart | undefined {
  const found = foundPackage(family, part);
  // The size of a can is that of the can, standing or lying.
  const lies = family.body.shape === 'rod' && found?.package.shape === 'can';
  return found && lies ? { ...found, package: lying(found.package) } : found;
}

function foundPackage(family: Framed, part: Packed): PackageOfPart | undefined {
  const { job, mount, role } = family;
  if (mount !== 'through' && mount !== 'surface') return undefined;
  const read = (text: string) => {
    const found = readPackage(text, job, mount);
    return found && suits(found, family, part) ? found : undefined;
  };
  const said =
    part.package === undefined
      ? undefined
      : (readMeasures(part.package, mount, family.body.shape) ?? read(part.package));
  if (said) return { package: said, from: 'said' };
  const { value, pins } = part;
  const named = value.kind === 'type' ? typeByNumber(value.print) : undefined;
  // The number of something else says nothing of this body.
  const found = named && family.kinds?.includes(named.type.kind) ? named : undefined;
  const sold = [
    ...(found?.package ? [packageById(found.package)] : []),
    ...(found?.type.packages.map(({ package: id }) => packageById(id)) ?? []),
  ].filter((one) => one.mount === mount && suits(one, family, part));
  const cells = role === 'holder' && job === 'supply' ? holderCells(part) : undefined;
  if (cells) return { package: holderBody(cells), from: 'list' };
  const listed = read(part.description);
  // A list that says “DIP-28” of a chip that is sold narrow means the narrow one.
  const both = listed && sold.find((one) => one.pins === listed.pins && one.shape === listed.shape);
  if (listed && sold.includes(listed)) return { package: listed, from: 'list' };
  if (both) return { package: both, from: 'type' };
  if (listed) return { package: listed, from: 'list' };
  const [byType] = sold;
  if (byType) return { package: byType, from: 'type' };
  if (family.body.shape === 'dip' && pins !== undefined && pins >= 24) {
    const wide = packages[`dip-${pins}` as PackageId] as Package | undefined;
    return wide && { package: wide, from: 'usual' };
  }
  // Only the crystal of a clock has this number, and it is a tube (common practice).
  if (value.kind === 'amount' && value.amount === 2 ** 15)
    return { package: packages['tube-2x6'], from: 'usual' };
  return usualCanOf(family, part);
}

function usualCanOf({ job, mount, body, valueKind }: Framed, { value }: Packed) {
  const isCan = body.shape === 'can' || body.shape === 'rod';
  if (!isCan || job !== 'capacitor' || mount !== 'through') return undefined;
  if (typeof valueKind !== 'object' || value.kind !== 'amount') return undefined;
  const usual = usualCan(value.amount, value.ratedVolt);
  return usual && ({ package: usual, from: 'usual' } as const);
}

/** Has as many pins, and is no chip size of a part that comes in none. */
function suits(found: Package, { comesInSizes, role }: Framed, { pins }: Packed): boolean {
  const counted = found.shape === 'dip' || found.shape === 'so';
  if (counted && pins !== undefined && found.pins !== pins) return false;
  if (role === 'socket' && found.shape !== 'dip') return false;
  return comesInSizes === true || !/^\d{4}$/.test(found.name);
}
