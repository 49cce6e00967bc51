import { type PackageId, packageById } from '../packages/index.ts';
import type { Packaged, PartType, TypeKind } from './type.ts';

/** A chip by its number of pins: in two rows through the board, and on the surface where it is sold so. */
export interface ChipRow {
  readonly number: string;
  readonly kind: TypeKind;
  /** Only where a model tells them apart by it; what others are for stands in chipDoes.ts. */
  readonly does?: string;
  readonly pins: number;
  readonly pinsLike?: string;
  readonly also?: readonly string[];
  /** Where it is not DIP and SO of that many pins. */
  readonly bodies?: readonly [PackageId, ...PackageId[]];
  readonly maxVolt?: number;
}

const dip = {
  4: 'dip-4',
  6: 'dip-6',
  8: 'dip-8',
  14: 'dip-14',
  16: 'dip-16',
  18: 'dip-18',
  20: 'dip-20',
  22: 'dip-22',
  24: 'dip-24',
  28: 'dip-28',
  40: 'dip-40',
} as const satisfies Readonly<Record<number, PackageId>>;

const so = {
  8: 'so-8',
  14: 'so-14',
  16: 'so-16',
  18: 'so-18w',
  20: 'so-20w',
  24: 'so-24w',
  28: 'so-28w',
} as const satisfies Readonly<Record<number, PackageId>>;

/** @throws Error where a table asks for a size that no body has: a mistake of the table. */
export function chipType({ pins, bodies, ...rest }: ChipRow): PartType {
  const through = dip[pins as keyof typeof dip];
  const surface = so[pins as keyof typeof so];
  const found: readonly PackageId[] =
    bodies ?? [through, surface].filter((body) => body !== undefined);
  const [first, ...others] = found.map(
    (body): Packaged => ({ package: body, pins: packageById(body).pins ?? pins }),
  );
  if (!first) throw new Error(`no body has ${pins} pins`);
  return { ...rest, packages: [first, ...others] };
}
