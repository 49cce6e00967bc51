import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { said } from '#core/learning/said';
import {
  countByWeight,
  largestCertainCount,
  sampleProblem,
  usualSetup,
  type WeighedSample,
} from '#core/stores/weighing';
import { saying } from '#core/words/sayings';
import { ink } from '../../app/tokens.ts';
import { decimal } from '../../ui/decimal.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { useScale } from './useScale.ts';

/** Counting by weight: weigh a counted sample, then lay on the rest. */
export function CountByWeight() {
  const { t } = useTranslation();
  const { reading, trouble, tare, lay } = useScale();
  const [pieces, setPieces] = useState('10');
  const [onScale, setOnScale] = useState('');
  const [sample, setSample] = useState<WeighedSample>();
  const [problem, setProblem] = useState<string>();

  const takeSample = () => {
    const taken = { pieces: Number(pieces), grams: reading.grams };
    const wrong = reading.steady
      ? sampleProblem(taken)
      : said('stores.countByWeight.theScaleStillSwingsWaitA');
    setProblem(wrong && saying(t, wrong));
    if (!wrong) setSample(taken);
  };
  const layOn = (text: string) => {
    setOnScale(text);
    const grams = Number(text.replace(',', '.'));
    if (Number.isFinite(grams) && grams >= 0) lay(grams);
  };

  return (
    <Box
      component="section"
      aria-labelledby="weigh"
      sx={{ border: `1px solid ${ink('line')}`, background: ink('sheet'), p: 2.5 }}
    >
      <Typography variant="h2" id="weigh">
        {t('stores.countByWeight.countByWeight')}
      </Typography>
      <Typography sx={{ color: 'text.secondary', mb: 1.5 }}>
        {t('stores.countByWeight.theSimulatedScaleWriteWhatLies')}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', mb: 1.5 }}>
        <Box
          className="mono"
          role="status"
          aria-label={t('stores.countByWeight.readingOfTheScale')}
          sx={{ flex: 1, fontSize: '1.7rem', background: ink('sunk'), px: 1.5, textAlign: 'right' }}
        >
          {trouble ?? `${decimal(reading.grams, 2)} g`}
          <Box component="span" sx={{ fontSize: '0.9rem', color: ink('faded'), ml: 1 }}>
            {reading.steady ? 'steady' : 'swinging'}
          </Box>
        </Box>
        <Button onClick={tare}>{t('stores.countByWeight.tare')}</Button>
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr' }}>
        <TextField
          size="small"
          label={t('stores.countByWeight.onTheScaleInG')}
          value={onScale}
          onChange={({ target }) => layOn(target.value)}
        />
        <TextField
          size="small"
          label={t('stores.countByWeight.piecesInTheSample')}
          value={pieces}
          onChange={({ target }) => setPieces(target.value)}
          error={problem !== undefined}
        />
      </Box>
      <Button sx={{ mt: 1 }} variant="outlined" onClick={takeSample}>
        {t('stores.countByWeight.takeThisAsTheSample')}
      </Button>
      {problem && (
        <Typography role="alert" sx={{ color: ink('alarm'), mt: 1 }}>
          {problem}
        </Typography>
      )}
      {sample && <Counted sample={sample} grams={reading.grams} />}
    </Box>
  );
}

function Counted({ sample, grams }: { readonly sample: WeighedSample; readonly grams: number }) {
  const { t } = useTranslation();
  const { pieces, doubt, certain } = countByWeight(grams, sample);
  const most = largestCertainCount(sample);
  return (
    <Box sx={{ mt: 1.5, borderTop: `1px solid ${ink('line')}`, pt: 1.5 }}>
      <Typography
        sx={{ fontSize: '1.25rem' }}
        role="status"
        aria-label={t('stores.countByWeight.count')}
      >
        <Trans
          i18nKey="stores.countByWeight.pieces"
          values={{ pieces }}
          components={{ strong: <strong className="mono" /> }}
        />{' '}
        {certain ? (
          <Trans
            i18nKey="stores.countByWeight.certainAt99"
            components={{ glyph: <Glyph name="tick" /> }}
          />
        ) : (
          <Trans
            i18nKey="stores.countByWeight.giveOrTake"
            values={{ max: Math.max(1, Math.ceil(doubt - 0.5)) }}
            components={{ glyph: <Glyph name="warn" /> }}
          />
        )}
      </Typography>
      <Typography sx={{ color: 'text.secondary' }}>
        {t('stores.countByWeight.aPieceWeighsGByA', {
          grams: decimal(sample.grams / sample.pieces, 4),
          pieces: sample.pieces,
          most,
          pieceSpread: usualSetup.pieceSpread * 100,
        })}
      </Typography>
    </Box>
  );
}
