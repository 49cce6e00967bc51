import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
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
  const workshop = useWorkshop();
  const [search, choose] = useChoices();
  const { state, start, cancel } = useWorkerTask(fitTask);
  const evening = eveningOf(workshop, paces, search);
  return (
    <Box component="section" aria-labelledby="fit" sx={{ mb: 4, maxWidth: 1100 }}>
      <Typography variant="h2" id="fit">
        Will it fit?
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        Runs the evening two thousand times, with shared tools, mistakes and their rework, and hands
        that differ. {paceSource(paces)}
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
              helperText={value === undefined ? `from ${field.least} to ${field.most}` : undefined}
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
          Run the evening
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
            aria-label="Evenings run"
            sx={{ flex: 1 }}
          />
          <Button onClick={cancel}>Cancel</Button>
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
    ? 'How fast people are is a prior from common practice, by what is said of each seat below.'
    : `How fast people are: common practice, sharpened by ${count} step times of ${workshops} finished ${workshops === 1 ? 'workshop' : 'workshops'}.`;

const percent = (share: number) => `${Math.round(100 * share)} %`;

const thingWords: Readonly<Record<Shared, string>> = {
  iron: 'an iron',
  meter: 'a meter',
  desoldering: 'a desoldering tool',
  helper: 'somebody who helps',
};

const changeWords: Readonly<Record<string, string>> = {
  iron: 'One more iron',
  meter: 'One more meter',
  desoldering: 'One more desoldering tool',
  helper: 'One more person who helps',
  'half-hour': 'Half an hour more',
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
        <strong>In {percent(forecast.chance)} of the evenings everybody is done in time</strong>{' '}
        (give or take {percent(forecast.doubt)}). On the average{' '}
        {Math.round(forecast.shareDone * seats.length)} of {seats.length} learners are. The last one
        is done after {duration(Math.round(forecast.lastDone.median))} in the middle evening, after{' '}
        {duration(Math.round(forecast.lastDone.late))} in one of ten; there are{' '}
        {duration(lengthMinutes)}.
      </Typography>
      <Typography sx={{ my: 1 }}>
        {waits.length === 0
          ? 'Nobody waits for anything for long.'
          : `A learner waits ${waits
              .map((thing) => `${Math.round(forecast.waits[thing])} min for ${thingWords[thing]}`)
              .join(', ')}, on the average.`}
      </Typography>
      {(forecast.reached.at(-1) ?? 1) < 0.9 && (
        <Alert severity="warning" sx={{ my: 1, maxWidth: 900 }}>
          {check && split !== null
            ? `Split the kit over two evenings behind step ${split + 1}, “${stepTitle(t, check)}”: everybody gets that far in nine evenings of ten.`
            : 'In one evening not even the first check is safe to reach: take a smaller kit, or plan more time.'}
        </Alert>
      )}
      <table className="plain" aria-label="What would help" style={{ maxWidth: 720 }}>
        <thead>
          <tr>
            <th scope="col">What would help</th>
            <th scope="col" className="number">
              Everybody done
            </th>
            <th scope="col" className="number">
              Last one, middle evening
            </th>
          </tr>
        </thead>
        <tbody>
          <ChangeRow name="As planned" forecast={forecast} />
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
