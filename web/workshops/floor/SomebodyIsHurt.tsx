import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { type FloorSeat, seatName } from './floorSeat.ts';

interface SomebodyIsHurtProps {
  readonly seats: readonly FloorSeat[];
  readonly visit: (at: FloorSeat) => void;
}

/** Above everything else on the floor, as long as nobody has gone there. */
export function SomebodyIsHurt({ seats, visit }: SomebodyIsHurtProps) {
  const { t } = useTranslation();
  return seats
    .filter(({ state }) => state.help?.about === 'hurt')
    .map((at) => (
      <Alert
        key={at.seat.id}
        severity="error"
        variant="filled"
        sx={{ mb: 1, fontSize: '1.2rem', position: 'sticky', top: 0, zIndex: 4 }}
        action={
          <Button
            color="inherit"
            variant="outlined"
            onClick={() => visit(at)}
            sx={{ whiteSpace: 'nowrap', minHeight: 48 }}
          >
            {t('workshops.whoNext.imThere')}
          </Button>
        }
      >
        {t('workshops.hurt.says', { seat: seatName(at.seat) })}
      </Alert>
    ));
}
