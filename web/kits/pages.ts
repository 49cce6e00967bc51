/** Every page of this room, loaded when the first of them is opened; the report draws charts and comes by itself. */
export { BoardPage } from './board/BoardPage.tsx';
export { LayoutPage } from './board/LayoutPage.tsx';
export { ImportPage } from './ImportPage.tsx';
export { InspectionPage, loadReadings } from './InspectionPage.tsx';
export { KitFrame } from './KitFrame.tsx';
export { KitsPage } from './KitsPage.tsx';
export { MixUpsPage } from './MixUpsPage.tsx';
export { StepsPage } from './order/StepsPage.tsx';
export { PapersPage } from './PapersPage.tsx';
export { PartsPage } from './PartsPage.tsx';
export { loadRevisions, RevisionsPage } from './RevisionsPage.tsx';
