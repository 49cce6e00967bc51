import { endpoint } from './endpoint.ts';
import type { RecordedDeed } from './recordedDeeds.ts';

export interface RecordEntry {
  readonly seq: number;
  /** ISO 8601, UTC. */
  readonly at: string;
  readonly what: RecordedDeed;
  /** Null where nobody was signed in. */
  readonly by: string | null;
  /** The name of what it was done to, as it is called now; null where it has none, or none any more. */
  readonly about: string | null;
  /** “this computer”, or the device's address in the network. */
  readonly cameFrom: string;
}

export interface RecordPage {
  /** The latest first. */
  readonly entries: readonly RecordEntry[];
  /** Where the next page begins; null at the end. */
  readonly before: number | null;
}

export const recordPageLength = 100;

/** Who did what, the latest first; `before` is the number behind which to go on, or `latest`. */
export const getRecord = endpoint<RecordPage>()({
  method: 'GET',
  path: '/api/record/:before',
  access: 'instructor',
});
