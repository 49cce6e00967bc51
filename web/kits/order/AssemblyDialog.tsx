import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import { type Assembly, type AssemblyTexts, assemblySteps } from '#core/order/own/assembly';
import { mostRepeats } from '#core/order/own/measure';
import type { AddedStep } from '#core/order/own/own';
import { tongueOf } from '#core/words/ownText';
import { useTyped } from '../../app/useTyped.ts';
import { FoundAgain } from '../../ui/FoundAgain.tsx';
import { millimetres as amount } from '../board/millimetres.ts';
import { useKit } from '../KitFrame.tsx';
import '../../ui/form.css';

interface AssemblyDialogProps {
  /** What is done before it, as arrangements call it. */
  readonly after: string | null;
  /** The computed step that it can take the place of. */
  readonly replaced: string | undefined;
  /** Gets a reason where that step is left out. */
  readonly save: (steps: readonly AddedStep[], reason: string | undefined) => void;
  readonly close: () => void;
}

/** Something that is built apart from the board: how many pieces, on what, how far apart, and looked at for shorts. */
export function AssemblyDialog({ after, replaced, save, close }: AssemblyDialogProps) {
  const { t } = useTranslation();
  const typed = useTyped(`assembly ${useKit().id} ${after ?? ''}`, {
    name: '',
    times: '',
    jig: '',
    spacing: '',
    minutes: '',
    isChecked: true,
    replaces: false,
  });
  const { name, times, jig, spacing, minutes, isChecked, replaces } = typed.value;
  const or = (text: string, least: number, most: number) =>
    text.trim() === '' ? null : amount(text, least, most);
  const count = amount(times, 1, mostRepeats);
  const spacingMm = or(spacing, 0.1, 500);
  const minutesEach = or(minutes, 0.5, 480);
  const isCount = count !== undefined && Number.isInteger(count);
  const assembly: Assembly | undefined =
    name.trim() !== '' && isCount && spacingMm !== undefined && minutesEach !== undefined
      ? { name: name.trim(), times: count, jig: jig.trim(), spacingMm, minutesEach, isChecked }
      : undefined;
  const submit = () => {
    if (!assembly) return;
    const steps = assemblySteps(assembly, textsOf(t, assembly), tongueOf(t), after, () =>
      crypto.randomUUID(),
    );
    typed.saved();
    save(steps, replaces ? t('kits.assembly.reason', { name: assembly.name }) : undefined);
    close();
  };
  const field = (which: 'times' | 'spacing' | 'minutes', isWrong: boolean) => (
    <TextField
      required={which === 'times'}
      label={t(`kits.assembly.${which}`)}
      value={typed.value[which]}
      onChange={({ target }) => typed.set({ [which]: target.value })}
      error={typed.value[which].trim() !== '' && isWrong}
      helperText={t(`kits.assembly.${which}Help`, { most: mostRepeats })}
      slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 8 } }}
    />
  );
  return (
    <Dialog open onClose={close} maxWidth="sm" fullWidth aria-labelledby="assembly-dialog">
      <form
        noValidate
        className="dialog-form"
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
      >
        <DialogTitle id="assembly-dialog">{t('kits.assembly.title')}</DialogTitle>
        <DialogContent className="form-column">
          <FoundAgain typed={typed} />
          <Typography>{t('kits.assembly.intro')}</Typography>
          <TextField
            required
            label={t('kits.assembly.name')}
            value={name}
            onChange={({ target }) => typed.set({ name: target.value })}
            helperText={t('kits.assembly.nameHelp')}
            slotProps={{ htmlInput: { maxLength: 60 } }}
          />
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: 1.5 }}>
            {field('times', !isCount)}
            {field('spacing', spacingMm === undefined)}
            {field('minutes', minutesEach === undefined)}
          </Box>
          <TextField
            label={t('kits.assembly.jig')}
            value={jig}
            onChange={({ target }) => typed.set({ jig: target.value })}
            helperText={t('kits.assembly.jigHelp')}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
          <FormControlLabel
            label={t('kits.assembly.isChecked')}
            control={
              <Checkbox
                checked={isChecked}
                onChange={({ target }) => typed.set({ isChecked: target.checked })}
              />
            }
          />
          {replaced !== undefined && (
            <FormControlLabel
              label={t('kits.assembly.replaces', { title: replaced })}
              control={
                <Checkbox
                  checked={replaces}
                  onChange={({ target }) => typed.set({ replaces: target.checked })}
                />
              }
            />
          )}
        </DialogContent>
        <DialogActions>
          <Button color="inherit" onClick={close}>
            {t('kits.ownStep.cancel')}
          </Button>
          <Button type="submit" variant="contained" disabled={!assembly}>
            {t('kits.assembly.addSteps')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

/** What its steps say at first; each can be written otherwise. */
function textsOf(t: TFunction, { name, times, spacingMm }: Assembly): AssemblyTexts {
  const says = { name, count: times };
  const apart = spacingMm === null ? 'asKit' : 'apart';
  const spaced = { ...says, mm: spacingMm };
  return {
    build: {
      title: t('kits.assembly.steps.build', says),
      how: t(`kits.assembly.steps.buildHow.${apart}`, spaced),
      look: t('kits.assembly.steps.buildLook', says),
    },
    check: {
      title: t('kits.assembly.steps.check', says),
      how: t('kits.assembly.steps.checkHow', says),
      expects: t('kits.assembly.steps.checkExpects', says),
    },
    fit: {
      title: t('kits.assembly.steps.fit', says),
      how: t(`kits.assembly.steps.fitHow.${apart}`, spaced),
      look: t('kits.assembly.steps.fitLook', says),
    },
    probes: t('kits.assembly.steps.probes', says),
  };
}
