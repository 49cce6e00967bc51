import Close from '@mui/icons-material/Close';
import Undo from '@mui/icons-material/Undo';
import IconButton from '@mui/material/IconButton';
import { useTranslation } from 'react-i18next';
import type { SheetCell } from '#core/partslist/photo/decide';
import type { Grey } from '#core/picture/raster';
import { Snippet } from './Snippet.tsx';

interface SheetTableProps {
  readonly page: Grey;
  readonly rows: readonly (readonly SheetCell[])[];
  readonly texts: readonly (readonly string[])[];
  /** Rows that are left out. */
  readonly left: readonly number[];
  readonly change: (row: number, column: number, text: string) => void;
  readonly leave: (row: number) => void;
  readonly bring: (row: number) => void;
}

/** The whole sheet as it was read, each cell below its picture. */
export function SheetTable(props: SheetTableProps) {
  const { page, rows, texts, left, change, leave, bring } = props;
  const { t } = useTranslation();
  return (
    <div className="sheet-table">
      <table>
        <tbody>
          {rows.map((row, at) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a row of the sheet is known by its place
            <tr key={at} className={left.includes(at) ? 'left-out' : undefined}>
              {row.map((cell, column) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: so is a cell
                <td key={column}>
                  {cell.box && <Snippet page={page} box={cell.box} />}
                  <input
                    aria-label={t('lists.sheet.cell', { row: at + 1, column: column + 1 })}
                    disabled={left.includes(at)}
                    value={texts[at]?.[column] ?? ''}
                    onChange={({ target }) => change(at, column, target.value)}
                  />
                </td>
              ))}
              <td>
                {left.includes(at) ? (
                  <IconButton
                    aria-label={t('lists.sheet.bringRow', { row: at + 1 })}
                    onClick={() => bring(at)}
                  >
                    <Undo />
                  </IconButton>
                ) : (
                  <IconButton
                    aria-label={t('lists.sheet.leaveRow', { row: at + 1 })}
                    onClick={() => leave(at)}
                  >
                    <Close />
                  </IconButton>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
