import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { type TFunction, t } from 'i18next';
import { Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { type FullKitReport, getKitReport, kitReportCsvPath } from '#contract/reports';
import { isFew, type Share } from '#core/learning/shares';
import type { Risk } from '#core/mixups/findMixUps';
import { partName, stepPlaces, stepTitle } from '#core/words/partWords';
import { saying } from '#core/words/sayings';
import { call } from '../../app/call.ts';
import { ink } from '../../app/tokens.ts';
import { ChartComing } from '../../ui/ChartComing.tsx';
import { type Column, DataTable } from '../../ui/DataTable.tsx';
import { EmptyState } from '../../ui/EmptyState.tsx';
import '../../ui/plainTable.css';
import { decimal } from '../../ui/decimal.ts';
import { useKit } from '../KitFrame.tsx';
import { CalibrationChart, FinishChart, MistakesByStep, PaceByStep } from './chartsWhenSeen.ts';
import { Entries, Figure, showPace } from './Entries.tsx';

export const loadKitReport = ({ params }: LoaderFunctionArgs) =>
  call(getKitReport, { params: { kitId: String(params.kitId) } });

/** What all workshops of a kit say about it: where people stumble, what takes long, what to change. */
export function ReportPage() {
  const { t, i18n } = useTranslation();
  const { id } = useKit();
  const report = useLoaderData<FullKitReport>();
  const { workshops, builds, finished, steps, pairs, proposals, entries } = report;
  if (builds === 0) {
    return (
      <EmptyState
        title={t('kits.reportPage.nobodyHasBuiltItYet')}
        text={t('kits.reportPage.afterTheFirstWorkshopWithThis')}
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
            {t('kits.reportPage.built', {
              builds: t('kits.reportPage.builds', { count: builds }),
              workshops: t('kits.reportPage.workshops', { count: workshops }),
              finished: finished.count,
            })}
          </Figure>{' '}
          <Figure show="all">{t('kits.reportPage.mistakes', { count: entries.length })}</Figure>{' '}
          {isFew(finished) && t('kits.reportPage.theseAreFewTakeWhatFollows')}
        </Typography>
        <Button color="inherit" variant="outlined" href={kitReportCsvPath(id, i18n.language)}>
          {t('kits.reportPage.mistakesAsCsv')}
        </Button>
      </Box>
      <Box component="section" aria-labelledby="change" sx={{ mb: 4, maxWidth: 1000 }}>
        <Typography variant="h2" id="change">
          {t('kits.reportPage.whatToChange')}
        </Typography>
        {proposals.length === 0 && <p>{t('kits.reportPage.nothingStandsOutSoFar')}</p>}
        {proposals.map((proposal) => (
          <Box
            key={proposal.id + proposal.about}
            sx={{ borderLeft: `6px solid ${ink('copper')}`, pl: 1.5, py: 0.5, my: 1 }}
          >
            <strong>{saying(t, proposal.says)}</strong>
            <Box>
              <Figure
                show={
                  proposal.stepId === undefined
                    ? `proposal-${proposal.id}-${proposal.about}`
                    : showPace(proposal.stepId)
                }
              >
                {saying(t, proposal.because)}
              </Figure>
              {proposal.few && ` ${t('kits.reportPage.fewWatchItOnceMoreBefore')}`}
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
        <Suspense fallback={<ChartComing />}>
          <MistakesByStep steps={steps} />
          <PaceByStep steps={steps} />
        </Suspense>
      </Box>
      <Typography variant="h2">{t('kits.reportPage.stepByStep')}</Typography>
      <DataTable
        name={t('kits.reportPage.stepByStep')}
        columns={stepColumns(t)}
        rows={steps}
        keyOf={({ step }) => step.id}
      />
      <Box component="section" aria-labelledby="pairs" sx={{ my: 4, maxWidth: 1000 }}>
        <Typography variant="h2" id="pairs">
          {t('kits.reportPage.mixedUpInFact')}
        </Typography>
        {pairs.length === 0 ? (
          <p>{t('kits.reportPage.noneOfThePairsThatLook')}</p>
        ) : (
          <table className="plain" aria-label={t('kits.reportPage.mixedUpInFact')}>
            <tbody>
              {pairs.map(({ pair, mixedUp }) => (
                <tr key={pair.a.designators.join() + pair.b.designators.join()}>
                  <th scope="row">
                    {t('kits.reportPage.and', {
                      partName: partName(t, { ...pair.a, quantity: 1 }),
                      designators: pair.a.designators.join(', '),
                      partName2: partName(t, { ...pair.b, quantity: 1 }),
                      designators2: pair.b.designators.join(', '),
                    })}
                  </th>
                  <td>
                    <Figure show={`pair-${pair.a.designators[0]}-${pair.b.designators[0]}`}>
                      {shareWords(mixedUp)}
                    </Figure>
                  </td>
                  <td>
                    {t('kits.reportPage.fearedAs', {
                      risk: t(`kits.pairCard.${riskWord[pair.risk]}`),
                    })}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Box>
      <Typography variant="h2">{t('kits.reportPage.wasTheForecastAnyGood')}</Typography>
      {report.calibration.count === 0 ? (
        <p>{t('kits.reportPage.noWorkshopOfThisKitIs')}</p>
      ) : (
        <>
          <Alert severity="info" sx={{ my: 1, maxWidth: 900 }}>
            <Figure show="forecasts">
              {t('kits.reportPage.atHalfTimeLearnersWereTold', { count: report.calibration.count })}
            </Figure>{' '}
            {t('kits.reportPage.theMeanSquaredErrorIs0', {
              brier: report.calibration.brier === null ? '–' : decimal(report.calibration.brier, 2),
            })}
          </Alert>
          <Box
            sx={{
              display: 'grid',
              gap: 4,
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
            }}
          >
            <Suspense fallback={<ChartComing />}>
              <CalibrationChart calibration={report.calibration} />
              <FinishChart finishes={report.finishes} />
            </Suspense>
          </Box>
        </>
      )}
    </>
  );
}

const riskWord: Readonly<Record<Risk, string>> = {
  high: 'highRisk',
  medium: 'someRisk',
  low: 'lowRisk',
};

const stepColumns = (t: TFunction): readonly Column<FullKitReport['steps'][number]>[] => [
  {
    id: 'step',
    head: t('kits.reportPage.step'),
    isName: true,
    by: ({ number }) => number,
    cell: ({ step, number }) => (
      <>
        {number} {stepTitle(t, step)} <span className="mono">{stepPlaces(step)}</span>
      </>
    ),
  },
  {
    id: 'wrong',
    head: t('kits.reportPage.wentWrongIn'),
    by: ({ stumbled: { count, of } }) => (of === 0 ? null : count / of),
    cell: ({ step, stumbled }) =>
      stumbled.count === 0 ? (
        <Box component="span" sx={{ color: ink('faded') }}>
          {t('kits.reportPage.noneOf', { of: stumbled.of })}
        </Box>
      ) : (
        <Figure show={`step-${step.id}`}>{shareWords(stumbled)}</Figure>
      ),
  },
  {
    id: 'what',
    head: t('kits.reportPage.what'),
    cell: ({ entries }) => kindsOf(entries.map(({ mistake }) => t(`mistake.${mistake}.name`))),
  },
  {
    id: 'pace',
    head: t('kits.reportPage.timesThePlan'),
    isNumber: true,
    by: ({ pace }) => pace?.share ?? null,
    cell: ({ step, pace }) =>
      pace && (
        <Figure show={showPace(step.id)}>
          {t('kits.reportPage.toTimes', {
            share: decimal(pace.share, 1),
            low: decimal(pace.low, 1),
            high: decimal(pace.high, 1),
            count: pace.count,
          })}
        </Figure>
      ),
  },
];

/** `3 of 10 builds (11 to 60 %)` */
const shareWords = ({ count, of, low, high }: Share): string =>
  t('kits.reportPage.ofBuildsTo', {
    count,
    of,
    value: Math.round(100 * low),
    value2: Math.round(100 * high),
  });

/** `Wrong value 3, Solder bridge` */
function kindsOf(names: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts]
    .sort(([, a], [, b]) => b - a)
    .map(([name, count]) => (count === 1 ? name : `${name} ${count}`))
    .join(', ');
}
