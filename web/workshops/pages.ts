/** The evening and what is left of it, loaded with the first page of a workshop: the floor must not wait for the network later. */
export { FloorPage } from './floor/FloorPage.tsx';
export { loadFloor } from './floor/keptFloor.ts';
export { WorkshopFrame } from './WorkshopFrame.tsx';
export { loadWrapUp, WrapUpPage } from './WrapUpPage.tsx';
export { WallPage } from './wall/WallPage.tsx';
