import ContentCopy from '@mui/icons-material/ContentCopyOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { seatPagePath } from '#contract/seats';
import type { Seat } from '#contract/workshops';
import { totalMinutes } from '#core/pace/stepMinutes';
import { ink } from '../app/tokens.ts';
import { duration } from '../ui/clock.ts';
import { QrCode } from '../ui/QrCode.tsx';
import { WillItFit } from './fit/WillItFit.tsx';
import { useWorkshop } from './WorkshopFrame.tsx';

/** Who sits where, and the link and code of each seat. */
export function PlanPage() {
  const { steps, lengthMinutes, seats, seatAddress } = useWorkshop();
  const minutes = totalMinutes(steps);
  const spare = lengthMinutes - minutes;
  const onlyHere = /\/\/(127\.|localhost|\[::1\])/.test(seatAddress);
  return (
    <>
      <Alert severity={spare < 0 ? 'warning' : 'info'} sx={{ mb: 2, maxWidth: 900 }}>
        The {steps.length} steps add up to {duration(minutes)} for somebody new.{' '}
        {spare < 0
          ? `That is ${duration(-spare)} more than the workshop has.`
          : `That leaves ${duration(spare)} of ${duration(lengthMinutes)} for the welcome, mistakes and tidying up.`}
      </Alert>
      {onlyHere && (
        <Alert severity="warning" sx={{ mb: 2, maxWidth: 900 }}>
          These links open on this computer only. For phones and tablets in the room, start Ozzet
          with <span className="mono">OZZET_HOST=0.0.0.0</span>; the links then carry this
          computer’s address in the room.
        </Alert>
      )}
      <WillItFit />
      <Typography variant="h2" sx={{ mb: 1 }}>
        Seats
      </Typography>
      <Box
        component="ul"
        sx={{
          m: 0,
          p: 0,
          listStyle: 'none',
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(270px, 1fr))',
          gap: 1.5,
        }}
      >
        {seats.map((seat) => (
          <SeatTicket key={seat.id} seat={seat} address={seatAddress + seatPagePath(seat.token)} />
        ))}
      </Box>
    </>
  );
}

function SeatTicket({ seat, address }: { readonly seat: Seat; readonly address: string }) {
  const { enqueueSnackbar } = useSnackbar();
  const label = `seat ${seat.number}${seat.name ? `, ${seat.name}` : ''}`;
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(address);
      enqueueSnackbar(`Link of ${label} copied`);
    } catch {
      enqueueSnackbar(
        'The browser does not let the link be copied. Open the seat and copy its address.',
      );
    }
  };
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        gap: 1.5,
        background: ink('sheet'),
        border: `1px solid ${ink('line')}`,
        p: 1.25,
      }}
    >
      <QrCode text={address} name={`Code of ${label}`} sizePx={116} />
      <Box sx={{ display: 'grid', alignContent: 'space-between', minWidth: 0 }}>
        <Box>
          <Box className="mono" sx={{ fontSize: '1.5rem', lineHeight: 1 }}>
            {seat.number}
          </Box>
          <Box sx={{ fontWeight: 650, fontSize: '1.1rem', overflowWrap: 'anywhere' }}>
            {seat.name || 'no name yet'}
          </Box>
        </Box>
        <Box sx={{ display: 'grid', justifyItems: 'start' }}>
          <Button
            size="small"
            href={seatPagePath(seat.token)}
            target="_blank"
            aria-label={`Open ${label}`}
          >
            Open the seat
          </Button>
          <Button
            size="small"
            startIcon={<ContentCopy />}
            onClick={() => void copy()}
            aria-label={`Copy the link of ${label}`}
          >
            Copy link
          </Button>
        </Box>
      </Box>
    </Box>
  );
}
