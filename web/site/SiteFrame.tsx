import Box from '@mui/material/Box';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import { Outlet } from 'react-router';
import { useIsInstructor } from '../app/staff.ts';
import { TabLinks } from '../ui/TabLinks.tsx';

const tabs = [
  {
    to: 'you',
    get name() {
      return t('site.siteFrame.you');
    },
  },
  {
    to: 'accounts',
    get name() {
      return t('site.siteFrame.whoMaySignIn');
    },
  },
  {
    to: 'record',
    get name() {
      return t('site.siteFrame.whoDidWhat');
    },
  },

  {
    to: 'names',
    get name() {
      return t('site.siteFrame.howLongNamesAreKept');
    },
  },
  {
    to: 'backup',
    get name() {
      return t('site.siteFrame.backup');
    },
  },
];

/** What belongs to the site as a whole; helpers see what is their own. */
export function SiteFrame() {
  const { t } = useTranslation();
  const isInstructor = useIsInstructor();
  return (
    <>
      {isInstructor && (
        <Box sx={{ mb: 2 }}>
          <TabLinks label={t('site.siteFrame.thisSite')} tabs={tabs} />
        </Box>
      )}
      <Outlet />
    </>
  );
}
