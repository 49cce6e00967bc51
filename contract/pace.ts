import type { Pace } from '#core/pace/learnt/priors';
import { endpoint } from './endpoint.ts';

export interface LearntOf {
  readonly id: string;
  readonly pace: Pace;
  /** Step times behind it. */
  readonly count: number;
}

/** What finished workshops have taught about minutes. */
export interface LearntPaces {
  /** Finished workshops that were counted. */
  readonly workshops: number;
  /** Step times that were counted. */
  readonly count: number;
  readonly kinds: readonly LearntOf[];
  /** By learner. */
  readonly learners: readonly LearntOf[];
}

/** Of kinds of steps, and of those learners who have a seat at the workshop. */
export const getPaces = endpoint<LearntPaces>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/paces',
  access: 'helper',
});
