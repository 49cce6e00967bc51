import { brierOf } from './scores.ts';

/** A forecast that was made for a seat, and what came of it. */
export interface Forecasted {
  /** The chance to finish, as it was told. */
  readonly chance: number;
  readonly finished: boolean;
}

export interface CalibrationBin {
  /** The chances told lie from here to there. */
  readonly from: number;
  readonly to: number;
  /** The mean of the chances told. */
  readonly told: number;
  readonly finished: number;
  readonly of: number;
}

export interface Calibration {
  readonly bins: readonly CalibrationBin[];
  /** Mean squared difference of chance and outcome (Brier 1950): 0 is perfect, 0.25 is what always saying a half gets. */
  readonly brier: number | null;
  readonly count: number;
}

const edges = [0, 0.2, 0.4, 0.6, 0.8, 1];

/** Whether forecasts were any good: of those who were told some chance, how many finished. */
export function calibrationOf(forecasts: readonly Forecasted[]): Calibration {
  const bins = edges.slice(0, -1).flatMap((from, index): CalibrationBin[] => {
    const to = edges[index + 1] ?? 1;
    const ones = forecasts.filter(
      ({ chance }) => chance >= from && (chance < to || (to === 1 && chance === 1)),
    );
    if (ones.length === 0) return [];
    return [
      {
        from,
        to,
        told: ones.reduce((sum, { chance }) => sum + chance, 0) / ones.length,
        finished: ones.filter(({ finished }) => finished).length,
        of: ones.length,
      },
    ];
  });
  return {
    bins,
    brier: brierOf(forecasts),
    count: forecasts.length,
  };
}
