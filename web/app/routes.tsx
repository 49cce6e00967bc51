import { createBrowserRouter, type LoaderFunctionArgs, redirect } from 'react-router';
import { keptSession, keptWorkshop } from '#contract/keptKinds';
import { getKit, type Kit, listKits } from '#contract/kits';
import { getSession } from '#contract/session';
import { getWorkshop, getWorkshopLog, listWorkshops } from '#contract/workshops';
import { FamilyPage } from '../guide/FamilyPage.tsx';
import { GuideFrame } from '../guide/GuideFrame.tsx';
import { GuidePage } from '../guide/GuidePage.tsx';
import { BoardPage } from '../kits/board/BoardPage.tsx';
import { LayoutPage } from '../kits/board/LayoutPage.tsx';
import { ImportPage } from '../kits/ImportPage.tsx';
import { InspectionPage, loadReadings } from '../kits/InspectionPage.tsx';
import { KitFrame } from '../kits/KitFrame.tsx';
import { KitsPage } from '../kits/KitsPage.tsx';
import { MixUpsPage } from '../kits/MixUpsPage.tsx';
import { StepsPage } from '../kits/order/StepsPage.tsx';
import { PapersPage } from '../kits/PapersPage.tsx';
import { PartsPage } from '../kits/PartsPage.tsx';
import { loadRevisions, RevisionsPage } from '../kits/RevisionsPage.tsx';
import { loadPeople, PeoplePage } from '../people/PeoplePage.tsx';
import { ClassPage } from '../practice/class/ClassPage.tsx';
import { ScreenPage } from '../practice/class/ScreenPage.tsx';
import { loadClass } from '../practice/class/useClass.ts';
import { HeatPage } from '../practice/heat/HeatPage.tsx';
import { loadPractice, PracticePage } from '../practice/PracticePage.tsx';
import { AccountsPage, loadAccounts } from '../site/AccountsPage.tsx';
import { BackupPage, loadBackups } from '../site/BackupPage.tsx';
import { loadRecord, RecordPage } from '../site/RecordPage.tsx';
import { loadRetention, RetentionPage } from '../site/RetentionPage.tsx';
import { SiteFrame } from '../site/SiteFrame.tsx';
import { loadSessions, YouPage } from '../site/YouPage.tsx';
import { DrawersPage } from '../stores/DrawersPage.tsx';
import { ItemPage, loadItem } from '../stores/ItemPage.tsx';
import { loadNeeds, NeedsPage } from '../stores/NeedsPage.tsx';
import { loadStores, StoresFrame } from '../stores/StoresFrame.tsx';
import { SuppliersPage } from '../stores/SuppliersPage.tsx';
import { FloorPage } from '../workshops/floor/FloorPage.tsx';
import { loadFloor } from '../workshops/floor/keptFloor.ts';
import { NewWorkshopPage } from '../workshops/NewWorkshopPage.tsx';
import { loadPack, PackPage } from '../workshops/PackPage.tsx';
import { loadRoom, PhonesPage } from '../workshops/phones/PhonesPage.tsx';
import { loadPlan, PlanPage } from '../workshops/plan/PlanPage.tsx';
import { WorkshopFrame } from '../workshops/WorkshopFrame.tsx';
import { WorkshopsPage } from '../workshops/WorkshopsPage.tsx';
import { WrapUpPage } from '../workshops/WrapUpPage.tsx';
import { call } from './call.ts';
import { orKept } from './kept.ts';
import { Opening } from './Opening.tsx';
import { RouteProblem } from './RouteProblem.tsx';
import { readOncePerPath } from './readOncePerPath.ts';
import { Shell } from './Shell.tsx';
import { SignInPage } from './SignInPage.tsx';

const param = (args: LoaderFunctionArgs, name: string) => String(args.params[name]);

/** Sends whoever is not signed in to the door, and back here afterwards. */
async function requireSession({ request }: LoaderFunctionArgs) {
  // Without network this device goes on with what it kept; the server asks again as soon as it is back.
  const { data: session } = await orKept(keptSession, 'session', () => call(getSession, {}));
  if (session.signedIn) return session;
  const { pathname, search } = new URL(request.url);
  throw redirect(`/sign-in?next=${encodeURIComponent(pathname + search)}`);
}

let lastKit: { readonly text: string; readonly kit: Kit } | undefined;

/** The kit of the address. Where nothing has changed it is the very same object: what was drawn of it is kept. */
async function loadKit(args: LoaderFunctionArgs): Promise<Kit> {
  const kit = await call(getKit, { params: { kitId: param(args, 'kitId') } });
  const text = JSON.stringify(kit);
  if (lastKit?.text !== text) lastKit = { text, kit };
  return lastKit.kit;
}
const loadWorkshop = async (args: LoaderFunctionArgs) => {
  const workshopId = param(args, 'workshopId');
  return (
    await orKept(keptWorkshop, `workshop.${workshopId}`, () =>
      call(getWorkshop, { params: { workshopId } }),
    )
  ).data;
};
const loadLog = (args: LoaderFunctionArgs) =>
  call(getWorkshopLog, { params: { workshopId: param(args, 'workshopId') } });

/** Every place of the instructor's side and its address. What draws charts is loaded when it is opened: a third of the code. */
export const routes = createBrowserRouter([
  {
    path: '/sign-in',
    loader: () => call(getSession, {}),
    element: <SignInPage />,
    errorElement: <RouteProblem />,
    hydrateFallbackElement: <Opening />,
  },
  {
    // Open to everybody: learners are sent here from their seat.
    path: '/guide',
    element: <GuideFrame />,
    errorElement: <RouteProblem />,
    hydrateFallbackElement: <Opening />,
    children: [
      { index: true, element: <GuidePage /> },
      {
        path: 'types',
        lazy: async () => {
          const { TypesPage, loadOwnTypes } = await import('../guide/TypesPage.tsx');
          return { Component: TypesPage, loader: loadOwnTypes };
        },
      },
      {
        path: 'bodies',
        lazy: async () => ({ Component: (await import('../guide/BodiesPage.tsx')).BodiesPage }),
      },
      { path: ':family', element: <FamilyPage /> },
    ],
  },
  {
    // For the projector: the same door, but nothing around it.
    path: '/practice/class/:workshopId/screen',
    ...readOncePerPath(async (args) => {
      await requireSession(args);
      return loadClass(args);
    }),
    element: <ScreenPage />,
    errorElement: <RouteProblem />,
    hydrateFallbackElement: <Opening />,
  },
  {
    id: 'staff',
    path: '/',
    ...readOncePerPath(requireSession),
    element: <Shell />,
    errorElement: <RouteProblem />,
    hydrateFallbackElement: <Opening />,
    children: [
      {
        errorElement: <RouteProblem />,
        children: [
          { index: true, loader: () => redirect('/workshops') },
          { path: 'kits', loader: () => call(listKits, {}), element: <KitsPage /> },
          { path: 'kits/import', element: <ImportPage /> },
          {
            id: 'kit',
            path: 'kits/:kitId',
            ...readOncePerPath(loadKit),
            element: <KitFrame />,
            children: [
              { index: true, loader: () => redirect('parts') },
              { path: 'parts', element: <PartsPage /> },
              { path: 'mix-ups', element: <MixUpsPage /> },
              { path: 'board', element: <BoardPage /> },
              { path: 'board/layout', element: <LayoutPage /> },
              { path: 'steps', element: <StepsPage /> },
              {
                path: 'inspection',
                loader: loadReadings,
                element: <InspectionPage />,
              },
              { path: 'papers', element: <PapersPage /> },
              {
                path: 'report',
                lazy: async () => {
                  const { ReportPage, loadKitReport } = await import(
                    '../kits/report/ReportPage.tsx'
                  );
                  return { Component: ReportPage, ...readOncePerPath(loadKitReport) };
                },
              },
              { path: 'revisions', loader: loadRevisions, element: <RevisionsPage /> },
              { path: 'import', element: <ImportPage /> },
            ],
          },
          {
            id: 'stores',
            path: 'stores',
            ...readOncePerPath(loadStores),
            element: <StoresFrame />,
            children: [
              { index: true, loader: () => redirect('drawers') },
              { path: 'drawers', element: <DrawersPage /> },
              { path: 'drawers/:itemId', loader: loadItem, element: <ItemPage /> },
              { path: 'needs', loader: loadNeeds, element: <NeedsPage /> },
              { path: 'suppliers', element: <SuppliersPage /> },
            ],
          },
          { path: 'workshops', loader: () => call(listWorkshops, {}), element: <WorkshopsPage /> },
          { path: 'workshops/new', loader: () => call(listKits, {}), element: <NewWorkshopPage /> },
          {
            path: 'site',
            element: <SiteFrame />,
            children: [
              { index: true, loader: () => redirect('you') },
              { path: 'you', loader: loadSessions, element: <YouPage /> },
              { path: 'accounts', loader: loadAccounts, element: <AccountsPage /> },
              { path: 'record', loader: loadRecord, element: <RecordPage /> },
              { path: 'names', loader: loadRetention, element: <RetentionPage /> },
              { path: 'backup', loader: loadBackups, element: <BackupPage /> },
            ],
          },
          { path: 'workshops/phones', loader: loadRoom, element: <PhonesPage /> },
          {
            id: 'workshop',
            path: 'workshops/:workshopId',
            ...readOncePerPath(loadWorkshop),
            element: <WorkshopFrame />,
            children: [
              { index: true, loader: () => redirect('plan') },
              {
                path: 'plan',
                ...readOncePerPath(loadPlan),
                element: <PlanPage />,
              },
              {
                path: 'pack',
                ...readOncePerPath(loadPack),
                element: <PackPage />,
              },
              {
                path: 'floor',
                ...readOncePerPath(loadFloor),
                element: <FloorPage />,
              },
              { path: 'wrap-up', loader: loadLog, element: <WrapUpPage /> },
            ],
          },
          {
            path: 'practice',
            loader: loadPractice,
            element: <PracticePage />,
          },
          { path: 'practice/heat', element: <HeatPage /> },
          {
            path: 'practice/class/:workshopId',
            ...readOncePerPath(loadClass),
            element: <ClassPage />,
          },
          { path: 'people', loader: loadPeople, element: <PeoplePage /> },
          {
            path: 'people/:learnerId',
            lazy: async () => {
              const { PersonPage, loadPerson } = await import('../people/PersonPage.tsx');
              return { Component: PersonPage, ...readOncePerPath(loadPerson) };
            },
          },
          { path: '*', element: <RouteProblem /> },
        ],
      },
    ],
  },
]);
