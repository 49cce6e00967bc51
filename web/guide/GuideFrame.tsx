import Box from '@mui/material/Box';
import { useTranslation } from 'react-i18next';
import { Link, Outlet, ScrollRestoration } from 'react-router';
import { ModeButton } from '../app/ModeButton.tsx';
import { ink } from '../app/tokens.ts';
import { Wordmark } from '../app/Wordmark.tsx';
import { LanguageChoice } from '../ui/LanguageChoice.tsx';

/** The frame of the parts guide: open to everybody, so it leads nowhere that is not. */
export function GuideFrame() {
  const { t } = useTranslation();
  return (
    <Box sx={{ minHeight: '100dvh', maxWidth: 1180, mx: 'auto', px: { xs: 1.5, sm: 3 } }}>
      <Box
        component="header"
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          columnGap: 2,
          minHeight: 48,
          borderBottom: `2px solid ${ink('ink')}`,
          mb: 2,
        }}
      >
        <Wordmark />
        <Box component={Link} to="/guide" sx={{ color: 'inherit', fontWeight: 650, flex: 1 }}>
          {t('guide.guideFrame.partsGuide')}
        </Box>
        <Box component={Link} to="/" sx={{ color: ink('faded') }}>
          {t('guide.guideFrame.forInstructors')}
        </Box>
        <LanguageChoice reader="staff" />
        <ModeButton />
      </Box>
      <Box component="main" sx={{ pb: 5 }}>
        <Outlet />
      </Box>
      <ScrollRestoration />
    </Box>
  );
}
