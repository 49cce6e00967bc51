import Typography from '@mui/material/Typography';
import type { ReactElement } from 'react';
import { useTranslation } from 'react-i18next';
import {
  Bar,
  BarChart,
  CartesianGrid,
  ErrorBar,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  ScatterChart,
  XAxis,
  YAxis,
} from 'recharts';
import type { Finish } from '#contract/reports';
import type { StepReport } from '#core/learning/kitReport';
import type { Calibration } from '#core/pace/calibration';
import { ink } from '../../app/tokens.ts';
import { decimal } from '../../ui/decimal.ts';

interface ChartProps {
  readonly title: string;
  /** What the picture says, for those who do not see it. */
  readonly says: string;
  readonly children: ReactElement;
}

function Chart({ title, says, children }: ChartProps) {
  return (
    <section aria-label={title}>
      <Typography variant="h2">{title}</Typography>
      <div role="img" aria-label={says}>
        <ResponsiveContainer width="100%" height={240}>
          {children}
        </ResponsiveContainer>
      </div>
    </section>
  );
}

const margin = { top: 10, right: 12, bottom: 20, left: 0 };
const below = (value: string) => ({
  value,
  position: 'insideBottom' as const,
  offset: -12,
  fill: ink('faded'),
});
const beside = (value: string) => ({
  value,
  angle: -90,
  position: 'insideLeft' as const,
  fill: ink('faded'),
  style: { textAnchor: 'middle' as const },
});

interface NothingYetProps {
  readonly title: string;
  readonly says: string;
}

/** In place of a picture that would be axes without anything on them. */
const NothingYet = ({ title, says }: NothingYetProps) => (
  <section aria-label={title}>
    <Typography variant="h2">{title}</Typography>
    <p>{says}</p>
  </section>
);

/** Mistakes at each step, over all builds. */
export function MistakesByStep({ steps }: { readonly steps: readonly StepReport[] }) {
  const { t } = useTranslation();
  const data = steps.map(({ number, entries }) => ({ number, mistakes: entries.length }));
  const most = [...data].sort((a, b) => b.mistakes - a.mistakes)[0];
  if (!most || most.mistakes === 0) {
    return (
      <NothingYet title={t('kits.charts.mistakesByStep')} says={t('kits.charts.noMistakes')} />
    );
  }
  return (
    <Chart
      title={t('kits.charts.mistakesByStep')}
      says={t('kits.charts.mistakesByStepMostAtStep', {
        number: most.number,
        mistakes: most.mistakes,
      })}
    >
      <BarChart data={data} margin={margin}>
        <CartesianGrid stroke={ink('line')} vertical={false} />
        <XAxis dataKey="number" stroke={ink('faded')} label={below(t('kits.charts.step'))} />
        <YAxis
          allowDecimals={false}
          stroke={ink('faded')}
          width={48}
          label={beside(t('kits.charts.mistakes'))}
        />
        <Bar dataKey="mistakes" fill={ink('alarm')} isAnimationActive={false} />
      </BarChart>
    </Chart>
  );
}

/** How long each step took against its plan, with the range of the mean. */
export function PaceByStep({ steps }: { readonly steps: readonly StepReport[] }) {
  const { t } = useTranslation();
  const data = steps.flatMap(({ number, pace }) =>
    pace
      ? [{ number, share: pace.share, range: [pace.share - pace.low, pace.high - pace.share] }]
      : [],
  );
  const slowest = [...data].sort((a, b) => b.share - a.share)[0];
  if (!slowest) {
    return <NothingYet title={t('kits.charts.paceByStep')} says={t('kits.charts.noPace')} />;
  }
  return (
    <Chart
      title={t('kits.charts.paceByStep')}
      says={t('kits.charts.timesTakenOverTimesPlannedThe', {
        number: slowest.number,
        share: decimal(slowest.share, 1),
      })}
    >
      <BarChart data={data} margin={margin}>
        <CartesianGrid stroke={ink('line')} vertical={false} />
        <XAxis dataKey="number" stroke={ink('faded')} label={below(t('kits.charts.step'))} />
        <YAxis stroke={ink('faded')} width={48} label={beside(t('kits.charts.timesThePlan'))} />
        <ReferenceLine y={1} stroke={ink('ink')} strokeDasharray="6 4" />
        <Bar dataKey="share" fill={ink('copper')} isAnimationActive={false}>
          <ErrorBar dataKey="range" stroke={ink('ink')} width={4} />
        </Bar>
      </BarChart>
    </Chart>
  );
}

/** Of those who were told some chance, how many finished; on the line the forecast was right. */
export function CalibrationChart({ calibration }: { readonly calibration: Calibration }) {
  const { t } = useTranslation();
  const data = calibration.bins.map(({ told, finished, of }) => ({
    told: Math.round(100 * told),
    finished: Math.round((100 * finished) / of),
  }));
  return (
    <Chart
      title={t('kits.charts.chancesToldAndWhatCame')}
      says={calibration.bins
        .map(({ told, finished, of }) =>
          t('kits.charts.toldOfFinished', { value: Math.round(100 * told), finished, of }),
        )
        .join('; ')}
    >
      <ScatterChart margin={margin}>
        <CartesianGrid stroke={ink('line')} />
        <XAxis
          type="number"
          dataKey="told"
          domain={[0, 100]}
          unit=" %"
          stroke={ink('faded')}
          label={below(t('kits.charts.chanceToldAtHalfTime'))}
        />
        <YAxis
          type="number"
          dataKey="finished"
          domain={[0, 100]}
          unit=" %"
          stroke={ink('faded')}
          width={60}
          label={beside(t('kits.charts.finishedOf'))}
        />
        <ReferenceLine
          segment={[
            { x: 0, y: 0 },
            { x: 100, y: 100 },
          ]}
          stroke={ink('ink')}
          strokeDasharray="6 4"
        />
        <Scatter data={data} fill={ink('copper')} isAnimationActive={false} />
      </ScatterChart>
    </Chart>
  );
}

/** When each learner finished, against what half time let expect. */
export function FinishChart({ finishes }: { readonly finishes: readonly Finish[] }) {
  const { t } = useTranslation();
  if (finishes.length === 0) {
    return (
      <NothingYet
        title={t('kits.charts.finishTimes')}
        says={t('kits.charts.nobodyFinishedAfterHalfTimeSo')}
      />
    );
  }
  const most = Math.max(...finishes.flatMap(({ expected, finished }) => [expected, finished]));
  const off =
    finishes.reduce((sum, { expected, finished }) => sum + Math.abs(finished - expected), 0) /
    finishes.length;
  return (
    <Chart
      title={t('kits.charts.finishTimes')}
      says={t('kits.charts.minutesAtWhichLearnersFinished', {
        count: finishes.length,
        off: decimal(off, 0),
      })}
    >
      <ScatterChart margin={margin}>
        <CartesianGrid stroke={ink('line')} />
        <XAxis
          type="number"
          dataKey="expected"
          stroke={ink('faded')}
          label={below(t('kits.charts.expectedAtHalfTimeMinute'))}
        />
        <YAxis
          type="number"
          dataKey="finished"
          stroke={ink('faded')}
          width={60}
          label={beside(t('kits.charts.finishedMinute'))}
        />
        <ReferenceLine
          segment={[
            { x: 0, y: 0 },
            { x: most, y: most },
          ]}
          stroke={ink('ink')}
          strokeDasharray="6 4"
        />
        <Scatter data={[...finishes]} fill={ink('copper')} isAnimationActive={false} />
      </ScatterChart>
    </Chart>
  );
}
