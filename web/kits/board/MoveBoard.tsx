import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { useTyped } from '../../app/useTyped.ts';
import { useKit } from '../KitFrame.tsx';
import { millimetres } from './millimetres.ts';

interface MoveBoardProps {
  readonly move: (dx: number, dy: number) => void;
}

const empty = { dx: '', dy: '' };
type Field = keyof typeof empty;
const fields: readonly Field[] = ['dx', 'dy'];
const farthestMm = 600;

/** One of several boards, moved with all that is on it. */
export function MoveBoard({ move }: MoveBoardProps) {
  const { t } = useTranslation();
  const typed = useTyped(`move board ${useKit().id}`, empty);
  const value = (field: Field) =>
    typed.value[field].trim() === ''
      ? 0
      : millimetres(typed.value[field].replace('−', '-'), -farthestMm, farthestMm);
  const [dx, dy] = [value('dx'), value('dy')];
  const isMove = dx !== undefined && dy !== undefined && (dx !== 0 || dy !== 0);
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (!isMove) return;
        move(dx, dy);
        typed.set(empty);
      }}
      sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr' }}
    >
      {fields.map((field) => (
        <TextField
          key={field}
          size="small"
          label={t(`kits.outline.move.${field}`)}
          value={typed.value[field]}
          onChange={({ target }) => typed.set({ [field]: target.value })}
          error={value(field) === undefined}
          helperText={
            value(field) === undefined
              ? t('kits.layoutTools.fromTo', { least: -farthestMm, most: farthestMm })
              : undefined
          }
          slotProps={{ htmlInput: { maxLength: 8 } }}
        />
      ))}
      <Button type="submit" size="small" disabled={!isMove} sx={{ gridColumn: '1 / -1' }}>
        {t('kits.outline.moveBoard')}
      </Button>
    </Box>
  );
}
