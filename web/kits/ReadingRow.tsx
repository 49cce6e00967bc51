import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { TFunction } from 'i18next';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import type { IncomingReading } from '#contract/kits';
import { rangeFor } from '#core/inspection/meter';
import { meters } from '#core/inspection/meters';
import { hasAmount, judge, type Verdict } from '#core/inspection/verdict';
import { percentLabel, shortDesignators } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { formatQuantity } from '#core/quantity/formatQuantity';
import type { UnitId } from '#core/quantity/unit';
import { partName } from '#core/words/partWords';
import { ink } from '../app/tokens.ts';
import { dateAndTime } from '../ui/clock.ts';
import { Glyph, type GlyphName } from '../ui/Glyph.tsx';

interface ReadingRowProps {
  readonly reading: IncomingReading;
  /** The parts of the kit: what a wrong one could be. */
  readonly kit: readonly Part[];
  readonly remove: () => void;
}

const verdicts: Readonly<
  Record<Verdict['kind'], { glyph: GlyphName; name: string; colour: string }>
> = {
  right: {
    glyph: 'tick',
    get name() {
      return t('kits.readingRow.right');
    },
    colour: ink('board'),
  },
  usable: {
    glyph: 'diamond',
    get name() {
      return t('kits.readingRow.usableHere');
    },
    colour: ink('copper'),
  },
  'not-this': {
    glyph: 'cross',
    get name() {
      return t('kits.readingRow.notThisPart');
    },
    colour: ink('alarm'),
  },
};

/** One measured part and what it is good for. */
export function ReadingRow({ reading, kit, remove }: ReadingRowProps) {
  const { t } = useTranslation();
  const { part } = reading;
  const meter = meters.find(({ id }) => id === reading.meter);
  if (!hasAmount(part) || !meter) return null;
  const range = rangeFor(meter, part.value.unit, reading.reading);
  if (!range) return null;
  const verdict = judge(part, reading.reading, range, kit);
  const { glyph, name, colour } = verdicts[verdict.kind];
  const shown = formatQuantity(reading.reading, part.value.unit);
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr) auto', md: '120px 150px minmax(0, 1fr) auto' },
        gap: 2,
        alignItems: 'center',
        py: 1,
        borderBottom: `1px solid ${ink('line')}`,
      }}
    >
      <Box className="mono" sx={{ fontSize: '1.2rem' }}>
        {shown}
      </Box>
      <Box sx={{ color: colour, fontWeight: 750 }}>
        <Glyph name={glyph} /> {name}
      </Box>
      <Box>
        <div>
          <strong className="mono">{shortDesignators(part.designators)}</strong> {partName(t, part)}
          : {verdictWords(t, verdict, part.value.unit)}
        </div>
        <Box sx={{ color: ink('faded') }}>
          {limitWords(verdict, part.value.unit)}{' '}
          {t('kits.readingRow.measuredWith', {
            meter: t(`kits.meter.${meter.id}.name`),
            at: dateAndTime(reading.at),
          })}
        </Box>
      </Box>
      <Button
        size="small"
        onClick={remove}
        aria-label={t('kits.readingRow.takeBackTheReading', { shown })}
      >
        {t('kits.readingRow.takeBack')}
      </Button>
    </Box>
  );
}

function verdictWords(t: TFunction, verdict: Verdict, unit: UnitId): string {
  switch (verdict.kind) {
    case 'right':
      return t('kits.readingRow.withinAndWhatTheMeterItself', {
        percentLabel: percentLabel(verdict.limits.tolerancePercent, verdict.limits.minusPercent),
      });
    case 'usable':
      return t('kits.readingRow.outOfToleranceGoodEnoughFor', {
        what: t(`usable.${verdict.family}.for`),
        what2: t(`usable.${verdict.family}.never`),
      });
    case 'not-this': {
      const { itIs } = verdict;
      if (!itIs) return t('kits.readingRow.noPartOfThisKitReads');
      const places = shortDesignators(itIs.designators);
      const nominal = itIs.value.kind === 'amount' ? formatQuantity(itIs.value.amount, unit) : '';
      return t('kits.readingRow.itReadsLikeLookIntoThat', {
        what: [places, nominal].filter(Boolean).join(', '),
      });
    }
  }
}

const limitWords = ({ limits: { low, high, doubt } }: Verdict, unit: UnitId) =>
  t('kits.readingRow.rightFromToTheMeterMay', {
    formatQuantity: formatQuantity(Math.max(low, 0), unit),
    formatQuantity2: formatQuantity(high, unit),
    formatQuantity3: formatQuantity(doubt, unit),
  });
