import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { Meter } from '#core/inspection/meter';
import { formatQuantity } from '#core/quantity/formatQuantity';
import { type UnitId, units } from '#core/quantity/unit';

/** What the sheet of a meter says of one unit, and where that is from. */
export function MeterSheet({ meter, unit }: { readonly meter: Meter; readonly unit: UnitId }) {
  const { t } = useTranslation();
  const ranges = meter.ranges.filter((range) => range.unit === unit);
  if (ranges.length === 0) {
    return (
      <Typography role="alert">
        {t('kits.meterSheet.theHasNoRangeInChoose', {
          meter: t(`kits.meter.${meter.id}.name`),
          symbol: units[unit].symbol,
        })}
      </Typography>
    );
  }
  return (
    <Typography variant="body2" sx={{ color: 'text.secondary' }}>
      {t('kits.meterSheet.source', {
        name: t(`kits.meter.${meter.id}.name`),
        map: ranges
          .map(({ upTo, percent, digits }) =>
            t('kits.meterSheet.digits', {
              formatQuantity: formatQuantity(upTo, unit),
              percent,
              digits,
            }),
          )
          .join(', '),
        source: t(`kits.meter.${meter.id}.source`),
      })}
    </Typography>
  );
}
