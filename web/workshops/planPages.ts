/** The pages of a workshop before it begins. */
export { loadPack, PackPage } from './PackPage.tsx';
export { loadPlan, PlanPage } from './plan/PlanPage.tsx';
