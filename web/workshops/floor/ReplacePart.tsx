import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { stepTitle } from '#core/words/partWords';
import type { FloorSeat } from './floorSeat.ts';
import { PlaceCell } from './PlaceCell.tsx';

interface ReplacePartProps {
  readonly at: FloorSeat;
  readonly replace: (stepId: string, designator: string) => void;
}

/** Another piece handed out: one tap says which; it leaves its drawer in the stores. */
export function ReplacePart({ at: { steps, state }, replace }: ReplacePartProps) {
  const { t } = useTranslation();
  const reached = steps.filter(
    (step) =>
      step.kind !== 'check' &&
      (step.id in state.doneAt || step.id === state.currentStepId) &&
      step.parts.some(({ designators }) => designators.length > 0),
  );
  const [stepId, setStepId] = useState(
    reached.find(({ id }) => id === state.currentStepId)?.id ?? reached.at(-1)?.id ?? '',
  );
  const step = reached.find(({ id }) => id === stepId);
  if (!step || step.kind === 'check') return <Box>No part has been fitted yet.</Box>;
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <TextField
        select
        size="small"
        label="Of step"
        value={stepId}
        onChange={({ target }) => setStepId(target.value)}
      >
        {reached.map((one) => (
          <MenuItem key={one.id} value={one.id}>
            {steps.indexOf(one) + 1} {stepTitle(t, one)}
          </MenuItem>
        ))}
      </TextField>
      <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap' }}>
        {step.parts
          .flatMap(({ designators }) => designators)
          .map((place) => (
            <PlaceCell
              key={place}
              label={place}
              name={`${place} is replaced`}
              tap={() => replace(stepId, place)}
            />
          ))}
      </Box>
    </Box>
  );
}
