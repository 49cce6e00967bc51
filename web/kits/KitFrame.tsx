import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, Outlet, useLoaderData, useRouteLoaderData } from 'react-router';
import type { Kit } from '#contract/kits';
import { dateAndTime } from '../ui/clock.ts';
import { PageHead } from '../ui/PageHead.tsx';
import { TabLinks } from '../ui/TabLinks.tsx';

/** The kit whose pages these are. */
export function useKit(): Kit {
  const kit = useRouteLoaderData<Kit>('kit');
  if (!kit) throw new Error('this page belongs below a kit');
  return kit;
}

const tabs = [
  { to: 'parts', name: 'Parts' },
  { to: 'inspection', name: 'Inspection' },
  { to: 'mix-ups', name: 'Mix-ups' },
  { to: 'board', name: 'Board' },
  { to: 'steps', name: 'Steps' },
  { to: 'papers', name: 'Papers' },
  { to: 'report', name: 'Report' },
  { to: 'revisions', name: 'Revisions' },
];

export function KitFrame() {
  const kit = useLoaderData<Kit>();
  const supply = kit.supplyVolt === null ? '' : ` · supply ${kit.supplyVolt}\u00a0V`;
  return (
    <>
      <PageHead
        title={kit.name}
        facts={`Revision ${kit.revision} · imported ${dateAndTime(kit.importedAt)}${supply}`}
      >
        <Button component={Link} to="import">
          Import a new list
        </Button>
        <Button component={Link} to={`/workshops/new?kit=${kit.id}`}>
          Plan a workshop
        </Button>
      </PageHead>
      <Box sx={{ mb: 2 }}>
        <TabLinks label="Kit" tabs={tabs} />
      </Box>
      <Outlet />
    </>
  );
}
