import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { Trans, useTranslation } from 'react-i18next';
import type { LearntPaces } from '#contract/pace';
import { type Shared, sharedThings } from '#core/pace/evening/room';
import { type Forecast, splitAt } from '#core/pace/evening/willItFit';
import { stepTitle } from '#core/words/partWords';
import { useChoices } from '../../../app/useChoices.ts';
import { useWorkerTask } from '../../../app/useWorkerTask.ts';
import { duration } from '../../../ui/clock.ts';
import { useWorkshop } from '../../WorkshopFrame.tsx';
import '../../../ui/plainTable.css';
import type { FitResult } from './fit.worker.ts';
import { fitTask } from './fitTask.ts';
import { eveningOf, fieldValue, roomFields } from './room.ts';

/** Runs the evening before it happens: will everybody finish, what do people wait for, what would help. */
export function WillItFit({ paces }: { readonly paces: LearntPaces }) {
  const { t } = useTranslation();
  const workshop = useWorkshop();
  const [search, choose] = useChoices();
  const { state, start, cancel } = useWorkerTask(fitTask);
  const evening = eveningOf(workshop, paces, search);
  return (
    <Box component="section" aria-labelledby="fit" sx={{ mb: 4, maxWidth: 1100 }}>
      <Typography variant="h2" id="fit">
        {t('workshops.willItFit.willItFit')}
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        {t('workshops.willItFit.runsTheEveningTwoThousandTimes', { paceSource: paceSource(paces) })}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        {roomFields.map((field) => {
          const asked = search.get(field.name);
          const value = fieldValue(field, asked, workshop.seats.length);
          return (
            <TextField
              key={field.name}
              size="small"
              label={field.label}
              value={asked ?? String(field.usual(workshop.seats.length))}
              onChange={({ target }) => choose({ [field.name]: target.value })}
              error={value === undefined}
              helperText={
                value === undefined
                  ? t('workshops.willItFit.fromTo', { least: field.least, most: field.most })
                  : undefined
              }
              slotProps={{ htmlInput: { inputMode: 'numeric' } }}
              sx={{ width: 142 }}
            />
          );
        })}
        <Button
          variant="contained"
          disabled={!evening || state.state === 'working'}
          onClick={() => evening && void start(evening)}
        >
          {t('workshops.willItFit.runTheEvening')}
        </Button>
      </Box>
      {state.state === 'working' && (
        <Box
          role="status"
          sx={{ display: 'flex', gap: 2, alignItems: 'center', mt: 2, maxWidth: 620 }}
        >
          <LinearProgress
            variant="determinate"
            value={100 * (state.progress ?? 0)}
            aria-label={t('workshops.willItFit.eveningsRun')}
            sx={{ flex: 1 }}
          />
          <Button onClick={cancel}>{t('workshops.willItFit.cancel')}</Button>
        </Box>
      )}
      {state.state === 'failed' && (
        <Alert severity="error" sx={{ mt: 2 }}>
          {state.message}
        </Alert>
      )}
      {state.state === 'done' && <Outcome result={state.result} />}
    </Box>
  );
}

/** What the minutes stand on, in words. */
const paceSource = ({ workshops, count }: LearntPaces): string =>
  count === 0
    ? t('workshops.willItFit.howFastPeopleAreIsA')
    : t('workshops.willItFit.howFastPeopleAreCommonPractice', {
        times: t('workshops.willItFit.stepTimes', { count }),
        workshops: t('workshops.willItFit.workshops', { count: workshops }),
      });

const percent = (share: number) => `${Math.round(100 * share)} %`;

const thingWords: Readonly<Record<Shared, string>> = {
  get iron() {
    return t('workshops.willItFit.anIron');
  },
  get meter() {
    return t('workshops.willItFit.aMeter');
  },
  get desoldering() {
    return t('workshops.willItFit.aDesolderingTool');
  },
  get helper() {
    return t('workshops.willItFit.somebodyWhoHelps');
  },
};

const changeWords: Readonly<Record<string, string>> = {
  get iron() {
    return t('workshops.willItFit.oneMoreIron');
  },
  get meter() {
    return t('workshops.willItFit.oneMoreMeter');
  },
  get desoldering() {
    return t('workshops.willItFit.oneMoreDesolderingTool');
  },
  get helper() {
    return t('workshops.willItFit.oneMorePersonWhoHelps');
  },
  get 'half-hour'() {
    return t('workshops.willItFit.halfAnHourMore');
  },
};

function Outcome({ result: { forecast, changes } }: { readonly result: FitResult }) {
  const { t } = useTranslation();
  const { steps, lengthMinutes, seats } = useWorkshop();
  const split = splitAt(steps, forecast);
  const check = split === null ? undefined : steps[split];
  const waits = sharedThings.filter((thing) => forecast.waits[thing] >= 0.5);
  return (
    <Box sx={{ mt: 2 }}>
      <Typography role="status" sx={{ fontSize: '1.15rem', maxWidth: '80ch' }}>
        <Trans
          i18nKey="workshops.willItFit.inOfTheEveningsEverybodyIs"
          values={{
            percent: percent(forecast.chance),
            percent2: percent(forecast.doubt),
            shareDone: Math.round(forecast.shareDone * seats.length),
            count: seats.length,
            duration: duration(Math.round(forecast.lastDone.median)),
            duration2: duration(Math.round(forecast.lastDone.late)),
            duration3: duration(lengthMinutes),
          }}
          components={{ strong: <strong /> }}
        />
      </Typography>
      <Typography sx={{ my: 1 }}>
        {waits.length === 0
          ? t('workshops.willItFit.nobodyWaitsForAnythingForLong')
          : t('workshops.willItFit.aLearnerWaitsOnTheAverage', {
              map: waits
                .map((thing) =>
                  t('workshops.willItFit.minFor', {
                    value: Math.round(forecast.waits[thing]),
                    value2: thingWords[thing],
                  }),
                )
                .join(', '),
            })}
      </Typography>
      {(forecast.reached.at(-1) ?? 1) < 0.9 && (
        <Alert severity="warning" sx={{ my: 1, maxWidth: 900 }}>
          {check && split !== null
            ? t('workshops.willItFit.splitTheKitOverTwoEvenings', {
                split: split + 1,
                stepTitle: stepTitle(t, check),
              })
            : t('workshops.willItFit.inOneEveningNotEvenThe')}
        </Alert>
      )}
      <table
        className="plain"
        aria-label={t('workshops.willItFit.whatWouldHelp')}
        style={{ maxWidth: 720 }}
      >
        <thead>
          <tr>
            <th scope="col">{t('workshops.willItFit.whatWouldHelp')}</th>
            <th scope="col" className="number">
              {t('workshops.willItFit.everybodyDone')}
            </th>
            <th scope="col" className="number">
              {t('workshops.willItFit.lastOneMiddleEvening')}
            </th>
          </tr>
        </thead>
        <tbody>
          <ChangeRow name={t('workshops.willItFit.asPlanned')} forecast={forecast} />
          {changes.map(({ id, forecast: changed }) => (
            <ChangeRow key={id} name={changeWords[id] ?? id} forecast={changed} />
          ))}
        </tbody>
      </table>
    </Box>
  );
}

function ChangeRow({ name, forecast }: { readonly name: string; readonly forecast: Forecast }) {
  return (
    <tr>
      <th scope="row">{name}</th>
      <td className="mono number">{percent(forecast.chance)}</td>
      <td className="mono number">{duration(Math.round(forecast.lastDone.median))}</td>
    </tr>
  );
}
