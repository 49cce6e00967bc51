import { useState } from 'react';
import { CallProblem } from './call.ts';

/** Saving something: whether it is under way, and what the server said where it refused. */
export interface Save {
  /** Does the work; resolves to the refusal, or to undefined where it is done. What was typed is the caller's to keep. */
  readonly run: (work: () => Promise<unknown>) => Promise<CallProblem | undefined>;
  readonly refusal: CallProblem | undefined;
  readonly saving: boolean;
  /** What the server says about one field. */
  readonly about: (field: string) => string | undefined;
  readonly forget: () => void;
}

export function useSave(): Save {
  const [refusal, setRefusal] = useState<CallProblem>();
  const [saving, setSaving] = useState(false);
  const run = async (work: () => Promise<unknown>): Promise<CallProblem | undefined> => {
    setRefusal(undefined);
    setSaving(true);
    try {
      await work();
      return undefined;
    } catch (error) {
      if (!(error instanceof CallProblem)) throw error;
      setRefusal(error);
      return error;
    } finally {
      setSaving(false);
    }
  };
  return {
    run,
    refusal,
    saving,
    about: (field) => refusal?.about(field),
    forget: () => setRefusal(undefined),
  };
}

/**
 * What a field holds once what was in it is saved: nothing, unless the next thing was typed while the server
 * answered. `setPieces(unlessChanged(pieces))`.
 */
export const unlessChanged = (sent: string) => (now: string) => (now === sent ? '' : now);
