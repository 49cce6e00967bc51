import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { useChoices } from '../app/useChoices.ts';
import './dataTable.css';
import type { ColumnChoice } from './useHiddenColumns.ts';

interface TableToolsProps {
  /** What the field for looking is called; undefined where there is none. */
  readonly find: string | undefined;
  /** Those that can be left out; undefined where there is no choice. */
  readonly columns: readonly { readonly id: string; readonly head: string }[] | undefined;
  readonly choice: ColumnChoice | undefined;
  readonly children: ReactNode;
}

/** What stands above a table: the field to look for something, filters, the choice of columns. */
export function TableTools({ find, columns, choice, children }: TableToolsProps) {
  const [search, choose] = useChoices();
  if (!find && !choice && !children) return null;
  return (
    <div className="table-tools">
      {find && (
        <TextField
          size="small"
          type="search"
          label={find}
          value={search.get('find') ?? ''}
          onChange={({ target }) => choose({ find: target.value || undefined })}
        />
      )}
      {children}
      {choice && columns && columns.length > 0 && <Columns columns={columns} choice={choice} />}
    </div>
  );
}

function Columns({
  columns,
  choice: { isHidden, hide },
}: {
  readonly columns: NonNullable<TableToolsProps['columns']>;
  readonly choice: ColumnChoice;
}) {
  const { t } = useTranslation();
  return (
    <details className="table-columns">
      <summary>{t('ui.dataTable.columns')}</summary>
      <ul>
        {columns.map(({ id, head }) => (
          <li key={id}>
            <label>
              <input
                type="checkbox"
                checked={!isHidden(id)}
                onChange={({ target }) => hide(id, !target.checked)}
              />
              {head}
            </label>
          </li>
        ))}
      </ul>
    </details>
  );
}

interface ChosenBoxProps {
  readonly name: string;
  readonly isChosen: boolean;
  readonly choose: (on: boolean) => void;
}

export function ChosenBox({ name, isChosen, choose }: ChosenBoxProps) {
  return (
    <label className="chosen-box">
      <input
        type="checkbox"
        aria-label={name}
        checked={isChosen}
        onChange={({ target }) => choose(target.checked)}
      />
    </label>
  );
}

interface BulkBarProps {
  readonly count: number;
  readonly clear: () => void;
  readonly children: ReactNode;
}

/** What can be done with the rows that are chosen. */
export function BulkBar({ count, clear, children }: BulkBarProps) {
  const { t } = useTranslation();
  return (
    <section className="bulk-bar" aria-label={t('ui.dataTable.withChosen')}>
      <span role="status">{t('ui.dataTable.chosen', { count })}</span>
      {children}
      <Button size="small" color="inherit" onClick={clear}>
        {t('ui.dataTable.chooseNone')}
      </Button>
    </section>
  );
}
