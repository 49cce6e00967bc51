import { Fragment, type KeyboardEvent, type ReactNode, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { localeNow } from '../app/languages.ts';
import { nextSorting, type Sorting, sortRows } from './sortRows.ts';
import { useMoreWhenSeen } from './useMoreWhenSeen.ts';
import './plainTable.css';
import './dataTable.css';

export interface Column<Row> {
  readonly id: string;
  readonly head: string;
  readonly cell: (row: Row) => ReactNode;
  /** What rows are sorted by when the heading is pressed; null where nothing is known. */
  readonly by?: (row: Row) => string | number | null;
  /** Figures stand at the right, one below the other. */
  readonly isNumber?: true;
  /** What the row is called by. */
  readonly isName?: true;
  /** The heading is for those who do not see the column: what can be done stands in its cells. */
  readonly headIsHidden?: true;
  /** Further classes of a cell. */
  readonly look?: (row: Row) => string;
}

interface DataTableProps<Row> {
  readonly name: string;
  readonly columns: readonly Column<Row>[];
  readonly rows: readonly Row[];
  readonly keyOf: (row: Row) => string;
  /** What stands across the table below a row; null where nothing does. */
  readonly below?: (row: Row) => ReactNode;
}

interface SortChoiceProps<Row> {
  readonly columns: readonly Column<Row>[];
  readonly sorting: Sorting | undefined;
  readonly choose: (sorting: Sorting | undefined) => void;
}

/**
 * A list of things: sorted by its headings, one card for each thing on a phone. Of a long one so much is drawn as is
 * seen. The arrow keys go from row to row.
 */
export function DataTable<Row>({ name, columns, rows, keyOf, below }: DataTableProps<Row>) {
  const { t } = useTranslation();
  const [sorting, setSorting] = useState<Sorting>();
  const by = columns.find(({ id }) => id === sorting?.column)?.by;
  const ordered = by && sorting ? sortRows(rows, by, sorting.direction, localeNow()) : rows;
  const { shown, mark } = useMoreWhenSeen(ordered.length);
  return (
    <div className={columns.length > mostOnAPage ? 'table-scroll' : undefined}>
      <SortChoice columns={columns} sorting={sorting} choose={setSorting} />
      <table
        className={`plain plain-fields data-table ${rows.length > aScreenful ? 'is-long' : ''}`}
        aria-label={name}
      >
        <thead>
          <tr>
            {columns.map(({ id, head, headIsHidden, by: sortable, isNumber }) => (
              <th
                key={id}
                scope="col"
                className={isNumber ? 'number' : undefined}
                aria-label={headIsHidden && head}
                aria-sort={sorting?.column === id ? sorting.direction : undefined}
              >
                {sortable ? (
                  <button type="button" onClick={() => setSorting(nextSorting(sorting, id))}>
                    {head}
                    <span aria-hidden="true">
                      {arrow(sorting?.column === id ? sorting : undefined)}
                    </span>
                  </button>
                ) : (
                  !headIsHidden && head
                )}
              </th>
            ))}
          </tr>
        </thead>
        <tbody onKeyDown={goToNextRow}>
          {ordered.slice(0, shown).map((row) => {
            const more = below?.(row);
            return (
              <Fragment key={keyOf(row)}>
                <tr>
                  {columns.map((column) => (
                    <Cell key={column.id} column={column} row={row} />
                  ))}
                </tr>
                {more && (
                  <tr>
                    <td colSpan={columns.length}>{more}</td>
                  </tr>
                )}
              </Fragment>
            );
          })}
        </tbody>
      </table>
      {shown < ordered.length && (
        <p ref={mark} className="note">
          {t('ui.dataTable.more', { count: ordered.length - shown })}
        </p>
      )}
    </div>
  );
}

/** What stands in place of the headings where rows are cards. */
function SortChoice<Row>({ columns, sorting, choose }: SortChoiceProps<Row>) {
  const { t } = useTranslation();
  const value = sorting ? `${sorting.direction} ${sorting.column}` : '';
  return (
    <label className="data-sort">
      {t('ui.dataTable.order')}{' '}
      <select
        value={value}
        onChange={({ target }) => {
          const [direction, column] = target.value.split(' ') as [Sorting['direction'], string];
          choose(column ? { column, direction } : undefined);
        }}
      >
        <option value="">{t('ui.dataTable.asItComes')}</option>
        {columns
          .filter(({ by }) => by)
          .flatMap(({ id, head }) => [
            <option key={`${id}-up`} value={`ascending ${id}`}>
              {`${head} ↑`}
            </option>,
            <option key={`${id}-down`} value={`descending ${id}`}>
              {`${head} ↓`}
            </option>,
          ])}
      </select>
    </label>
  );
}

function Cell<Row>({ column, row }: { readonly column: Column<Row>; readonly row: Row }) {
  const { head, headIsHidden, cell, isNumber, isName, look } = column;
  const classes = [isNumber && 'number', look?.(row)].filter(Boolean).join(' ') || undefined;
  return isName ? (
    <th scope="row" className={classes}>
      {cell(row)}
    </th>
  ) : (
    <td data-label={headIsHidden ? '' : head} className={classes}>
      <div>{cell(row)}</div>
    </td>
  );
}

/** Of more rows than these the headings would be out of sight. */
const aScreenful = 20;
/** With more columns than these the table moves by itself, below headings that go with it. */
const mostOnAPage = 8;

const arrow = (sorting: Sorting | undefined): string => {
  if (!sorting) return ' ↕';
  return sorting.direction === 'ascending' ? ' ↑' : ' ↓';
};

/** From a link or button of a row to that of the next one that has any. */
function goToNextRow(event: KeyboardEvent<HTMLElement>): void {
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
  const from = event.target as HTMLElement;
  if (!/^(A|BUTTON)$/.test(from.tagName)) return;
  const all = [...event.currentTarget.querySelectorAll<HTMLElement>('a, button')];
  const rowOf = (element: HTMLElement) => element.closest('tr');
  const onward = event.key === 'ArrowDown' ? all : all.reverse();
  const next = onward.slice(onward.indexOf(from)).find((one) => rowOf(one) !== rowOf(from));
  if (!next) return;
  event.preventDefault();
  next.focus();
}
