import type { Finish, FullKitReport, Told } from '#contract/reports';
import type { BuildEvent } from '#core/build/event';
import { stateOfBuild } from '#core/learning/builds';
import { kitReport } from '#core/learning/kitReport';
import { proposalsFor } from '#core/learning/proposals';
import { type Memo, memo, memoOfObject } from '#core/memo';
import { calibrationOf } from '#core/pace/calibration';
import type { LearntPace } from '#core/pace/learnt/learnPace';
import { paceBefore } from '#core/pace/learnt/priors';
import { tonightOf } from '#core/pace/tonight/tonight';
import type { Part } from '#core/parts/part';
import type { StoredBuild } from '../builds/queries.ts';
import { isOver, TimesSeen } from '../pace/learntPaces.ts';

/** What all workshops of a kit say about it, and whether the forecasts made at them were any good. */
export function fullKitReport(
  parts: readonly Part[],
  builds: readonly StoredBuild[],
  now: Date,
): FullKitReport {
  const report = kitReport(parts, builds);
  const over = builds.filter((build) => build.events.length > 0 && isOver(build, now));
  const halfTimes = forecastsAtHalfTime(over);
  return {
    ...report,
    proposals: proposalsFor(report),
    calibration: calibrationOf(halfTimes.map(({ forecast }) => forecast)),
    finishes: halfTimes.flatMap(({ finish }) => finish ?? []),
    forecasts: halfTimes.map(({ forecast }) => forecast),
  };
}

interface HalfTime {
  readonly forecast: Told;
  readonly finish: Finish | undefined;
}

/**
 * What the floor told at half time of each evening: from the log as it was then, and from what the evenings before had
 * taught; and what came of it.
 */
function forecastsAtHalfTime(builds: readonly StoredBuild[]): HalfTime[] {
  const seen = new TimesSeen();
  const found: HalfTime[] = [];
  for (const evening of byWorkshop(builds)) {
    const before = seen.learnt();
    found.push(...evening.map((build) => knownHalfTime(build, before)));
    for (const build of evening) seen.add(build);
  }
  return found;
}

/** What was worked out of a log before, and from what of the evenings before it. */
const halves = memoOfObject<readonly BuildEvent[], Memo<string, HalfTime>>('half times of builds');

function knownHalfTime(build: StoredBuild, before: LearntPace): HalfTime {
  const learner = before.learners.get(build.learnerId ?? '');
  const from = JSON.stringify([[...before.kinds], learner, build.startsAt, build.lengthMinutes]);
  return halves
    .of(build.events, () => memo({ name: 'the half time of a build', most: 1 }))
    .of(from, () => halfTimeOf(build, before));
}

function halfTimeOf(build: StoredBuild, { kinds, learners }: LearntPace): HalfTime {
  const { startsAt, lengthMinutes, steps, events, learnerId, experience } = build;
  const startMs = Date.parse(startsAt);
  const half = new Date(startMs + (lengthMinutes / 2) * 60_000);
  const endMs = startMs + lengthMinutes * 60_000;
  const till: BuildEvent[] = events.filter(({ at }) => at <= half.toISOString());
  const plan = { steps, startsAt, lengthMinutes, kinds };
  const pace = learners.get(learnerId ?? '')?.pace ?? paceBefore(experience);
  const tonight = tonightOf(plan, stateOfBuild({ steps, events: till }), till, pace, half);
  const { finishedAt } = stateOfBuild(build);
  const finishedMs = finishedAt === null ? Number.POSITIVE_INFINITY : Date.parse(finishedAt);
  return {
    forecast: {
      workshopId: build.workshopId,
      workshopTitle: build.workshopTitle,
      seatNumber: build.seatNumber,
      startsAt,
      chance: tonight.chance,
      finished: finishedMs <= endMs,
    },
    finish:
      finishedAt === null || finishedMs <= half.getTime()
        ? undefined
        : {
            workshopId: build.workshopId,
            workshopTitle: build.workshopTitle,
            seatNumber: build.seatNumber,
            expected: Math.round(lengthMinutes / 2 + tonight.needed),
            finished: Math.round((finishedMs - startMs) / 60_000),
          },
  };
}

/** Builds of one workshop together; the builds come in the order of the workshops. */
function byWorkshop(builds: readonly StoredBuild[]): StoredBuild[][] {
  const evenings = new Map<string, StoredBuild[]>();
  for (const build of builds) {
    const evening = evenings.get(build.workshopId);
    if (evening) evening.push(build);
    else evenings.set(build.workshopId, [build]);
  }
  return [...evenings.values()];
}
