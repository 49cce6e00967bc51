import Download from '@mui/icons-material/FileDownloadOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Trans, useTranslation } from 'react-i18next';
import { useLoaderData } from 'react-router';
import { type WorkshopLog, wrapUpCsvPath } from '#contract/workshops';
import { foldSeat, type SeatState } from '#core/build/foldSeat';
import { elapsedMinutes } from '#core/pace/phase';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import { ink } from '../app/tokens.ts';
import { timeOfDay } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { Glyph } from '../ui/Glyph.tsx';
import { Afterwards } from './Afterwards.tsx';
import { useWorkshop } from './WorkshopFrame.tsx';

/** For each learner: what was done when, what went wrong and when it was found. */
export function WrapUpPage() {
  const { t, i18n } = useTranslation();
  const workshop = useWorkshop();
  const { events } = useLoaderData<WorkshopLog>();
  const { steps, seats } = workshop;
  const stepIds = steps.map(({ id }) => id);
  const rows = seats.map((seat) => ({
    seat,
    state: foldSeat(
      stepIds,
      events.map(({ event }) => event).filter(({ seatId }) => seatId === seat.id),
    ),
  }));
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
      <Afterwards rows={rows} />
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
      {rows.map(({ seat, state }) => (
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
          <MistakeLines state={state} stepIds={stepIds} startsAt={workshop.startsAt} />
        </Box>
      ))}
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

interface MistakeLinesProps {
  readonly state: SeatState;
  readonly stepIds: readonly string[];
  readonly startsAt: string;
}

function MistakeLines({ state, stepIds, startsAt }: MistakeLinesProps) {
  const { t } = useTranslation();
  if (state.mistakes.length === 0)
    return <Box sx={{ color: ink('faded') }}>{t('workshops.wrapUpPage.noMistakesLogged')}</Box>;
  const number = (id: string) => stepIds.indexOf(id) + 1;
  return (
    <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
      {state.mistakes.map((mistake) => {
        const found = mistake.foundAtStepId;
        return (
          <li key={mistake.eventId}>
            <strong>{t(`mistake.${mistake.mistake}.name`)}</strong>
            {mistake.designator && <span className="mono"> {mistake.designator}</span>}
            {t(foundWords(mistake), {
              made: number(mistake.madeAtStepId),
              found: found === null ? 0 : number(found),
              minute: Math.round(elapsedMinutes(startsAt, new Date(mistake.foundAt))),
              by: t(`workshops.wrapUpPage.by.${mistake.by}`),
            })}
          </li>
        );
      })}
    </Box>
  );
}

/** Found at once, at a later step, or when all was done. */
const foundWords = ({ foundAtStepId, madeAtStepId }: SeatState['mistakes'][number]) =>
  foundAtStepId === madeAtStepId
    ? 'workshops.wrapUpPage.foundAtOnce'
    : foundAtStepId === null
      ? 'workshops.wrapUpPage.foundAtEnd'
      : 'workshops.wrapUpPage.foundLater';

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
