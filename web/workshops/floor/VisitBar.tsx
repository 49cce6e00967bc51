import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { minutesSince } from '#core/pace/waiting';
import { ink } from '../../app/tokens.ts';
import { type OpenVisit, seatName } from './floorSeat.ts';

interface VisitBarProps {
  readonly visits: readonly OpenVisit[];
  /** The helper on this device; undefined for the instructor. */
  readonly me: string | undefined;
  readonly choose: (seatId: string) => void;
  readonly leave: (visit: OpenVisit) => void;
}

/** Who is where, so that two people do not go to one seat; and the end of one’s own visit. */
export function VisitBar({ visits, me, choose, leave }: VisitBarProps) {
  const { t } = useTranslation();
  return visits.map((open) => {
    const { at, visit } = open;
    const minutes = minutesSince(visit.at, at.now);
    const isMine = visit.helper === me;
    const who = isMine
      ? t('workshops.visitBar.youAreWith')
      : visit.helper === undefined
        ? t('workshops.visitBar.instructorIsWith')
        : t('workshops.visitBar.helperIsWith', { helper: visit.helper });
    return (
      <Box
        key={visit.eventId}
        role="status"
        sx={{
          display: 'flex',
          justifyContent: 'space-between',
          alignItems: 'center',
          gap: 1,
          background: ink('copperSoft'),
          borderLeft: `6px solid ${ink('copper')}`,
          p: 1,
        }}
      >
        <span>
          {who}{' '}
          <Box
            component="button"
            type="button"
            onClick={() => choose(at.seat.id)}
            sx={{
              font: 'inherit',
              fontWeight: 700,
              color: 'inherit',
              background: 'none',
              border: 0,
              p: 0,
              cursor: 'pointer',
              textDecoration: 'underline',
            }}
          >
            {seatName(at.seat)}
          </Box>
          {minutes > 0 && ` ${t('workshops.visitBar.forMin', { minutes })}`}
        </span>
        {isMine && (
          <Button
            variant="contained"
            onClick={() => leave(open)}
            sx={{ minHeight: 44, whiteSpace: 'nowrap' }}
          >
            {t('workshops.visitBar.goneOn')}
          </Button>
        )}
      </Box>
    );
  });
}
