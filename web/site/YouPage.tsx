import Box from '@mui/material/Box';
import { useTranslation } from 'react-i18next';
import { listSessions } from '#contract/session';
import { call } from '../app/call.ts';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { useStaff } from '../app/staff.ts';
import { LanguageChoice } from '../ui/LanguageChoice.tsx';
import { PageHead } from '../ui/PageHead.tsx';
import { Devices } from './Devices.tsx';
import { OwnName } from './OwnName.tsx';
import { OwnPassphrase } from './OwnPassphrase.tsx';
import { SiteClockPart } from './SiteClockPart.tsx';

export const loadSessions = () => call(listSessions, {});

/** One's own key: name and passphrase, and the devices that are signed in. */
export function YouPage() {
  const { t } = useTranslation();
  const staff = useStaff();
  const as = staff?.role === 'helper' ? t('site.youPage.aHelper') : t('site.youPage.anInstructor');
  return (
    <Box sx={{ maxWidth: 860, display: 'grid', gap: 3 }}>
      <PageHead
        title={staff?.name ?? t('site.youPage.you')}
        facts={t('site.youPage.youAreSignedInAs', { as })}
      />
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <span aria-hidden="true">{t('ui.language')}</span>
        <LanguageChoice reader="staff" />
      </Box>
      <Devices />
      <OwnName key={staff?.name} name={staff?.name ?? ''} />
      <OwnPassphrase />
      <InstructorOnly>
        <SiteClockPart />
      </InstructorOnly>
    </Box>
  );
}
