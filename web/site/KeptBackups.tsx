import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import { type Backups, keptBackup } from '#contract/backup';
import { addressOf } from '#contract/endpoint';
import { dateAndTime } from '../ui/clock.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { decimal } from '../ui/decimal.ts';
import { LockDaily } from './LockDaily.tsx';

/** Those that the program made by itself. */
export function KeptBackups({ kept, willEncrypt }: Pick<Backups, 'kept' | 'willEncrypt'>) {
  const { t } = useTranslation();
  return (
    <section aria-labelledby="kept">
      <Typography variant="h2" id="kept" sx={{ mb: 1 }}>
        {t('site.keptBackups.madeEveryDay')}
      </Typography>
      {kept.length === 0 ? (
        <Typography>{t('site.keptBackups.noneYet')}</Typography>
      ) : (
        <DataTable
          name={t('site.keptBackups.backupsOfEveryDay')}
          columns={columnsOf(t)}
          rows={kept}
          keyOf={({ name }) => name}
        />
      )}
      <Typography sx={{ mt: 1 }}>{t('site.keptBackups.theNewestSevenLieBesideThe')}</Typography>
      <LockDaily willEncrypt={willEncrypt} />
    </section>
  );
}

const columnsOf = (t: TFunction): readonly Column<Backups['kept'][number]>[] => [
  {
    id: 'made',
    head: t('site.keptBackups.made'),
    isName: true,
    cell: ({ madeAt }) => dateAndTime(madeAt),
  },
  {
    id: 'size',
    head: t('site.keptBackups.size'),
    isNumber: true,
    cell: ({ bytes }) => sizeWords(t, bytes),
  },
  {
    id: 'encrypted',
    head: t('site.keptBackups.encrypted'),
    cell: ({ isEncrypted }) => t(`site.keptBackups.${isEncrypted ? 'yes' : 'no'}`),
  },
  {
    id: 'save',
    head: t('site.keptBackups.saveIt'),
    headIsHidden: true,
    isNumber: true,
    cell: ({ name }) => (
      <Button size="small" href={addressOf(keptBackup, { name })}>
        {t('site.keptBackups.saveIt')}
      </Button>
    ),
  },
];

const sizeWords = (t: TFunction, bytes: number) =>
  bytes < 1_000_000
    ? t('site.keptBackups.kb', { bytes: Math.ceil(bytes / 1000) })
    : t('site.keptBackups.mb', { bytes: decimal(bytes / 1_000_000, 1) });
