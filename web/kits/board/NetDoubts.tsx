import Alert from '@mui/material/Alert';
import { useMemo } from 'react';
import { useTranslation } from 'react-i18next';
import type { Board } from '#core/board/board';
import { netDoubts } from '#core/board/netDoubts';
import { shortDesignators } from '#core/parts/label';
import type { Part } from '#core/parts/part';

interface NetDoubtsProps {
  readonly board: Board;
  readonly parts: ReadonlyMap<string, Part>;
}

/** What of the board's connections the instructor should look at before a class builds it. */
export function NetDoubts({ board, parts }: NetDoubtsProps) {
  const { t } = useTranslation();
  const doubts = useMemo(() => netDoubts(board, parts), [board, parts]);
  if (doubts.length === 0) return null;
  return (
    <Alert severity="warning" aria-labelledby="net-doubts">
      <strong id="net-doubts">{t('kits.netDoubts.title')}</strong>
      <ul style={{ margin: 0, paddingInlineStart: '1.2em' }}>
        {doubts.map(({ kind, places }) => (
          <li key={kind}>
            {t(`kits.netDoubts.${kind}`, {
              count: places.length,
              places: shortDesignators(places),
            })}
          </li>
        ))}
      </ul>
      {t('kits.netDoubts.about')}
    </Alert>
  );
}
