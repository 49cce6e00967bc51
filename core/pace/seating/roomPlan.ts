/** What stands at a place of the room: a seat by its id, or something that all share, by its name. */
export type RoomThing =
  | { readonly kind: 'seat'; readonly seat: string }
  | { readonly kind: 'thing'; readonly thing: string };
export type RoomCell = RoomThing | null;

/** A room as a grid of places, row by row from the front (where the board or the screen is). */
export interface RoomPlan {
  readonly columns: number;
  /** Row by row; null where nothing stands. */
  readonly cells: readonly RoomCell[];
}

export const fewestColumns = 2;
export const mostColumns = 10;
/** The largest workshop with an aisle between all of its seats. */
export const mostCells = 240;

/** Tables of two with an aisle between them (common practice): the seats of a first draft stand so. */
const usualColumns = 5;
const usualAisle = 2;

/** A first draft: pairs at tables, an aisle in the middle, the first row free for what is shared. */
export function draftRoom(seats: readonly string[]): RoomPlan {
  const cells: RoomCell[] = Array.from({ length: usualColumns }, () => null);
  for (const seat of seats) {
    if (cells.length % usualColumns === usualAisle) cells.push(null);
    cells.push({ kind: 'seat', seat });
  }
  return filled({ columns: usualColumns, cells });
}

/** The plan with the seats that there are now: those that are gone leave their place, new ones take the first that is free. */
export function roomWith(plan: RoomPlan, seats: readonly string[]): RoomPlan {
  const standing = new Set<string>();
  const cells = plan.cells.map((cell): RoomCell => {
    if (cell?.kind !== 'seat') return cell;
    if (!seats.includes(cell.seat) || standing.has(cell.seat)) return null;
    standing.add(cell.seat);
    return cell;
  });
  return seats
    .filter((seat) => !standing.has(seat))
    .reduce<RoomPlan>(
      (room, seat) => placed(room, { kind: 'seat', seat }),
      filled({ ...plan, cells }),
    );
}

/** Something more, at the first free place: a first draft has its front row free for such. */
export const withThing = (plan: RoomPlan, thing: string): RoomPlan =>
  placed(plan, { kind: 'thing', thing });

/** What stands at two places changes them; a free place is one as well. */
export function moved(plan: RoomPlan, from: number, to: number): RoomPlan {
  const [one, other] = [plan.cells[from], plan.cells[to]];
  if (one === undefined || other === undefined) return plan;
  return {
    ...plan,
    cells: plan.cells.map((cell, at) => (at === from ? other : at === to ? one : cell)),
  };
}

export const cleared = (plan: RoomPlan, at: number): RoomPlan => ({
  ...plan,
  cells: plan.cells.map((cell, index) => (index === at ? null : cell)),
});

/** The same rows with more places or fewer; what has no place any more goes to rows of its own behind them. */
export function withColumns(plan: RoomPlan, columns: number): RoomPlan {
  const rows = rowsOf(plan);
  const kept = rows.flatMap((row) =>
    Array.from({ length: columns }, (_, at): RoomCell => row[at] ?? null),
  );
  const left = rows.flatMap((row) => row.slice(columns)).filter((cell) => cell !== null);
  return filled({ columns, cells: [...kept, ...left] });
}

/** A row more at the back, as long as there is room. */
export const withRow = (plan: RoomPlan): RoomPlan =>
  plan.cells.length + plan.columns > mostCells
    ? plan
    : { ...plan, cells: [...plan.cells, ...Array.from({ length: plan.columns }, () => null)] };

/** The places row by row. */
export const rowsOf = ({ columns, cells }: RoomPlan): readonly (readonly RoomCell[])[] =>
  Array.from({ length: Math.ceil(cells.length / columns) }, (_, row) =>
    cells.slice(row * columns, (row + 1) * columns),
  );

function placed(plan: RoomPlan, cell: RoomCell): RoomPlan {
  const free = plan.cells.indexOf(null);
  if (free < 0) return filled({ ...plan, cells: [...plan.cells, cell] });
  return { ...plan, cells: plan.cells.map((old, at) => (at === free ? cell : old)) };
}

/** The last row filled up with free places. */
function filled({ columns, cells }: RoomPlan): RoomPlan {
  const missing = (columns - (cells.length % columns)) % columns;
  return { columns, cells: [...cells, ...Array.from({ length: missing }, () => null)] };
}
