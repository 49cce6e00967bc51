import Download from '@mui/icons-material/FileDownloadOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { type Closing, getClosing } from '#contract/closing';
import { getPacking, type Packing } from '#contract/packing';
import { getWorkshopLog, type WorkshopLog, wrapUpCsvPath } from '#contract/workshops';
import { foldSeat, type SeatState } from '#core/build/foldSeat';
import { atEachSeat } from '#core/build/together';
import { elapsedMinutes } from '#core/pace/phase';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import { call } from '../app/call.ts';
import { ink } from '../app/tokens.ts';
import { timeOfDay } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { Glyph } from '../ui/Glyph.tsx';
import { Afterwards } from './Afterwards.tsx';
import { useWorkshop } from './WorkshopFrame.tsx';

// The floor is loaded with this page, and must not wait for what comes after it.
const ClosingPart = lazy(async () => ({
  default: (await import('./ClosingPart.tsx')).ClosingPart,
}));
const MistakeLines = lazy(async () => ({
  default: (await import('./records/MistakeLines.tsx')).MistakeLines,
}));
const UsedUp = lazy(async () => ({ default: (await import('./UsedUp.tsx')).UsedUp }));

interface WrapUpData extends WorkshopLog {
  readonly closing: Closing;
  readonly packing: Packing;
}

export async function loadWrapUp({ params }: LoaderFunctionArgs): Promise<WrapUpData> {
  const of = { params: { workshopId: String(params.workshopId) } };
  const [log, closing, packing] = await Promise.all([
    call(getWorkshopLog, of),
    call(getClosing, of),
    call(getPacking, of),
  ]);
  return { ...log, closing, packing };
}

/** For each learner: what was done when, what went wrong and when it was found. */
export function WrapUpPage() {
  const { t, i18n } = useTranslation();
  const workshop = useWorkshop();
  const { events, closing, packing } = useLoaderData<WrapUpData>();
  const { steps, seats } = workshop;
  const stepIds = steps.map(({ id }) => id);
  const rows = seats.map((seat) => {
    const own = events
      .flatMap(({ event }) => atEachSeat(event))
      .filter(({ seatId }) => seatId === seat.id);
    return { seat, own, state: foldSeat(stepIds, own) };
  });
  if (events.length === 0) {
    return (
      <EmptyState
        title={t('workshops.wrapUpPage.nothingLoggedYet')}
        text={t('workshops.wrapUpPage.whenSeatsBeginToWorkThis')}
      />
    );
  }
  const finished = rows.filter(({ state }) => state.finishedAt !== null).length;
  const mistakes = rows.reduce((sum, { state }) => sum + state.mistakes.length, 0);
  return (
    <>
      <Box sx={{ display: 'flex', gap: 3, alignItems: 'center', mb: 1.5, flexWrap: 'wrap' }}>
        <Typography sx={{ flex: 1 }}>
          <Trans
            i18nKey="workshops.wrapUpPage.ofFinishedTheirBoardLoggedNumbers"
            values={{
              finished,
              seats: seats.length,
              mistakes: t('workshops.wrapUpPage.mistakes', { count: mistakes }),
            }}
            components={{ strong: <strong />, strong2: <strong /> }}
          />
        </Typography>
        <Button
          variant="outlined"
          startIcon={<Download />}
          href={wrapUpCsvPath(workshop.id, i18n.language)}
        >
          {t('workshops.wrapUpPage.exportAsCsv')}
        </Button>
      </Box>
      {/* Together: what comes in above the table would push it from under the finger. */}
      <Suspense fallback={<div aria-busy="true" />}>
        <Box
          sx={{
            display: 'grid',
            columnGap: 4,
            alignItems: 'start',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
          }}
        >
          <ClosingPart closing={closing} />
          <div>
            <UsedUp packing={packing} states={rows.map(({ state }) => state)} />
            <Afterwards rows={rows} />
          </div>
        </Box>
        <Box
          sx={{ overflowX: 'auto', mb: 3 }}
          tabIndex={0}
          role="region"
          aria-label={t('workshops.wrapUpPage.whenEachStepWasDone')}
        >
          <Box component="table" sx={tableStyle}>
            <thead>
              <tr>
                <th scope="col">{t('workshops.wrapUpPage.seat')}</th>
                {steps.map((step, index) => (
                  <th key={step.id} scope="col" title={stepTitle(t, step)}>
                    {index + 1}
                    <Box component="span" sx={{ display: 'block', fontWeight: 400, fontSize: 12 }}>
                      {stepPlaces(step) ||
                        (step.kind === 'check' ? t('workshops.wrapUpPage.check') : '–')}
                    </Box>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map(({ seat, state }) => (
                <tr key={seat.id}>
                  <th scope="row">
                    <span className="mono">{seat.number}</span> {seat.name}
                  </th>
                  {steps.map(({ id }) => (
                    <td key={id}>
                      <DoneCell stepId={id} state={state} startsAt={workshop.startsAt} />
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </Box>
        </Box>
        <Typography variant="h2" sx={{ mb: 0.5 }}>
          {t('workshops.wrapUpPage.learnerByLearner')}
        </Typography>
        {rows.map(({ seat, own, state }) => (
          <Box
            key={seat.id}
            component="section"
            aria-label={t('workshops.wrapUpPage.seat2', { number: seat.number })}
            sx={{
              display: 'grid',
              gridTemplateColumns: '190px 1fr',
              gap: 2,
              py: 1,
              borderTop: `1px solid ${ink('line')}`,
              maxWidth: 1100,
            }}
          >
            <Box>
              <Box sx={{ fontWeight: 650 }}>
                <span className="mono">{seat.number}</span> {seat.name}
              </Box>
              <Box sx={{ color: ink('faded') }}>
                {state.finishedAt
                  ? t('workshops.wrapUpPage.finishedAt', { timeOfDay: timeOfDay(state.finishedAt) })
                  : t('workshops.wrapUpPage.ofSteps', {
                      length: Object.keys(state.doneAt).length,
                      count: steps.length,
                    })}
              </Box>
              <Box sx={{ color: ink('faded') }}>
                {t('workshops.wrapUpPage.visits', { count: state.visits.length })}
                {state.checkedGood.length > 0 &&
                  ` · ${t('workshops.wrapUpPage.checked', { count: state.checkedGood.length })}`}
              </Box>
            </Box>
            <MistakeLines seat={seat} state={state} events={own} />
          </Box>
        ))}
      </Suspense>
    </>
  );
}

interface DoneCellProps {
  readonly stepId: string;
  readonly state: SeatState;
  readonly startsAt: string;
}

function DoneCell({ stepId, state, startsAt }: DoneCellProps) {
  const at = state.doneAt[stepId];
  const made = state.mistakes.filter(({ madeAtStepId }) => madeAtStepId === stepId).length;
  return (
    <>
      {at === undefined ? '·' : Math.round(elapsedMinutes(startsAt, new Date(at)))}
      {made > 0 && (
        <Box component="span" sx={{ color: ink('alarm'), fontWeight: 800 }}>
          {' '}
          <Glyph name="cross" />
          {made > 1 && made}
        </Box>
      )}
    </>
  );
}

const tableStyle = {
  borderCollapse: 'collapse',
  '& th, & td': {
    border: `1px solid ${ink('line')}`,
    px: 0.75,
    py: 0.4,
    textAlign: 'center',
    whiteSpace: 'nowrap',
  },
  '& tbody th': {
    textAlign: 'left',
    fontWeight: 650,
    position: 'sticky',
    left: 0,
    background: ink('paper'),
  },
  '& thead th': { verticalAlign: 'top', borderBottom: `2px solid ${ink('ink')}` },
} as const;
