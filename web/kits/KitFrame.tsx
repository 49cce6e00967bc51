import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, Outlet, useLoaderData, useRouteLoaderData } from 'react-router';
import type { Kit } from '#contract/kits';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { useIsInstructor } from '../app/staff.ts';
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
  { to: 'parts', name: 'Parts', forHelpers: true },
  { to: 'inspection', name: 'Inspection', forHelpers: false },
  { to: 'mix-ups', name: 'Mix-ups', forHelpers: true },
  { to: 'board', name: 'Board', forHelpers: true },
  { to: 'steps', name: 'Steps', forHelpers: true },
  { to: 'papers', name: 'Papers', forHelpers: true },
  { to: 'report', name: 'Report', forHelpers: false },
  { to: 'revisions', name: 'Revisions', forHelpers: false },
];

export function KitFrame() {
  const kit = useLoaderData<Kit>();
  const isInstructor = useIsInstructor();
  const supply = kit.supplyVolt === null ? '' : ` · supply ${kit.supplyVolt}\u00a0V`;
  return (
    <>
      <PageHead
        title={kit.name}
        facts={`Revision ${kit.revision} · imported ${dateAndTime(kit.importedAt)}${supply}`}
      >
        <InstructorOnly>
          <Button component={Link} to="import">
            Import a new list
          </Button>
          <Button component={Link} to={`/workshops/new?kit=${kit.id}`}>
            Plan a workshop
          </Button>
        </InstructorOnly>
      </PageHead>
      <Box sx={{ mb: 2 }}>
        <TabLinks label="Kit" tabs={tabs.filter(({ forHelpers }) => isInstructor || forHelpers)} />
      </Box>
      <Outlet />
    </>
  );
}
