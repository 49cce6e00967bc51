/** A question for a whole class: the instructor’s page, and what is shown on the wall. */
export { ClassPage } from './ClassPage.tsx';
export { ScreenPage } from './ScreenPage.tsx';
export { loadClass } from './useClass.ts';
