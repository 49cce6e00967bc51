import { type Build, hasBegun, stateOfBuild } from '../learning/builds.ts';
import type { SeenBefore } from './seenBefore.ts';

/** What was logged at builds of a kit. */
export function seenIn(builds: readonly Build[]): SeenBefore {
  const begun = builds.filter(hasBegun);
  return {
    builds: begun.length,
    entries: begun.flatMap((build) => stateOfBuild(build).mistakes),
  };
}
