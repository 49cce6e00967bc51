import { expose } from 'comlink';
import {
  changesOf,
  type Evening,
  type Forecast,
  forecastEvening,
} from '#core/pace/evening/willItFit';

export interface FitResult {
  readonly forecast: Forecast;
  /** What one more of something would change. */
  readonly changes: readonly { readonly id: string; readonly forecast: Forecast }[];
}

const runs = 2000;
const seed = 1;

const worker = {
  forecast(evening: Evening, onProgress: (share: number) => void): FitResult {
    const changes = changesOf(evening);
    const parts = 1 + changes.length;
    const part = (index: number) => (share: number) => onProgress((index + share) / parts);
    // The same evenings with other tools: what differs is what they change.
    return {
      forecast: forecastEvening(evening, runs, seed, part(0)),
      changes: changes.map(({ id, evening: changed }, index) => ({
        id,
        forecast: forecastEvening(changed, runs, seed, part(index + 1)),
      })),
    };
  },
};

export type FitWorker = typeof worker;
expose(worker);
