import Alert from '@mui/material/Alert';
import { useId, useMemo } from 'react';
import { useTranslation } from 'react-i18next';
import { netDoubts } from '#core/circuit/netDoubts';
import type { WiredKit } from '#core/circuit/wiredKit';
import { shortDesignators } from '#core/parts/label';

/** What of a kit’s connections the instructor should look at before a class builds it. */
export function NetDoubts({ board, circuitNotes, parts }: WiredKit) {
  const { t } = useTranslation();
  const titleId = useId();
  const doubts = useMemo(
    () => netDoubts({ board, circuitNotes, parts }),
    [board, circuitNotes, parts],
  );
  if (doubts.length === 0) return null;
  return (
    <Alert severity="warning" aria-labelledby={titleId}>
      <strong id={titleId}>{t('kits.netDoubts.title')}</strong>
      <ul style={{ margin: 0, paddingInlineStart: '1.2em' }}>
        {doubts.map(({ kind, names }) => (
          <li key={kind}>
            {t(`kits.netDoubts.${kind}`, {
              count: names.length,
              places: kind === 'one-pin' ? names.join(', ') : shortDesignators(names),
            })}
          </li>
        ))}
      </ul>
      {t('kits.netDoubts.about')}
    </Alert>
  );
}
