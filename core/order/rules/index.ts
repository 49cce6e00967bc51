import { checks } from '../checks/index.ts';
import { coversPads } from './geometry/coversPads.ts';
import { ironAccess } from './geometry/ironAccess.ts';
import { middleFirst } from './geometry/middleFirst.ts';
import { underBody } from './geometry/underBody.ts';
import { roleRules } from './roles.ts';
import type { HardRule } from './rule.ts';
import { farSideLast, surfaceBeforeTall } from './sides.ts';

/**
 * Every rule that holds in every style. Where two contradict each other, the one further down gives way: what cannot
 * be done otherwise stands before what is only awkward otherwise.
 */
export const hardRules: readonly HardRule[] = [
  ...roleRules,
  ...checks.flatMap(({ rules }) => rules),
  coversPads,
  underBody,
  ironAccess,
  middleFirst,
  surfaceBeforeTall,
  farSideLast,
];
