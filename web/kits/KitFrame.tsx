import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { t } from 'i18next';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, Outlet, useLoaderData, useRouteLoaderData } from 'react-router';
import type { Kit } from '#contract/kits';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { useIsInstructor } from '../app/staff.ts';
import { dateAndTime } from '../ui/clock.ts';
import { PageHead } from '../ui/PageHead.tsx';
import { TabLinks } from '../ui/TabLinks.tsx';
import { noChanges, OwnChangesContext } from './ownChanges.ts';

/** The kit whose pages these are. */
export function useKit(): Kit {
  const kit = useRouteLoaderData<Kit>('kit');
  if (!kit) throw new Error('this page belongs below a kit');
  return kit;
}

const tabs = [
  {
    to: 'parts',
    get name() {
      return t('kits.kitFrame.parts');
    },
    forHelpers: true,
  },
  {
    to: 'inspection',
    get name() {
      return t('kits.kitFrame.inspection');
    },
    forHelpers: false,
  },
  {
    to: 'mix-ups',
    get name() {
      return t('kits.kitFrame.mixUps');
    },
    forHelpers: true,
  },
  {
    to: 'board',
    get name() {
      return t('kits.kitFrame.board');
    },
    forHelpers: true,
  },
  {
    to: 'steps',
    get name() {
      return t('kits.kitFrame.steps');
    },
    forHelpers: true,
  },
  {
    to: 'circuit',
    get name() {
      return t('kits.kitFrame.circuit');
    },
    forHelpers: true,
  },
  {
    to: 'fault',
    get name() {
      return t('kits.kitFrame.fault');
    },
    forHelpers: true,
  },
  {
    to: 'papers',
    get name() {
      return t('kits.kitFrame.papers');
    },
    forHelpers: true,
  },
  {
    to: 'report',
    get name() {
      return t('kits.kitFrame.report');
    },
    forHelpers: false,
  },
  {
    to: 'about',
    get name() {
      return t('kits.kitFrame.about');
    },
    forHelpers: false,
  },
  {
    to: 'revisions',
    get name() {
      return t('kits.kitFrame.revisions');
    },
    forHelpers: false,
  },
];

export function KitFrame() {
  const { t } = useTranslation();
  const kit = useLoaderData<Kit>();
  const isInstructor = useIsInstructor();
  const [ownChanges] = useState(noChanges);
  return (
    <>
      <PageHead
        title={kit.name}
        facts={[
          t('kits.kitFrame.revision', {
            revision: kit.revision,
            when: dateAndTime(kit.importedAt),
          }),
          kit.about.archivedAt !== null && t('kits.kitsPage.putAway'),
          kit.supplyVolt !== null && t('kits.kitFrame.supply', { volts: kit.supplyVolt }),
        ]
          .filter(Boolean)
          .join(' · ')}
      >
        <InstructorOnly>
          <Button component={Link} to="import">
            {t('kits.kitFrame.importANewList')}
          </Button>
          <Button component={Link} to={`/workshops/new?kit=${kit.id}`}>
            {t('kits.kitFrame.planAWorkshop')}
          </Button>
        </InstructorOnly>
      </PageHead>
      <Box sx={{ mb: 2 }}>
        <TabLinks
          label={t('kits.kitFrame.kit')}
          tabs={tabs.filter(({ forHelpers }) => isInstructor || forHelpers)}
        />
      </Box>
      <OwnChangesContext value={ownChanges}>
        <Outlet />
      </OwnChangesContext>
    </>
  );
}
