import type { CheckDefinition } from './definition.ts';
import { doesItWork } from './doesItWork.ts';
import { firstPower } from './firstPower.ts';
import { type CheckId, checkIds } from './ids.ts';
import { look } from './look.ts';
import { supplyResistance } from './supplyResistance.ts';
import { tryHolder } from './tryHolder.ts';

const byId: { readonly [Id in CheckId]: CheckDefinition<Id> } = {
  'try-holder': tryHolder,
  look,
  'supply-resistance': supplyResistance,
  'first-power': firstPower,
  function: doesItWork,
};

/** Checks of a build (common practice), in the order in which they follow one another. */
export const checks: readonly CheckDefinition[] = checkIds.map((id) => byId[id]);

export const checkOf = (id: CheckId): CheckDefinition => byId[id];
