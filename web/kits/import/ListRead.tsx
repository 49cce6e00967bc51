import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { columnIds } from '#core/partslist/columns';
import { withRow } from '#core/partslist/editTable';
import { ColumnChoice } from '../../lists/ColumnChoice.tsx';
import { ProblemList } from '../../lists/ProblemList.tsx';
import { PartsTable } from '../PartsTable.tsx';
import type { OpenPartsList, PartsListFile } from './openPartsList.ts';

// Comes when a row is corrected.
const RowDialog = lazy(async () => ({ default: (await import('./RowDialog.tsx')).RowDialog }));

/** The list with the row that is looked at: one more where it is new. */
function rowOf(open: OpenPartsList, line: number | 'new') {
  if (line !== 'new') return { list: open, line };
  const more = withRow(open);
  return { list: { ...open, ...more }, line: more.line };
}

/** A list as it will be read: which column is which, what is wrong, and its parts, each of which can be put right. */
export function ListRead({
  open,
  file,
}: {
  readonly open: OpenPartsList;
  readonly file: PartsListFile;
}) {
  const { t } = useTranslation();
  const [correcting, setCorrecting] = useState<number | 'new'>();
  const { lines, problems } = open.reading;
  const pieces = lines.reduce((sum, { part }) => sum + part.quantity, 0);
  return (
    <>
      <ColumnChoice
        open={open}
        meanings={columnIds}
        choose={file.mapColumn}
        headingsAt={file.headingsAt}
      />
      <ProblemList problems={problems} correct={setCorrecting} />
      <section aria-labelledby="as-read">
        <Typography variant="h2" id="as-read" sx={{ mb: 1 }}>
          {t('kits.importPage.n3AsItWillBeRead', { count: lines.length, pieces })}
        </Typography>
        <PartsTable
          label={t('kits.importPage.asItWillBeRead')}
          lines={lines.map((line) => ({ ...line, row: line.line, key: String(line.line) }))}
          correct={({ row }) => setCorrecting(row)}
        />
        <Button sx={{ mt: 1 }} variant="outlined" onClick={() => setCorrecting('new')}>
          {t('kits.importPage.addARow')}
        </Button>
      </section>
      {correcting !== undefined && (
        <Suspense>
          <RowDialog
            {...rowOf(open, correcting)}
            isNew={correcting === 'new'}
            save={(cells) =>
              correcting === 'new' ? file.addRow(cells) : file.correctRow(correcting, cells)
            }
            leaveOut={
              correcting === 'new' || open.table.rows.length < 2
                ? undefined
                : () => file.leaveOutRow(correcting)
            }
            close={() => setCorrecting(undefined)}
          />
        </Suspense>
      )}
    </>
  );
}
