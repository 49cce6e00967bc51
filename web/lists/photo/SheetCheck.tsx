import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { SheetCell } from '#core/partslist/photo/decide';
import type { Grey } from '#core/picture/raster';
import { CellCheck } from './CellCheck.tsx';
import { SheetTable } from './SheetTable.tsx';

interface SheetCheckProps {
  readonly page: Grey;
  readonly rows: readonly (readonly SheetCell[])[];
  /** Back to the corners. */
  readonly again: () => void;
  /** Takes over the texts, row by row. */
  readonly done: (texts: readonly (readonly string[])[]) => void;
}

/** One cell by its row and column. */
interface Place {
  readonly row: number;
  readonly column: number;
}

const keyOf = ({ row, column }: Place): string => `${row}.${column}`;

/** What was read, beside the picture of it: what is not sure is asked one by one, everything can be changed. */
export function SheetCheck({ page, rows, again, done }: SheetCheckProps) {
  const { t } = useTranslation();
  const [texts, setTexts] = useState(() => rows.map((row) => row.map(({ text }) => text)));
  const [left, setLeft] = useState<readonly number[]>([]);
  const [settled, setSettled] = useState<ReadonlySet<string>>(new Set());
  const list = useRef<HTMLOListElement>(null);

  const doubtful = rows
    .flatMap((row, at) => row.map((cell, column) => ({ cell, row: at, column })))
    .filter(({ cell, row }) => cell.doubt !== undefined && !left.includes(row));
  const open = doubtful.filter((place) => !settled.has(keyOf(place)));
  const cells = rows.flat().filter(({ box }) => box !== undefined).length;

  const change = ({ row, column }: Place, text: string) =>
    setTexts((now) =>
      now.map((line, at) =>
        at === row ? line.map((old, c) => (c === column ? text : old)) : line,
      ),
    );
  const settle = (place: Place) => {
    setSettled((now) => new Set([...now, keyOf(place)]));
    // The next one that is still open takes the keys.
    const next = open[open.findIndex((one) => keyOf(one) === keyOf(place)) + 1] ?? open[0];
    if (!next) return;
    list.current?.querySelector<HTMLInputElement>(`[data-cell="${keyOf(next)}"] input`)?.focus();
  };
  return (
    <section aria-labelledby="sheet-check" className="sheet-check">
      <Typography variant="h2" id="sheet-check">
        {t('lists.sheet.check', { count: cells })}
      </Typography>
      {doubtful.length > 0 && (
        <>
          <Typography>{t('lists.sheet.notSure', { count: open.length })}</Typography>
          <ol ref={list} className="cell-checks">
            {doubtful.map(({ cell, row, column }) => (
              <CellCheck
                key={keyOf({ row, column })}
                id={keyOf({ row, column })}
                page={page}
                cell={cell}
                text={texts[row]?.[column] ?? ''}
                beside={(texts[row] ?? []).filter((_, at) => at !== column).join(' · ')}
                isSettled={settled.has(keyOf({ row, column }))}
                change={(text) => change({ row, column }, text)}
                settle={() => settle({ row, column })}
              />
            ))}
          </ol>
        </>
      )}
      <details>
        <summary>{t('lists.sheet.wholeTable')}</summary>
        <SheetTable
          page={page}
          rows={rows}
          texts={texts}
          left={left}
          change={(row, column, text) => change({ row, column }, text)}
          leave={(row) => setLeft((now) => [...now, row])}
          bring={(row) => setLeft((now) => now.filter((one) => one !== row))}
        />
      </details>
      {open.length > 0 && (
        <Alert severity="info">{t('lists.sheet.firstTheRest', { count: open.length })}</Alert>
      )}
      <div className="sheet-deeds">
        <Button
          variant="contained"
          size="large"
          disabled={open.length > 0}
          onClick={() => done(texts.filter((_, row) => !left.includes(row)))}
        >
          {t('lists.sheet.takeOver')}
        </Button>
        <Button variant="outlined" size="large" onClick={again}>
          {t('lists.sheet.cornersAgain')}
        </Button>
      </div>
    </section>
  );
}
