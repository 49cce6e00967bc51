/** The pages of drawers and suppliers, loaded when the first of them is opened. */
export { DrawersPage } from './DrawersPage.tsx';
export { ItemPage, loadItem } from './ItemPage.tsx';
export { loadStores, StoresFrame } from './StoresFrame.tsx';
export { SuppliersPage } from './SuppliersPage.tsx';
