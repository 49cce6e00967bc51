import ContentCopy from '@mui/icons-material/ContentCopyOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { lazy, Suspense } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { Link, useRevalidator } from 'react-router';
import { seatPagePath } from '#contract/seats';
import { renewLink, type Seat, type Workshop } from '#contract/workshops';
import { call } from '../../app/call.ts';
import { useIsInstructor } from '../../app/staff.ts';
import { ink } from '../../app/tokens.ts';
import { useSave } from '../../app/useSave.ts';
import { OpenSeatButton } from '../OpenSeatButton.tsx';

// Its program is as large as the rest of this part.
const QrCode = lazy(async () => ({ default: (await import('../../ui/QrCode.tsx')).QrCode }));

/** The link and the code of each seat. */
export function SeatTickets({ workshop }: { readonly workshop: Workshop }) {
  const { t } = useTranslation();
  const { seats, seatAddress } = workshop;
  return (
    <Box component="section" aria-labelledby="tickets">
      <Typography variant="h2" id="tickets" sx={{ mb: 1 }}>
        {t('workshops.seatTickets.linksAndCodes')}
      </Typography>
      {seatAddress === null ? (
        <Alert severity="warning" sx={{ mb: 2, maxWidth: 900 }}>
          <Trans
            i18nKey="workshops.seatTickets.noPhoneCanOpenASeat"
            components={{ to: <Link to="/workshops/phones" /> }}
          />
        </Alert>
      ) : (
        <Typography sx={{ mb: 1 }}>
          <Trans
            i18nKey="workshops.seatTickets.codesAndLinksLeadToDo"
            values={{ seatAddress }}
            components={{ span: <span className="mono" />, to: <Link to="/workshops/phones" /> }}
          />
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
  const { t } = useTranslation();
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
    enqueueSnackbar(t('workshops.seatTickets.newLinkForTheOldOne', { label }));
  };
  const label = seat.name
    ? t('workshops.seatTickets.seatOf', { number: seat.number, name: seat.name })
    : t('workshops.seatTickets.seat', { number: seat.number });
  const copy = async (link: string) => {
    try {
      await navigator.clipboard.writeText(link);
      enqueueSnackbar(t('workshops.seatTickets.linkOfCopied', { label }));
    } catch {
      enqueueSnackbar(t('workshops.seatTickets.theBrowserDoesNotLetThe'));
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
      {address && (
        <Suspense fallback={<Box sx={{ width: 116, height: 116 }} />}>
          <QrCode text={address} name={t('workshops.seatTickets.codeOf', { label })} sizePx={116} />
        </Suspense>
      )}
      <Box sx={{ display: 'grid', alignContent: 'space-between', minWidth: 0 }}>
        <Box>
          <Box className="mono" sx={{ fontSize: '1.5rem', lineHeight: 1 }}>
            {seat.number}
          </Box>
          <Box sx={{ fontWeight: 650, fontSize: '1.1rem', overflowWrap: 'anywhere' }}>
            {seat.name || t('workshops.seatTickets.noNameYet')}
          </Box>
        </Box>
        <Box sx={{ display: 'grid', justifyItems: 'start' }}>
          <OpenSeatButton
            workshopId={workshopId}
            seat={seat}
            label={t('workshops.seatTickets.open', { label })}
          />
          {address && (
            <Button
              size="small"
              startIcon={<ContentCopy />}
              onClick={() => void copy(address)}
              aria-label={t('workshops.seatTickets.copyTheLinkOf', { label })}
            >
              {t('workshops.seatTickets.copyLink')}
            </Button>
          )}
          {isInstructor && (
            <Button
              size="small"
              color="inherit"
              loading={saving}
              onClick={() => void renew()}
              aria-label={t('workshops.seatTickets.newLinkFor', { label })}
            >
              {t('workshops.seatTickets.newLink')}
            </Button>
          )}
        </Box>
      </Box>
    </Box>
  );
}
