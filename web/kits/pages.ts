/** Pages of one kit, loaded when the first of them is opened; the larger ones (import, inspection, mix-ups, board, steps, report) come by themselves. */
export { AboutPage, loadKitEvenings } from './AboutPage.tsx';
export { KitFrame } from './KitFrame.tsx';
export { PapersPage } from './PapersPage.tsx';
export { PartsPage } from './PartsPage.tsx';
export { loadRevisions, RevisionsPage } from './RevisionsPage.tsx';
