import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
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
        Which style suits this kit?
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        Plans the kit in every style and counts turns of the board, parts that would fall out,
        minutes, and how long a fault stays hidden.
        {!kit.board && ' Without a board, what only positions tell is left out.'}
      </Typography>
      {state.state === 'working' ? (
        <Box role="status" sx={{ display: 'flex', gap: 2, alignItems: 'center', maxWidth: 620 }}>
          <LinearProgress
            variant="determinate"
            value={100 * (state.progress ?? 0)}
            aria-label="Styles planned"
            sx={{ flex: 1 }}
          />
          <Button onClick={cancel}>Cancel</Button>
        </Box>
      ) : (
        <Button variant="outlined" onClick={start}>
          Compare the styles
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
        <table className="plain" aria-label="Styles compared">
          <thead>
            <tr>
              <th scope="col">Style</th>
              {columns.map(({ heading }) => (
                <th key={heading} scope="col" className="number">
                  {heading}
                </th>
              ))}
              <th scope="col" />
            </tr>
          </thead>
          <tbody>
            <Row name="As it is planned now" report={now} />
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
        Minutes are for somebody new, checks included. Looking for faults reckons with one bad joint
        in forty, each joint since the last test under suspicion (common practice). Hidden: from the
        middle of a block’s soldering to the power that tells. Heat: joints that are made when a
        part that heat can spoil is in, on the average. Static: how long a part that static can
        spoil is out of its bag.
      </Typography>
    </>
  );
}

const columns: readonly {
  readonly heading: string;
  readonly cell: (report: StyleReport) => string;
}[] = [
  { heading: 'Turns', cell: ({ turns }) => String(turns) },
  { heading: 'To hold', cell: ({ held }) => String(held) },
  { heading: 'Drop', cell: ({ dropMm }) => (dropMm > 0 ? `${dropMm} mm` : '–') },
  { heading: 'Minutes', cell: ({ minutes }) => String(minutes) },
  { heading: 'Faults', cell: ({ searchMinutes }) => `+ ${searchMinutes.toFixed(0)}` },
  { heading: 'Hidden', cell: (report) => `${meanFoundAfter(report).toFixed(0)} min` },
  {
    heading: 'Heat',
    cell: ({ heatJoints }) => (heatJoints === null ? '–' : `${heatJoints.toFixed(0)} joints`),
  },
  {
    heading: 'Static',
    cell: ({ staticMinutes }) => (staticMinutes === null ? '–' : `${staticMinutes.toFixed(0)} min`),
  },
];

interface RowProps {
  readonly name: string;
  readonly report: StyleReport;
  readonly take?: () => void;
}

function Row({ name, report, take }: RowProps) {
  return (
    <tr>
      <th scope="row">
        {name}
        {report.foundAfter.length > 1 && (
          <div className="note" style={{ fontWeight: 400 }}>
            {report.foundAfter
              .map(({ block, minutes }) => `${block} ${minutes.toFixed(0)} min`)
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
          <Button size="small" onClick={take} aria-label={`Take ${name}`}>
            Take it
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
  const hold = best.held === 0 ? 'nothing to hold' : `${best.held} parts to hold`;
  const facts = `${best.minutes} minutes, ${hold}, some ${best.searchMinutes.toFixed(0)} minutes of looking for faults to be expected`;
  const first =
    savesMinutes < 1
      ? `The order as it is now is as good as any: ${facts}.`
      : `${name(best)} would save about ${savesMinutes.toFixed(0)} minutes a learner: ${facts}.`;
  if (!soonest || soonest === now) return first;
  const sooner = meanFoundAfter(best) - meanFoundAfter(soonest);
  const dearer = costMinutes(soonest) - costMinutes(best);
  return `${first} ${name(soonest)} finds a fault ${sooner.toFixed(0)} minutes sooner, and costs ${dearer.toFixed(0)} minutes more.`;
}
