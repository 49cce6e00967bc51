/** Every page of this room on the instructor’s side, loaded when the first of them is opened. */
export { ClassPage } from './class/ClassPage.tsx';
export { ScreenPage } from './class/ScreenPage.tsx';
export { loadClass } from './class/useClass.ts';
export { HeatPage } from './heat/HeatPage.tsx';
export { loadPractice, PracticePage } from './PracticePage.tsx';
