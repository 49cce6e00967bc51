import CalendarMonth from '@mui/icons-material/CalendarMonthOutlined';
import Print from '@mui/icons-material/PrintOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import { Link, type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { getPaces, type LearntPaces } from '#contract/pace';
import { getPacking, type Packing } from '#contract/packing';
import { eveningPapersPath } from '#contract/papers';
import { type ChecklistSign, calendarPath, getChecklist } from '#contract/workshops';
import { totalMinutes } from '#core/pace/stepMinutes';
import { call } from '../../app/call.ts';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { useIsInstructor } from '../../app/staff.ts';
import { duration } from '../../ui/clock.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import { Checklist } from './Checklist.tsx';
import { WillItFit } from './fit/WillItFit.tsx';
import { IronAndSolder } from './IronAndSolder.tsx';
import { Seating } from './Seating.tsx';
import { SeatTickets } from './SeatTickets.tsx';
import { StepMinutes } from './StepMinutes.tsx';

interface PlanData {
  readonly paces: LearntPaces;
  readonly signs: readonly ChecklistSign[];
  readonly packing: Packing;
}

export async function loadPlan({ params }: LoaderFunctionArgs): Promise<PlanData> {
  const workshopId = String(params.workshopId);
  const [paces, signs, packing] = await Promise.all([
    call(getPaces, { params: { workshopId } }),
    call(getChecklist, { params: { workshopId } }),
    call(getPacking, { params: { workshopId } }),
  ]);
  return { paces, signs, packing };
}

const sections = [
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
  const { paces, signs, packing } = useLoaderData<PlanData>();
  const closed = workshop.seats.filter(({ id: seat }) => packing.ticked.includes(`bag:${seat}`));
  const { id, steps, lengthMinutes } = workshop;
  const isInstructor = useIsInstructor();
  // The labels among them carry an address.
  const canPrint = workshop.seatAddress !== null;
  const minutes = totalMinutes(steps);
  // Of whole minutes, as they are shown: the three figures add up.
  const spare = lengthMinutes - Math.round(minutes);
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
          sx={{ display: 'flex', gap: 2 }}
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
      <Alert severity={spare < 0 ? 'warning' : 'info'} sx={{ mb: 2, maxWidth: 900 }}>
        {t('workshops.planPage.addUp', { count: steps.length, duration: duration(minutes) })}{' '}
        {spare < 0
          ? t('workshops.planPage.thatIsMoreThanTheWorkshop', { duration: duration(-spare) })
          : t('workshops.planPage.thatLeaves', {
              spare: duration(spare),
              length: duration(lengthMinutes),
            })}
      </Alert>
      <p>
        <Link to={`/workshops/${id}/pack`}>
          {t('workshops.packing.bagsClosed', {
            closed: closed.length,
            count: workshop.seats.length,
          })}
        </Link>
      </p>
      <WillItFit paces={paces} />
      <StepMinutes workshop={workshop} paces={paces} />
      <InstructorOnly>
        <Seating key={JSON.stringify(workshop.seats)} workshop={workshop} paces={paces} />
        <IronAndSolder workshop={workshop} />
      </InstructorOnly>
      <Checklist workshop={workshop} signs={signs} />
      <SeatTickets workshop={workshop} />
    </>
  );
}
