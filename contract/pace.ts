import type { Beliefs } from '#core/pace/evening/beliefs';
import type { JudgedForecasts } from '#core/pace/evening/lookBack';
import type { Pace } from '#core/pace/learnt/priors';
import type { WorkshopConditions } from './conditions.ts';
import { endpoint } from './endpoint.ts';

export interface LearntOf {
  readonly id: string;
  readonly pace: Pace;
  /** Step times behind it. */
  readonly count: number;
}

/** What finished workshops have taught about minutes, and what this evening has to do with. */
export interface LearntPaces extends WorkshopConditions, Omit<Beliefs, 'kinds'> {
  /** Finished workshops that were counted. */
  readonly workshops: number;
  /** Step times that were counted. */
  readonly count: number;
  readonly kinds: readonly LearntOf[];
  /** By learner. */
  readonly learners: readonly LearntOf[];
  /** Whether the forecasts of half time were any good, of seats that were seen to finish. */
  readonly judged: JudgedForecasts;
}

/** Of kinds of steps, and of those learners who have a seat at the workshop. */
export const getPaces = endpoint<LearntPaces>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/paces',
  access: 'helper',
});
