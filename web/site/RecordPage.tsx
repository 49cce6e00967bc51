import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { TFunction } from 'i18next';
import { useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { useLoaderData } from 'react-router';
import { getRecord, type RecordPage as Page, type RecordEntry } from '#contract/record';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { dateAndTime } from '../ui/clock.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { PageHead } from '../ui/PageHead.tsx';

export const loadRecord = () => call(getRecord, { params: { before: 'latest' } });

/** Who did what on this site, the latest first. */
export function RecordPage() {
  const { t } = useTranslation();
  const first = useLoaderData<Page>();
  const [older, setOlder] = useState<readonly Page[]>([]);
  const { run, saving, refusal } = useSave();
  const pages = [first, ...older];
  const before = pages.at(-1)?.before ?? null;
  const more = () =>
    run(async () => {
      const page = await call(getRecord, { params: { before: String(before) } });
      setOlder([...older, page]);
    });
  return (
    <Box sx={{ maxWidth: 960 }}>
      <PageHead
        title={t('site.recordPage.whoDidWhat')}
        facts={t('site.recordPage.whoSignedInChangedPrintedExported')}
      />
      <DataTable
        name={t('site.recordPage.whoDidWhat')}
        columns={columnsOf(t)}
        rows={pages.flatMap(({ entries }) => entries)}
        keyOf={({ seq }) => String(seq)}
      />
      {before !== null && (
        <Button sx={{ mt: 1.5 }} variant="outlined" loading={saving} onClick={() => void more()}>
          {t('site.recordPage.showOlderEntries')}
        </Button>
      )}
      {refusal && <p role="alert">{refusal.message}</p>}
    </Box>
  );
}

function Deed({ by, what, about }: RecordEntry) {
  const { t } = useTranslation();
  return (
    <Box component="span" sx={{ overflowWrap: 'anywhere' }}>
      <Trans
        i18nKey={`site.deed.${what}`}
        values={{
          who: by ?? t('site.recordPage.somebodyWhoWasNotSignedIn'),
          about: about ?? t('site.recordPage.removedSince'),
        }}
        components={{ strong: <strong /> }}
      />
    </Box>
  );
}

const columnsOf = (t: TFunction): readonly Column<RecordEntry>[] => [
  { id: 'when', head: t('site.recordPage.when'), cell: ({ at }) => dateAndTime(at) },
  { id: 'what', head: t('site.recordPage.whoAndWhat'), cell: (entry) => <Deed {...entry} /> },
  { id: 'from', head: t('site.recordPage.from'), cell: ({ cameFrom }) => cameFrom },
];
