/** The board of a kit and its editor, loaded when the first of them is opened. */
export { BoardPage } from './BoardPage.tsx';
export { LayoutPage } from './LayoutPage.tsx';
