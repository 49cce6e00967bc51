import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useMemo } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { type Vision, visions } from '#core/bands/vision';
import { findMixUps, type MixUp, scoreOf } from '#core/mixups/findMixUps';
import { useChoices } from '../app/useChoices.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { useKit } from './KitFrame.tsx';
import { PairCard } from './PairCard.tsx';
import { TwoWays } from './TwoWays.tsx';
import { visionNames } from './visionNames.ts';

const isVision = (text: string | null): text is Vision =>
  text !== null && visions.some((vision) => vision === text);

/** Which parts of this kit can be taken for one another, why, and what to do about it. */
export function MixUpsPage() {
  const { t } = useTranslation();
  const { lines, supplyVolt } = useKit();
  const [search, choose] = useChoices();
  const asked = search.get('seen');
  const chosen = isVision(asked) ? asked : undefined;
  const { pairs, twoWays } = useMemo(
    () =>
      findMixUps(
        lines.map(({ part }) => part),
        supplyVolt,
      ),
    [lines, supplyVolt],
  );
  const ranked = chosen ? byVision(pairs, chosen) : pairs;

  if (pairs.length === 0 && twoWays.length === 0) {
    return (
      <EmptyState
        title={t('kits.mixUpsPage.nothingToMixUp')}
        text={t('kits.mixUpsPage.noTwoPartsOfThisKit')}
      />
    );
  }
  return (
    <Box sx={{ display: 'grid', gap: 2.5, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <Box sx={{ display: 'flex', gap: 3, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography sx={{ flex: 1, minWidth: 280 }}>
          <Trans
            i18nKey="kits.mixUpsPage.computedFromBodySizeAndMarks"
            values={{ summary: summary(pairs) }}
            components={{ strong: <strong /> }}
          />
        </Typography>
        <TextField
          select
          size="small"
          label={t('kits.mixUpsPage.seenBy')}
          value={chosen ?? 'worst'}
          onChange={({ target }) =>
            choose({ seen: target.value === 'worst' ? undefined : target.value })
          }
          sx={{ minWidth: 270 }}
        >
          <MenuItem value="worst">{t('kits.mixUpsPage.whoeverSeesThemLeastApart')}</MenuItem>
          {visions.map((vision) => (
            <MenuItem key={vision} value={vision}>
              {visionNames[vision]}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      <Box component="ol" aria-label={t('kits.mixUpsPage.pairsRiskiestFirst')} sx={listStyle}>
        {ranked.map((pair) => (
          <PairCard
            key={`${placesOf(pair.a)}/${placesOf(pair.b)}`}
            pair={pair}
            vision={chosen ?? pair.worst}
          />
        ))}
      </Box>
      <TwoWays readings={twoWays} />
    </Box>
  );
}

const listStyle = { listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 2 };
const placesOf = (part: MixUp['a']) => part.designators.join() || part.description;

const byVision = (pairs: readonly MixUp[], vision: Vision): MixUp[] =>
  [...pairs].sort((x, y) => scoreOf(y, vision) - scoreOf(x, vision));

function summary(pairs: readonly MixUp[]): string {
  const high = pairs.filter(({ risk }) => risk === 'high').length;
  const alike =
    pairs.length === 1
      ? t('kits.mixUpsPage.onePairLooksAlike')
      : t('kits.mixUpsPage.pairsLookAlike', { count: pairs.length });
  if (pairs.length === 0) return t('kits.mixUpsPage.noTwoPartsLookAlike');
  if (high === 0) return t('kits.mixUpsPage.noneOfHighRisk', { alike });
  return pairs.length === 1
    ? t('kits.mixUpsPage.andTheRiskIsHigh', { alike })
    : t('kits.mixUpsPage.ofHighRisk', { alike, high });
}
