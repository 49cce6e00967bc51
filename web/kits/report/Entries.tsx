import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { FullKitReport } from '#contract/reports';
import type { Entry } from '#core/learning/kitReport';
import { ink } from '../../app/tokens.ts';
import { useChoices } from '../../app/useChoices.ts';
import { dateAndTime } from '../../ui/clock.ts';

interface FigureProps {
  /** Which entries are counted here; stands in the address. */
  readonly show: string;
  readonly children: ReactNode;
}

/** A figure that can be followed to the entries of the logs that it counts. */
export function Figure({ show, children }: FigureProps) {
  const [search, choose] = useChoices();
  const isShown = search.get('show') === show;
  return (
    <Box
      component="button"
      type="button"
      aria-expanded={isShown}
      onClick={() => choose({ show: isShown ? undefined : show })}
      sx={{
        font: 'inherit',
        color: ink('copper'),
        background: 'none',
        border: 0,
        p: 0,
        textAlign: 'left',
        textDecoration: 'underline',
        cursor: 'pointer',
      }}
    >
      {children}
    </Box>
  );
}

/** The entries behind the figure that was chosen, each leading to the evening it was logged at. */
export function Entries({ report }: { readonly report: FullKitReport }) {
  const { t } = useTranslation();
  const [search, choose] = useChoices();
  const entries = entriesOf(report, search.get('show'));
  if (!entries) return null;
  return (
    <Box
      component="section"
      aria-label="Entries counted"
      sx={{
        background: ink('sheet'),
        border: `1px solid ${ink('line')}`,
        p: 2,
        mb: 4,
        maxWidth: 1000,
      }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between' }}>
        <Typography variant="h2">
          {entries.length === 1 ? 'One entry' : `${entries.length} entries`} of the logs
        </Typography>
        <Button onClick={() => choose({ show: undefined })}>Close</Button>
      </Box>
      {entries.length === 0 && <p>No mistake was logged; the figure counts step times.</p>}
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {entries.map(
          ({ eventId, workshopId, workshopTitle, seatNumber, at, mistake, designator }) => (
            <li key={eventId}>
              <strong>{t(`mistake.${mistake}.name`)}</strong>{' '}
              {designator && <span className="mono">{designator}</span>}, seat {seatNumber},{' '}
              <Link to={`/workshops/${workshopId}/wrap-up`}>{workshopTitle}</Link>,{' '}
              {dateAndTime(at)}
            </li>
          ),
        )}
      </Box>
    </Box>
  );
}

function entriesOf(report: FullKitReport, show: string | null): readonly Entry[] | undefined {
  if (show === null) return undefined;
  if (show === 'all') return report.entries;
  return (
    report.steps.find(({ step }) => `step-${step.id}` === show)?.entries ??
    report.pairs.find(
      ({ pair }) => `pair-${pair.a.designators[0]}-${pair.b.designators[0]}` === show,
    )?.entries ??
    report.proposals.find(({ id, says }) => `proposal-${id}-${says}` === show)?.entries
  );
}
