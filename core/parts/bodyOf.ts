import type { Body } from './body.ts';
import { type ChipSizeCode, chipSizeCodes } from './chipSizeCodes.ts';
import type { PartFamily } from './family.ts';
import { packages } from './packages/index.ts';
import { packageOf } from './packages/packageOf.ts';
import { smdApart } from './packages/readPackage.ts';
import type { Part } from './part.ts';

/** Chip sizes by their codes (heights of resistors). */
export const chipSizes = Object.fromEntries(
  chipSizeCodes.map((code) => [code, packages[code]]),
) as Readonly<Record<ChipSizeCode, (typeof packages)[ChipSizeCode]>>;

type Sized = Pick<Part, 'description' | 'package'>;

const sizeCode = new RegExp(String.raw`\b(${chipSizeCodes.join('|')})\b`);

/** The size code that a list gives a chip part; undefined where it gives none. */
export const chipSizeCodeOf = ({ description, package: said = '' }: Sized) =>
  sizeCode.exec(smdApart(`${said} ${description}`.replace(/_/g, ' ')))?.[1] as
    | ChipSizeCode
    | undefined;

/** The size that a list gives a chip part; undefined where it gives none. */
export function chipSizeOf(part: Sized): (typeof chipSizes)[ChipSizeCode] | undefined {
  const code = chipSizeCodeOf(part);
  return code && chipSizes[code];
}

type Bodied = Pick<
  PartFamily,
  'body' | 'comesInSizes' | 'job' | 'mount' | 'role' | 'valueKind' | 'kinds'
>;
type Packed = Pick<Part, 'package' | 'description' | 'value' | 'pins'>;

/** The body of a part: in the package that list, type or value tell, else the usual one of its family. */
export function bodyOf(family: Bodied, part: Packed): Body {
  const { body, role } = family;
  const found = packageOf(family, part)?.package;
  if (!found) return body;
  const { lengthMm, widthMm, heightMm, leadMm, shape, source, rows } = found;
  // A socket is as wide as its rows are apart; what goes into it does not change how high it is.
  if (role === 'socket') {
    if (!('pinMm' in body) || leadMm === undefined) return body;
    return { ...body, leadMm, widthMm: leadMm + body.widthMm - (body.leadMm ?? leadMm) };
  }
  if (family.comesInSizes && shape === 'chip' && 'lengthMm' in body) {
    // What is thicker than a resistor stays so in every size; to a hundredth, as heights are shown.
    const times = heightMm / chipSizes['0805'].heightMm;
    return {
      ...body,
      lengthMm,
      widthMm,
      heightMm: Math.round(body.heightMm * times * 100) / 100,
      source,
    };
  }
  const colour = found.colour ?? body.colour;
  return {
    shape,
    lengthMm,
    widthMm,
    heightMm,
    colour,
    source,
    ...(leadMm === undefined ? {} : { leadMm }),
    ...(rows === undefined ? {} : { rows }),
  };
}
