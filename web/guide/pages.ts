/** Every page of this room, loaded when the first of them is opened. */
export { FamilyPage } from './FamilyPage.tsx';
export { GuideFrame } from './GuideFrame.tsx';
export { GuidePage } from './GuidePage.tsx';
