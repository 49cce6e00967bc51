import { examplePart } from '../../../parts/examplePart.ts';
import { capacitorElectrolytic } from '../../../parts/families/capacitors/capacitor-electrolytic.ts';
import { icDip } from '../../../parts/families/chips/ic-dip.ts';
import { icSo } from '../../../parts/families/chips/ic-so.ts';
import { socketDip } from '../../../parts/families/chips/socket-dip.ts';
import { inductorAxial } from '../../../parts/families/coils/inductor-axial.ts';
import { diodeAxial } from '../../../parts/families/diodes/diode-axial.ts';
import { diodeMelf } from '../../../parts/families/diodes/diode-melf.ts';
import { zenerAxial } from '../../../parts/families/diodes/zener-axial.ts';
import type { FamilyId } from '../../../parts/families/ids.ts';
import { familyOf } from '../../../parts/families/index.ts';
import { led3mm } from '../../../parts/families/leds/led-3mm.ts';
import { led5mm } from '../../../parts/families/leds/led-5mm.ts';
import { resistorAxial } from '../../../parts/families/resistors/resistor-axial.ts';
import { resistorChip } from '../../../parts/families/resistors/resistor-chip.ts';
import { regulatorTo220 } from '../../../parts/families/transistors/regulator-to220.ts';
import { transistorTo92 } from '../../../parts/families/transistors/transistor-to92.ts';
import type { LightColour, Part } from '../../../parts/part.ts';
import { pick, type Random } from '../../../random.ts';
import type { PracticeKit } from '../drill.ts';

/**
 * Families whose way round shows from above, the commonest in kits first; the last ones do not matter, and knowing that
 * is worth as much (common practice).
 */
const shown = [
  led5mm.id,
  led3mm.id,
  capacitorElectrolytic.id,
  diodeAxial.id,
  transistorTo92.id,
  icDip.id,
  zenerAxial.id,
  diodeMelf.id,
  regulatorTo220.id,
  icSo.id,
  socketDip.id,
  resistorAxial.id,
  inductorAxial.id,
  resistorChip.id,
] as const;

export const isFree = (part: Part): boolean => familyOf(part).polarity === 'free';

/** Those of the kit first. */
export function familiesFor({ parts }: PracticeKit): readonly FamilyId[] {
  const own = new Set(parts.map(({ family }) => family));
  return [...shown].sort((a, b) => Number(own.has(b)) - Number(own.has(a)));
}

const colours: readonly LightColour[] = ['red', 'green', 'yellow'];

/** A piece of a family: of the kit where it has one, without the note of its lot; else as such parts often are. */
export function pieceOf(family: FamilyId, random: Random, { parts }: PracticeKit): Part {
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
  const part = pieceOf(pick(random, [led5mm.id, led3mm.id]), random, kit);
  return { ...part, lotNote: { text: '', turned: ['flat'] } };
}
