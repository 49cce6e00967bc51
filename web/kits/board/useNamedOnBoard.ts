import { useTranslation } from 'react-i18next';
import type { Board } from '#core/board/board';
import type { Panel } from '#core/housing/panel';
import type { Cable } from '#core/wiring/cable';
import { useChangeKit } from '../useChangeKit.tsx';

/** What a board keeps lists of, in which each thing has a name of its own. */
interface Named {
  readonly cables: Cable;
  readonly panels: Panel;
}

/**
 * Saves such a list thing by thing, each onto what the board holds by then; a list that is empty is left out.
 *
 * @returns `put`, in the place of the one called `instead` or behind them all, and `remove`; both resolve to what was
 *   refused, if anything was
 */
export function useNamedOnBoard<Key extends keyof Named>(board: Board, key: Key) {
  const { t } = useTranslation();
  const changeKit = useChangeKit();
  type Thing = Named[Key];
  const save = async (edit: (now: readonly Thing[]) => readonly Thing[], said: string) => {
    const refusal = await changeKit(({ board: now }) => {
      const { [key]: before, ...rest } = now ?? board;
      const next = edit((before ?? []) as readonly Thing[]);
      return { board: next.length > 0 ? { ...rest, [key]: next } : rest } as { board: Board };
    }, said);
    return refusal?.message;
  };
  return {
    put: (thing: Thing, instead: string | undefined) =>
      save(
        (now) => {
          const at = now.findIndex(({ name }) => name === instead);
          return at < 0 ? [...now, thing] : now.with(at, thing);
        },
        t('kits.panels.saved', { name: thing.name }),
      ),
    remove: ({ name: gone }: Thing) =>
      save(
        (now) => now.filter(({ name }) => name !== gone),
        t('kits.panels.deleted', { name: gone }),
      ),
  };
}
