import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import { Link, useLoaderData } from 'react-router';
import type { WorkshopSummary } from '#contract/workshops';
import { type Phase, phaseOf } from '#core/pace/phase';
import { useIsInstructor } from '../app/staff.ts';
import { ink } from '../app/tokens.ts';
import { dateAndTime, duration } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { PageHead } from '../ui/PageHead.tsx';
import { FirstSteps } from './FirstSteps.tsx';

const sections: readonly {
  readonly phase: Phase;
  readonly title: string;
  readonly page: string;
  readonly action: string;
}[] = [
  {
    phase: 'running',
    get title() {
      return t('workshops.workshopsPage.now');
    },
    page: 'floor',
    get action() {
      return t('workshops.workshopsPage.toTheFloor');
    },
  },
  {
    phase: 'ahead',
    get title() {
      return t('workshops.workshopsPage.toCome');
    },
    page: 'plan',
    get action() {
      return t('workshops.workshopsPage.toThePlan');
    },
  },
  {
    phase: 'over',
    get title() {
      return t('workshops.workshopsPage.over');
    },
    page: 'wrap-up',
    get action() {
      return t('workshops.workshopsPage.toTheWrapUp');
    },
  },
  {
    phase: 'cancelled',
    get title() {
      return t('workshops.workshopsPage.cancelled');
    },
    page: 'plan',
    get action() {
      return t('workshops.workshopsPage.toThePlan');
    },
  },
  {
    phase: 'archived',
    get title() {
      return t('workshops.workshopsPage.archived');
    },
    page: 'wrap-up',
    get action() {
      return t('workshops.workshopsPage.toTheWrapUp');
    },
  },
];

export function WorkshopsPage() {
  const { t } = useTranslation();
  const workshops = useLoaderData<readonly WorkshopSummary[]>();
  const now = new Date();
  const isInstructor = useIsInstructor();
  const plan = (
    <Button variant="contained" component={Link} to="/workshops/new">
      {t('workshops.workshopsPage.planAWorkshop')}
    </Button>
  );
  return (
    <>
      <PageHead
        title={t('workshops.workshopsPage.workshops')}
        facts={t('workshops.workshopsPage.aDateAKitARoom')}
      >
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button component={Link} to="/workshops/phones" color="inherit">
            {t('workshops.workshopsPage.phones')}
          </Button>
          {isInstructor && (
            <Button component={Link} to="/site/accounts" color="inherit">
              {t('workshops.workshopsPage.helpersAndBackup')}
            </Button>
          )}
          {isInstructor && workshops.length > 0 && plan}
        </Box>
      </PageHead>
      {isInstructor && workshops.length === 0 && <FirstSteps hasWorkshop={false} />}
      {workshops.length === 0 && (
        <EmptyState
          title={t('workshops.workshopsPage.noWorkshopYet')}
          text={t('workshops.workshopsPage.planOneOnAKitDate')}
        >
          {isInstructor && plan}
        </EmptyState>
      )}
      {sections.map(({ phase, title, page, action }) => {
        const found = workshops.filter((workshop) => phaseOf(workshop, now) === phase);
        if (found.length === 0) return null;
        return (
          <Box key={phase} component="section" aria-label={title} sx={{ mb: 3 }}>
            <Typography variant="h2" sx={{ mb: 0.5 }}>
              {title}
            </Typography>
            {(phase === 'ahead' ? [...found].reverse() : found).map((workshop) => (
              <WorkshopRow
                key={workshop.id}
                workshop={workshop}
                page={page}
                action={action}
                now={phase === 'running'}
              />
            ))}
          </Box>
        );
      })}
      {/* Below them: it is known a moment later, and must not push a workshop from under a finger. */}
      {isInstructor && workshops.length > 0 && <FirstSteps hasWorkshop />}
    </>
  );
}

interface WorkshopRowProps {
  readonly workshop: WorkshopSummary;
  readonly page: string;
  readonly action: string;
  readonly now: boolean;
}

function WorkshopRow({ workshop, page, action, now }: WorkshopRowProps) {
  const { t } = useTranslation();
  const { id, title, kitName, startsAt, lengthMinutes, seats, thingsOpen } = workshop;
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '230px minmax(0, 1fr) auto' },
        gap: 2,
        alignItems: 'center',
        p: 1.5,
        background: ink('sheet'),
        borderLeft: `6px solid ${ink(now ? 'copper' : 'line')}`,
        borderBottom: `1px solid ${ink('line')}`,
        maxWidth: 1000,
      }}
    >
      <Box>
        <Box sx={{ fontWeight: 650 }}>{dateAndTime(startsAt)}</Box>
        <Box sx={{ color: ink('faded') }}>{duration(lengthMinutes)}</Box>
      </Box>
      <Box>
        <Box
          component={Link}
          to={`/workshops/${id}/${page}`}
          sx={{ color: ink('ink'), fontWeight: 650, fontSize: '1.1rem' }}
        >
          {title}
        </Box>
        <Box sx={{ color: ink('faded') }}>
          {t('workshops.workshopsPage.kitAndSeats', { kit: kitName, count: seats })}
          {thingsOpen !== null && (
            <>
              {' · '}
              <Link to={`/workshops/${id}/plan#ready`}>
                {thingsOpen === 0
                  ? t('workshops.workshopsPage.ready')
                  : t('workshops.workshopsPage.thingsOpen', { count: thingsOpen })}
              </Link>
            </>
          )}
        </Box>
      </Box>
      <Button
        component={Link}
        to={`/workshops/${id}/${page}`}
        variant={now ? 'contained' : 'outlined'}
      >
        {action}
      </Button>
    </Box>
  );
}
