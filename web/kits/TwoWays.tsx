import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { TwoWayReading } from '#core/mixups/findMixUps';
import { shortDesignators } from '#core/parts/label';
import { formatQuantity } from '#core/quantity/formatQuantity';
import { valueWords } from '#core/words/partWords';
import { BandRow } from '../ui/PartPicture.tsx';

/** Resistors whose bands are a value from either end. */
export function TwoWays({ readings }: { readonly readings: readonly TwoWayReading[] }) {
  const { t } = useTranslation();
  if (readings.length === 0) return null;
  return (
    <Box component="section" aria-labelledby="two-ways">
      <Typography variant="h2" id="two-ways">
        {t('kits.twoWays.aValueFromEitherEnd')}
      </Typography>
      <Typography sx={{ mb: 1 }}>{t('kits.twoWays.theToleranceBandStandsALittle')}</Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5, display: 'grid', gap: 0.5 }}>
        {readings.map(({ part, bands, otherOhm, otherInKit }) => (
          <li key={part.designators.join() || part.description}>
            <strong className="mono">{shortDesignators(part.designators)}</strong>{' '}
            <BandRow bands={bands} />
            {t(`kits.twoWays.${otherInKit ? 'alsoInKit' : 'notInKit'}`, {
              value: valueWords(t, part.value),
              other: formatQuantity(otherOhm, 'ohm'),
            })}
          </li>
        ))}
      </Box>
    </Box>
  );
}
