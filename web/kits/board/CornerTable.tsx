import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { ClosedLine, LineCorner } from '#core/board/board';
import { mostCorners } from '#core/board/boardShape';
import { millimetres } from './millimetres.ts';
import '../../ui/form.css';

interface CornerTableProps {
  readonly line: ClosedLine;
  readonly change: (line: ClosedLine) => void;
}

/** More are of a file, and nobody changes them by hand. */
const mostShown = 40;

type Column = 'xMm' | 'yMm' | 'radiusMm';
const columns: readonly Column[] = ['xMm', 'yMm', 'radiusMm'];

/** The corners of a closed line, one a row. */
export function CornerTable({ line, change }: CornerTableProps) {
  const { t } = useTranslation();
  if (line.length > mostShown) {
    return <Typography>{t('kits.outline.manyCorners', { count: line.length })}</Typography>;
  }
  const set = (index: number, column: Column, mm: number) => {
    const { radiusMm: _, ...sharp } = line[index] ?? { xMm: 0, yMm: 0 };
    const corner: LineCorner =
      column === 'radiusMm' && mm === 0 ? sharp : { ...sharp, ...line[index], [column]: mm };
    change(line.with(index, corner));
  };
  const add = (index: number) => {
    const [a, b] = [line[index], line[(index + 1) % line.length]];
    if (!a || !b) return;
    change(line.toSpliced(index + 1, 0, { xMm: (a.xMm + b.xMm) / 2, yMm: (a.yMm + b.yMm) / 2 }));
  };
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      <table className="plain-table">
        <thead>
          <tr>
            <th scope="col">{t('kits.outline.x')}</th>
            <th scope="col">{t('kits.outline.y')}</th>
            <th scope="col">{t('kits.outline.radius')}</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {line.map((corner, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a corner is its place in the line
            <tr key={index}>
              {columns.map((column) => (
                <td key={column}>
                  <MillimetreField
                    label={t(`kits.outline.field.${column}`, { number: index + 1 })}
                    value={corner[column] ?? 0}
                    least={column === 'radiusMm' ? 0 : -1000}
                    set={(mm) => set(index, column, mm)}
                  />
                </td>
              ))}
              <td style={{ whiteSpace: 'nowrap', padding: 0 }}>
                <Button
                  size="small"
                  aria-label={t('kits.outline.addCornerAfter', { number: index + 1 })}
                  disabled={line.length >= mostCorners}
                  onClick={() => add(index)}
                  sx={{ minWidth: 30, px: 0 }}
                >
                  +
                </Button>
                <Button
                  size="small"
                  aria-label={t('kits.outline.removeCorner', { number: index + 1 })}
                  disabled={line.length <= 3}
                  onClick={() => change(line.filter((_, at) => at !== index))}
                  sx={{ minWidth: 30, px: 0 }}
                >
                  −
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {t('kits.outline.cornersHelp')}
      </Typography>
    </Box>
  );
}

interface MillimetreFieldProps {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly set: (mm: number) => void;
}

/** A length that is taken when one leaves the field or presses Enter. */
function MillimetreField({ label, value, least, set }: MillimetreFieldProps) {
  const { i18n } = useTranslation();
  const written = (mm: number) =>
    new Intl.NumberFormat(i18n.language, { maximumFractionDigits: 3, useGrouping: false }).format(
      mm,
    );
  const [text, setText] = useState<string>();
  const mm = text === undefined ? value : millimetres(text, least, 1000);
  const take = () => {
    if (mm === undefined) return;
    if (mm !== value) set(mm);
    setText(undefined);
  };
  return (
    <input
      className="field-in-row"
      style={{ minWidth: '3.6rem' }}
      inputMode="decimal"
      maxLength={9}
      aria-label={label}
      aria-invalid={mm === undefined}
      value={text ?? written(value)}
      onChange={({ target }) => setText(target.value)}
      onBlur={take}
      onKeyDown={({ key }) => key === 'Enter' && take()}
    />
  );
}
