import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { longestOwnText } from '#contract/ownWords';
import {
  type OwnSort,
  type OwnTextField,
  type OwnWords,
  ownSorts,
  ownTextFields,
} from '#core/order/own/own';
import type { Step } from '#core/order/step';
import { stepMinutes } from '#core/pace/stepMinutes';
import { type OwnText, tongueOf, withTongue } from '#core/words/ownText';
import {
  cautionSentence,
  computedCheckWords,
  computedExpects,
  computedTitle,
  fitWords,
} from '#core/words/partWords';
import { offeredLanguages } from '../../app/languages.ts';
import { useTyped } from '../../app/useTyped.ts';
import { FoundAgain } from '../../ui/FoundAgain.tsx';
import { useKit } from '../KitFrame.tsx';
import { MeasureFields, RepeatFields } from './MeasureFields.tsx';
import { isDescribed, StepPicturesField } from './StepPicturesField.tsx';
import { measureOf, repeatOf, typedMeasure, typedRepeat } from './typedMeasure.ts';
import '../../ui/form.css';

interface StepDialogProps {
  /** The step that is changed; absent for a new one of one’s own. */
  readonly step?: Step;
  readonly save: (words: OwnWords, sort: OwnSort) => void;
  readonly close: () => void;
}

/** The instructor’s words for a step: what is left empty stays as computed. */
export function StepDialog({ step, save, close }: StepDialogProps) {
  const { t } = useTranslation();
  const spoken = tongueOf(t);
  const [tongue, setTongue] = useState(spoken);
  const words = step?.own?.words ?? {};
  const name = `step ${useKit().id} ${step?.id ?? ''}`;
  const texts = useTyped<Record<string, string>>(
    `${name} in words`,
    Object.fromEntries(
      offeredLanguages.flatMap(({ id }) =>
        ownTextFields.map((field) => [inTongue(field, id), words[field]?.[id] ?? '']),
      ),
    ),
  );
  const written = (field: OwnTextField, of = tongue) => texts.value[inTongue(field, of)] ?? '';
  const form = useTyped(`${name} ${spoken}`, {
    minutes: String(words.minutes ?? ''),
    pictures: words.pictures ?? [],
    measure: typedMeasure(words.measure, spoken),
    repeat: typedRepeat(words.repeat, spoken),
    sort: step?.own?.sort ?? 'work',
  });
  const { minutes, pictures, measure, repeat, sort } = form.value;
  /** The same in other languages, as far as somebody wrote it. */
  const others = (field: OwnTextField): string =>
    offeredLanguages
      .filter(({ id }) => id !== tongue && written(field, id).trim() !== '')
      .map(({ id }) => `${id}: ${written(field, id)}`)
      .join(' · ');
  const isOwn = step === undefined || step.kind === 'own';
  const computed = step && !isOwn ? computedWords(t, step) : {};
  const measured = measureOf(measure, words.measure, spoken);
  const repeated = repeatOf(repeat, words.repeat, spoken);
  const wrongMinutes = minutes.trim() !== '' && !isMinutes(minutes);
  const isUndescribed = !pictures.every(isDescribed);
  const isNameless =
    isOwn && offeredLanguages.every(({ id }) => written('title', id).trim() === '');
  const isWrong =
    wrongMinutes || isNameless || isUndescribed || measured === 'wrong' || repeated === 'wrong';
  const found = {
    wasFound: texts.wasFound || form.wasFound,
    startOver: () => {
      texts.startOver();
      form.startOver();
    },
  };
  const saved = () => {
    texts.saved();
    form.saved();
  };
  const submit = () => {
    const next: Record<string, unknown> = {};
    for (const field of ownTextFields) {
      const text = offeredLanguages.reduce<OwnText | undefined>(
        (all, { id }) => withTongue(all, id, written(field, id)),
        words[field],
      );
      if (text) next[field] = text;
    }
    if (minutes.trim() !== '') next.minutes = Number(minutes.replace(',', '.'));
    if (pictures.length > 0) next.pictures = pictures;
    if (measured) next.measure = measured;
    if (repeated) next.repeat = repeated;
    save(next as OwnWords, sort);
    saved();
    close();
  };
  return (
    <Dialog open onClose={close} maxWidth="sm" fullWidth aria-labelledby="step-dialog">
      <form
        noValidate
        className="dialog-form"
        onSubmit={(event) => {
          event.preventDefault();
          if (!isWrong) submit();
        }}
      >
        <DialogTitle id="step-dialog">
          {step ? t('kits.ownStep.words') : t('kits.ownStep.newStep')}
        </DialogTitle>
        <DialogContent className="form-column">
          <FoundAgain typed={found} />
          {!isOwn && <Typography>{t('kits.ownStep.emptyIsComputed')}</Typography>}
          {step === undefined && (
            <TextField
              select
              label={t('kits.ownStep.sort')}
              value={sort}
              onChange={({ target }) => form.set({ sort: target.value as OwnSort })}
            >
              {ownSorts.map((one) => (
                <MenuItem key={one} value={one}>
                  {t(`step.sort.${one}`)}
                </MenuItem>
              ))}
            </TextField>
          )}
          <TextField
            select
            label={t('kits.ownStep.language')}
            value={tongue}
            onChange={({ target }) => setTongue(target.value)}
            helperText={t('kits.ownStep.languageHelp')}
            sx={{ maxWidth: 320 }}
          >
            {offeredLanguages.map(({ id, name: itself }) => (
              <MenuItem key={id} value={id} lang={id}>
                {itself}
              </MenuItem>
            ))}
          </TextField>
          {ownTextFields.map((field) => (
            <TextField
              key={field}
              label={t(`kits.ownStep.${field}`)}
              multiline={field !== 'title'}
              minRows={field === 'how' ? 3 : 1}
              lang={tongue}
              value={written(field)}
              placeholder={tongue === spoken ? (computed[field] ?? '') : ''}
              required={isOwn && field === 'title'}
              onChange={({ target }) => texts.set({ [inTongue(field, tongue)]: target.value })}
              helperText={helpOf(t, field, others(field), step)}
              slotProps={{
                htmlInput: { maxLength: field === 'title' ? 120 : longestOwnText },
                inputLabel: { shrink: true },
              }}
            />
          ))}
          {computed.how && tongue === spoken && written('how') === '' && (
            <Button
              size="small"
              sx={{ justifySelf: 'start' }}
              onClick={() => texts.set({ [inTongue('how', tongue)]: computed.how ?? '' })}
            >
              {t('kits.ownStep.beginWithComputed')}
            </Button>
          )}
          <TextField
            label={t('kits.ownStep.minutes')}
            value={minutes}
            placeholder={step && !isOwn ? String(stepMinutes(withoutOwn(step))) : ''}
            onChange={({ target }) => form.set({ minutes: target.value })}
            error={wrongMinutes}
            helperText={wrongMinutes ? t('kits.ownStep.minutesFromHalf') : undefined}
            slotProps={{ htmlInput: { inputMode: 'decimal' }, inputLabel: { shrink: true } }}
            sx={{ maxWidth: 200 }}
          />
          <MeasureFields
            measure={measure}
            isWrong={measured === 'wrong'}
            change={(measure) => form.set({ measure })}
          />
          {step?.kind !== 'check' && (
            <RepeatFields
              repeat={repeat}
              isWrong={repeated === 'wrong'}
              change={(repeat) => form.set({ repeat })}
            />
          )}
          <StepPicturesField pictures={pictures} change={(pictures) => form.set({ pictures })} />
        </DialogContent>
        <DialogActions>
          {step?.own && !isOwn && (
            <Button
              color="inherit"
              onClick={() => {
                save({}, sort);
                saved();
                close();
              }}
            >
              {t('kits.ownStep.restore')}
            </Button>
          )}
          <Button color="inherit" onClick={close}>
            {t('kits.ownStep.cancel')}
          </Button>
          <Button type="submit" variant="contained" disabled={isWrong}>
            {t('kits.ownStep.apply')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

/** One field of one language in what is typed. */
const inTongue = (field: OwnTextField, tongue: string): string => `${field} ${tongue}`;

const isMinutes = (text: string): boolean => {
  const minutes = Number(text.replace(',', '.'));
  return minutes >= 0.5 && minutes <= 480;
};

const withoutOwn = ({ own: _, ...step }: Step): Step => step as Step;

function helpOf(
  t: TFunction,
  field: OwnTextField,
  inOthers: string,
  step: Step | undefined,
): string | undefined {
  if (inOthers !== '') return inOthers;
  if (field === 'how') return t('kits.ownStep.howHelp');
  if (field === 'note') return t('kits.ownStep.noteHelp');
  if (field === 'caution' && step && step.kind !== 'own') return t('kits.ownStep.cautionHelp');
  return undefined;
}

/** What the seat says where nothing else is written. */
function computedWords(t: TFunction, step: Step): Partial<Record<OwnTextField, string>> {
  if (step.kind === 'check') {
    return {
      title: computedTitle(t, step),
      how: computedCheckWords(t, step).join('\n'),
      expects: computedExpects(t, step),
    };
  }
  const how = [...new Set(step.parts.flatMap((part) => fitWords(t, part)))];
  return {
    title: computedTitle(t, step),
    how: how.join('\n'),
    caution: step.cautions.map((caution) => cautionSentence(t, caution)).join('\n'),
  };
}
