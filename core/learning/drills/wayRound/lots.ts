import { examplePart } from '../../../parts/examplePart.ts';
import { familyOf } from '../../../parts/families/index.ts';
import type { LightColour, Part } from '../../../parts/part.ts';
import { pick, type Random } from '../../../random.ts';
import type { PracticeKit } from '../drill.ts';

/**
 * Families whose way round shows from above, the commonest in kits first; the last ones do not matter, and knowing that
 * is worth as much (common practice).
 */
const shown = [
  'led-5mm',
  'led-3mm',
  'capacitor-electrolytic',
  'diode-axial',
  'transistor-to92',
  'ic-dip',
  'zener-axial',
  'diode-melf',
  'regulator-to220',
  'ic-so',
  'socket-dip',
  'resistor-axial',
  'inductor-axial',
  'resistor-chip',
] as const;

export const isFree = (part: Part): boolean => familyOf(part).polarity === 'free';

/** Those of the kit first. */
export function familiesFor({ parts }: PracticeKit): readonly string[] {
  const own = new Set(parts.map(({ family }) => family));
  return [...shown].sort((a, b) => Number(own.has(b)) - Number(own.has(a)));
}

const colours: readonly LightColour[] = ['red', 'green', 'yellow'];

/** A piece of a family: of the kit where it has one, without the note of its lot; else as such parts often are. */
export function pieceOf(family: string, random: Random, { parts }: PracticeKit): Part {
  const own = parts.filter((part) => part.family === family);
  const part = own.length > 0 ? pick(random, own) : examplePart(familyOf({ family }));
  const { lotNote: _, ...rest } = part;
  const value =
    own.length === 0 && part.value.kind === 'colour'
      ? { kind: 'colour' as const, colour: pick(random, colours) }
      : part.value;
  return { ...rest, value, designators: [], quantity: 1 };
}

/** A light-emitting diode of a lot that has one of its marks at the wrong end, with the sheet that says so. */
export function oddPiece(random: Random, kit: PracticeKit): Part {
  const odd = kit.parts.filter(({ lotNote }) => (lotNote?.turned?.length ?? 0) > 0);
  const seen = odd.filter(({ lotNote }) => lotNote?.turned?.includes('flat'));
  if (seen.length > 0 && random() < 0.5)
    return { ...pick(random, seen), designators: [], quantity: 1 };
  const part = pieceOf(pick(random, ['led-5mm', 'led-3mm']), random, kit);
  return { ...part, lotNote: { text: '', turned: ['flat'] } };
}
