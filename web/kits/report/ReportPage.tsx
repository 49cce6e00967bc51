import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { type FullKitReport, getKitReport, kitReportCsvPath } from '#contract/reports';
import { isFew, type Share } from '#core/learning/shares';
import { partName, stepPlaces, stepTitle } from '#core/words/partWords';
import { call } from '../../app/call.ts';
import { ink } from '../../app/tokens.ts';
import { EmptyState } from '../../ui/EmptyState.tsx';
import '../../ui/plainTable.css';
import { useKit } from '../KitFrame.tsx';
import { CalibrationChart, FinishChart, MistakesByStep, PaceByStep } from './charts.tsx';
import { Entries, Figure, showPace } from './Entries.tsx';

export const loadKitReport = ({ params }: LoaderFunctionArgs) =>
  call(getKitReport, { params: { kitId: String(params.kitId) } });

/** What all workshops of a kit say about it: where people stumble, what takes long, what to change. */
export function ReportPage() {
  const { t } = useTranslation();
  const { id } = useKit();
  const report = useLoaderData<FullKitReport>();
  const { workshops, builds, finished, steps, pairs, proposals, entries } = report;
  if (builds === 0) {
    return (
      <EmptyState
        title="Nobody has built it yet"
        text="After the first workshop with this kit it says here where learners stumbled, what took long and what to change."
      />
    );
  }
  return (
    <>
      <Box
        sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, flexWrap: 'wrap', mb: 2 }}
      >
        <Typography sx={{ maxWidth: '80ch' }}>
          <Figure show="builds">
            {builds} builds at {workshops} {workshops === 1 ? 'workshop' : 'workshops'}, of which{' '}
            {finished.count} were finished
          </Figure>
          ; <Figure show="all">{entries.length} mistakes</Figure> logged.{' '}
          {isFew(finished) &&
            'These are few: take what follows as a hint, not as a finding. Ranges say how far the true share may lie.'}
        </Typography>
        <Button color="inherit" variant="outlined" href={kitReportCsvPath(id)}>
          Mistakes as CSV
        </Button>
      </Box>
      <Box component="section" aria-labelledby="change" sx={{ mb: 4, maxWidth: 1000 }}>
        <Typography variant="h2" id="change">
          What to change
        </Typography>
        {proposals.length === 0 && <p>Nothing stands out so far.</p>}
        {proposals.map((proposal) => (
          <Box
            key={proposal.id + proposal.says}
            sx={{ borderLeft: `6px solid ${ink('copper')}`, pl: 1.5, py: 0.5, my: 1 }}
          >
            <strong>{proposal.says}</strong>
            <Box>
              <Figure
                show={
                  proposal.stepId === undefined
                    ? `proposal-${proposal.id}-${proposal.says}`
                    : showPace(proposal.stepId)
                }
              >
                {proposal.because}
              </Figure>
              {proposal.few && ' (few: watch it once more before you change anything)'}
            </Box>
          </Box>
        ))}
      </Box>
      <Entries report={report} />
      <Box
        sx={{
          display: 'grid',
          gap: 4,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
          mb: 4,
        }}
      >
        <MistakesByStep steps={steps} />
        <PaceByStep steps={steps} />
      </Box>
      <Typography variant="h2">Step by step</Typography>
      <div style={{ overflowX: 'auto' }}>
        <table className="plain" aria-label="Step by step">
          <thead>
            <tr>
              <th scope="col">Step</th>
              <th scope="col">Went wrong in</th>
              <th scope="col">What</th>
              <th scope="col" className="number">
                Times the plan
              </th>
            </tr>
          </thead>
          <tbody>
            {steps.map(({ step, number, stumbled, entries: ofStep, pace }) => (
              <tr key={step.id}>
                <th scope="row">
                  {number} {stepTitle(t, step)} <span className="mono">{stepPlaces(step)}</span>
                </th>
                <td>
                  {stumbled.count === 0 ? (
                    <Box component="span" sx={{ color: ink('faded') }}>
                      none of {stumbled.of}
                    </Box>
                  ) : (
                    <Figure show={`step-${step.id}`}>{shareWords(stumbled)}</Figure>
                  )}
                </td>
                <td>{kindsOf(ofStep.map(({ mistake }) => t(`mistake.${mistake}.name`)))}</td>
                <td className="number">
                  {pace && (
                    <Figure show={showPace(step.id)}>
                      {pace.share.toFixed(1)} ({pace.low.toFixed(1)} to {pace.high.toFixed(1)}),{' '}
                      {pace.count} times
                    </Figure>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Box component="section" aria-labelledby="pairs" sx={{ my: 4, maxWidth: 1000 }}>
        <Typography variant="h2" id="pairs">
          Mixed up in fact
        </Typography>
        {pairs.length === 0 ? (
          <p>None of the pairs that look alike was mixed up so far.</p>
        ) : (
          <table className="plain" aria-label="Mixed up in fact">
            <tbody>
              {pairs.map(({ pair, mixedUp }) => (
                <tr key={pair.a.designators.join() + pair.b.designators.join()}>
                  <th scope="row">
                    {partName(t, { ...pair.a, quantity: 1 })} ({pair.a.designators.join(', ')}) and{' '}
                    {partName(t, { ...pair.b, quantity: 1 })} ({pair.b.designators.join(', ')})
                  </th>
                  <td>
                    <Figure show={`pair-${pair.a.designators[0]}-${pair.b.designators[0]}`}>
                      {shareWords(mixedUp)}
                    </Figure>
                  </td>
                  <td>feared as {pair.risk}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Box>
      <Typography variant="h2">Was the forecast any good?</Typography>
      {report.calibration.count === 0 ? (
        <p>No workshop of this kit is over yet.</p>
      ) : (
        <>
          <Alert severity="info" sx={{ my: 1, maxWidth: 900 }}>
            <Figure show="forecasts">
              At half time {report.calibration.count} learners were told a chance to finish.
            </Figure>{' '}
            The mean squared error is {report.calibration.brier?.toFixed(2)}: 0 is perfect, 0.25 is
            what always saying “a half” would get.
          </Alert>
          <Box
            sx={{
              display: 'grid',
              gap: 4,
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
            }}
          >
            <CalibrationChart calibration={report.calibration} />
            <FinishChart finishes={report.finishes} />
          </Box>
        </>
      )}
    </>
  );
}

/** `3 of 10 builds (11 to 60 %)` */
const shareWords = ({ count, of, low, high }: Share): string =>
  `${count} of ${of} builds (${Math.round(100 * low)} to ${Math.round(100 * high)} %)`;

/** `Wrong value 3, Solder bridge` */
function kindsOf(names: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts]
    .sort(([, a], [, b]) => b - a)
    .map(([name, count]) => (count === 1 ? name : `${name} ${count}`))
    .join(', ');
}
