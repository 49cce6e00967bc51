/** Every page of this room, loaded when the first of them is opened: the floor must not wait for the network later. */
export { FloorPage } from './floor/FloorPage.tsx';
export { loadFloor } from './floor/keptFloor.ts';
export { NewWorkshopPage } from './NewWorkshopPage.tsx';
export { loadPack, PackPage } from './PackPage.tsx';
export { loadRoom, PhonesPage } from './phones/PhonesPage.tsx';
export { loadPlan, PlanPage } from './plan/PlanPage.tsx';
export { WorkshopFrame } from './WorkshopFrame.tsx';
export { WrapUpPage } from './WrapUpPage.tsx';
