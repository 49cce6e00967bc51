import type { SeatState } from '#core/build/foldSeat';
import type { Opportunity } from '#core/learning/builds';
import type { PracticeAnswer } from '#core/learning/practice/answers';
import type { Weakness } from '#core/learning/practice/cards';
import type { ExpectedMistakes, Readiness, SkillEstimate } from '#core/learning/skillEstimates';
import type { SkillId } from '#core/learning/skills';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { addressOf, endpoint, fileEndpoint } from './endpoint.ts';
import { flag, wholeNumber } from './leaves.ts';
import { fields, nullable } from './schema.ts';

export interface PersonSummary {
  readonly id: string;
  readonly name: string;
  readonly builds: number;
  readonly finished: number;
  readonly mistakes: number;
  /** Times taken over times planned, and how many step times that is from; null where there is none. */
  readonly pace: { readonly share: number; readonly count: number } | null;
  readonly skills: readonly SkillEstimate[];
  /** Exercises that were answered. */
  readonly practised: number;
}

/** One evening of a learner. */
export interface PersonBuild {
  readonly workshopId: string;
  readonly workshopTitle: string;
  readonly kitId: string;
  readonly kitName: string;
  readonly startsAt: string;
  readonly seatId: string;
  readonly seatNumber: number;
  readonly steps: readonly PlannedStep[];
  readonly state: SeatState;
}

export interface ReadyFor extends ExpectedMistakes {
  readonly kitId: string;
  readonly kitName: string;
  readonly readiness: Readiness;
  /** The costliest lack first. */
  readonly practise: readonly SkillId[];
}

export interface Person extends PersonSummary {
  /** Their seat's link shows their other evenings too, and goes on after the evening. */
  readonly keepsPage: boolean;
  /** What stands behind the skills, in the order of time. */
  readonly opportunities: readonly Opportunity[];
  /** The latest first. */
  readonly evenings: readonly PersonBuild[];
  /** The easiest first. */
  readonly ready: readonly ReadyFor[];
  /** Exercises that were answered, in the order of time. */
  readonly practice: readonly PracticeAnswer[];
  /** What went wrong in builds and is to be practised. */
  readonly weaknesses: readonly Weakness[];
}

export const listPeople = endpoint<PersonSummary[]>()({
  method: 'GET',
  path: '/api/people',
  access: 'instructor',
});
export const getPerson = endpoint<Person>()({
  method: 'GET',
  path: '/api/people/:learnerId',
  access: 'instructor',
});
/** Whether a learner's link shows their other evenings too, and goes on after the evening. */
export const allowOwnPage = endpoint<{ keepsPage: boolean }>()({
  method: 'PUT',
  path: '/api/people/:learnerId/own-page',
  access: 'instructor',
  recorded: 'person-allowed',
  body: fields({ keepsPage: flag }),
});
/** How long records of people are kept. */
export interface Retention {
  /** Months after their last evening; null keeps everybody until somebody erases them. */
  readonly months: number | null;
  /** Who would be erased if it were so now. */
  readonly due: readonly string[];
}
const months = nullable(wholeNumber(1, 120));
export const getRetention = endpoint<Retention>()({
  method: 'GET',
  path: '/api/retention',
  access: 'instructor',
});
/** Sets nothing: says who would be erased. */
export const tryRetention = endpoint<Retention>()({
  method: 'POST',
  path: '/api/retention',
  access: 'instructor',
  body: fields({ months }),
});
/** Sets it, and erases those for whom the time is over. */
export const setRetention = endpoint<Retention>()({
  method: 'PUT',
  path: '/api/retention',
  access: 'instructor',
  recorded: 'retention-set',
  body: fields({ months }),
});
/** The name goes for good; what was counted stays without it. */
export const erasePerson = endpoint<{ erased: boolean }>()({
  method: 'DELETE',
  path: '/api/people/:learnerId',
  access: 'instructor',
  recorded: 'person-erased',
});

export const peopleCsv = fileEndpoint({
  path: '/api/people.csv',
  access: 'instructor',
  recorded: 'people-exported',
  types: ['text/csv'],
  query: ['lang'],
});
export const peopleCsvPath = (lang: string) => addressOf(peopleCsv, {}, { lang });

/** What a learner did as xAPI 1.0.3 statements. */
export const statements = fileEndpoint({
  path: '/api/people/:learnerId/statements.json',
  access: 'instructor',
  recorded: 'people-exported',
  types: ['application/json'],
});
export const statementsPath = (learnerId: string) => addressOf(statements, { learnerId });

export const certificate = fileEndpoint({
  path: '/api/people/:learnerId/certificates/:workshopId.pdf',
  access: 'instructor',
  recorded: 'people-exported',
  types: ['application/pdf'],
  query: ['lang'],
});
export const certificatePath = (learnerId: string, workshopId: string, lang: string) =>
  addressOf(certificate, { learnerId, workshopId }, { lang });
