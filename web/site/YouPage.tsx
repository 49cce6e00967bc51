import Box from '@mui/material/Box';
import { listSessions } from '#contract/session';
import { call } from '../app/call.ts';
import { useStaff } from '../app/staff.ts';
import { PageHead } from '../ui/PageHead.tsx';
import { Devices } from './Devices.tsx';
import { OwnName } from './OwnName.tsx';
import { OwnPassphrase } from './OwnPassphrase.tsx';

export const loadSessions = () => call(listSessions, {});

/** One's own key: name and passphrase, and the devices that are signed in. */
export function YouPage() {
  const staff = useStaff();
  const as = staff?.role === 'helper' ? 'a helper' : 'an instructor';
  return (
    <Box sx={{ maxWidth: 860, display: 'grid', gap: 3 }}>
      <PageHead title={staff?.name ?? 'You'} facts={`You are signed in as ${as}.`} />
      <Devices />
      <OwnName key={staff?.name} name={staff?.name ?? ''} />
      <OwnPassphrase />
    </Box>
  );
}
