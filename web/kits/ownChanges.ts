import { createContext } from 'react';
import type { Kit } from '#contract/kits';

/** The changes that the pages of a kit make: one after another. */
export interface OwnChanges {
  underWay: Promise<unknown>;
  /** The kit as the last of them has left it, which its page may not have read yet. */
  left: Kit | undefined;
}

export const noChanges = (): OwnChanges => ({ underWay: Promise.resolve(), left: undefined });

/** Shared by all that stands on the pages of a kit. */
export const OwnChangesContext = createContext(noChanges());
