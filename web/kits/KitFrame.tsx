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
  { to: 'steps', name: 'Steps' },
];

export function KitFrame() {
  const kit = useLoaderData<Kit>();
  const supply = kit.supplyVolt === null ? '' : ` · supply ${kit.supplyVolt} V`;
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
        <TabLinks label="Kit" tabs={tabs} />
      </PageHead>
      <Outlet />
    </>
  );
}
