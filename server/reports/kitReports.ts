import type { Finish, FullKitReport, Told } from '#contract/reports';
import { kitReport } from '#core/learning/kitReport';
import { proposalsFor } from '#core/learning/proposals';
import { calibrationOf } from '#core/pace/calibration';
import type { LookedBack, ToldOfSeat } from '#core/pace/evening/lookBack';
import type { Part } from '#core/parts/part';
import type { StoredBuild } from '../builds/queries.ts';

/** What all workshops of a kit say about it, and whether the forecasts made at them were any good. */
export function fullKitReport(
  parts: readonly Part[],
  builds: readonly StoredBuild[],
  { told }: LookedBack,
): FullKitReport {
  const report = kitReport(parts, builds);
  const halfTimes = builds.flatMap((build) => {
    const one = told.get(build.workshopId)?.find(({ seatId }) => seatId === build.seatId);
    return one ? [halfTimeOf(build, one)] : [];
  });
  const forecasts = halfTimes.map(({ forecast }) => forecast);
  return {
    ...report,
    proposals: proposalsFor(report),
    calibration: calibrationOf(forecasts),
    finishes: halfTimes.flatMap(({ finish }) => finish ?? []),
    forecasts,
  };
}

interface HalfTime {
  readonly forecast: Told;
  readonly finish: Finish | undefined;
}

/** What was told of a seat at half time, and what came of it. */
function halfTimeOf(build: StoredBuild, { chance, done, finished, inTime }: ToldOfSeat): HalfTime {
  const { workshopId, workshopTitle, seatNumber, startsAt } = build;
  const at = { workshopId, workshopTitle, seatNumber };
  return {
    forecast: { ...at, startsAt, chance, finished: inTime },
    finish:
      finished === null
        ? undefined
        : { ...at, expected: Math.round(done.p50), finished: Math.round(finished) },
  };
}
