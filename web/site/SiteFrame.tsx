import Box from '@mui/material/Box';
import { Outlet } from 'react-router';
import { useIsInstructor } from '../app/staff.ts';
import { TabLinks } from '../ui/TabLinks.tsx';

const tabs = [
  { to: 'you', name: 'You' },
  { to: 'accounts', name: 'Who may sign in' },
  { to: 'record', name: 'Who did what' },

  { to: 'names', name: 'How long names are kept' },
  { to: 'backup', name: 'Backup' },
];

/** What belongs to the site as a whole; helpers see what is their own. */
export function SiteFrame() {
  const isInstructor = useIsInstructor();
  return (
    <>
      {isInstructor && (
        <Box sx={{ mb: 2 }}>
          <TabLinks label="This site" tabs={tabs} />
        </Box>
      )}
      <Outlet />
    </>
  );
}
