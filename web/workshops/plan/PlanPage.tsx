import CalendarMonth from '@mui/icons-material/CalendarMonthOutlined';
import Print from '@mui/icons-material/PrintOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { lazy, Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { type Closing, getClosing } from '#contract/closing';
import { getPaces, type LearntPaces } from '#contract/pace';
import { eveningPapersPath } from '#contract/papers';
import { getReadiness } from '#contract/readiness';
import type { WorkshopRoom } from '#contract/roomPlan';
import { type ChecklistSign, calendarPath, getChecklist } from '#contract/workshops';
import type { Readiness } from '#core/readiness/readiness';
import { call } from '../../app/call.ts';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { useIsInstructor } from '../../app/staff.ts';
import { useChoices } from '../../app/useChoices.ts';
import { EarlierLessons } from '../../ui/EarlierLessons.tsx';
import { conditionsOf } from '../learnt.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import { AheadLine } from './ahead/AheadLine.tsx';
import { conditionsTyped } from './ahead/conditionFields.ts';
import { useAhead } from './ahead/useAhead.ts';
import { WillItFit } from './ahead/WillItFit.tsx';
import { IronAndSolder } from './IronAndSolder.tsx';
import { Ready } from './Ready.tsx';
import { Seating } from './Seating.tsx';
import { SeatTickets } from './SeatTickets.tsx';
import { StepMinutes } from './StepMinutes.tsx';
import { WorkshopDeeds } from './WorkshopDeeds.tsx';

// They come by themselves: who plans a workshop looks at the names first.
const RoomPart = lazy(async () => ({ default: (await import('./RoomPart.tsx')).RoomPart }));
const Checklist = lazy(async () => ({ default: (await import('./Checklist.tsx')).Checklist }));

interface PlanData {
  readonly paces: LearntPaces;
  readonly signs: readonly ChecklistSign[];
  readonly ready: readonly Readiness[];
  readonly closing: Closing;
  readonly room: WorkshopRoom;
}

export async function loadPlan({ params }: LoaderFunctionArgs): Promise<PlanData> {
  const workshopId = String(params.workshopId);
  const [paces, signs, ready, closing, room] = await Promise.all([
    call(getPaces, { params: { workshopId } }),
    call(getChecklist, { params: { workshopId } }),
    call(getReadiness, { params: { workshopId } }),
    call(getClosing, { params: { workshopId } }),
    import('./RoomPart.tsx').then(({ loadRoom }) => loadRoom(workshopId)),
  ]);
  return { paces, signs, ready, closing, room };
}

const sections = [
  {
    id: 'ready',
    get name() {
      return t('workshops.planPage.ready');
    },
    forHelpers: true,
  },
  {
    id: 'fit',
    get name() {
      return t('workshops.planPage.willItFit');
    },
    forHelpers: true,
  },
  {
    id: 'seating',
    get name() {
      return t('workshops.planPage.whoSitsWhere');
    },
    forHelpers: false,
  },
  {
    id: 'room',
    get name() {
      return t('workshops.planPage.room');
    },
    forHelpers: true,
  },
  {
    id: 'iron',
    get name() {
      return t('workshops.planPage.ironAndSolder');
    },
    forHelpers: false,
  },
  {
    id: 'checklist',
    get name() {
      return t('workshops.planPage.beforeTheDoorsOpen');
    },
    forHelpers: true,
  },
  {
    id: 'tickets',
    get name() {
      return t('workshops.planPage.linksAndCodes');
    },
    forHelpers: true,
  },
];

/** The evening before it happens: whether it fits, who sits where, what to look at first, and what to print. */
export function PlanPage() {
  const { t, i18n } = useTranslation();
  const workshop = useWorkshop();
  const { paces, signs, ready, closing, room } = useLoaderData<PlanData>();
  const seats = JSON.stringify(workshop.seats);
  const { id } = workshop;
  const isInstructor = useIsInstructor();
  // The labels among them carry an address.
  const canPrint = workshop.seatAddress !== null;
  const [search] = useChoices();
  const kept = conditionsOf(workshop, paces);
  const typed = conditionsTyped(search, kept);
  const ahead = useAhead(workshop, paces, typed);
  return (
    <>
      <Box
        sx={{
          display: 'flex',
          gap: 2,
          flexWrap: 'wrap',
          alignItems: 'center',
          justifyContent: 'space-between',
          mb: 1.5,
        }}
      >
        <Box
          component="nav"
          aria-label={t('workshops.planPage.onThisPage')}
          sx={{ display: 'flex', columnGap: 2, flexWrap: 'wrap' }}
        >
          {sections
            .filter(({ forHelpers }) => isInstructor || forHelpers)
            .map((section) => (
              <a key={section.id} href={`#${section.id}`}>
                {section.name}
              </a>
            ))}
        </Box>
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <InstructorOnly>
            <WorkshopDeeds />
          </InstructorOnly>
          <Button
            variant="outlined"
            color="inherit"
            startIcon={<CalendarMonth />}
            href={calendarPath(id, i18n.language)}
          >
            {t('workshops.planPage.forTheCalendar')}
          </Button>
          <Button
            variant="outlined"
            color="inherit"
            startIcon={<Print />}
            href={eveningPapersPath(id, { lang: i18n.language })}
            target="_blank"
            disabled={!canPrint}
          >
            {t('workshops.planPage.allPapersA4')}
          </Button>
          <Button
            color="inherit"
            href={eveningPapersPath(id, { size: 'letter', lang: i18n.language })}
            target="_blank"
            disabled={!canPrint}
            aria-label={t('workshops.planPage.allPapersLetter')}
          >
            {t('workshops.planPage.letter')}
          </Button>
        </Box>
      </Box>
      {workshop.notes !== '' && (
        <Typography sx={{ mb: 2, maxWidth: 900, whiteSpace: 'pre-line' }}>
          {workshop.notes}
        </Typography>
      )}
      <AheadLine state={ahead.state} />
      {closing.earlier.length > 0 && (
        <Box component="section" aria-labelledby="lessons" sx={{ mb: 3, maxWidth: 900 }}>
          <Typography variant="h2" id="lessons">
            {t('workshops.planPage.lessons', { kit: workshop.kitName })}
          </Typography>
          <EarlierLessons evenings={closing.earlier} />
        </Box>
      )}
      <Ready workshop={workshop} ready={ready} />
      <WillItFit paces={paces} kept={kept} typed={typed} ahead={ahead} />
      <StepMinutes workshop={workshop} paces={paces} />
      <InstructorOnly>
        <Seating key={seats} workshop={workshop} paces={paces} />
        <IronAndSolder workshop={workshop} />
      </InstructorOnly>
      {/* Together: the lines below the room must not be pushed from under a finger. */}
      <Suspense fallback={<div aria-busy="true" />}>
        <RoomPart key={seats} loaded={room} />
        <Checklist workshop={workshop} signs={signs} />
        <SeatTickets workshop={workshop} />
      </Suspense>
    </>
  );
}
