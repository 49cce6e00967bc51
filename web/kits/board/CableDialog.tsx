import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { mostWireMm } from '#core/parts/mounting';
import { type Cable, mostCores } from '#core/wiring/cable';
import { readCores, writtenCores } from '#core/wiring/coresText';
import { saying } from '#core/words/sayings';
import { useTyped } from '../../app/useTyped.ts';
import { FoundAgain } from '../../ui/FoundAgain.tsx';
import { CablePicture } from '../../ui/wiring/CablePicture.tsx';
import { useKit } from '../KitFrame.tsx';
import { CableWarnings } from './CableWarnings.tsx';
import { millimetres } from './millimetres.ts';
import '../../ui/form.css';

interface CableDialogProps {
  /** The cable that is changed; absent for a new one. */
  readonly cable: Cable | undefined;
  /** Names of the others. */
  readonly taken: readonly string[];
  /** Resolves to why it was refused, or to nothing. */
  readonly save: (cable: Cable) => Promise<string | undefined>;
  readonly close: () => void;
}

/** A cable by its length and a list of cores, drawn while it is written. */
export function CableDialog({ cable, taken, save, close }: CableDialogProps) {
  const { t } = useTranslation();
  const typed = useTyped(`cable ${useKit().id} ${cable?.name ?? ''}`, {
    name: cable?.name ?? '',
    length: String(cable?.mm ?? ''),
    through: cable?.through ?? '',
    text: writtenCores(cable?.cores ?? []),
  });
  const { name, length, through, text } = typed.value;
  const [refusal, setRefusal] = useState<string>();
  const read = readCores(text);
  const mm = length.trim() === '' ? null : millimetres(length, 1, mostWireMm);
  const isNameTaken = taken.includes(name.trim());
  const tooMany = read.ok && read.value.length > mostCores;
  const drawn: Cable | undefined =
    read.ok && read.value.length > 0 && !tooMany && mm !== undefined
      ? { name: name.trim(), mm, through: through.trim(), cores: read.value }
      : undefined;
  const isReady = drawn !== undefined && drawn.name !== '' && !isNameTaken;
  const submit = async () => {
    if (!isReady) return undefined;
    const refused = await save(drawn);
    if (refused !== undefined) return setRefusal(refused);
    typed.saved();
    return close();
  };
  return (
    <Dialog open onClose={close} maxWidth="sm" fullWidth aria-labelledby="cable-dialog">
      <form
        noValidate
        className="dialog-form"
        onSubmit={(event) => {
          event.preventDefault();
          void submit();
        }}
      >
        <DialogTitle id="cable-dialog">
          {cable ? t('kits.cables.editTitle') : t('kits.cables.add')}
        </DialogTitle>
        <DialogContent className="form-column">
          <FoundAgain typed={typed} />
          <TextField
            required
            label={t('kits.panels.name')}
            value={name}
            onChange={({ target }) => typed.set({ name: target.value })}
            error={isNameTaken}
            helperText={isNameTaken ? t('kits.cables.nameTaken') : t('kits.cables.nameHelp')}
            slotProps={{ htmlInput: { maxLength: 60 } }}
          />
          <TextField
            label={t('kits.cables.lengthMm')}
            value={length}
            onChange={({ target }) => typed.set({ length: target.value })}
            error={mm === undefined}
            helperText={
              mm === undefined
                ? t('kits.cables.lengthFromTo', { most: mostWireMm })
                : t('kits.cables.lengthHelp')
            }
            slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 8 } }}
          />
          <TextField
            label={t('kits.cables.through')}
            value={through}
            onChange={({ target }) => typed.set({ through: target.value })}
            helperText={t('kits.cables.throughHelp')}
            slotProps={{ htmlInput: { maxLength: 80 } }}
          />
          <TextField
            multiline
            minRows={3}
            label={t('kits.cables.cores')}
            value={text}
            placeholder={'red, BT1 +, J1.1\nblack, BT1 −, J1.2'}
            onChange={({ target }) => typed.set({ text: target.value })}
            error={!read.ok || tooMany}
            helperText={
              tooMany
                ? t('kits.cables.tooMany', { most: mostCores })
                : read.ok
                  ? t('kits.cables.coresHelp')
                  : read.problem.map(({ message }) => saying(t, message)).join(' ')
            }
            slotProps={{ inputLabel: { shrink: true } }}
          />
          {drawn && <CablePicture cable={drawn} />}
          {drawn && <CableWarnings cable={drawn} />}
          {refusal && <Alert severity="error">{refusal}</Alert>}
        </DialogContent>
        <DialogActions>
          <Button color="inherit" onClick={close}>
            {t('kits.panels.cancel')}
          </Button>
          <Button type="submit" variant="contained" disabled={!isReady}>
            {t('kits.panels.save')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
