import Button from '@mui/material/Button';
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
  const { token, show, save } = useSeatLink(workshopId, seat);
  return token === null ? (
    <Button onClick={show} loading={save.saving} sx={{ minHeight: 44 }}>
      {save.refusal ? 'Try to show the link again' : 'Show the seat’s link'}
    </Button>
  ) : (
    <Button href={seatPagePath(token)} target="_blank" aria-label={label} sx={{ minHeight: 44 }}>
      Open the seat
    </Button>
  );
}
