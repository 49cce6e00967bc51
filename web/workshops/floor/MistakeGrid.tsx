import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Popover from '@mui/material/Popover';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Author, Deed } from '#core/build/event';
import { wrongValue } from '#core/learning/mistakes/fitting';
import type { MistakeId } from '#core/learning/mistakes/ids';
import { mistakesOf } from '#core/learning/mistakes/index';
import { otherValues } from '#core/learning/mistakes/otherValues';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { stepTitle } from '#core/words/partWords';
import { type FloorSeat, seatName } from './floorSeat.ts';
import { PlaceCell } from './PlaceCell.tsx';
import { WhichValue } from './WhichValue.tsx';

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
  const [noticedBy, setNoticedBy] = useState<Author>('instructor');
  const [stepId, setStepId] = useState(state.currentStepId ?? steps.at(-1)?.id ?? '');
  const step = steps.find(({ id }) => id === stepId);
  const places =
    !step || step.kind === 'check' ? [] : step.parts.flatMap((part) => part.designators);
  const [asked, setAsked] = useState<string>();
  const logAt = (mistake: MistakeId, designator: string) => {
    if (mistake === wrongValue.id && otherValues(steps, designator).length > 0)
      setAsked(designator);
    else log({ kind: 'mistake', stepId, mistake, designator, noticedBy });
  };
  const reached = steps.filter(({ id }) => id in state.doneAt || id === state.currentStepId);
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={close}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
      transformOrigin={{ vertical: 'top', horizontal: 'right' }}
      slotProps={{
        paper: {
          role: 'dialog',
          'aria-label': t('workshops.mistakeGrid.mistakeAtSeat', { number: seat.number }),
        },
      }}
    >
      <Box sx={{ p: 2, minWidth: 380, maxWidth: 760 }}>
        <Typography variant="h2" sx={{ mb: 1 }}>
          {t('workshops.mistakeGrid.whatAndWhere', { seatName: seatName(seat) })}
        </Typography>
        <TextField
          select
          size="small"
          label={t('workshops.mistakeGrid.madeAtStep')}
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
        <RadioGroup
          row
          aria-label={t('workshops.mistakeGrid.noticedBy')}
          value={noticedBy}
          onChange={({ target }) => setNoticedBy(target.value as Author)}
          sx={{ mb: 1 }}
        >
          <FormControlLabel
            value="instructor"
            control={<Radio />}
            label={t('workshops.mistakeGrid.iSawIt')}
          />
          <FormControlLabel
            value="learner"
            control={<Radio />}
            label={t('workshops.mistakeGrid.theLearnerSawIt')}
          />
        </RadioGroup>
        {asked !== undefined && (
          <WhichValue
            steps={steps}
            place={asked}
            say={(instead) =>
              log({
                kind: 'mistake',
                stepId,
                mistake: wrongValue.id,
                designator: asked,
                instead,
                noticedBy,
              })
            }
          />
        )}
        {step && asked === undefined && (
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
                    <PlaceCell
                      key={name}
                      label={name}
                      name={t('workshops.mistakeGrid.whatAt', {
                        what: t(`mistake.${id}.name`),
                        place: name,
                      })}
                      tap={() => logAt(id, name)}
                    />
                  ))}
                  {places.length !== 1 && (
                    <PlaceCell
                      label={places.length === 0 ? t('workshops.mistakeGrid.here') : '?'}
                      name={t(
                        places.length === 0
                          ? 'workshops.mistakeGrid.whatHere'
                          : 'workshops.mistakeGrid.whatSomewhere',
                        { what: t(`mistake.${id}.name`) },
                      )}
                      tap={() => log({ kind: 'mistake', stepId, mistake: id, noticedBy })}
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
