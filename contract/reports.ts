import type { AtSeat, KitReport, TakenTime } from '#core/learning/kitReport';
import type { KitProposal } from '#core/learning/proposals';
import type { Calibration } from '#core/pace/calibration';
import { addressOf, endpoint, fileEndpoint } from './endpoint.ts';

/** What all workshops of a kit say about it. */
export interface FullKitReport extends KitReport {
  readonly proposals: readonly KitProposal[];
  /** Chances to finish as they stood at half time, against what came. */
  readonly calibration: Calibration;
  readonly finishes: readonly Finish[];
  /** Every chance that was told, with what came. */
  readonly forecasts: readonly Told[];
}

/** A chance to finish as it stood at half time. */
export interface Told extends AtSeat {
  readonly startsAt: string;
  readonly chance: number;
  readonly finished: boolean;
}

/** When somebody finished, and when that was to be expected at half time. */
export interface Finish extends AtSeat {
  /** Minutes from the start. */
  readonly expected: number;
  readonly finished: number;
}

export const getKitReport = endpoint<FullKitReport>()({
  method: 'GET',
  path: '/api/kits/:kitId/report',
  access: 'helper',
});
export const getStepTimes = endpoint<TakenTime[]>()({
  method: 'GET',
  path: '/api/kits/:kitId/report/steps/:stepId',
  access: 'helper',
});
export const kitReportCsv = fileEndpoint({
  path: '/api/kits/:kitId/report.csv',
  access: 'helper',
  types: ['text/csv'],
  query: ['lang'],
});
export const kitReportCsvPath = (kitId: string, lang: string) =>
  addressOf(kitReportCsv, { kitId }, { lang });
