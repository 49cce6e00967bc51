import Typography from '@mui/material/Typography';
import type { Meter } from '#core/inspection/meter';
import { formatQuantity } from '#core/quantity/formatQuantity';
import { type UnitId, units } from '#core/quantity/unit';

/** What the sheet of a meter says of one unit, and where that is from. */
export function MeterSheet({ meter, unit }: { readonly meter: Meter; readonly unit: UnitId }) {
  const ranges = meter.ranges.filter((range) => range.unit === unit);
  if (ranges.length === 0) {
    return (
      <Typography role="alert">
        The {meter.name.toLowerCase()} has no range in {units[unit].symbol}. Choose another meter.
      </Typography>
    );
  }
  return (
    <Typography variant="body2" sx={{ color: 'text.secondary' }}>
      {meter.name}:{' '}
      {ranges
        .map(
          ({ upTo, percent, digits }) =>
            `${formatQuantity(upTo, unit)} ± (${percent} % + ${digits} digits)`,
        )
        .join(', ')}
      . Source: {meter.source}.
    </Typography>
  );
}
