import Button from '@mui/material/Button';
import { closeSnackbar, enqueueSnackbar } from 'notistack';
import { useRevalidator } from 'react-router';
import { changeKit, type Kit } from '#contract/kits';
import { CallProblem, call } from '../app/call.ts';
import { useKit } from './KitFrame.tsx';

export type KitContent = Pick<Kit, 'lines' | 'errata' | 'supplyVolt' | 'board' | 'order'>;

/**
 * Changes what the kit holds, and offers to take it back.
 *
 * @returns a function that resolves to the refusal, if there is one
 */
export function useChangeKit() {
  const kit = useKit();
  const { revalidate } = useRevalidator();

  const put = async (basedOn: string, content: KitContent) => {
    const { lines, errata, supplyVolt, board, order } = content;
    const reply = await call(changeKit, {
      params: { kitId: kit.id },
      body: { basedOn, supplyVolt, lines: [...lines], errata: [...errata], board, order },
    });
    await revalidate();
    return reply;
  };

  return async (more: Partial<KitContent>, said: string): Promise<CallProblem | undefined> => {
    try {
      const { revision, revisionId, isNew } = await put(kit.revisionId, { ...kit, ...more });
      const where = isNew
        ? ` This is revision ${revision} now; workshops keep the one they were planned on.`
        : '';
      enqueueSnackbar(`${said}${where}`, {
        action: (key) => (
          <Button
            color="inherit"
            onClick={() => {
              closeSnackbar(key);
              void put(revisionId, kit).catch((error: unknown) => {
                if (!(error instanceof CallProblem)) throw error;
                enqueueSnackbar(error.message, { variant: 'error' });
              });
            }}
          >
            Undo
          </Button>
        ),
      });
      return undefined;
    } catch (error) {
      if (!(error instanceof CallProblem)) throw error;
      return error;
    }
  };
}
