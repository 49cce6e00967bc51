import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import {
  costMinutes,
  meanFoundAfter,
  recommend,
  reportOn,
  type StyleReport,
} from '#core/order/compareStyles';
import { stackName } from '#core/words/orderWords';
import { useKit } from '../KitFrame.tsx';
import '../../ui/plainTable.css';
import { useWorkerTask } from '../../app/useWorkerTask.ts';
import { comparisonTask } from './comparisonTask.ts';
import type { OrderDraft } from './orderDraft.ts';

/** The schools side by side for this very kit, and which of them costs the least time. */
export function CompareStyles({ draft }: { readonly draft: OrderDraft }) {
  const { t } = useTranslation();
  const kit = useKit();
  const { state, start: compare, cancel } = useWorkerTask(comparisonTask);
  const start = () =>
    void compare({
      parts: kit.lines.map(({ part }) => part),
      supplyVolt: kit.supplyVolt,
      board: kit.board,
      settings: draft.settings,
    });
  return (
    <Box component="section" aria-labelledby="compare-title" sx={{ mt: 4, maxWidth: 1180 }}>
      <Typography variant="h2" id="compare-title">
        {t('kits.compareStyles.whichStyleSuitsThisKit')}
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        {t('kits.compareStyles.plansTheKitInEveryStyle')}{' '}
        {!kit.board && t('kits.compareStyles.withoutABoardWhatOnlyPositions')}
      </Typography>
      {state.state === 'working' ? (
        <Box role="status" sx={{ display: 'flex', gap: 2, alignItems: 'center', maxWidth: 620 }}>
          <LinearProgress
            variant="determinate"
            value={100 * (state.progress ?? 0)}
            aria-label={t('kits.compareStyles.stylesPlanned')}
            sx={{ flex: 1 }}
          />
          <Button onClick={cancel}>{t('kits.compareStyles.cancel')}</Button>
        </Box>
      ) : (
        <Button variant="outlined" onClick={start}>
          {t('kits.compareStyles.compareTheStyles')}
        </Button>
      )}
      {state.state === 'failed' && (
        <Alert severity="error" sx={{ mt: 2 }}>
          {state.message}
        </Alert>
      )}
      {state.state === 'done' && <Comparison reports={state.result} draft={draft} />}
    </Box>
  );
}

interface ComparisonProps {
  readonly reports: readonly StyleReport[];
  readonly draft: OrderDraft;
}

function Comparison({ reports, draft }: ComparisonProps) {
  const { t } = useTranslation();
  const now = reportOn(draft.plan, draft.settings);
  const best = recommend(reports, now);
  return (
    <>
      <Typography role="status" sx={{ mt: 2, mb: 1, fontSize: '1.1rem', maxWidth: '75ch' }}>
        {recommendation(best, now, (report) => stackName(t, report.styles))}
      </Typography>
      <div className="table-scroll">
        <table className="plain" aria-label={t('kits.compareStyles.stylesCompared')}>
          <thead>
            <tr>
              <th scope="col">{t('kits.compareStyles.style')}</th>
              {columns.map(({ heading }) => (
                <th key={heading} scope="col" className="number">
                  {heading}
                </th>
              ))}
              <th scope="col" />
            </tr>
          </thead>
          <tbody>
            <Row name={t('kits.compareStyles.asPlanned')} report={now} />
            {reports.map((report) => (
              <Row
                key={report.styles.join()}
                name={stackName(t, report.styles)}
                report={report}
                take={() =>
                  draft.change({
                    styles: report.styles,
                    checks: report.checks,
                    arrangement: null,
                    exceptions: [],
                  })
                }
              />
            ))}
          </tbody>
        </table>
      </div>
      <Typography sx={{ mt: 1, maxWidth: '85ch' }} className="note">
        {t('kits.compareStyles.minutesAreForSomebodyNewChecks')}
      </Typography>
    </>
  );
}

const columns: readonly {
  readonly heading: string;
  readonly cell: (report: StyleReport) => string;
}[] = [
  {
    get heading() {
      return t('kits.compareStyles.turns');
    },
    cell: ({ turns }) => String(turns),
  },
  {
    get heading() {
      return t('kits.compareStyles.toHold');
    },
    cell: ({ held }) => String(held),
  },
  {
    get heading() {
      return t('kits.compareStyles.drop');
    },
    cell: ({ dropMm }) => (dropMm > 0 ? t('kits.compareStyles.mm', { dropMm }) : '–'),
  },
  {
    get heading() {
      return t('kits.compareStyles.minutes');
    },
    cell: ({ minutes }) => String(minutes),
  },
  {
    get heading() {
      return t('kits.compareStyles.faults');
    },
    cell: ({ searchMinutes }) => `+ ${searchMinutes.toFixed(0)}`,
  },
  {
    get heading() {
      return t('kits.compareStyles.hidden');
    },
    cell: (report) =>
      t('kits.compareStyles.min', { meanFoundAfter: meanFoundAfter(report).toFixed(0) }),
  },
  {
    get heading() {
      return t('kits.compareStyles.heat');
    },
    cell: ({ heatJoints }) =>
      heatJoints === null
        ? '–'
        : t('kits.compareStyles.joints', { heatJoints: heatJoints.toFixed(0) }),
  },
  {
    get heading() {
      return t('kits.compareStyles.static');
    },
    cell: ({ staticMinutes }) =>
      staticMinutes === null
        ? '–'
        : t('kits.compareStyles.min2', { staticMinutes: staticMinutes.toFixed(0) }),
  },
];

interface RowProps {
  readonly name: string;
  readonly report: StyleReport;
  readonly take?: () => void;
}

function Row({ name, report, take }: RowProps) {
  const { t } = useTranslation();
  return (
    <tr>
      <th scope="row">
        {name}
        {report.foundAfter.length > 1 && (
          <div className="note" style={{ fontWeight: 400 }}>
            {report.foundAfter
              .map(({ block, minutes }) =>
                t('kits.compareStyles.min3', { block, minutes: minutes.toFixed(0) }),
              )
              .join(' · ')}
          </div>
        )}
      </th>
      {columns.map(({ heading, cell }) => (
        <td key={heading} className="mono number">
          {cell(report)}
        </td>
      ))}
      <td className="number">
        {take && (
          <Button size="small" onClick={take} aria-label={t('kits.compareStyles.take', { name })}>
            {t('kits.compareStyles.takeIt')}
          </Button>
        )}
      </td>
    </tr>
  );
}

/** The recommendation in plain words. */
function recommendation(
  { best, savesMinutes, soonest }: ReturnType<typeof recommend>,
  now: StyleReport,
  name: (report: StyleReport) => string,
): string {
  const hold =
    best.held === 0
      ? t('kits.compareStyles.nothingToHold')
      : t('kits.compareStyles.partsToHold', { held: best.held });
  const facts = t('kits.compareStyles.minutesSomeMinutesOfLookingFor', {
    minutes: best.minutes,
    hold,
    searchMinutes: best.searchMinutes.toFixed(0),
  });
  const first =
    savesMinutes < 1
      ? t('kits.compareStyles.theOrderAsItIsNow', { facts })
      : t('kits.compareStyles.wouldSaveAboutMinutesALearner', {
          name: name(best),
          savesMinutes: savesMinutes.toFixed(0),
          facts,
        });
  if (!soonest || soonest === now) return first;
  const sooner = meanFoundAfter(best) - meanFoundAfter(soonest);
  const dearer = costMinutes(soonest) - costMinutes(best);
  return t('kits.compareStyles.findsAFaultMinutesSoonerAnd', {
    first,
    name: name(soonest),
    sooner: sooner.toFixed(0),
    dearer: dearer.toFixed(0),
  });
}
