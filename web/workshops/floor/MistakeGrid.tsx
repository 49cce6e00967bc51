import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Popover from '@mui/material/Popover';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Deed } from '#core/build/event';
import { mistakesOf } from '#core/learning/mistakes';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { stepTitle } from '#core/words/partWords';
import { ink, monoFace } from '../../app/tokens.ts';
import { type FloorSeat, seatName } from './floorSeat.ts';

interface MistakeGridProps {
  readonly at: FloorSeat;
  readonly steps: readonly PlannedStep[];
  readonly anchor: HTMLElement;
  readonly log: (deed: Extract<Deed, { kind: 'mistake' }>) => void;
  readonly close: () => void;
}

/** What across where: one tap in the grid says both. The step is the seat's own, or an earlier one. */
export function MistakeGrid({ at, steps, anchor, log, close }: MistakeGridProps) {
  const { t } = useTranslation();
  const { seat, state } = at;
  const [stepId, setStepId] = useState(state.currentStepId ?? steps.at(-1)?.id ?? '');
  const step = steps.find(({ id }) => id === stepId);
  const places =
    !step || step.kind === 'check' ? [] : step.parts.flatMap((part) => part.designators);
  const reached = steps.filter(({ id }) => id in state.doneAt || id === state.currentStepId);
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={close}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
      transformOrigin={{ vertical: 'top', horizontal: 'right' }}
      slotProps={{ paper: { role: 'dialog', 'aria-label': `Mistake at seat ${seat.number}` } }}
    >
      <Box sx={{ p: 2, minWidth: 380, maxWidth: 760 }}>
        <Typography variant="h2" sx={{ mb: 1 }}>
          {seatName(seat)}: what, and where?
        </Typography>
        <TextField
          select
          size="small"
          label="Made at step"
          value={stepId}
          onChange={({ target }) => setStepId(target.value)}
          sx={{ mb: 1.5, minWidth: 320 }}
        >
          {reached.map((reachedStep) => (
            <MenuItem key={reachedStep.id} value={reachedStep.id}>
              {steps.indexOf(reachedStep) + 1} {stepTitle(t, reachedStep)}
            </MenuItem>
          ))}
        </TextField>
        {step && (
          <Box sx={{ display: 'grid', gap: 0.5 }}>
            {mistakesOf(step).map(({ id }) => (
              <Box
                key={id}
                sx={{
                  display: 'grid',
                  gridTemplateColumns: '190px 1fr',
                  alignItems: 'center',
                  gap: 1,
                }}
              >
                <Box sx={{ fontWeight: 650 }}>{t(`mistake.${id}.name`)}</Box>
                <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap' }}>
                  {places.map((name) => (
                    <Cell
                      key={name}
                      label={name}
                      name={`${t(`mistake.${id}.name`)} at ${name}`}
                      tap={() => log({ kind: 'mistake', stepId, mistake: id, designator: name })}
                    />
                  ))}
                  {places.length !== 1 && (
                    <Cell
                      label={places.length === 0 ? 'here' : '?'}
                      name={`${t(`mistake.${id}.name`)}, ${places.length === 0 ? 'here' : 'part not known'}`}
                      tap={() => log({ kind: 'mistake', stepId, mistake: id })}
                    />
                  )}
                </Box>
              </Box>
            ))}
          </Box>
        )}
      </Box>
    </Popover>
  );
}

interface CellProps {
  readonly label: string;
  readonly name: string;
  readonly tap: () => void;
}

function Cell({ label, name, tap }: CellProps) {
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
