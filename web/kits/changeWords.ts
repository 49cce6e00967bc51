import type { TFunction } from 'i18next';
import { t } from 'i18next';
import type { Revision } from '#contract/kits';
import { type Change, type ChangedField, compareLists } from '#core/parts/compareLists';
import { shortDesignators, toleranceLabel } from '#core/parts/label';
import type { Held } from '#core/parts/mounting';
import type { Part } from '#core/parts/part';
import { partName, valueWords } from '#core/words/partWords';

type Compared = Pick<
  Revision,
  'lines' | 'supplyVolt' | 'errata' | 'board' | 'circuitNotes' | 'order'
>;

/** What has changed from one state of a kit to another. */
export const changesBetween = (from: Compared, to: Compared): Change[] =>
  compareLists(content(from), content(to));

const content = ({ lines, supplyVolt, errata, board, circuitNotes, order }: Compared) => ({
  parts: lines.map(({ part }) => part),
  supplyVolt,
  errata,
  board,
  circuitNotes,
  order,
});

/** A change in words. */
export function changeWords(t: TFunction, change: Change): string {
  switch (change.kind) {
    case 'added':
    case 'removed':
      return named(t, change.part);
    case 'changed':
      return `${named(t, change.from)}: ${change.fields
        .map(
          (field) =>
            `${t(`kits.changeWords.field.${field}`)} ${fieldWords(t, change.from, field)} → ${fieldWords(t, change.to, field)}`,
        )
        .join(', ')}`;
    case 'supply':
      return t('kits.changeWords.supply', { volts: volts(change.from), volts2: volts(change.to) });
    case 'board':
      return change.places.length === 0
        ? t('kits.changeWords.outlinePadsOrWiring')
        : t('kits.changeWords.otherSpotsFor', {
            shortDesignators: shortDesignators(change.places),
          });
    case 'circuit':
      return t('kits.changeWords.circuit');
    case 'order':
      return t('kits.changeWords.anotherOrderOrOtherWishesFor');
    case 'erratum-added':
    case 'erratum-removed':
      return `${shortDesignators(change.erratum.designators)}: ${change.erratum.text}`;
  }
}

const named = (t: TFunction, part: Part) =>
  `${shortDesignators(part.designators) || part.description}, ${partName(t, part)}`;
const volts = (volt: number | null) =>
  volt === null ? t('kits.changeWords.notGiven') : `${volt} V`;

const mountingWords = (mounting: Part['mounting']) =>
  mounting?.kind === 'holds'
    ? heldWords(mounting.what)
    : mounting?.kind === 'raised'
      ? t('kits.changeWords.mmAboveTheBoard', { mm: mounting.mm })
      : mounting?.kind === 'on-wires'
        ? [
            t('kits.changeWords.onWires'),
            mounting.mm && `${mounting.mm} mm`,
            mounting.colours?.join(', '),
          ]
            .filter(Boolean)
            .join(', ')
        : mounting
          ? t('kits.changeWords.bentOver')
          : t('kits.changeWords.asUsual');

/** What a screw or a tie holds. */
export const heldWords = (what: Held): string =>
  what === 'board'
    ? t('kits.holds.board')
    : what === 'case'
      ? t('kits.holds.case')
      : shortDesignators(what);

function fieldWords(t: TFunction, part: Part, field: ChangedField): string {
  switch (field) {
    case 'designators':
      return shortDesignators(part.designators) || t('kits.changeWords.none');
    case 'quantity':
      return String(part.quantity);
    case 'family':
      return t(`family.${part.family}.one`);
    case 'value':
      return [valueWords(t, part.value) || t('kits.changeWords.none'), toleranceLabel(part.value)]
        .filter(Boolean)
        .join(' ');
    case 'pins':
      return part.pins === undefined ? t('kits.changeWords.notGiven') : String(part.pins);
    case 'package':
      return part.package ?? t('kits.changeWords.notGiven');
    case 'mounting':
      return mountingWords(part.mounting);
    case 'supply':
      return t(`kits.changeWords.brought.${part.supply}`);
    case 'lotNote':
      return part.lotNote ? `“${part.lotNote.text}”` : t('kits.changeWords.none');
  }
}
