import { t } from 'i18next';
import { listKits } from '#contract/kits';
import { listPeople } from '#contract/people';
import { listWorkshops } from '#contract/workshops';
import { plain } from '#core/partslist/plain';
import { CallProblem, call } from './call.ts';
import { places } from './places.ts';

/** Something that can be gone to. */
export interface Found {
  readonly kind: 'kit' | 'workshop' | 'person' | 'page' | 'action';
  readonly name: string;
  readonly to: string;
}

/** So many are shown: whoever sees none of theirs types one letter more. */
export const mostFound = 9;

const pagesOfKit = ['parts', 'board', 'steps', 'circuit', 'papers'] as const;

/** Pages and what is done there most; of an instructor, who may do everything. */
const pages = (): Found[] => [
  ...places.map(({ to, name }): Found => ({ kind: 'page', name, to })),
  { kind: 'page', name: t('app.search.guide'), to: '/guide' },
  { kind: 'page', name: t('app.search.types'), to: '/guide/types' },
  { kind: 'page', name: t('app.search.words'), to: '/guide/words' },
  { kind: 'page', name: t('app.search.heatBench'), to: '/practice/heat' },
  { kind: 'page', name: t('app.search.you'), to: '/site/you' },
  { kind: 'page', name: t('app.search.accounts'), to: '/site/accounts' },
  { kind: 'page', name: t('app.search.record'), to: '/site/record' },
  { kind: 'page', name: t('app.search.names'), to: '/site/names' },
  { kind: 'page', name: t('app.search.backup'), to: '/site/backup' },
  { kind: 'action', name: t('app.search.importList'), to: '/kits/new' },
  { kind: 'action', name: t('app.search.planWorkshop'), to: '/workshops/new' },
  { kind: 'action', name: t('app.search.phones'), to: '/workshops/phones' },
  { kind: 'action', name: t('app.search.needs'), to: '/stores/needs' },
];

/** What a helper may not see is left out instead of failing the rest. */
async function orNone<One>(asked: Promise<readonly One[]>): Promise<readonly One[]> {
  try {
    return await asked;
  } catch (error) {
    if (error instanceof CallProblem) return [];
    throw error;
  }
}

/** Everything that has a name: read when the search is opened. */
export async function everything(isInstructor: boolean): Promise<readonly Found[]> {
  const [kits, workshops, people] = await Promise.all([
    orNone(call(listKits, {})),
    orNone(call(listWorkshops, {})),
    isInstructor ? orNone(call(listPeople, {})) : [],
  ]);
  return [
    ...kits.flatMap(({ id, name }): Found[] => [
      { kind: 'kit', name, to: `/kits/${id}/parts` },
      ...pagesOfKit.slice(1).map(
        (page): Found => ({
          kind: 'kit',
          name: t('app.search.pageOfKit', { kit: name, page: t(`app.search.page.${page}`) }),
          to: `/kits/${id}/${page}`,
        }),
      ),
    ]),
    ...workshops.map(
      ({ id, title }): Found => ({ kind: 'workshop', name: title, to: `/workshops/${id}` }),
    ),
    ...people.map(({ id, name }): Found => ({ kind: 'person', name, to: `/people/${id}` })),
    ...(isInstructor ? pages() : []),
  ];
}

/** What has every word that was typed; what begins with the first of them comes first. */
export function matching(all: readonly Found[], asked: string): readonly Found[] {
  const words = plain(asked).split(' ').filter(Boolean);
  if (words.length === 0) return [];
  return all
    .map((one) => ({ one, name: plain(one.name) }))
    .filter(({ name }) => words.every((word) => name.includes(word)))
    .sort(
      (a, b) =>
        Number(b.name.startsWith(words[0] ?? '')) - Number(a.name.startsWith(words[0] ?? '')) ||
        a.name.length - b.name.length,
    )
    .slice(0, mostFound)
    .map(({ one }) => one);
}
