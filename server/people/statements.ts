import { createHash } from 'node:crypto';
import { stateOfBuild } from '#core/learning/builds';
import { answersOf } from '#core/learning/practice/answers';
import type { StoredBuild } from '../builds/queries.ts';

/** A statement of the Experience API, version 1.0.3 (Advanced Distributed Learning, published specification). */
export interface Statement {
  readonly id: string;
  readonly version: '1.0.3';
  readonly actor: {
    readonly objectType: 'Agent';
    readonly name: string;
    readonly account: { readonly homePage: string; readonly name: string };
  };
  readonly verb: { readonly id: string; readonly display: Readonly<Record<string, string>> };
  readonly object: {
    readonly objectType: 'Activity';
    readonly id: string;
    readonly definition: {
      readonly name: Readonly<Record<string, string>>;
      readonly type: string;
    };
  };
  readonly result?: {
    readonly completion?: boolean;
    readonly success?: boolean;
    readonly duration?: string;
    readonly response?: string;
    /** From 0 to 1 here. */
    readonly score?: { readonly scaled: number };
  };
  readonly context: { readonly contextActivities: { readonly parent: readonly { id: string }[] } };
  /** ISO 8601. */
  readonly timestamp: string;
}

const verbs = {
  completed: 'http://adlnet.gov/expapi/verbs/completed',
  failed: 'http://adlnet.gov/expapi/verbs/failed',
  answered: 'http://adlnet.gov/expapi/verbs/answered',
} as const;

const types = {
  step: 'http://adlnet.gov/expapi/activities/interaction',
  build: 'http://adlnet.gov/expapi/activities/course',
  exercise: 'http://adlnet.gov/expapi/activities/question',
} as const;

/**
 * What a learner did: each step as completed, each mistake as a step that failed, each exercise as a question
 * answered, each board as a course completed.
 *
 * @param address of this site: the names of things begin with it
 */
export function statementsOf(
  learner: { readonly id: string; readonly name: string },
  builds: readonly StoredBuild[],
  address: string,
): Statement[] {
  const actor = {
    objectType: 'Agent' as const,
    name: learner.name,
    account: { homePage: address, name: learner.id },
  };
  return builds.flatMap((build) => {
    const state = stateOfBuild(build);
    const course = `${address}/workshops/${build.workshopId}`;
    const activity = (stepId: string) => ({
      objectType: 'Activity' as const,
      id: `${address}/kits/${build.kitId}/steps/${encodeURIComponent(stepId)}`,
      definition: { name: { en: stepId }, type: types.step },
    });
    const about = (
      key: string,
      verb: keyof typeof verbs,
      timestamp: string,
      rest: Pick<Statement, 'object' | 'result'>,
    ): Statement => ({
      id: uuidOf(`${build.seatId} ${key}`),
      version: '1.0.3',
      actor,
      verb: { id: verbs[verb], display: { en: verb } },
      ...rest,
      context: { contextActivities: { parent: [{ id: course }] } },
      timestamp,
    });
    return [
      ...Object.entries(state.doneAt).map(([stepId, at]) =>
        about(`done ${stepId}`, 'completed', at, {
          object: activity(stepId),
          result: { completion: true },
        }),
      ),
      ...state.mistakes.map(({ eventId, madeAtStepId, mistake, foundAt }) =>
        about(eventId, 'failed', foundAt, {
          object: activity(madeAtStepId),
          result: { success: false, response: mistake },
        }),
      ),
      ...answersOf(build.practice).map(({ eventId, item, isRight, credit, at }) =>
        about(eventId, 'answered', at, {
          object: {
            objectType: 'Activity' as const,
            id: `${address}/practice/${item}`,
            definition: { name: { en: item }, type: types.exercise },
          },
          result: {
            ...(isRight === null ? {} : { success: isRight, score: { scaled: credit } }),
          },
        }),
      ),
      ...(state.finishedAt === null
        ? []
        : [
            about('board', 'completed', state.finishedAt, {
              object: {
                objectType: 'Activity' as const,
                id: course,
                definition: {
                  name: { en: `${build.workshopTitle}: ${build.kitName}` },
                  type: types.build,
                },
              },
              result: {
                completion: true,
                duration: durationBetween(build.startsAt, state.finishedAt),
              },
            }),
          ]),
    ].sort((a, b) => (a.timestamp < b.timestamp ? -1 : 1));
  });
}

/** ISO 8601, to the second. */
function durationBetween(from: string, to: string): string {
  const seconds = Math.max(0, Math.round((Date.parse(to) - Date.parse(from)) / 1000));
  return `PT${seconds}S`;
}

/** The same statement has the same id however often it is exported (RFC 4122, version 5 by SHA-1). */
function uuidOf(name: string): string {
  const bytes = createHash('sha1').update(`ozzet ${name}`).digest().subarray(0, 16);
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x50;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = bytes.toString('hex');
  return [
    hex.slice(0, 8),
    hex.slice(8, 12),
    hex.slice(12, 16),
    hex.slice(16, 20),
    hex.slice(20),
  ].join('-');
}
