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
import { tongueOf, withTongue } from '#core/words/ownText';
import {
  cautionSentence,
  computedCheckWords,
  computedExpects,
  computedTitle,
  fitWords,
} from '#core/words/partWords';
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
  const tongue = tongueOf(t);
  const words = step?.own?.words ?? {};
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(ownTextFields.map((field) => [field, words[field]?.[tongue] ?? ''])),
  );
  const [minutes, setMinutes] = useState(String(words.minutes ?? ''));
  const [pictures, setPictures] = useState(words.pictures ?? []);
  const [measure, setMeasure] = useState(() => typedMeasure(words.measure, tongue));
  const [repeat, setRepeat] = useState(() => typedRepeat(words.repeat, tongue));
  const [sort, setSort] = useState<OwnSort>(step?.own?.sort ?? 'work');
  const isOwn = step === undefined || step.kind === 'own';
  const computed = step && !isOwn ? computedWords(t, step) : {};
  const isCheck = step?.kind === 'check' || (isOwn && sort === 'check');
  const fields = ownTextFields.filter((field) => field !== 'expects' || isCheck);
  const measured = measureOf(measure, words.measure, tongue);
  const repeated = repeatOf(repeat, words.repeat, tongue);
  const wrongMinutes = minutes.trim() !== '' && !isMinutes(minutes);
  const isUndescribed = !pictures.every(isDescribed);
  const isNameless = isOwn && typed.title?.trim() === '' && !others(words.title, tongue);
  const isWrong =
    wrongMinutes || isNameless || isUndescribed || measured === 'wrong' || repeated === 'wrong';
  const submit = () => {
    const next: Record<string, unknown> = {};
    for (const field of ownTextFields) {
      const text = withTongue(words[field], tongue, typed[field] ?? '');
      if (text) next[field] = text;
    }
    if (minutes.trim() !== '') next.minutes = Number(minutes.replace(',', '.'));
    if (pictures.length > 0) next.pictures = pictures;
    if (measured) next.measure = measured;
    if (repeated) next.repeat = repeated;
    save(next as OwnWords, sort);
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
          {!isOwn && <Typography>{t('kits.ownStep.emptyIsComputed')}</Typography>}
          {step === undefined && (
            <TextField
              select
              label={t('kits.ownStep.sort')}
              value={sort}
              onChange={({ target }) => setSort(target.value as OwnSort)}
            >
              {ownSorts.map((one) => (
                <MenuItem key={one} value={one}>
                  {t(`step.sort.${one}`)}
                </MenuItem>
              ))}
            </TextField>
          )}
          {fields.map((field) => (
            <TextField
              key={field}
              label={t(`kits.ownStep.${field}`)}
              multiline={field !== 'title'}
              minRows={field === 'how' ? 3 : 1}
              value={typed[field] ?? ''}
              placeholder={computed[field] ?? ''}
              required={isOwn && field === 'title'}
              onChange={({ target }) => setTyped((now) => ({ ...now, [field]: target.value }))}
              helperText={helpOf(t, field, others(words[field], tongue), step)}
              slotProps={{
                htmlInput: { maxLength: field === 'title' ? 120 : longestOwnText },
                inputLabel: { shrink: true },
              }}
            />
          ))}
          {computed.how && typed.how === '' && (
            <Button
              size="small"
              sx={{ justifySelf: 'start' }}
              onClick={() => setTyped((now) => ({ ...now, how: computed.how ?? '' }))}
            >
              {t('kits.ownStep.beginWithComputed')}
            </Button>
          )}
          <TextField
            label={t('kits.ownStep.minutes')}
            value={minutes}
            placeholder={step && !isOwn ? String(stepMinutes(withoutOwn(step))) : ''}
            onChange={({ target }) => setMinutes(target.value)}
            error={wrongMinutes}
            helperText={wrongMinutes ? t('kits.ownStep.minutesFromHalf') : undefined}
            slotProps={{ htmlInput: { inputMode: 'decimal' }, inputLabel: { shrink: true } }}
            sx={{ maxWidth: 200 }}
          />
          <MeasureFields measure={measure} isWrong={measured === 'wrong'} change={setMeasure} />
          {step?.kind !== 'check' && (
            <RepeatFields repeat={repeat} isWrong={repeated === 'wrong'} change={setRepeat} />
          )}
          <StepPicturesField pictures={pictures} change={setPictures} />
        </DialogContent>
        <DialogActions>
          {step?.own && !isOwn && (
            <Button
              color="inherit"
              onClick={() => {
                save({}, sort);
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

const isMinutes = (text: string): boolean => {
  const minutes = Number(text.replace(',', '.'));
  return minutes >= 0.5 && minutes <= 480;
};

const withoutOwn = ({ own: _, ...step }: Step): Step => step as Step;

/** The text in other languages, as far as somebody wrote it. */
const others = (text: OwnWords['title'], tongue: string): string =>
  Object.entries(text ?? {})
    .filter(([other]) => other !== tongue)
    .map(([other, says]) => `${other}: ${says}`)
    .join(' · ');

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
