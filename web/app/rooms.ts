import type { ComponentType } from 'react';
import type { LoaderFunction, ShouldRevalidateFunction } from 'react-router';
import { type CatalogueName, loadWords } from './words.ts';

/** What a page brings to its address. */
interface Opened {
  readonly Component: ComponentType;
  readonly loader?: LoaderFunction;
  readonly shouldRevalidate?: ShouldRevalidateFunction;
}

/** A room of the interface: its pages and its words are loaded together, when the first of them is opened. */
const room =
  <Pages>(load: () => Promise<Pages>, ...words: readonly CatalogueName[]) =>
  (open: (pages: Pages) => Opened) =>
  async (): Promise<Opened> => {
    const [pages] = await Promise.all([load(), loadWords(...words)]);
    return open(pages);
  };

export const door = room(() => import('./SignInPage.tsx'), 'app');
export const guide = room(() => import('../guide/pages.ts'), 'guide', 'families', 'trade', 'staff');
export const typeNumbers = room(
  () => import('../guide/TypesPage.tsx'),
  'guide',
  'families',
  'trade',
  'staff',
);
export const bodies = room(
  () => import('../guide/BodiesPage.tsx'),
  'guide',
  'families',
  'trade',
  'staff',
);
export const glossary = room(
  () => import('../guide/WordsPage.tsx'),
  'guide',
  'families',
  'trade',
  'staff',
);
const kitWords = ['kits', 'lists', 'families', 'trade', 'staff'] as const;
export const kits = room(() => import('../kits/pages.ts'), ...kitWords);
export const kitList = room(() => import('../kits/KitsPage.tsx'), ...kitWords);
export const kitImport = room(() => import('../kits/import/ListImport.tsx'), ...kitWords);
export const newKit = room(() => import('../kits/import/NewKitPage.tsx'), ...kitWords);
export const kitBoard = room(() => import('../kits/board/BoardPage.tsx'), ...kitWords);
export const kitCircuit = room(
  () => import('../kits/circuit/CircuitPage.tsx'),
  ...kitWords,
  'faults',
);
export const kitFault = room(() => import('../kits/fault/FaultPage.tsx'), ...kitWords, 'faults');
export const kitLayout = room(() => import('../kits/board/LayoutPage.tsx'), ...kitWords);
export const kitSteps = room(() => import('../kits/order/StepsPage.tsx'), ...kitWords);
export const kitInspection = room(() => import('../kits/InspectionPage.tsx'), ...kitWords);
export const kitMixUps = room(() => import('../kits/MixUpsPage.tsx'), ...kitWords);
export const kitReport = room(
  () => import('../kits/report/ReportPage.tsx'),
  'kits',
  'families',
  'trade',
  'staff',
);
/** What is wrong with offers and samples is told in the words of refusals. */
const storesWords = ['stores', 'refusals', 'families', 'trade', 'staff'] as const;
export const stores = room(() => import('../stores/pages.ts'), ...storesWords);
export const storesNeeds = room(() => import('../stores/NeedsPage.tsx'), ...storesWords);
export const drawerList = room(
  () => import('../stores/drawerlist/DrawerListPage.tsx'),
  'stores',
  'lists',
  'refusals',
  'families',
  'trade',
  'staff',
);
export const workshopList = room(() => import('../workshops/WorkshopsPage.tsx'), 'workshops');
export const newWorkshop = room(
  () => import('../workshops/NewWorkshopPage.tsx'),
  'workshops',
  'refusals',
);
export const phones = room(() => import('../workshops/phones/PhonesPage.tsx'), 'workshops');
/** Tips and solders are called as on the heat bench. */
const workshopWords = [
  'workshops',
  'refusals',
  'drills',
  'faults',
  'families',
  'trade',
  'staff',
] as const;
export const workshops = room(() => import('../workshops/pages.ts'), ...workshopWords);
// Counting by weight is of the stores.
export const planning = room(() => import('../workshops/planPages.ts'), ...workshopWords, 'stores');
const practiceWords = ['practice', 'drills', 'faults', 'families', 'trade', 'staff'] as const;
export const practice = room(() => import('../practice/pages.ts'), ...practiceWords);
export const practiceClass = room(() => import('../practice/class/pages.ts'), ...practiceWords);
export const people = room(
  () => import('../people/PeoplePage.tsx'),
  'people',
  'drills',
  'faults',
  'families',
  'trade',
  'staff',
);
export const person = room(
  () => import('../people/PersonPage.tsx'),
  'people',
  'drills',
  'faults',
  'families',
  'trade',
  'staff',
);
export const site = room(() => import('../site/pages.ts'), 'site');
