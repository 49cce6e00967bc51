import type { SheetSize } from '#contract/papers';
import type { ChecklistSign } from '#contract/workshops';
import type { Board } from '#core/board/board';
import type { RoomPlan } from '#core/pace/seating/roomPlan';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Part } from '#core/parts/part';
import type { PackingOrder } from '#core/stores/packing';
import type { Table } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';
import type { StoredSeatOfWorkshop } from '../workshops/queries.ts';

/** What the papers of a workshop are made of. */
export interface BagsToPack {
  readonly title: string;
  readonly kitName: string;
  readonly revision: number;
  /** In words, in the place of the workshop. */
  readonly when: string;
  readonly seats: readonly StoredSeatOfWorkshop[];
  /** Empty only where the paper does not print it. */
  readonly seatAddress: string;
  readonly parts: readonly Part[];
  readonly board: Board | null;
  /** The plan that the seats follow. */
  readonly steps: readonly PlannedStep[];
  readonly supplyVolt: number | null;
  readonly signs: readonly ChecklistSign[];
  readonly room: RoomPlan;
}

export interface PaperOptions {
  readonly size: SheetSize;
  readonly order: PackingOrder;
  readonly speaker: Speaker;
}

export interface WorkshopPaperDefinition {
  /** Only where phones could open it is it made. */
  readonly printsAddress?: true;
  readonly pdf: (bags: BagsToPack, options: PaperOptions) => Promise<Buffer>;
  readonly table: (bags: BagsToPack, options: PaperOptions) => Table;
}
