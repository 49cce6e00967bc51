import ContentCopy from '@mui/icons-material/ContentCopyOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { Link, useRevalidator } from 'react-router';
import { seatPagePath } from '#contract/seats';
import { renewLink, type Seat, type Workshop } from '#contract/workshops';
import { call } from '../../app/call.ts';
import { useIsInstructor } from '../../app/staff.ts';
import { ink } from '../../app/tokens.ts';
import { useSave } from '../../app/useSave.ts';
import { QrCode } from '../../ui/QrCode.tsx';
import { OpenSeatButton } from '../OpenSeatButton.tsx';

/** The link and the code of each seat. */
export function SeatTickets({ workshop }: { readonly workshop: Workshop }) {
  const { seats, seatAddress } = workshop;
  return (
    <Box component="section" aria-labelledby="tickets">
      <Typography variant="h2" id="tickets" sx={{ mb: 1 }}>
        Links and codes
      </Typography>
      {seatAddress === null ? (
        <Alert severity="warning" sx={{ mb: 2, maxWidth: 900 }}>
          No phone can open a seat yet, so there are no codes and no labels to print.{' '}
          <Link to="/workshops/phones">Choose the network of the room</Link> first. On this computer
          seats open all the same.
        </Alert>
      ) : (
        <Typography sx={{ mb: 1 }}>
          Codes and links lead to <span className="mono">{seatAddress}</span>.{' '}
          <Link to="/workshops/phones">Do phones get in?</Link>
        </Typography>
      )}
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
          <SeatTicket key={seat.id} seat={seat} workshop={workshop} />
        ))}
      </Box>
    </Box>
  );
}

function SeatTicket({ seat, workshop }: { readonly seat: Seat; readonly workshop: Workshop }) {
  const { enqueueSnackbar } = useSnackbar();
  const { revalidate } = useRevalidator();
  const isInstructor = useIsInstructor();
  const { run, saving } = useSave();
  const { id: workshopId, seatAddress } = workshop;
  const { token } = seat;
  const address = seatAddress && token ? seatAddress + seatPagePath(token) : null;
  const renew = async () => {
    const refused = await run(() => call(renewLink, { params: { workshopId, seatId: seat.id } }));
    if (refused) return void enqueueSnackbar(refused.message, { variant: 'error' });
    await revalidate();
    enqueueSnackbar(`New link for ${label}. The old one says so; print the label again.`);
  };
  const label = `seat ${seat.number}${seat.name ? `, ${seat.name}` : ''}`;
  const copy = async (link: string) => {
    try {
      await navigator.clipboard.writeText(link);
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
      {address && <QrCode text={address} name={`Code of ${label}`} sizePx={116} />}
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
          <OpenSeatButton workshopId={workshopId} seat={seat} label={`Open ${label}`} />
          {address && (
            <Button
              size="small"
              startIcon={<ContentCopy />}
              onClick={() => void copy(address)}
              aria-label={`Copy the link of ${label}`}
            >
              Copy link
            </Button>
          )}
          {isInstructor && (
            <Button
              size="small"
              color="inherit"
              loading={saving}
              onClick={() => void renew()}
              aria-label={`New link for ${label}`}
            >
              New link
            </Button>
          )}
        </Box>
      </Box>
    </Box>
  );
}
