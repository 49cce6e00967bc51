/** Every page of one workshop, loaded when the first of them is opened: the floor must not wait for the network later. */
export { FloorPage } from './floor/FloorPage.tsx';
export { loadFloor } from './floor/keptFloor.ts';
export { loadPack, PackPage } from './PackPage.tsx';
export { loadPlan, PlanPage } from './plan/PlanPage.tsx';
export { WorkshopFrame } from './WorkshopFrame.tsx';
export { WrapUpPage } from './WrapUpPage.tsx';
