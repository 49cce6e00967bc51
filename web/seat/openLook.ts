import { loadWords } from '../app/words.ts';

/** What to look at on a board that does not work, with its words. */
export async function openLook() {
  const [page] = await Promise.all([import('./LookFirst.tsx'), loadWords('faults')]);
  return page;
}
