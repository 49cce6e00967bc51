import Box from '@mui/material/Box';
import { NavLink } from 'react-router';
import { ink } from '../app/tokens.ts';

interface TabLinksProps {
  readonly label: string;
  readonly tabs: readonly { readonly to: string; readonly name: string }[];
}

/** The parts of a place, like the tabs of a ring binder. */
export function TabLinks({ label, tabs }: TabLinksProps) {
  return (
    <Box component="nav" aria-label={label} sx={{ display: 'flex', flexWrap: 'wrap', gap: '2px' }}>
      {tabs.map(({ to, name }) => (
        <Box key={to} component={NavLink} to={to} sx={tabStyle}>
          {name}
        </Box>
      ))}
    </Box>
  );
}

const tabStyle = {
  px: 2,
  py: 0.75,
  color: ink('ink'),
  textDecoration: 'none',
  fontWeight: 650,
  border: `1px solid ${ink('faded')}`,
  '&:first-of-type': { borderRadius: '4px 0 0 4px' },
  '&:last-of-type': { borderRadius: '0 4px 4px 0' },
  '&.active': { background: ink('copper'), color: ink('onCopper'), borderColor: ink('copper') },
};
