import Papa from 'papaparse';
import type { Seat } from '#contract/workshops';
import type { BuildEvent } from '#core/build/event';
import { type WrapUpRow, wrapUpRows } from '#core/build/wrapUp';
import type { PlannedStep } from '#core/pace/stepMinutes';

interface Finished {
  readonly startsAt: string;
  readonly steps: readonly PlannedStep[];
}

const columns: readonly {
  readonly heading: string;
  readonly cell: (row: WrapUpRow, seat: Seat) => string | number;
}[] = [
  { heading: 'seat', cell: (_, seat) => seat.number },
  { heading: 'learner', cell: (_, seat) => seat.name },
  { heading: 'what', cell: ({ what }) => what },
  { heading: 'step', cell: ({ stepNumber }) => stepNumber ?? '' },
  { heading: 'step id', cell: ({ stepId }) => stepId ?? '' },
  { heading: 'at', cell: ({ at }) => at },
  { heading: 'minute', cell: ({ minute }) => minute },
  { heading: 'mistake', cell: ({ mistake }) => mistake ?? '' },
  { heading: 'part', cell: ({ designator }) => designator ?? '' },
  { heading: 'found at step', cell: ({ foundAtStep }) => foundAtStep ?? '' },
  { heading: 'logged by', cell: ({ by }) => by },
];

/**
 * The wrap-up as CSV (RFC 4180, with a byte order mark so that spreadsheets read it as UTF-8): one row for each thing
 * that happened and counts, seat by seat. Cells that a spreadsheet would run as a formula are neutralised.
 */
export function wrapUpCsv(
  { startsAt, steps }: Finished,
  seats: readonly Seat[],
  events: readonly BuildEvent[],
): string {
  const rows = seats.flatMap((seat) =>
    wrapUpRows(
      steps.map(({ id }) => id),
      startsAt,
      events.filter(({ seatId }) => seatId === seat.id),
    ).map((row) => columns.map(({ cell }) => cell(row, seat))),
  );
  const csv = Papa.unparse(
    { fields: columns.map(({ heading }) => heading), data: rows },
    { escapeFormulae: true },
  );
  return `\uFEFF${csv}\r\n`;
}
