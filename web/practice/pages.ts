/** Every page of this room on the instructor’s side, loaded when the first of them is opened. */
export { HeatPage } from './heat/HeatPage.tsx';
export { loadPractice, PracticePage } from './PracticePage.tsx';
