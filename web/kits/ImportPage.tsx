import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams, useRevalidator, useRouteLoaderData } from 'react-router';
import { createKit, type Kit, reviseKit } from '#contract/kits';
import { isClean } from '#core/partslist/readPartsList';
import { parseQuantity } from '#core/quantity/parseQuantity';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { PageHead } from '../ui/PageHead.tsx';
import { ColumnChoice } from './ColumnChoice.tsx';
import { FileChoice } from './FileChoice.tsx';
import { PartsTable } from './PartsTable.tsx';
import { ProblemList } from './ProblemList.tsx';
import { RowDialog } from './RowDialog.tsx';
import { usePartsListFile } from './usePartsListFile.ts';

/** From a CSV file with any headings to a kit: choose, say which column is which, look, take over. */
export function ImportPage() {
  const { t } = useTranslation();
  const { kitId } = useParams();
  const kit = useRouteLoaderData<Kit>('kit');
  const navigate = useNavigate();
  const { revalidate } = useRevalidator();
  const file = usePartsListFile();
  const [name, setName] = useState('');
  const [supply, setSupply] = useState(
    kit?.supplyVolt === null || !kit ? '' : String(kit.supplyVolt),
  );
  const { run, refusal, saving: sending } = useSave();
  const [correcting, setCorrecting] = useState<number>();
  const { open } = file;

  const read = supply.trim() === '' ? undefined : parseQuantity(supply, 'volt');
  const supplyVolt = read?.ok ? read.value : null;
  const supplyProblem = read && !read.ok ? t('kits.importPage.writeANumberSuchAs6') : undefined;

  const takeOver = async () => {
    if (!open || supplyProblem) return;
    const list = {
      csv: open.text,
      mapping: open.mapping,
      supplyVolt,
      ...(open.headingLine === undefined ? {} : { headingLine: open.headingLine }),
    };
    await run(async () => {
      const { id } = kitId
        ? await call(reviseKit, { params: { kitId }, body: list })
        : await call(createKit, { body: { name: name.trim(), ...list } });
      await navigate(`/kits/${id}/parts`);
      // The kit around this page was loaded before it had this revision.
      if (kitId) await revalidate();
    });
  };

  const pieces = open?.reading.lines.reduce((sum, { part }) => sum + part.quantity, 0) ?? 0;
  const ready = open !== undefined && isClean(open.reading);
  return (
    <Box sx={{ display: 'grid', gap: 2.5, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      {!kitId && (
        <PageHead
          title={t('kits.importPage.importAPartsList')}
          facts={t('kits.importPage.aCsvFileFromYourSpreadsheet')}
        />
      )}
      <FileChoice file={file} />
      {open && (
        <>
          <ColumnChoice open={open} choose={file.mapColumn} headingsAt={file.headingsAt} />
          <ProblemList problems={open.reading.problems} correct={setCorrecting} />
          <section aria-labelledby="as-read">
            <Typography variant="h2" id="as-read" sx={{ mb: 1 }}>
              {t('kits.importPage.n3AsItWillBeRead', { count: open.reading.lines.length, pieces })}
            </Typography>
            <PartsTable
              label={t('kits.importPage.asItWillBeRead')}
              lines={open.reading.lines.map((line) => ({
                ...line,
                row: line.line,
                key: String(line.line),
              }))}
              correct={({ row }) => setCorrecting(row)}
            />
          </section>
          <Box
            component="section"
            aria-labelledby="take-over"
            sx={{ display: 'flex', gap: 2, alignItems: 'flex-start', flexWrap: 'wrap', pb: 3 }}
          >
            <Typography variant="h2" id="take-over" sx={{ width: '100%' }}>
              {t('kits.importPage.n4TakeItOver')}
            </Typography>
            {!kitId && (
              <TextField
                label={t('kits.importPage.nameOfTheKit')}
                required
                value={name}
                onChange={(event) => setName(event.target.value)}
                error={refusal?.about('name') !== undefined}
                helperText={refusal?.about('name')}
              />
            )}
            <TextField
              label={t('kits.importPage.supplyVoltageInV')}
              value={supply}
              onChange={(event) => setSupply(event.target.value)}
              error={(supplyProblem ?? refusal?.about('supplyVolt')) !== undefined}
              helperText={
                supplyProblem ??
                refusal?.about('supplyVolt') ??
                t('kits.importPage.forTheChecksLeaveEmptyIf')
              }
            />
            <Button
              variant="contained"
              size="large"
              disabled={!ready}
              loading={sending}
              onClick={() => void takeOver()}
              sx={{ minHeight: 54 }}
            >
              {kitId
                ? t('kits.importPage.takeOverAsANewRevision')
                : t('kits.importPage.takeOverAsANewKit')}
            </Button>
            {!ready && (
              <Typography sx={{ width: '100%' }}>
                {t('kits.importPage.putTheErrorsRightFirstHere')}
              </Typography>
            )}
            {refusal && !refusal.about('name') && !refusal.about('supplyVolt') && (
              <Alert severity="error" sx={{ width: '100%' }}>
                {refusal.message}
              </Alert>
            )}
          </Box>
          {correcting !== undefined && (
            <RowDialog
              list={open}
              line={correcting}
              save={(cells) => file.correctRow(correcting, cells)}
              close={() => setCorrecting(undefined)}
            />
          )}
        </>
      )}
    </Box>
  );
}
