import Alert from '@mui/material/Alert';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
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
  {
    to: 'plan',
    get name() {
      return t('workshops.workshopFrame.plan');
    },
  },
  {
    to: 'pack',
    get name() {
      return t('workshops.workshopFrame.pack');
    },
  },
  {
    to: 'floor',
    get name() {
      return t('workshops.workshopFrame.floor');
    },
  },
  {
    to: 'wrap-up',
    get name() {
      return t('workshops.workshopFrame.wrapUp');
    },
  },
];

export function WorkshopFrame() {
  const { t } = useTranslation();
  const { title, kitName, revision, startsAt, lengthMinutes, place, setAside } =
    useLoaderData<Workshop>();
  return (
    <>
      <PageHead
        title={title}
        facts={t(`workshops.workshopFrame.${place === '' ? 'revision' : 'revisionAt'}`, {
          kitName,
          revision,
          dateAndTime: dateAndTime(startsAt),
          duration: duration(lengthMinutes),
          place,
        })}
      >
        <TabLinks label={t('workshops.workshopFrame.workshop')} tabs={tabs} />
      </PageHead>
      {setAside && (
        <Alert severity="warning" sx={{ mb: 2, maxWidth: 900 }}>
          {t(`workshops.workshopFrame.${setAside}`)}
        </Alert>
      )}
      <Outlet />
    </>
  );
}
