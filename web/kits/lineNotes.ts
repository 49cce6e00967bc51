import { useTranslation } from 'react-i18next';
import type { KitLine } from '#contract/kits';
import { flagsOf } from '#core/parts/flags';
import type { Doubt } from '#core/partslist/confidence';
import { saying } from '#core/words/sayings';

const doubtKeys: Readonly<Record<Doubt, string>> = {
  family: 'kits.partsTable.kindNotSure',
  value: 'kits.partsTable.checkTheValueOrType',
  package: 'kits.partsTable.checkTheBody',
  pins: 'kits.partsTable.compareTheSheetLeadsAndPins',
};

/** What the instructor should look at in a line: supplied otherwise, not sure, odd, a batch that differs. */
export function useLineNotes({ part, confidence, doubts }: KitLine): string[] {
  const { t } = useTranslation();
  // Of a list from before doubts were told apart, only that there is one is known.
  const unsure = confidence === 'unsure' && doubts === undefined;
  return [
    ...(part.supply === 'in-kit' ? [] : [t(`kits.partsTable.supply.${part.supply}`)]),
    ...(confidence === 'unknown' ? [t('kits.partsTable.notRecognised')] : []),
    ...(unsure ? [t('kits.partsTable.readButNotSure')] : []),
    ...(doubts ?? []).map((doubt) => t(doubtKeys[doubt])),
    ...flagsOf(part).map(({ says }) => saying(t, says)),
    ...(part.lotNote ? [t('kits.partsTable.thisLotIsDifferent')] : []),
  ];
}
