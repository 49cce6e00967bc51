import { Fragment, type KeyboardEvent, type ReactNode, useId, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { plain } from '#core/partslist/plain';
import { localeNow } from '../app/languages.ts';
import { useChoices } from '../app/useChoices.ts';
import { nextSorting, type Sorting, sortRows } from './sortRows.ts';
import { BulkBar, ChosenBox, TableTools } from './TableTools.tsx';
import { useChosenRows } from './useChosenRows.ts';
import { useHiddenColumns } from './useHiddenColumns.ts';
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
  /** May be left out by who reads the table. */
  readonly canBeHidden?: true;
}

interface DataTableProps<Row> {
  readonly name: string;
  readonly columns: readonly Column<Row>[];
  readonly rows: readonly Row[];
  readonly keyOf: (row: Row) => string;
  /** What stands across the table below a row; null where nothing does. */
  readonly below?: (row: Row) => ReactNode;
  /** What columns of the table are left out is kept under this name. */
  readonly keptAs?: string;
  /** Rows can be looked for, by the words that this gives of each. */
  readonly find?: Find<Row>;
  /** Several rows can be chosen, and something done with them at once. */
  readonly bulk?: Bulk<Row>;
  /** What else stands above the table: filters, what adds a row. */
  readonly tools?: ReactNode;
}

export interface Find<Row> {
  readonly label: string;
  readonly wordsOf: (row: Row) => string;
  /** Said where nothing is found. */
  readonly none: string;
}

export interface Bulk<Row> {
  /** What a row is called by the box that chooses it. */
  readonly nameOf: (row: Row) => string;
  /** Buttons; `done` forgets what was chosen. */
  readonly actions: (chosen: readonly Row[], done: () => void) => ReactNode;
}

interface SortChoiceProps<Row> {
  readonly columns: readonly Column<Row>[];
  readonly sorting: Sorting | undefined;
  readonly choose: (sorting: Sorting | undefined) => void;
}

/**
 * A list of things: found by its words, sorted by its headings, chosen by boxes, one card for each thing on a phone. Of
 * a long one so much is drawn as is seen. The arrow keys go from row to row.
 */
export function DataTable<Row>(props: DataTableProps<Row>) {
  const { name, rows, keyOf, below, find, bulk } = props;
  const { t } = useTranslation();
  const [search] = useChoices();
  const { shownOf, choice } = useHiddenColumns(props.keptAs);
  const columns = shownOf(props.columns);
  const [sorting, setSorting] = useState<Sorting>();
  const by = columns.find(({ id }) => id === sorting?.column)?.by;
  const asked = plain(search.get('find') ?? '');
  const found = find ? rows.filter((row) => plain(find.wordsOf(row)).includes(asked)) : rows;
  const ordered = by && sorting ? sortRows(found, by, sorting.direction, localeNow()) : found;
  const chosen = useChosenRows(ordered, keyOf);
  const { shown, mark } = useMoreWhenSeen(ordered.length);
  const width = columns.length + (bulk ? 1 : 0);
  return (
    <>
      <TableTools
        find={find?.label}
        columns={choice && props.columns.filter(({ canBeHidden }) => canBeHidden)}
        choice={choice}
      >
        {props.tools}
      </TableTools>
      {bulk && chosen.rows.length > 0 && (
        <BulkBar count={chosen.rows.length} clear={chosen.clear}>
          {bulk.actions(chosen.rows, chosen.clear)}
        </BulkBar>
      )}
      {find && ordered.length === 0 ? (
        <p role="status">{find.none}</p>
      ) : (
        <div className={columns.length > mostOnAPage ? 'table-scroll' : undefined}>
          <SortChoice columns={columns} sorting={sorting} choose={setSorting} />
          <table
            className={`plain plain-fields data-table ${rows.length > aScreenful ? 'is-long' : ''}`}
            aria-label={name}
          >
            <thead>
              <tr>
                {bulk && (
                  <th scope="col" className="choose">
                    <ChosenBox
                      name={t('ui.dataTable.chooseAll')}
                      isChosen={chosen.rows.length === ordered.length}
                      choose={chosen.chooseAll}
                    />
                  </th>
                )}
                {columns.map((column) => (
                  <Heading
                    key={column.id}
                    column={column}
                    sorting={sorting?.column === column.id ? sorting : undefined}
                    sort={() => setSorting(nextSorting(sorting, column.id))}
                  />
                ))}
              </tr>
            </thead>
            <tbody onKeyDown={goToNextRow}>
              {ordered.slice(0, shown).map((row) => {
                const more = below?.(row);
                return (
                  <Fragment key={keyOf(row)}>
                    <tr>
                      {bulk && (
                        <td className="choose">
                          <ChosenBox
                            name={t('ui.dataTable.choose', { name: bulk.nameOf(row) })}
                            isChosen={chosen.has(row)}
                            choose={(on) => chosen.choose(row, on)}
                          />
                        </td>
                      )}
                      {columns.map((column) => (
                        <Cell key={column.id} column={column} row={row} />
                      ))}
                    </tr>
                    {more && (
                      <tr>
                        <td colSpan={width}>{more}</td>
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
      )}
    </>
  );
}

interface HeadingProps<Row> {
  readonly column: Column<Row>;
  /** Where the rows are sorted by this one. */
  readonly sorting: Sorting | undefined;
  readonly sort: () => void;
}

function Heading<Row>({ column, sorting, sort }: HeadingProps<Row>) {
  const { head, headIsHidden, by, isNumber } = column;
  return (
    <th
      scope="col"
      className={isNumber ? 'number' : undefined}
      aria-label={headIsHidden && head}
      aria-sort={sorting?.direction}
    >
      {by ? (
        <button type="button" onClick={sort}>
          {head}
          <span aria-hidden="true">{arrow(sorting)}</span>
        </button>
      ) : (
        !headIsHidden && head
      )}
    </th>
  );
}

/** What stands in place of the headings where rows are cards. */
function SortChoice<Row>({ columns, sorting, choose }: SortChoiceProps<Row>) {
  const { t } = useTranslation();
  const id = useId();
  const value = sorting ? `${sorting.direction} ${sorting.column}` : '';
  return (
    <div className="data-sort">
      <label htmlFor={id}>{t('ui.dataTable.order')}</label>
      <select
        id={id}
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
    </div>
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
