import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { lazy, Suspense, useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams, useRevalidator, useRouteLoaderData } from 'react-router';
import { createKit, type Kit, reviseKit } from '#contract/kits';
import { listTemplatePath } from '#contract/papers';
import { putKitPicture } from '#contract/pictures';
import { isClean } from '#core/partslist/problem';
import { parseQuantity } from '#core/quantity/parseQuantity';
import { call } from '../../app/call.ts';
import { useSave } from '../../app/useSave.ts';
import { useTyped } from '../../app/useTyped.ts';
import { ListSource } from '../../lists/ListSource.tsx';
import { FoundAgain } from '../../ui/FoundAgain.tsx';
import { dataAddress } from '../../ui/picture/smallPicture.ts';
import { TableFiles } from '../../ui/TableFiles.tsx';
import { KitFromDocument } from './KitFromDocument.tsx';
import type { LeftList } from './openPartsList.ts';
import { usePartsListFile } from './usePartsListFile.ts';

// Comes when a list is read.
const ListRead = lazy(async () => ({ default: (await import('./ListRead.tsx')).ListRead }));

/** The sheet that a list was read from stays with its kit. Without it the kit is still whole. */
async function keepSheet(kitId: string, sheet: Blob, failed: () => void): Promise<void> {
  try {
    const body = { image: await dataAddress(sheet), alt: '' };
    await call(putKitPicture, { params: { kitId, purpose: 'sheet' }, body });
  } catch {
    failed();
  }
}

const noList: LeftList = { csv: '', mapping: {}, headingLine: 0 };

/** From a list of any form to a kit, or to the next revision of one: choose, say which column is which, look, create. */
export function ListImport() {
  const { t, i18n } = useTranslation();
  const { kitId } = useParams();
  const kit = useRouteLoaderData<Kit>('kit');
  const navigate = useNavigate();
  const { enqueueSnackbar } = useSnackbar();
  const { revalidate } = useRevalidator();
  const file = usePartsListFile();
  const typed = useTyped(`list ${kitId ?? ''}`, {
    name: '',
    supply: kit?.supplyVolt === null || !kit ? '' : String(kit.supplyVolt),
    ...noList,
  });
  const { name, supply } = typed.value;
  const { run, refusal, saving: sending } = useSave();
  const { open } = file;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was left is taken up once, when the page is opened
  useEffect(() => {
    if (typed.wasFound && typed.value.csv !== '') void file.resume(typed.value);
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the list is kept when it has changed
  useEffect(() => {
    if (open)
      typed.set({ csv: open.text, mapping: open.mapping, headingLine: open.headingLine ?? 0 });
  }, [open]);

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
      if (file.sheetPicture)
        await keepSheet(id, file.sheetPicture, () =>
          enqueueSnackbar(t('kits.pictures.sheetNotKept'), { variant: 'warning' }),
        );
      typed.saved();
      await navigate(`/kits/${id}/parts`);
      // The kit around this page was loaded before it had this revision.
      if (kitId) await revalidate();
    });
  };

  const ready = open !== undefined && isClean(open.reading);
  return (
    <Box sx={{ display: 'grid', gap: 2.5, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <FoundAgain
        typed={{
          // Another file takes the place of what was left.
          wasFound: typed.wasFound && file.fileName === undefined,
          startOver: () => {
            typed.startOver();
            file.close();
          },
        }}
      />
      <ListSource file={file} />
      {!open && file.pictures.length === 0 && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
          <Typography>{t('kits.importPage.noListYet')}</Typography>
          <TableFiles
            size="small"
            pathOf={(format) => listTemplatePath(format, i18n.language)}
            label={(format) => t('kits.importPage.templateAs', { format })}
          />
        </Box>
      )}
      {file.document &&
        (kitId ? (
          <Alert severity="info">{t('kits.importPage.thisIsAWholeKit')}</Alert>
        ) : (
          <KitFromDocument key={file.fileName} document={file.document} />
        ))}
      {open && (
        <>
          <Suspense fallback={<LinearProgress />}>
            <ListRead open={open} file={file} />
          </Suspense>
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
                onChange={(event) => typed.set({ name: event.target.value })}
                error={refusal?.about('name') !== undefined}
                helperText={refusal?.about('name')}
              />
            )}
            <TextField
              label={t('kits.importPage.supplyVoltageInV')}
              value={supply}
              onChange={(event) => typed.set({ supply: event.target.value })}
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
        </>
      )}
    </Box>
  );
}
