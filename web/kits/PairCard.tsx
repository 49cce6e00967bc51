import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import type { Vision } from '#core/bands/vision';
import type { MarkDifference, MixUp, Risk } from '#core/mixups/findMixUps';
import type { Remedy } from '#core/mixups/remedies';
import { shortDesignators } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { partName } from '#core/words/partWords';
import { ink } from '../app/tokens.ts';
import { Glyph, type GlyphName } from '../ui/Glyph.tsx';
import { pictureScale } from '../ui/PartPicture.tsx';
import { SeenPart } from './SeenPart.tsx';
import { visionNames } from './visionNames.ts';

interface PairCardProps {
  readonly pair: MixUp;
  readonly vision: Vision;
}

const risks: Readonly<Record<Risk, { glyph: GlyphName; name: string; colour: string }>> = {
  high: {
    glyph: 'warn',
    get name() {
      return t('kits.pairCard.highRisk');
    },
    colour: ink('alarm'),
  },
  medium: {
    glyph: 'diamond',
    get name() {
      return t('kits.pairCard.someRisk');
    },
    colour: ink('copper'),
  },
  low: {
    glyph: 'ring',
    get name() {
      return t('kits.pairCard.lowRisk');
    },
    colour: ink('faded'),
  },
};

/** Two look-alikes side by side as they are seen, why they are alike, what a swap does, what helps. */
export function PairCard({ pair, vision }: PairCardProps) {
  const { t } = useTranslation();
  const { a, b, difference, swap, remedies } = pair;
  const risk = risks[pair.risk];
  const room = { width: 190, height: 130 };
  const scale = Math.min(pictureScale(a, room), pictureScale(b, room)) * 1.4;
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '150px auto minmax(360px, 1fr)' },
        gap: 2.5,
        borderTop: `3px solid ${risk.colour}`,
        pt: 1.5,
        pb: 1,
      }}
    >
      <Box>
        <Typography sx={{ color: risk.colour, fontWeight: 750, fontSize: '1.1rem' }}>
          <Glyph name={risk.glyph} /> {risk.name}
        </Typography>
        <Typography sx={{ color: 'text.secondary' }}>
          {t('kits.pairCard.asSeenBy', { value: visionNames[vision] })}
        </Typography>
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'flex-start', flexWrap: 'wrap' }}>
        {[a, b].map((part) => (
          <figure key={placesOf(part)} style={{ margin: 0 }}>
            <SeenPart part={part} vision={vision} pixelsPerMm={scale} />
            <figcaption>
              <strong className="mono">{placesOf(part)}</strong> {partName(t, part)}
            </figcaption>
          </figure>
        ))}
      </Box>
      <Box sx={{ display: 'grid', gap: 0.75, alignContent: 'start' }}>
        <Typography variant="h2" component="h2">
          {t('kits.pairCard.and', {
            partName: partName(t, one(a)),
            partName2: partName(t, one(b)),
          })}
        </Typography>
        <Typography>{whyWords(t, difference, vision)}</Typography>
        <Typography>
          <strong>{t('kits.pairCard.swapped')}</strong>{' '}
          {t(`swap.${swap.id}`, { factor: swap.factor ?? '' })}
        </Typography>
        <Box component="ul" aria-label={t('kits.pairCard.whatHelps')} sx={{ m: 0, pl: 2.5 }}>
          {remedies.map((remedy) => (
            <li key={remedy.id}>{remedyWords(t, remedy)}</li>
          ))}
        </Box>
      </Box>
    </Box>
  );
}

const one = (part: Part): Part => ({ ...part, quantity: 1 });
const placesOf = (part: Part) => shortDesignators(part.designators) || part.description;

function whyWords(t: TFunction, difference: MarkDifference, vision: Vision): string {
  switch (difference.kind) {
    case 'bands': {
      if (difference.differing.length === 0) {
        return t('kits.pairCard.sameBandsOtherEnd');
      }
      const bands = difference.differing.map(({ band, a, b, difference: found }) =>
        t('kits.pairCard.bandIsOnOneAndOn', {
          band,
          what: t(`band.${a}`),
          what2: t(`band.${b}`),
          figure: figure(found[vision]),
          figure2: figure(found.normal),
        }),
      );
      return t(`kits.pairCard.${difference.reversed ? 'sameBodyTurned' : 'sameBody'}`, {
        bands: bands.join(', '),
      });
    }
    case 'print':
      return difference.a === '' || difference.b === ''
        ? t('kits.pairCard.sameBodyOneHasAPrint')
        : t('kits.pairCard.sameBodyOnlyThePrintTells', { a: difference.a, b: difference.b });
    case 'colour':
      return t('kits.pairCard.sameBodyTheColoursDifferBy', {
        figure: figure(difference.difference[vision]),
        figure2: figure(difference.difference.normal),
      });
    case 'none':
      return t('kits.pairCard.sameBodyAndNothingPrintedOn');
  }
}

const figure = (difference: number) => difference.toFixed(0);

function remedyWords(t: TFunction, remedy: Remedy): string {
  if (remedy.id !== 'other-bands') return t(`remedy.${remedy.id}`);
  return t('remedy.other-bands', {
    what: partName(t, { ...remedy.part, quantity: 2 }),
    bands: remedy.bands.map((band) => t(`band.${band}`)).join(', '),
  });
}
