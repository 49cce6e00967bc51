import type { TFunction } from 'i18next';
import { t } from 'i18next';
import { Trans, useTranslation } from 'react-i18next';
import type { Need } from '#core/stores/needs';
import { needsDataSheet, type Substitute, substitutesFor } from '#core/stores/substitutes';
import { stockName } from '#core/words/stockWords';
import { Glyph } from '../ui/Glyph.tsx';
import { useStores } from './StoresFrame.tsx';

/** What lies in the drawers in place of what is short. */
export function Substitutes({ need }: { readonly need: Need }) {
  const { t } = useTranslation();
  const { items } = useStores();
  const stock = items.map(({ id, part, level }) => ({ itemId: id, part, level }));
  const found = substitutesFor(need.part, need.short, stock).slice(0, 4);
  if (found.length === 0) return null;
  return (
    <>
      <strong>{t('stores.substitutes.insteadFromTheDrawers')}</strong>
      <ul style={{ margin: 0, paddingLeft: '1.2rem' }}>
        {found.map((one) => (
          <li key={JSON.stringify(one)}>{substituteWords(t, one)}</li>
        ))}
      </ul>
      {needsDataSheet(need.part) && (
        <span className="short">
          <Trans
            i18nKey="stores.substitutes.compareBothDataSheetsPinBy"
            components={{ glyph: <Glyph name="warn" /> }}
          />
        </span>
      )}
    </>
  );
}

function substituteWords(t: TFunction, one: Substitute): string {
  const offWords = (percent: number) =>
    percent === 0
      ? t('stores.substitutes.exactlyTheValue')
      : `${Math.abs(percent)} % ${percent > 0 ? 'more' : 'less'}`;
  switch (one.kind) {
    case 'same-value':
      return t('stores.substitutes.theSameValueWithOtherMarks', {
        stockName: stockName(t, one.item.part),
        level: one.item.level,
      });
    case 'near-value':
      return t('stores.substitutes.withinTheToleranceThere', {
        stockName: stockName(t, one.item.part),
        offWords: offWords(one.offPercent),
        level: one.item.level,
      });
    case 'series':
    case 'parallel': {
      const [a, b] = one.items;
      const how =
        one.kind === 'series'
          ? t('stores.substitutes.oneAfterTheOther')
          : t('stores.substitutes.sideBySide');
      return t('stores.substitutes.and', {
        stockName: stockName(t, a.part),
        stockName2: stockName(t, b.part),
        how,
        offWords: offWords(one.offPercent),
      });
    }
    case 'other-type': {
      const pins = (names: readonly string[] | null) =>
        names
          ? names.map((name) => t(`lead.${name}`, { defaultValue: name })).join(', ')
          : t('stores.substitutes.notKnown');
      return t('stores.substitutes.thereLeadsTheMissingOneHas', {
        stockName: stockName(t, one.item.part),
        level: one.item.level,
        pins: pins(one.itsPins),
        pins2: pins(one.missingPins),
        value: turnWords[one.turn],
        value2: judgementWords[one.judgement],
      });
    }
  }
}

const judgementWords = {
  get fits() {
    return t('stores.substitutes.itBearsAtLeastAsMuch');
  },
  get compare() {
    return t('stores.substitutes.notSureThatItFitsCompare');
  },
} as const;

const turnWords = {
  get 'as-printed'() {
    return t('stores.substitutes.itStandsAsTheBoardShows');
  },
  get 'half-turn'() {
    return t('stores.substitutes.itMustBeTurnedByHalf');
  },
  get unknown() {
    return t('stores.substitutes.lookBothUp');
  },
} as const;
