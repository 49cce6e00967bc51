import { Outlet, useLoaderData, useRouteLoaderData } from 'react-router';
import type { Workshop } from '#contract/workshops';
import { dateAndTime, duration } from '../ui/clock.ts';
import { PageHead } from '../ui/PageHead.tsx';
import { TabLinks } from '../ui/TabLinks.tsx';

/** The workshop whose pages these are. */
export function useWorkshop(): Workshop {
  const workshop = useRouteLoaderData<Workshop>('workshop');
  if (!workshop) throw new Error('this page belongs below a workshop');
  return workshop;
}

const tabs = [
  { to: 'plan', name: 'Plan' },
  { to: 'pack', name: 'Pack' },
  { to: 'floor', name: 'Floor' },
  { to: 'wrap-up', name: 'Wrap-up' },
];

export function WorkshopFrame() {
  const { title, kitName, revision, startsAt, lengthMinutes } = useLoaderData<Workshop>();
  return (
    <>
      <PageHead
        title={title}
        facts={`${kitName}, revision ${revision} · ${dateAndTime(startsAt)} · ${duration(lengthMinutes)}`}
      >
        <TabLinks label="Workshop" tabs={tabs} />
      </PageHead>
      <Outlet />
    </>
  );
}
