import Box from '@mui/material/Box';
import { useTranslation } from 'react-i18next';

/** Shown while the first page is on its way. */
export function Opening() {
  const { t } = useTranslation();
  return (
    <Box component="main" sx={{ p: 4 }} role="status">
      {t('app.opening.opening')}
    </Box>
  );
}
