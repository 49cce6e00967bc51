import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Stage } from '#core/order/stage';
import type { Step } from '#core/order/step';
import { checkExpects, partName, stepTitle } from '#core/words/partWords';
import '../../ui/board/board.css';

interface BuildUpProps {
  readonly steps: readonly Step[];
  /** The step that is looked at; undefined for the finished board. */
  readonly at: Step | undefined;
  readonly stage: Stage | undefined;
  readonly choose: (stepId: string | undefined) => void;
}

/** How long a step stays in sight while the board builds itself up, in ms: long enough to read its name aloud. */
const stayMs = 2200;

/** A slider over the steps: the board as it is at each, by hand or by itself. */
export function BuildUpSlider({ steps, at, choose }: BuildUpProps) {
  const { t } = useTranslation();
  const [isPlaying, setPlaying] = useState(false);
  const index = at ? steps.indexOf(at) : steps.length;
  const nameOf = (place: number): string => {
    const step = steps[place];
    return step
      ? t('kits.buildUp.stepAt', { number: place + 1, title: stepTitle(t, step) })
      : t('kits.buildUp.finished');
  };
  const goTo = (place: number) => choose(steps[place]?.id);

  useEffect(() => {
    if (!isPlaying) return;
    if (index >= steps.length) return setPlaying(false);
    const timer = setTimeout(() => choose(steps[index + 1]?.id), stayMs);
    return () => clearTimeout(timer);
  }, [isPlaying, index, steps, choose]);

  return (
    <Box
      component="section"
      className="build-up-slider"
      aria-label={t('kits.buildUp.title')}
      sx={{ mt: 1.5 }}
    >
      <Typography aria-live="polite" sx={{ fontWeight: 650 }}>
        {nameOf(index)}
      </Typography>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5 }}>
        <Button
          variant="outlined"
          onClick={() => {
            if (!isPlaying && index >= steps.length) goTo(0);
            setPlaying(!isPlaying);
          }}
        >
          {t(isPlaying ? 'kits.buildUp.stop' : 'kits.buildUp.play')}
        </Button>
        <Button
          onClick={() => goTo(index - 1)}
          disabled={index === 0}
          aria-label={t('kits.buildUp.before')}
        >
          ←
        </Button>
        <Slider
          value={index}
          min={0}
          max={steps.length}
          step={1}
          marks
          aria-label={t('kits.buildUp.title')}
          getAriaValueText={nameOf}
          onChange={(_, place) => {
            setPlaying(false);
            goTo(place as number);
          }}
          sx={{ flex: 1, mx: 1 }}
        />
        <Button
          onClick={() => goTo(index + 1)}
          disabled={index >= steps.length}
          aria-label={t('kits.buildUp.next')}
        >
          →
        </Button>
        {document.fullscreenEnabled && (
          <Button onClick={({ currentTarget }) => void switchFullScreen(currentTarget)}>
            {t('kits.buildUp.fullScreen')}
          </Button>
        )}
      </Box>
    </Box>
  );
}

/** The board and its slider alone, for a projector; a second press, or Escape, brings the page back. */
const switchFullScreen = (pressed: Element): Promise<void> | undefined =>
  document.fullscreenElement
    ? document.exitFullscreen()
    : pressed.closest('.board-stage')?.requestFullscreen();

/** The steps as a list: the board follows the one that is chosen. */
export function BuildUpSteps({ steps, at, stage, choose }: BuildUpProps) {
  const { t } = useTranslation();
  return (
    <Box component="section" aria-labelledby="build-up-steps">
      <Typography variant="h2" id="build-up-steps" sx={{ mb: 0.5 }}>
        {t('kits.kitFrame.steps')}
      </Typography>
      <ol className="board-places">
        {steps.map((step, index) => {
          const isAt = step === at;
          return (
            <li key={step.id}>
              <button
                type="button"
                aria-pressed={isAt}
                onClick={() => choose(isAt ? undefined : step.id)}
              >
                <strong className="mono">{index + 1}</strong> {stepTitle(t, step)}
                {isAt && step.kind === 'check' && <span>{checkExpects(t, step)}</span>}
                {isAt && stage && stage.loose.length > 0 && (
                  <span>
                    {t('kits.buildUp.loose', {
                      parts: stage.loose
                        .map((part) => partName(t, part) || part.description)
                        .join(', '),
                    })}
                  </span>
                )}
              </button>
            </li>
          );
        })}
      </ol>
    </Box>
  );
}
