import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useEffect, useState } from 'react';
import type { Side } from '#core/board/board';
import { useChoices } from '../../app/useChoices.ts';

/** The side in the address. */
export function useSide(): Side {
  const [search] = useChoices();
  return search.get('side') === 'bottom' ? 'bottom' : 'top';
}

interface Turning {
  readonly side: Side;
  readonly turn: (side: Side) => void;
}

/**
 * The side that a picture shows. It turns in the very next frame; the address, to which the whole page listens, follows
 * in the one after.
 */
export function useTurning(): Turning {
  const [, choose] = useChoices();
  const addressed = useSide();
  const [side, setSide] = useState(addressed);
  useEffect(() => setSide(addressed), [addressed]);
  const turn = (next: Side) => {
    setSide(next);
    requestAnimationFrame(() =>
      setTimeout(() => choose({ side: next === 'bottom' ? 'bottom' : undefined })),
    );
  };
  return { side, turn };
}

/** Turns the board over. */
export function SideSwitch({ side, turn }: Turning) {
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={side}
      aria-label="Side of the board"
      onChange={(_, chosen: Side | null) => {
        if (chosen) turn(chosen);
      }}
    >
      <ToggleButton value="top">Component side</ToggleButton>
      <ToggleButton value="bottom">Solder side</ToggleButton>
    </ToggleButtonGroup>
  );
}
