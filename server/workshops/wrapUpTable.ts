import type { Seat } from '#contract/workshops';
import type { BuildEvent } from '#core/build/event';
import { type WrapUpRow, wrapUpRows } from '#core/build/wrapUp';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { type Table, type TableColumn, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';

interface Finished {
  readonly startsAt: string;
  readonly steps: readonly PlannedStep[];
}

interface SeatRow extends WrapUpRow {
  readonly seat: Seat;
}

const columns: readonly TableColumn<SeatRow>[] = [
  { heading: 'seat', cell: ({ seat }) => seat.number },
  { heading: 'learner', cell: ({ seat }) => seat.name },
  { heading: 'what', cell: ({ what }) => what },
  { heading: 'step', cell: ({ stepNumber }) => stepNumber ?? '' },
  { heading: 'stepId', cell: ({ stepId }) => stepId ?? '' },
  { heading: 'at', cell: ({ at }) => at },
  { heading: 'minute', cell: ({ minute }) => minute },
  { heading: 'mistake', cell: ({ mistake }) => mistake ?? '' },
  { heading: 'part', cell: ({ designator }) => designator ?? '' },
  { heading: 'reading', cell: ({ amount }) => amount ?? '' },
  { heading: 'foundAtStep', cell: ({ foundAtStep }) => foundAtStep ?? '' },
  { heading: 'loggedBy', cell: ({ by, helper }) => helper ?? by },
  { heading: 'noticedBy', cell: ({ noticedBy }) => noticedBy ?? '' },
  { heading: 'minutes', cell: ({ minutes }) => minutes ?? '' },
  { heading: 'words', cell: ({ text }) => text ?? '' },
  { heading: 'instead', cell: ({ instead }) => instead ?? '' },
];

/** The wrap-up as a table: one row for each thing that happened and counts, seat by seat. */
export function wrapUpTable(
  speaker: Speaker,
  { startsAt, steps }: Finished,
  seats: readonly Seat[],
  events: readonly BuildEvent[],
): Table {
  const rows = seats.flatMap((seat) =>
    wrapUpRows(
      steps.map(({ id }) => id),
      startsAt,
      events.filter(({ seatId }) => seatId === seat.id),
    ).map((row): SeatRow => ({ ...row, seat })),
  );
  return tableOf(speaker, columns, rows);
}
