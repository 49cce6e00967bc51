/** Every page of this room, loaded when the first of them is opened. */
export { DrawersPage } from './DrawersPage.tsx';
export { ItemPage, loadItem } from './ItemPage.tsx';
export { loadNeeds, NeedsPage } from './NeedsPage.tsx';
export { loadStores, StoresFrame } from './StoresFrame.tsx';
export { SuppliersPage } from './SuppliersPage.tsx';
