/** Pages of one kit, loaded when the first of them is opened; the larger ones (import, board, steps, report) come by themselves. */
export { InspectionPage, loadReadings } from './InspectionPage.tsx';
export { KitFrame } from './KitFrame.tsx';
export { MixUpsPage } from './MixUpsPage.tsx';
export { PapersPage } from './PapersPage.tsx';
export { PartsPage } from './PartsPage.tsx';
export { loadRevisions, RevisionsPage } from './RevisionsPage.tsx';
