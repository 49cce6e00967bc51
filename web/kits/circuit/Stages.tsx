import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Circuit } from '#core/circuit/circuit';
import { figuresAt } from '#core/circuit/kitFigures';
import { stagesOf } from '#core/circuit/stages';
import type { Part } from '#core/parts/part';
import { stepTitle } from '#core/words/partWords';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { plannedOnPage } from '../board/plannedOnPage.ts';
import { useKit } from '../KitFrame.tsx';
import { StageFigures } from './StageFigures.tsx';

interface StagesProps {
  readonly circuit: Circuit;
  readonly byPlace: ReadonlyMap<string, Part>;
  readonly point: (net: string) => void;
  readonly start: () => Promise<void>;
}

/** The points of the build at which something is measured, one of them open. */
export function Stages({ circuit, byPlace, point, start }: StagesProps) {
  const { t } = useTranslation();
  const kit = useKit();
  const steps = useMemo(() => plannedOnPage(kit), [kit]);
  const stages = useMemo(() => stagesOf(steps), [steps]);
  const [chosen, setChosen] = useState<number>();
  if (!kit.figures) return null;
  const index = chosen ?? stages.length - 1;
  const stage = stages[index];
  if (!stage) return null;
  const found = figuresAt(kit.figures, stage.places);
  const titles = stage.steps.flatMap((id) => steps.filter((step) => step.id === id));
  return (
    <>
      <Typography variant="h2">{t('kits.circuit.title')}</Typography>
      <TextField
        select
        size="small"
        label={t('kits.circuit.stage')}
        value={index}
        sx={{ minWidth: 280, my: 1 }}
        onChange={({ target: { value } }) => setChosen(Number(value))}
      >
        {stages.map((one, position) => (
          <MenuItem key={one.places.join(' ')} value={position}>
            {position === stages.length - 1
              ? t('kits.circuit.allFitted')
              : t('kits.circuit.fitted', {
                  count: one.places.length,
                  of: stages.at(-1)?.places.length ?? 0,
                })}
            {one.steps.length > 0 &&
              `: ${steps
                .filter(({ id }) => one.steps.includes(id))
                .map((step) => stepTitle(t, step))
                .join(', ')}`}
          </MenuItem>
        ))}
      </TextField>
      {found?.figures ? (
        <StageFigures
          {...{ circuit, point }}
          parts={byPlace}
          figures={found.figures}
          places={new Set(stage.places)}
        />
      ) : (
        <p>
          {found
            ? t('kits.circuit.noSolution')
            : t('kits.circuit.stageUnknown', { count: titles.length })}{' '}
          {!found && (
            <InstructorOnly>
              <Button onClick={() => void start()}>{t('kits.circuit.workOut')}</Button>
            </InstructorOnly>
          )}
        </p>
      )}
    </>
  );
}
