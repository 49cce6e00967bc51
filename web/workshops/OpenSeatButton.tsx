import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { seatPagePath } from '#contract/seats';
import type { Seat } from '#contract/workshops';
import { useSeatLink } from './useSeatLink.ts';

interface OpenSeatButtonProps {
  readonly workshopId: string;
  readonly seat: Seat;
  readonly label?: string;
}

/** Opens a learner's page beside this one. */
export function OpenSeatButton({ workshopId, seat, label }: OpenSeatButtonProps) {
  const { t } = useTranslation();
  const { token, show, save } = useSeatLink(workshopId, seat);
  return token === null ? (
    <Button onClick={show} loading={save.saving} sx={{ minHeight: 44 }}>
      {save.refusal
        ? t('workshops.openSeatButton.tryToShowTheLinkAgain')
        : t('workshops.openSeatButton.showTheSeatsLink')}
    </Button>
  ) : (
    <Button href={seatPagePath(token)} target="_blank" aria-label={label} sx={{ minHeight: 44 }}>
      {t('workshops.openSeatButton.openTheSeat')}
    </Button>
  );
}
