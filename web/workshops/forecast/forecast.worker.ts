import { expose } from 'comlink';
import { type AskedBackwards, askBackwards } from '#core/pace/evening/backwards';
import type { Evening } from '#core/pace/evening/evening';
import { type Forecast, forecastEvening } from '#core/pace/evening/forecast';

export interface AheadResult {
  readonly forecast: Forecast;
  readonly asked: AskedBackwards;
}

const seed = 1;
/** Enough for a chance to four per cent before the evening, and to five where it is asked again and again. */
const runs = { ahead: 600, now: 400 };

const worker = {
  /** Before the evening: what will be, and what would do. */
  ahead(evening: Evening, onProgress: (share: number) => void): AheadResult {
    const forecast = forecastEvening(evening, runs.ahead, seed, (share) => onProgress(share / 4));
    // The same hands with other tools: what differs is what they change.
    const asked = askBackwards(evening, forecast, runs.ahead, seed, (share) =>
      onProgress((1 + 3 * share) / 4),
    );
    return { forecast, asked };
  },
  /** From where the seats are now. */
  now: (evening: Evening): Forecast => forecastEvening(evening, runs.now, seed),
};

export type ForecastWorker = typeof worker;
expose(worker);
