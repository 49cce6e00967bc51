import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
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
        title="Nothing to mix up"
        text="No two parts of this kit look enough alike to be taken for one another."
      />
    );
  }
  return (
    <Box sx={{ display: 'grid', gap: 2.5, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <Box sx={{ display: 'flex', gap: 3, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography sx={{ flex: 1, minWidth: 280 }}>
          <strong>{summary(pairs)}</strong> Computed from body, size and marks. High risks stand in
          steps of their own, and the second of the two carries a warning.
        </Typography>
        <TextField
          select
          size="small"
          label="Seen by"
          value={chosen ?? 'worst'}
          onChange={({ target }) =>
            choose({ seen: target.value === 'worst' ? undefined : target.value })
          }
          sx={{ minWidth: 270 }}
        >
          <MenuItem value="worst">whoever sees them least apart</MenuItem>
          {visions.map((vision) => (
            <MenuItem key={vision} value={vision}>
              {visionNames[vision]}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      <Box component="ol" aria-label="Pairs, riskiest first" sx={listStyle}>
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
  const alike = pairs.length === 1 ? 'One pair looks alike' : `${pairs.length} pairs look alike`;
  if (pairs.length === 0) return 'No two parts look alike.';
  if (high === 0) return `${alike}, none of high risk.`;
  return pairs.length === 1 ? `${alike}, and the risk is high.` : `${alike}, ${high} of high risk.`;
}
