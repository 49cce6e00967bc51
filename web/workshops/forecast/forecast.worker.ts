import { expose } from 'comlink';
import { type AskedBackwards, askBackwards } from '#core/pace/evening/backwards';
import type { Evening } from '#core/pace/evening/evening';
import { type Forecast, forecastEvening } from '#core/pace/evening/forecast';

export interface AheadResult {
  readonly forecast: Forecast;
  readonly asked: AskedBackwards;
}

const seed = 1;
/** Enough for a chance to five per cent. */
const runs = 400;

const worker = {
  /** Before the evening: what will be, and what would do. */
  ahead(evening: Evening, onProgress: (share: number) => void): AheadResult {
    const forecast = forecastEvening(evening, runs, seed, (share) => onProgress(share / 4));
    // The same hands with other tools: what differs is what they change.
    const asked = askBackwards(evening, forecast, runs, seed, (share) =>
      onProgress((1 + 3 * share) / 4),
    );
    return { forecast, asked };
  },
  /** From where the seats are now. */
  now: (evening: Evening): Forecast => forecastEvening(evening, runs, seed),
};

export type ForecastWorker = typeof worker;
expose(worker);
