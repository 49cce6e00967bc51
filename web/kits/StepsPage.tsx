import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { totalMinutes } from '#core/pace/stepMinutes';
import { familyOf } from '#core/parts/families/index';
import type { Part } from '#core/parts/part';
import {
  cautionSentence,
  checkWords,
  reasonSentence,
  stepPlaces,
  stepTitle,
} from '#core/words/partWords';
import { ink } from '../app/tokens.ts';
import { duration } from '../ui/clock.ts';
import { Glyph } from '../ui/Glyph.tsx';
import { PartPicture } from '../ui/PartPicture.tsx';
import { useKit } from './KitFrame.tsx';

/** The soldering order and why it is so. */
export function StepsPage() {
  const { steps } = useKit();
  const joints = steps.reduce((sum, step) => sum + (step.kind === 'check' ? 0 : step.joints), 0);
  return (
    <>
      <Typography sx={{ mb: 1.5 }}>
        <strong>Lowest first:</strong> turned over, the lowest part lies flat on the mat and does
        not fall out. {steps.length} steps, {joints} joints, about {duration(totalMinutes(steps))}{' '}
        for somebody new.
      </Typography>
      <Box component="ol" aria-label="Steps" sx={{ m: 0, p: 0, listStyle: 'none', maxWidth: 1180 }}>
        {steps.map((step, index) => (
          <StepRow key={step.id} step={step} number={index + 1} />
        ))}
      </Box>
    </>
  );
}

function StepRow({ step, number }: { readonly step: PlannedStep; readonly number: number }) {
  const { t } = useTranslation();
  const isCheck = step.kind === 'check';
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '44px 170px 1fr 110px',
        gap: 2,
        alignItems: 'center',
        py: 1,
        px: 1,
        borderBottom: `1px solid ${ink('line')}`,
        background: isCheck ? ink('boardSoft') : 'transparent',
      }}
    >
      <Box className="mono" sx={{ fontSize: '1.3rem', textAlign: 'right', color: ink('faded') }}>
        {number}
      </Box>
      <Box
        sx={{
          display: 'flex',
          gap: 0.5,
          flexWrap: 'wrap',
          alignItems: 'center',
          '& .mat': { p: '3px 6px' },
        }}
      >
        {isCheck ? (
          <Box component="span" sx={{ fontWeight: 700, color: ink('board') }}>
            <Glyph name="box" /> Check
          </Box>
        ) : (
          step.parts.map((part) => (
            <PartPicture
              key={part.designators.join() || part.description}
              part={part}
              pixelsPerMm={stepPictureScale(part)}
            />
          ))
        )}
      </Box>
      <Box>
        <Typography component="h2" variant="h2">
          {stepTitle(t, step)}
          {stepPlaces(step) && (
            <Box component="span" className="mono" sx={{ ml: 1, color: ink('copper') }}>
              {stepPlaces(step)}
            </Box>
          )}
        </Typography>
        <Typography>{reasonSentence(t, step)}</Typography>
        {step.kind !== 'check' &&
          step.cautions.map((caution) => (
            <Typography key={JSON.stringify(caution)} sx={{ color: ink('alarm'), fontWeight: 600 }}>
              <Glyph name="warn" /> {cautionSentence(t, caution)}
            </Typography>
          ))}
        {isCheck && (
          <Typography sx={{ color: ink('faded') }}>
            {checkWords(t, step).join(' ')} {t(`check.${step.check}.expect`)}{' '}
            {t(`check.${step.check}.otherwise`)}
          </Typography>
        )}
      </Box>
      <Box sx={{ textAlign: 'right' }}>
        <div>{t('step.minutes', { minutes: step.minutes })}</div>
        <Box sx={{ color: ink('faded') }}>
          {!isCheck && step.joints > 0 && t('step.joints', { count: step.joints })}
        </Box>
      </Box>
    </Box>
  );
}

/** As large as the column bears: long parts across it, tall ones three lines high. */
function stepPictureScale(part: Part): number {
  const { widthMm, heightMm } = familyOf(part).draw(part);
  return Math.min(150 / widthMm, 62 / heightMm);
}
