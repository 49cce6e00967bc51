import { familyOf } from '../../parts/families/index.ts';
import type { Acts, Job } from '../../parts/family.ts';
import type { LightColour, Part } from '../../parts/part.ts';
import { typeByNumber } from '../../parts/types/findType.ts';
import type { PartType, TypeKind } from '../../parts/types/type.ts';
import type { UnitId } from '../../quantity/unit.ts';
import { percent, type Spread } from '../spread.ts';

/** The value of a part in a unit; undefined where its print does not tell. */
export const amountOf = ({ value }: Part, unit: UnitId): number | undefined =>
  value.kind === 'amount' && value.unit === unit ? value.amount : undefined;

/** By the tolerance of its line, else the usual one of its family, else a tenth. */
export function toleranceOf(part: Part): Spread {
  const { value } = part;
  const usual = familyOf(part).usualTolerancePercent ?? 10;
  if (value.kind !== 'amount') return percent(usual);
  const above = value.tolerancePercent ?? usual;
  return percent(above, value.minusPercent ?? above);
}

/** What a part is by its number; undefined where it is in no catalogue. */
export const typeOf = ({ value }: Part): PartType | undefined =>
  value.kind === 'type' ? typeByNumber(value.print)?.type : undefined;

export const isType = (part: Part, ...kinds: readonly TypeKind[]): boolean => {
  const type = typeOf(part);
  return type !== undefined && kinds.includes(type.kind);
};

export const colourOf = ({ value }: Part): LightColour | undefined =>
  value.kind === 'colour' ? value.colour : undefined;

export const does = (part: Part, job: Job, acts?: Acts): boolean =>
  familyOf(part).job === job && familyOf(part).acts === acts;

export const behaves = (part: Part, acts: Acts): boolean => familyOf(part).acts === acts;
