import type { BandCount } from '../bands/encode.ts';
import { familyOf } from './families/index.ts';
import { signsOf } from './lotNote.ts';
import { type BandMark, bandMarks, type Print } from './marks.ts';
import type { Part } from './part.ts';
import { type Pinout, pinoutOf } from './pinouts.ts';
import type { Sign } from './sign.ts';

/** Everything by which a part is told from others and turned the right way. */
export interface AllMarks {
  readonly bands: readonly BandMark[];
  readonly prints: readonly Print[];
  readonly signs: readonly Sign[];
  readonly pinout: Pinout | undefined;
}

export function allMarks(part: Part): AllMarks {
  const family = familyOf(part);
  return {
    bands: bandForms(part),
    prints: family.prints?.(part) ?? [],
    signs: signsOf(family.signs, part),
    pinout: pinoutOf(part),
  };
}

function bandForms(part: Part): readonly BandMark[] {
  const bands = familyOf(part).bands?.(part) ?? [];
  if (bands.length === 0) return [];
  const ofResistance = bandMarks(part);
  if (ofResistance.length > 0) return ofResistance;
  return [{ count: bands.length as BandCount, bands, usual: true }];
}
