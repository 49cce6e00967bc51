import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
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
    <tr>
      <td />
      <td colSpan={7}>
        <strong>Instead, from the drawers:</strong>
        <ul style={{ margin: 0, paddingLeft: '1.2rem' }}>
          {found.map((one) => (
            <li key={JSON.stringify(one)}>{substituteWords(t, one)}</li>
          ))}
        </ul>
        {needsDataSheet(need.part) && (
          <span className="short">
            <Glyph name="warn" /> Compare both data sheets, pin by pin, before one is fitted.
          </span>
        )}
      </td>
    </tr>
  );
}

function substituteWords(t: TFunction, one: Substitute): string {
  const offWords = (percent: number) =>
    percent === 0 ? 'exactly the value' : `${Math.abs(percent)} % ${percent > 0 ? 'more' : 'less'}`;
  switch (one.kind) {
    case 'same-value':
      return `${stockName(t, one.item.part)}: the same value with other marks; tell the learners (${one.item.level} there)`;
    case 'near-value':
      return `${stockName(t, one.item.part)}: ${offWords(one.offPercent)}, within the tolerance (${one.item.level} there)`;
    case 'series':
    case 'parallel': {
      const [a, b] = one.items;
      const how = one.kind === 'series' ? 'one after the other' : 'side by side';
      return `${stockName(t, a.part)} and ${stockName(t, b.part)}, ${how}: ${offWords(one.offPercent)}`;
    }
    case 'other-type': {
      const pins = (names: readonly string[] | null) =>
        names
          ? names.map((name) => t(`lead.${name}`, { defaultValue: name })).join(', ')
          : 'not known';
      return `${stockName(t, one.item.part)} (${one.item.level} there): leads ${pins(one.itsPins)}; the missing one has ${pins(one.missingPins)}. ${turnWords[one.turn]} ${judgementWords[one.judgement]}`;
    }
  }
}

const judgementWords = {
  fits: 'It bears at least as much.',
  compare: 'Not sure that it fits: compare both sheets.',
} as const;

const turnWords = {
  'as-printed': 'It stands as the board shows.',
  'half-turn': 'It must be turned by half a turn.',
  unknown: 'Look both up.',
} as const;
