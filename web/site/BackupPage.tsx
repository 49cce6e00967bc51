import Box from '@mui/material/Box';
import { useTranslation } from 'react-i18next';
import { useLoaderData } from 'react-router';
import { type Backups, listBackups } from '#contract/backup';
import { call } from '../app/call.ts';
import { PageHead } from '../ui/PageHead.tsx';
import { contentWords } from './contentWords.ts';
import { KeptBackups } from './KeptBackups.tsx';
import { MakeBackup } from './MakeBackup.tsx';
import { RestoreBackup } from './RestoreBackup.tsx';

export const loadBackups = () => call(listBackups, {});

/** Everything of the site as one file, out and in. */
export function BackupPage() {
  const { t } = useTranslation();
  const { kept, willEncrypt, contents } = useLoaderData<Backups>();
  return (
    <Box sx={{ maxWidth: 760, display: 'grid', gap: 3 }}>
      <PageHead
        title={t('site.backupPage.backup')}
        facts={t('site.backupPage.oneFileHoldsEverythingPicturesAnd', {
          contentWords: contentWords(contents),
        })}
      />
      <MakeBackup />
      <KeptBackups kept={kept} willEncrypt={willEncrypt} />
      <RestoreBackup />
    </Box>
  );
}
