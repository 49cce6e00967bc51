import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { type ReactNode, useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import type { BrokenRule } from '#core/order/arrangement';
import { measuringOf } from '#core/order/checks/measuring';
import type { OwnOfStep } from '#core/order/own/own';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { familyOf } from '#core/parts/families/index';
import type { Part } from '#core/parts/part';
import { ownMeasureSentence, repeatSentence } from '#core/words/measureWords';
import { brokenSentence, holdingSentence, lengthSentence } from '#core/words/orderWords';
import { ownLines, ownWords } from '#core/words/ownText';
import {
  cautionSentence,
  checkExpects,
  checkWords,
  computedTitle,
  reasonSentence,
  stepPlaces,
  stepTitle,
} from '#core/words/partWords';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { ink } from '../../app/tokens.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { PartPicture } from '../../ui/PartPicture.tsx';
import './order.css';

interface StepRowProps {
  readonly step: PlannedStep;
  readonly number: number;
  /** Rules that this step breaks where it stands. */
  readonly broken: readonly BrokenRule[];
  readonly say: (rule: BrokenRule, reason: string) => void;
  /** Put together with the next step; only where that can be. */
  readonly merge?: () => void;
  readonly split?: () => void;
  /** What else can be done with the step. */
  readonly deeds: ReactNode;
}

export function StepRow({ step, number, broken, say, merge, split, deeds }: StepRowProps) {
  const { t } = useTranslation();
  const {
    attributes,
    listeners,
    setNodeRef,
    setActivatorNodeRef,
    transform,
    transition,
    isDragging,
  } = useSortable({ id: step.id });
  const isCheck = step.kind === 'check';
  const title = stepTitle(t, step);
  return (
    <li
      ref={setNodeRef}
      className={[
        'order-step',
        isCheck && 'is-check',
        isDragging && 'is-dragged',
        step.own?.hidden !== undefined && 'is-left-out',
      ]
        .filter(Boolean)
        .join(' ')}
      style={{ transform: CSS.Transform.toString(transform), transition }}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        className="order-handle"
        aria-label={t('kits.stepRow.moveStep', { number, title })}
        {...attributes}
        {...listeners}
      >
        <span aria-hidden="true">⠿</span>
        <span className="mono">{number}</span>
      </button>
      <Box className="order-pictures">
        {isCheck ? (
          <Box component="span" sx={{ fontWeight: 700, color: ink('board') }}>
            <Trans i18nKey="kits.stepRow.check" components={{ glyph: <Glyph name="box" /> }} />
          </Box>
        ) : (
          step.parts.map((part) => (
            <PartPicture
              key={part.designators.join() || part.description}
              part={part}
              pixelsPerMm={stepPictureScale(part, step.parts.length)}
            />
          ))
        )}
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Typography component="h2" variant="h2">
          {title}
          {stepPlaces(step) && ' '}
          {stepPlaces(step) && (
            <Box component="span" className="mono" sx={{ ml: 1, color: ink('copper') }}>
              {stepPlaces(step)}
            </Box>
          )}
        </Typography>
        {step.own && <OwnSaid step={step} own={step.own} />}
        {step.kind !== 'own' && <Typography>{reasonSentence(t, step)}</Typography>}
        {!isCheck &&
          step.holding.map((holding) => (
            <Typography key={holding.method} sx={{ fontWeight: 600 }}>
              <Glyph name="down" /> {holdingSentence(t, holding)}
            </Typography>
          ))}
        {!isCheck && step.lengths.length > 0 && (
          <Typography sx={{ color: ink('faded') }}>
            {step.lengths.map((length) => lengthSentence(t, length)).join(' ')}
          </Typography>
        )}
        {!isCheck &&
          step.cautions.map((caution) => (
            <Typography key={JSON.stringify(caution)} sx={{ color: ink('alarm'), fontWeight: 600 }}>
              <Glyph name="warn" /> {cautionSentence(t, caution)}
            </Typography>
          ))}
        {isCheck && (
          <details className="order-check">
            <summary>{t('kits.stepRow.whatIsDoneAndWhatMust')}</summary>
            {checkWords(t, step).join(' ')} {checkExpects(t, step)}{' '}
            {t(`check.${step.check}.otherwise`)}
          </details>
        )}
        <InstructorOnly>
          <div className="order-deeds">{deeds}</div>
        </InstructorOnly>
        {broken.map((rule) => (
          <Broken
            key={`${rule.rule} ${rule.beforeKey} ${rule.afterKey}`}
            rule={rule}
            say={(reason) => say(rule, reason)}
          />
        ))}
      </Box>
      <Box sx={{ textAlign: 'right' }}>
        <div>{t('step.minutes', { minutes: step.minutes })}</div>
        <Box sx={{ color: ink('faded') }}>
          {!isCheck && step.joints > 0 && t('step.joints', { count: step.joints })}
        </Box>
        <div className="order-buttons">
          {split && (
            <Button
              size="small"
              onClick={split}
              aria-label={t('kits.stepRow.splitStep', { number })}
            >
              {t('kits.stepRow.split')}
            </Button>
          )}
          {merge && (
            <Button
              size="small"
              onClick={merge}
              aria-label={t('kits.stepRow.mergeStepWithTheNext', { number })}
            >
              {t('kits.stepRow.merge')}
            </Button>
          )}
        </div>
      </Box>
    </li>
  );
}

/** What of a step is the instructor’s own, and what has become of it. */
function OwnSaid({ step, own }: { readonly step: PlannedStep; readonly own: OwnOfStep }) {
  const { t } = useTranslation();
  if (own.hidden !== undefined) {
    return <Typography>{t('kits.ownStep.isLeftOut', { reason: own.hidden })}</Typography>;
  }
  const measuring = measuringOf(step);
  const lines = [
    own.words.repeat && repeatSentence(t, own.words.repeat),
    ...(['how', 'look', 'caution', 'expects'] as const).flatMap((field) =>
      own.words[field] ? ownLines(t, own.words[field]) : [],
    ),
    measuring && ownMeasureSentence(t, measuring),
  ].filter((line) => line !== undefined && line !== null);
  return (
    <Box className="own-said">
      <Typography component="p" variant="caption">
        {own.sort
          ? t('kits.ownStep.ownOfSort', { sort: t(`step.sort.${own.sort}`) })
          : t('kits.ownStep.inOwnWords')}
      </Typography>
      {own.isStale && (
        <Typography sx={{ color: ink('alarm'), fontWeight: 600 }}>
          <Glyph name="warn" /> {t('kits.ownStep.hasChanged', { title: computedTitle(t, step) })}
        </Typography>
      )}
      {lines.map((line) => (
        <Typography key={line}>{line}</Typography>
      ))}
      {own.words.note && (
        <Typography sx={{ fontStyle: 'italic' }}>
          {t('kits.ownStep.noteSays', { note: ownWords(t, own.words.note) })}
        </Typography>
      )}
    </Box>
  );
}

interface BrokenProps {
  readonly rule: BrokenRule;
  readonly say: (reason: string) => void;
}

/** A rule that is broken here, and the instructor's reason for it. */
function Broken({ rule, say }: BrokenProps) {
  const { t } = useTranslation();
  const [text, setText] = useState(rule.reason ?? '');
  return (
    <Box role="group" aria-label={t('kits.stepRow.brokenRule')} className="order-broken">
      <Typography sx={{ fontWeight: 600, color: ink('alarm') }}>
        <Glyph name="warn" /> {brokenSentence(t, rule)}
      </Typography>
      <TextField
        size="small"
        label={t('kits.stepRow.whyIsItRightHere')}
        value={text}
        onChange={({ target }) => setText(target.value)}
        onBlur={() => text.trim() !== (rule.reason ?? '') && say(text)}
        onKeyDown={({ key }) => key === 'Enter' && say(text)}
        slotProps={{ htmlInput: { maxLength: 300 } }}
        sx={{ width: '100%', maxWidth: 520 }}
      />
    </Box>
  );
}

/** As large as the column bears: long parts across it, tall ones three lines high; several share it. */
function stepPictureScale(part: Part, pictures: number): number {
  const { widthMm, heightMm } = familyOf(part).draw(part);
  const share = pictures > 1 ? 0.6 : 1;
  return Math.min((150 * share) / widthMm, (62 * share) / heightMm);
}
