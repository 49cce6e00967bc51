import { useTranslation } from 'react-i18next';

/** Where a chart will stand, as high as most are, until what draws it has come: nothing below it jumps. */
export function ChartComing() {
  const { t } = useTranslation();
  return (
    <p className="note" style={{ minHeight: 240 }}>
      {t('ui.chartComing')}
    </p>
  );
}
