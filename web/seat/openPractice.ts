import { loadWords } from '../app/words.ts';

/** The trainers with their words: loaded when the first of them is opened. */
export async function openPractice() {
  const [pages] = await Promise.all([
    import('./practicePages.ts'),
    loadWords('practice', 'drills', 'faults', 'staff'),
  ]);
  return pages;
}
