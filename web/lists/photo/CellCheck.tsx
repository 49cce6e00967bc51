import Check from '@mui/icons-material/Check';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { SheetCell } from '#core/partslist/photo/decide';
import type { Grey } from '#core/picture/raster';
import { saying } from '#core/words/sayings';
import { Snippet } from './Snippet.tsx';

interface CellCheckProps {
  readonly id: string;
  readonly page: Grey;
  readonly cell: SheetCell;
  readonly text: string;
  /** What else its row says. */
  readonly beside: string;
  readonly isSettled: boolean;
  readonly change: (text: string) => void;
  readonly settle: () => void;
}

/** A cell that was not read for sure: its picture, what was read, why it is asked, and a word that it is right. */
export function CellCheck(props: CellCheckProps) {
  const { id, page, cell, text, beside, isSettled, change, settle } = props;
  const { t } = useTranslation();
  return (
    <li data-cell={id} className={isSettled ? 'cell-check settled' : 'cell-check'}>
      {cell.box && <Snippet page={page} box={cell.box} />}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          settle();
        }}
      >
        <TextField
          size="small"
          fullWidth
          label={cell.doubt && saying(t, cell.doubt)}
          value={text}
          onChange={({ target }) => change(target.value)}
          helperText={beside}
        />
        <Button
          type="submit"
          variant={isSettled ? 'text' : 'outlined'}
          startIcon={isSettled ? <Check /> : undefined}
          aria-label={t(isSettled ? 'lists.sheet.isRightNamed' : 'lists.sheet.rightNamed', {
            text,
          })}
        >
          {t(isSettled ? 'lists.sheet.isRight' : 'lists.sheet.right')}
        </Button>
      </form>
    </li>
  );
}
