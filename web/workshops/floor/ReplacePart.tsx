import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { stepTitle } from '#core/words/partWords';
import type { FloorSeat } from './floorSeat.ts';
import { PlaceCell } from './PlaceCell.tsx';

interface ReplacePartProps {
  readonly at: FloorSeat;
  readonly replace: (stepId: string, designator: string) => void;
}

const placesOf = (step: PlannedStep | undefined): readonly string[] =>
  !step || step.kind === 'check' ? [] : step.parts.flatMap(({ designators }) => designators);

/** Another piece handed out: one tap says which; it leaves its drawer in the stores. Most are of the step under way. */
export function ReplacePart({ at: { steps, state }, replace }: ReplacePartProps) {
  const { t } = useTranslation();
  const reached = steps.filter(
    (step) =>
      (step.id in state.doneAt || step.id === state.currentStepId) && placesOf(step).length > 0,
  );
  const usual = reached.find(({ id }) => id === state.currentStepId) ?? reached.at(-1);
  const [stepId, setStepId] = useState<string>();
  const [choosing, setChoosing] = useState(false);
  const step = reached.find(({ id }) => id === stepId) ?? usual;
  if (!step) return null;
  return (
    <Box
      component="section"
      aria-label={t('workshops.replacePart.partReplaced')}
      sx={{ display: 'grid', gap: 0.5 }}
    >
      <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap', alignItems: 'center' }}>
        <span>{t('workshops.replacePart.partReplaced2')}</span>
        {placesOf(step).map((place) => (
          <PlaceCell
            key={place}
            label={place}
            name={`${place} is replaced`}
            tap={() => replace(step.id, place)}
          />
        ))}
        {reached.length > 1 && (
          <Button size="small" aria-expanded={choosing} onClick={() => setChoosing(!choosing)}>
            {t('workshops.replacePart.another')}
          </Button>
        )}
      </Box>
      {choosing && (
        <TextField
          select
          size="small"
          label={t('workshops.replacePart.ofStep')}
          value={step.id}
          onChange={({ target }) => setStepId(target.value)}
        >
          {reached.map((one) => (
            <MenuItem key={one.id} value={one.id}>
              {steps.indexOf(one) + 1} {stepTitle(t, one)}
            </MenuItem>
          ))}
        </TextField>
      )}
    </Box>
  );
}
