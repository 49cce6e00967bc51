import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { readHoles, writtenHoles } from '#core/housing/holesText';
import { mostHoles, mostPanelMm, type Panel } from '#core/housing/panel';
import { saying } from '#core/words/sayings';
import { useTyped } from '../../app/useTyped.ts';
import { FoundAgain } from '../../ui/FoundAgain.tsx';
import { useKit } from '../KitFrame.tsx';
import { millimetres } from './millimetres.ts';
import { PanelPicture, PanelWarnings } from './PanelPicture.tsx';
import '../../ui/form.css';

interface PanelDialogProps {
  /** The panel that is changed; absent for a new one. */
  readonly panel: Panel | undefined;
  /** Names of the others. */
  readonly taken: readonly string[];
  /** Resolves to why it was refused, or to nothing. */
  readonly save: (panel: Panel) => Promise<string | undefined>;
  readonly close: () => void;
}

const corners = ['left-top', 'left-bottom', 'right-top', 'right-bottom'] as const;
type Corner = (typeof corners)[number];

/** A panel by its size and a list of holes, drawn while it is written. */
export function PanelDialog({ panel, taken, save, close }: PanelDialogProps) {
  const { t } = useTranslation();
  const typed = useTyped(`panel ${useKit().id} ${panel?.name ?? ''}`, {
    name: panel?.name ?? '',
    width: String(panel?.widthMm ?? ''),
    height: String(panel?.heightMm ?? ''),
    corner: panel ? (`${panel.fromX}-${panel.fromY}` as const) : 'left-top',
    text: writtenHoles(panel?.holes ?? []),
  });
  const { name, width, height, corner, text } = typed.value;
  const [refusal, setRefusal] = useState<string>();
  const read = readHoles(text);
  const sizes = { width: panelLength(width), height: panelLength(height) };
  const isNameTaken = taken.includes(name.trim());
  const tooMany = read.ok && read.value.length > mostHoles;
  const [fromX, fromY] = corner.split('-') as [Panel['fromX'], Panel['fromY']];
  const drawn: Panel | undefined =
    read.ok && sizes.width && sizes.height
      ? {
          name: name.trim(),
          widthMm: sizes.width,
          heightMm: sizes.height,
          fromX,
          fromY,
          holes: read.value,
        }
      : undefined;
  const isReady = drawn !== undefined && drawn.name !== '' && !isNameTaken && !tooMany;
  const submit = async () => {
    if (!isReady) return undefined;
    const refused = await save(drawn);
    if (refused !== undefined) return setRefusal(refused);
    typed.saved();
    return close();
  };
  const size = (label: string, value: string, set: (text: string) => void) => (
    <TextField
      required
      label={label}
      value={value}
      onChange={({ target }) => set(target.value)}
      error={value.trim() !== '' && panelLength(value) === undefined}
      helperText={
        value.trim() !== '' && panelLength(value) === undefined
          ? t('kits.panels.millimetres', { most: mostPanelMm })
          : undefined
      }
      slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 8 } }}
    />
  );
  return (
    <Dialog open onClose={close} maxWidth="sm" fullWidth aria-labelledby="panel-dialog">
      <form
        noValidate
        className="dialog-form"
        onSubmit={(event) => {
          event.preventDefault();
          void submit();
        }}
      >
        <DialogTitle id="panel-dialog">
          {panel ? t('kits.panels.editTitle') : t('kits.panels.add')}
        </DialogTitle>
        <DialogContent className="form-column">
          <FoundAgain typed={typed} />
          <TextField
            required
            label={t('kits.panels.name')}
            value={name}
            onChange={({ target }) => typed.set({ name: target.value })}
            error={isNameTaken}
            helperText={isNameTaken ? t('kits.panels.nameTaken') : t('kits.panels.nameHelp')}
            slotProps={{ htmlInput: { maxLength: 60 } }}
          />
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
            {size(t('kits.panels.width'), width, (width) => typed.set({ width }))}
            {size(t('kits.panels.height'), height, (height) => typed.set({ height }))}
          </Box>
          <TextField
            select
            label={t('kits.panels.measuredFrom')}
            value={corner}
            onChange={({ target }) => typed.set({ corner: target.value as Corner })}
          >
            {corners.map((one) => (
              <MenuItem key={one} value={one}>
                {t(`kits.panels.corner.${one}`)}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            multiline
            minRows={4}
            label={t('kits.panels.holes')}
            value={text}
            placeholder={'20 15 5.2 LED\n60 15 6.5'}
            onChange={({ target }) => typed.set({ text: target.value })}
            error={!read.ok || tooMany}
            helperText={
              tooMany
                ? t('kits.panels.tooMany', { most: mostHoles })
                : read.ok
                  ? t('kits.panels.holesHelp')
                  : read.problem.map(({ message }) => saying(t, message)).join(' ')
            }
            slotProps={{ inputLabel: { shrink: true } }}
          />
          {drawn && <PanelPicture panel={drawn} />}
          {drawn && <PanelWarnings panel={drawn} />}
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

/** A length of a panel; undefined where the text is none. */
const panelLength = (text: string) => millimetres(text, 5, mostPanelMm);
