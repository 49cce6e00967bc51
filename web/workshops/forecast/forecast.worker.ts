import { expose } from 'comlink';
import { type AskedBackwards, askBackwards } from '#core/pace/evening/backwards';
import type { Evening } from '#core/pace/evening/evening';
import { type Forecast, forecastEvening } from '#core/pace/evening/forecast';

export interface AheadResult {
  readonly forecast: Forecast;
  readonly asked: AskedBackwards;
}

const seed = 1;
/** Enough for a chance to two per cent before the evening, and to five where it is asked again and again. */
const runs = { ahead: 1000, asked: 500, now: 400 };

const worker = {
  /** Before the evening: what will be, and what would do. */
  ahead(evening: Evening, onProgress: (share: number) => void): AheadResult {
    const forecast = forecastEvening(evening, runs.ahead, seed, (share) => onProgress(share / 2));
    // The same hands with other tools: what differs is what they change.
    const compared = forecastEvening(evening, runs.asked, seed);
    const asked = askBackwards(evening, compared, runs.asked, seed, (share) =>
      onProgress((1 + share) / 2),
    );
    return { forecast, asked };
  },
  /** From where the seats are now. */
  now: (evening: Evening): Forecast => forecastEvening(evening, runs.now, seed),
};

export type ForecastWorker = typeof worker;
expose(worker);
