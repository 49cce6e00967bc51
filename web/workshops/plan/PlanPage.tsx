import CalendarMonth from '@mui/icons-material/CalendarMonthOutlined';
import Print from '@mui/icons-material/PrintOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { getPaces, type LearntPaces } from '#contract/pace';
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
}

export async function loadPlan({ params }: LoaderFunctionArgs): Promise<PlanData> {
  const workshopId = String(params.workshopId);
  const [paces, signs] = await Promise.all([
    call(getPaces, { params: { workshopId } }),
    call(getChecklist, { params: { workshopId } }),
  ]);
  return { paces, signs };
}

const sections = [
  { id: 'fit', name: 'Will it fit?', forHelpers: true },
  { id: 'seating', name: 'Who sits where', forHelpers: false },
  { id: 'iron', name: 'Iron and solder', forHelpers: false },
  { id: 'checklist', name: 'Before the doors open', forHelpers: true },
  { id: 'tickets', name: 'Links and codes', forHelpers: true },
];

/** The evening before it happens: whether it fits, who sits where, what to look at first, and what to print. */
export function PlanPage() {
  const workshop = useWorkshop();
  const { paces, signs } = useLoaderData<PlanData>();
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
        <Box component="nav" aria-label="On this page" sx={{ display: 'flex', gap: 2 }}>
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
            href={calendarPath(id)}
          >
            For the calendar
          </Button>
          <Button
            variant="outlined"
            color="inherit"
            startIcon={<Print />}
            href={eveningPapersPath(id)}
            target="_blank"
            disabled={!canPrint}
          >
            All papers, A4
          </Button>
          <Button
            color="inherit"
            href={eveningPapersPath(id, 'letter')}
            target="_blank"
            disabled={!canPrint}
            aria-label="All papers, Letter"
          >
            Letter
          </Button>
        </Box>
      </Box>
      <Alert severity={spare < 0 ? 'warning' : 'info'} sx={{ mb: 2, maxWidth: 900 }}>
        The {steps.length} steps add up to {duration(minutes)} for somebody new.{' '}
        {spare < 0
          ? `That is ${duration(-spare)} more than the workshop has.`
          : `That leaves ${duration(spare)} of ${duration(lengthMinutes)} for the welcome, mistakes and tidying up.`}
      </Alert>
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
