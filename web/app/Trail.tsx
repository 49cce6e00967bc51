import Box from '@mui/material/Box';
import { useTranslation } from 'react-i18next';
import { Link, useLocation } from 'react-router';
import { places } from './places.ts';

/** Where in the job one is: the place above the kit, workshop, drawer or person that the heading below names. */
export function Trail() {
  const { t } = useTranslation();
  const { pathname } = useLocation();
  const place = places.find(({ to }) => pathname.startsWith(`${to}/`));
  if (!place) return null;
  return (
    <Box component="nav" aria-label={t('app.trail.label')} sx={{ mb: 0.25, fontSize: '0.9rem' }}>
      <Link to={place.to}>{place.name}</Link> ›
    </Box>
  );
}
