import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useTranslation } from 'react-i18next';
import type { KitLine } from '#contract/kits';
import { duplicated, merged, movedDown, movedUp, split, withoutLines } from '#core/parts/listEdits';
import { ok } from '#core/result';
import { saying } from '#core/words/sayings';
import { useChangeKit } from './useChangeKit.tsx';

/** What can be done with lines that are chosen; `keeps` where the same ones stay chosen, to be moved on. */
const deeds = [
  { id: 'duplicate', edit: duplicated },
  { id: 'split', edit: split },
  { id: 'merge', edit: merged },
  { id: 'up', edit: movedUp },
  { id: 'down', edit: movedDown },
  { id: 'delete', edit: withoutLines },
] as const;

interface LineDeedsProps {
  readonly lines: readonly KitLine[];
  /** Counted from 0. */
  readonly chosen: readonly number[];
  readonly done: () => void;
}

/** Buttons that change the chosen lines of a list, each with its undo. */
export function LineDeeds({ lines, chosen, done }: LineDeedsProps) {
  const { t } = useTranslation();
  const changeKit = useChangeKit();
  const { enqueueSnackbar } = useSnackbar();
  const run = async ({ id, edit }: (typeof deeds)[number]) => {
    const edited = edit(lines, new Set(chosen));
    const next = 'ok' in edited ? edited : ok(edited);
    if (!next.ok) return enqueueSnackbar(saying(t, next.problem), { variant: 'error' });
    const refusal = await changeKit(
      { lines: next.value },
      t(`kits.lineDeeds.done.${id}`, { count: chosen.length }),
    );
    if (refusal) return enqueueSnackbar(refusal.message, { variant: 'error' });
    return done();
  };
  return deeds.map((deed) => (
    <Button
      key={deed.id}
      size="small"
      color="inherit"
      variant="outlined"
      onClick={() => void run(deed)}
    >
      {t(`kits.lineDeeds.${deed.id}`)}
    </Button>
  ));
}
