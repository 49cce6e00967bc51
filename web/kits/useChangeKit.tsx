import { t } from 'i18next';
import { useContext } from 'react';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { getKit, type Kit, type KitPart } from '#contract/kits';
import { CallProblem, call } from '../app/call.ts';
import { offerUndo } from '../app/offerUndo.tsx';
import { changesBetween, changeWords } from './changeWords.ts';
import { useKit } from './KitFrame.tsx';
import { type KitContent, newestParts, partsChanged, savePart, withPart } from './kitParts.ts';
import { OwnChangesContext } from './ownChanges.ts';

/** A line and a known problem are put into the list as it is then; the rest is one thing. */
const again = ({ lines, errata }: Partial<KitContent>): string =>
  lines || errata
    ? t('kits.useChangeKit.saveAgainToAddYours')
    : t('kits.useChangeKit.saveAgainToPutYoursIn');

/** What is told of somebody else's changes; the rest is counted. */
const mostTold = 4;

/**
 * What is put into the kit: either made of the kit as its page shows it, or a function of the kit as the last change
 * has left it, for what may follow another change before that one is shown.
 */
type KitChange = Partial<KitContent> | ((kit: Kit) => Partial<KitContent>);

/**
 * Changes what the kit holds, part by part, and offers to take it back. Where somebody else has changed the same part
 * meanwhile, the refusal says what; what was typed stays with the caller, and the kit is read anew.
 *
 * @returns a function that resolves to the refusal, if there is one
 */
export function useChangeKit() {
  const { t } = useTranslation();
  const kit = useKit();
  const own = useContext(OwnChangesContext);
  const { revalidate } = useRevalidator();

  const newest = () => (own.left?.id === kit.id ? newestParts(kit, own.left) : kit);

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
        versions[part] ?? newest().versions[part],
        content,
      );
      saved[part] = version;
      own.left = withPart(newest(), part, content, version);
      if (isNew) where = t('kits.useChangeKit.thisIsRevisionNowWorkshopsKeep', { revision });
    }
    await revalidate();
    return { saved, where };
  };

  /** The refusal, with what has come in between and what saving again does. */
  const told = async (
    problem: CallProblem,
    before: Kit,
    more: Partial<KitContent>,
  ): Promise<CallProblem> => {
    if (!problem.isConflict) return problem;
    const now = await call(getKit, { params: { kitId: kit.id } });
    await revalidate();
    return problem.with([meanwhile(before, now), again(more)].filter(Boolean).join(' '));
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

  const make = async (change: KitChange, said: string): Promise<CallProblem | undefined> => {
    const isOnNewest = typeof change === 'function';
    const before = isOnNewest ? newest() : kit;
    const more = isOnNewest ? change(before) : change;
    try {
      const parts = partsChanged(before, more);
      const { saved, where } = await put(parts, { ...before, ...more }, before.versions);
      offerUndo([said, where].filter(Boolean).join(' '), () =>
        put([...parts].reverse(), before, saved),
      );
      return undefined;
    } catch (error) {
      if (!(error instanceof CallProblem)) throw error;
      return told(error, before, more);
    }
  };

  return (change: KitChange, said: string): Promise<CallProblem | undefined> => {
    const made = own.underWay.then(() => make(change, said));
    own.underWay = made.catch(() => undefined);
    return made;
  };
}
