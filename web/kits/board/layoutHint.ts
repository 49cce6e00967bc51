import { t } from 'i18next';
import type { Hole } from '#core/board/board';
import type { Point } from '#core/board/transform';
import type { Tool } from './LayoutTools.tsx';

export interface LayoutMoment {
  readonly held: string | undefined;
  readonly tool: Tool;
  readonly linkFrom: Hole | undefined;
  readonly scaling: readonly Point[] | undefined;
  readonly chosen: readonly string[];
  /** How many parts are not on the board yet. */
  readonly waiting: number;
}

/** What to do next, in words. */
export function layoutHint({
  held,
  tool,
  linkFrom,
  scaling,
  chosen,
  waiting,
}: LayoutMoment): string {
  if (scaling) return t('kits.layoutHint.clickTwoPointsOfThePicture', { count: scaling.length });
  if (held) return t('kits.layoutHint.clickOnTheBoardWhereGoes', { held });
  if (tool === 'cut') return t('kits.layoutHint.clickAHoleToCutThe');
  if (tool === 'link') {
    return linkFrom
      ? t('kits.layoutHint.clickTheHoleWhereTheWire')
      : t('kits.layoutHint.clickTheHoleWhereAWire');
  }
  if (chosen.length > 0) {
    return t('kits.layoutHint.dragOrMoveWithTheArrow', { chosen: chosen.join(', ') });
  }
  const first =
    waiting > 0
      ? t('kits.layoutHint.chooseAPartOnTheLeft')
      : t('kits.layoutHint.clickAPartToMoveIt');
  return t('kits.layoutHint.dragTheBoardToMoveThe', { first });
}
