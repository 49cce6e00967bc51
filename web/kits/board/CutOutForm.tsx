import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { ClosedLine } from '#core/board/board';
import { rectangleLine } from '#core/board/boardShape';
import { useTyped } from '../../app/useTyped.ts';
import { useKit } from '../KitFrame.tsx';
import { millimetres } from './millimetres.ts';

interface CutOutFormProps {
  readonly add: (line: ClosedLine) => void;
}

const empty = { x: '', y: '', width: '', height: '', radius: '' };
type Field = keyof typeof empty;
const fields: readonly Field[] = ['x', 'y', 'width', 'height', 'radius'];

/** A hole, a slot or a window by its middle and size. */
export function CutOutForm({ add }: CutOutFormProps) {
  const { t } = useTranslation();
  const form = useTyped(`cut-out ${useKit().id}`, empty);
  const typed = form.value;
  const value = (field: Field) =>
    field === 'radius' && typed.radius.trim() === ''
      ? 0
      : millimetres(typed[field], field === 'width' || field === 'height' ? 0.3 : 0, 600);
  const [x, y, width, height, radius] = fields.map(value);
  const line =
    x !== undefined &&
    y !== undefined &&
    width !== undefined &&
    height !== undefined &&
    radius !== undefined
      ? rectangleLine({ x, y }, width, height, radius)
      : undefined;
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (!line) return;
        add(line);
        form.set(empty);
      }}
    >
      <Typography component="h3" sx={{ fontWeight: 700 }}>
        {t('kits.outline.cutOutTitle')}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr', mt: 1 }}>
        {fields.map((field) => (
          <TextField
            key={field}
            size="small"
            label={t(`kits.outline.cutOut.${field}`)}
            value={typed[field]}
            onChange={({ target }) => form.set({ [field]: target.value })}
            error={typed[field].trim() !== '' && value(field) === undefined}
            slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 8 } }}
          />
        ))}
        <Button type="submit" size="small" disabled={!line}>
          {t('kits.outline.addCutOut')}
        </Button>
      </Box>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {t('kits.outline.cutOutHelp')}
      </Typography>
    </Box>
  );
}
