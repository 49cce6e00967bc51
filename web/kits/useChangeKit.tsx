import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { getKit, type Kit, type KitPart } from '#contract/kits';
import { CallProblem, call } from '../app/call.ts';
import { offerUndo } from '../app/offerUndo.tsx';
import { changesBetween, changeWords } from './changeWords.ts';
import { useKit } from './KitFrame.tsx';
import { type KitContent, partsChanged, savePart } from './kitParts.ts';

/** A line and a known problem are put into the list as it is then; the rest is one thing. */
const again = ({ lines, errata }: Partial<KitContent>): string =>
  lines || errata
    ? t('kits.useChangeKit.saveAgainToAddYours')
    : t('kits.useChangeKit.saveAgainToPutYoursIn');

/** What is told of somebody else's changes; the rest is counted. */
const mostTold = 4;

/**
 * Changes what the kit holds, part by part, and offers to take it back. Where somebody else has changed the same part
 * meanwhile, the refusal says what; what was typed stays with the caller, and the kit is read anew.
 *
 * @returns a function that resolves to the refusal, if there is one
 */
export function useChangeKit() {
  const { t } = useTranslation();
  const kit = useKit();
  const { revalidate } = useRevalidator();

  const put = async (
    parts: readonly KitPart[],
    content: KitContent,
    versions: Readonly<Partial<Record<KitPart, number>>>,
  ) => {
    const saved: Partial<Record<KitPart, number>> = {};
    let where = '';
    for (const part of parts) {
      const { revision, isNew, version } = await savePart[part](
        kit.id,
        versions[part] ?? kit.versions[part],
        content,
      );
      saved[part] = version;
      if (isNew) where = t('kits.useChangeKit.thisIsRevisionNowWorkshopsKeep', { revision });
    }
    await revalidate();
    return { saved, where };
  };

  /** The refusal, with what has come in between and what saving again does. */
  const told = async (problem: CallProblem, more: Partial<KitContent>): Promise<CallProblem> => {
    if (!problem.isConflict) return problem;
    const newest = await call(getKit, { params: { kitId: kit.id } });
    await revalidate();
    return problem.with([meanwhile(kit, newest), again(more)].filter(Boolean).join(' '));
  };

  const meanwhile = (before: Kit, now: Kit): string => {
    const changes = changesBetween(before, now).map((change) => changeWords(t, change));
    const list = changes.slice(0, mostTold).join('; ').replace(/\.$/, '');
    if (list === '') return '';
    const count = changes.length - mostTold;
    return count > 0
      ? t('kits.useChangeKit.meanwhileAndMore', { list, count })
      : t('kits.useChangeKit.meanwhile', { list });
  };

  return async (more: Partial<KitContent>, said: string): Promise<CallProblem | undefined> => {
    try {
      const parts = partsChanged(kit, more);
      const { saved, where } = await put(parts, { ...kit, ...more }, kit.versions);
      offerUndo([said, where].filter(Boolean).join(' '), () =>
        put([...parts].reverse(), kit, saved),
      );
      return undefined;
    } catch (error) {
      if (!(error instanceof CallProblem)) throw error;
      return told(error, more);
    }
  };
}
