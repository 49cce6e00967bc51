import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { emptyDocument } from '#contract/kitDocument';
import type { OpenDocument } from '../../lists/useListFile.ts';
import { KitFromDocument } from './KitFromDocument.tsx';

const nothingYet: OpenDocument = { ...emptyDocument('') };

/** A kit without a list: its parts are written one by one. */
export function EmptyKit() {
  const { t } = useTranslation();
  return (
    <>
      <Typography sx={{ mb: 2, maxWidth: '70ch' }}>{t('kits.newKit.emptyKitText')}</Typography>
      <KitFromDocument document={nothingYet} />
    </>
  );
}
