import { createBrowserRouter, type LoaderFunctionArgs, redirect } from 'react-router';
import { keptSession, keptWorkshop } from '#contract/keptKinds';
import { getKit, type Kit, listKits } from '#contract/kits';
import { getSession } from '#contract/session';
import { getWorkshop, listWorkshops } from '#contract/workshops';
import { call } from './call.ts';
import { orKept } from './kept.ts';
import { Opening } from './Opening.tsx';
import { RouteProblem } from './RouteProblem.tsx';
import { readOncePerPath } from './readOncePerPath.ts';
import {
  bodies,
  door,
  drawerList,
  glossary,
  guide,
  kitBoard,
  kitCircuit,
  kitFault,
  kitImport,
  kitInspection,
  kitLayout,
  kitList,
  kitMixUps,
  kitReport,
  kitSteps,
  kits,
  newKit,
  newWorkshop,
  people,
  person,
  phones,
  planning,
  practice,
  practiceClass,
  site,
  stores,
  storesNeeds,
  typeNumbers,
  workshopList,
  workshops,
} from './rooms.ts';
import { Shell } from './Shell.tsx';

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

/** Every place of the instructor’s side and its address. Each room’s code and words are loaded when it is opened. */
export const routes = createBrowserRouter([
  {
    path: '/sign-in',
    loader: () => call(getSession, {}),
    lazy: door(({ SignInPage }) => ({ Component: SignInPage })),
    errorElement: <RouteProblem />,
    hydrateFallbackElement: <Opening />,
  },
  {
    // Open to everybody: learners are sent here from their seat.
    path: '/guide',
    lazy: guide(({ GuideFrame }) => ({ Component: GuideFrame })),
    errorElement: <RouteProblem />,
    hydrateFallbackElement: <Opening />,
    children: [
      { index: true, lazy: guide(({ GuidePage }) => ({ Component: GuidePage })) },
      {
        path: 'types',
        lazy: typeNumbers(({ TypesPage, loadOwnTypes }) => ({
          Component: TypesPage,
          loader: loadOwnTypes,
        })),
      },
      { path: 'bodies', lazy: bodies(({ BodiesPage }) => ({ Component: BodiesPage })) },
      { path: 'words', lazy: glossary(({ WordsPage }) => ({ Component: WordsPage })) },
      { path: ':family', lazy: guide(({ FamilyPage }) => ({ Component: FamilyPage })) },
    ],
  },
  {
    // For the projector: the same door, but nothing around it.
    path: '/practice/class/:workshopId/screen',
    lazy: practiceClass(({ ScreenPage, loadClass }) => ({
      Component: ScreenPage,
      ...readOncePerPath(async (args) => {
        await requireSession(args);
        return loadClass(args);
      }),
    })),
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
          {
            path: 'kits',
            loader: () => call(listKits, {}),
            lazy: kitList(({ KitsPage }) => ({ Component: KitsPage })),
          },
          { path: 'kits/new', lazy: newKit(({ NewKitPage }) => ({ Component: NewKitPage })) },
          {
            id: 'kit',
            path: 'kits/:kitId',
            ...readOncePerPath(loadKit),
            lazy: kits(({ KitFrame }) => ({ Component: KitFrame })),
            children: [
              { index: true, loader: () => redirect('parts') },
              { path: 'parts', lazy: kits(({ PartsPage }) => ({ Component: PartsPage })) },
              { path: 'mix-ups', lazy: kitMixUps(({ MixUpsPage }) => ({ Component: MixUpsPage })) },
              { path: 'board', lazy: kitBoard(({ BoardPage }) => ({ Component: BoardPage })) },
              {
                path: 'board/layout',
                lazy: kitLayout(({ LayoutPage }) => ({ Component: LayoutPage })),
              },
              {
                path: 'circuit',
                lazy: kitCircuit(({ CircuitPage }) => ({ Component: CircuitPage })),
              },
              { path: 'fault', lazy: kitFault(({ FaultPage }) => ({ Component: FaultPage })) },
              { path: 'steps', lazy: kitSteps(({ StepsPage }) => ({ Component: StepsPage })) },
              {
                path: 'inspection',
                lazy: kitInspection(({ InspectionPage, loadReadings }) => ({
                  Component: InspectionPage,
                  loader: loadReadings,
                })),
              },
              { path: 'papers', lazy: kits(({ PapersPage }) => ({ Component: PapersPage })) },
              {
                path: 'report',
                lazy: kitReport(({ ReportPage, loadKitReport }) => ({
                  Component: ReportPage,
                  ...readOncePerPath(loadKitReport),
                })),
              },
              {
                path: 'about',
                lazy: kits(({ AboutPage, loadKitEvenings }) => ({
                  Component: AboutPage,
                  loader: loadKitEvenings,
                })),
              },
              {
                path: 'revisions',
                lazy: kits(({ RevisionsPage, loadRevisions }) => ({
                  Component: RevisionsPage,
                  loader: loadRevisions,
                })),
              },
              { path: 'import', lazy: kitImport(({ ListImport }) => ({ Component: ListImport })) },
            ],
          },
          {
            id: 'stores',
            path: 'stores',
            lazy: stores(({ StoresFrame, loadStores }) => ({
              Component: StoresFrame,
              ...readOncePerPath(loadStores),
            })),
            children: [
              { index: true, loader: () => redirect('drawers') },
              { path: 'drawers', lazy: stores(({ DrawersPage }) => ({ Component: DrawersPage })) },
              {
                path: 'drawers/list',
                lazy: drawerList(({ DrawerListPage }) => ({ Component: DrawerListPage })),
              },
              {
                path: 'drawers/:itemId',
                lazy: stores(({ ItemPage, loadItem }) => ({
                  Component: ItemPage,
                  loader: loadItem,
                })),
              },
              {
                path: 'needs',
                lazy: storesNeeds(({ NeedsPage, loadNeeds }) => ({
                  Component: NeedsPage,
                  loader: loadNeeds,
                })),
              },
              {
                path: 'suppliers',
                lazy: stores(({ SuppliersPage }) => ({ Component: SuppliersPage })),
              },
            ],
          },
          {
            path: 'workshops',
            loader: () => call(listWorkshops, {}),
            lazy: workshopList(({ WorkshopsPage }) => ({ Component: WorkshopsPage })),
          },
          {
            path: 'workshops/new',
            loader: () => call(listKits, {}),
            lazy: newWorkshop(({ NewWorkshopPage }) => ({ Component: NewWorkshopPage })),
          },
          {
            path: 'site',
            lazy: site(({ SiteFrame }) => ({ Component: SiteFrame })),
            children: [
              { index: true, loader: () => redirect('you') },
              {
                path: 'you',
                lazy: site(({ YouPage, loadSessions }) => ({
                  Component: YouPage,
                  loader: loadSessions,
                })),
              },
              {
                path: 'accounts',
                lazy: site(({ AccountsPage, loadAccounts }) => ({
                  Component: AccountsPage,
                  loader: loadAccounts,
                })),
              },
              {
                path: 'record',
                lazy: site(({ RecordPage, loadRecord }) => ({
                  Component: RecordPage,
                  loader: loadRecord,
                })),
              },
              {
                path: 'names',
                lazy: site(({ RetentionPage, loadRetention }) => ({
                  Component: RetentionPage,
                  loader: loadRetention,
                })),
              },
              {
                path: 'backup',
                lazy: site(({ BackupPage, loadBackups }) => ({
                  Component: BackupPage,
                  loader: loadBackups,
                })),
              },
            ],
          },
          {
            path: 'workshops/phones',
            lazy: phones(({ PhonesPage, loadRoom }) => ({
              Component: PhonesPage,
              loader: loadRoom,
            })),
          },
          {
            id: 'workshop',
            path: 'workshops/:workshopId',
            ...readOncePerPath(loadWorkshop),
            lazy: workshops(({ WorkshopFrame }) => ({ Component: WorkshopFrame })),
            children: [
              { index: true, loader: () => redirect('plan') },
              {
                path: 'plan',
                lazy: planning(({ PlanPage, loadPlan }) => ({
                  Component: PlanPage,
                  ...readOncePerPath(loadPlan),
                })),
              },
              {
                path: 'pack',
                lazy: planning(({ PackPage, loadPack }) => ({
                  Component: PackPage,
                  ...readOncePerPath(loadPack),
                })),
              },
              {
                path: 'floor',
                lazy: workshops(({ FloorPage, loadFloor }) => ({
                  Component: FloorPage,
                  ...readOncePerPath(loadFloor),
                })),
              },
              {
                path: 'wall',
                lazy: workshops(({ WallPage, loadFloor }) => ({
                  Component: WallPage,
                  ...readOncePerPath(loadFloor),
                })),
              },
              {
                path: 'wrap-up',
                lazy: workshops(({ WrapUpPage, loadWrapUp }) => ({
                  Component: WrapUpPage,
                  loader: loadWrapUp,
                })),
              },
            ],
          },
          {
            path: 'practice',
            lazy: practice(({ PracticePage, loadPractice }) => ({
              Component: PracticePage,
              loader: loadPractice,
            })),
          },
          { path: 'practice/heat', lazy: practice(({ HeatPage }) => ({ Component: HeatPage })) },
          {
            path: 'practice/class/:workshopId',
            lazy: practiceClass(({ ClassPage, loadClass }) => ({
              Component: ClassPage,
              ...readOncePerPath(loadClass),
            })),
          },
          {
            path: 'people',
            lazy: people(({ PeoplePage, loadPeople }) => ({
              Component: PeoplePage,
              loader: loadPeople,
            })),
          },
          {
            path: 'people/:learnerId',
            lazy: person(({ PersonPage, loadPerson }) => ({
              Component: PersonPage,
              ...readOncePerPath(loadPerson),
            })),
          },
          { path: '*', element: <RouteProblem /> },
        ],
      },
    ],
  },
]);
