import { getOwnTypes, getRememberedFamilies } from '#contract/kits';
import type { KnownBefore } from '#core/partslist/rowReader';
import { call } from '../app/call.ts';

/** What people said of wordings and of numbers that the catalogue does not know. */
export async function knownBefore(): Promise<KnownBefore> {
  const remembered = (await orNothing(() => call(getRememberedFamilies, {}))) ?? {};
  const ownTypes = (await orNothing(() => call(getOwnTypes, {}))) ?? {};
  return { remembered, ownTypes };
}

/** What is remembered only helps: without an answer the guess must do. */
export async function orNothing<Reply>(ask: () => Promise<Reply>): Promise<Reply | undefined> {
  try {
    return await ask();
  } catch {
    return undefined;
  }
}
