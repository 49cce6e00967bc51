import Box from '@mui/material/Box';
import { ink, monoFace } from '../../app/tokens.ts';

interface PlaceCellProps {
  readonly label: string;
  /** What a tap does, for those who do not see it. */
  readonly name: string;
  readonly tap: () => void;
}

/** A place on the board as something to tap, large enough for a thumb. */
export function PlaceCell({ label, name, tap }: PlaceCellProps) {
  return (
    <Box
      component="button"
      type="button"
      aria-label={name}
      onClick={tap}
      sx={{
        fontFamily: monoFace,
        fontWeight: 700,
        fontSize: '1rem',
        minWidth: 56,
        minHeight: 44,
        color: 'inherit',
        background: ink('paper'),
        border: `1px solid ${ink('faded')}`,
        borderRadius: '3px',
        cursor: 'pointer',
        '&:hover': { background: ink('copperSoft') },
      }}
    >
      {label}
    </Box>
  );
}
