import type { APIRequestContext } from '@playwright/test';

interface Listed {
  readonly id: string;
  readonly name?: string;
  readonly title?: string;
}

const idOf = async (request: APIRequestContext, path: string, name: string) => {
  const list = (await (await request.get(path)).json()) as Listed[];
  return list.find((item) => (item.name ?? item.title)?.includes(name))?.id ?? 'missing';
};

/** The address of every page, with the demo’s own kits, evenings and people. */
export async function addressesOf(api: APIRequestContext): Promise<readonly string[]> {
  const fern = await idOf(api, '/api/kits', 'Fern Minder');
  const running = await idOf(api, '/api/workshops', '2: Fern');
  const twin = await idOf(api, '/api/kits', 'Twin Lamp');
  const learners = (await (await api.get('/api/people')).json()) as { id: string }[];
  const over = await idOf(api, '/api/workshops', '1: Twin');
  const { seats } = (await (await api.get(`/api/workshops/${running}`)).json()) as {
    seats: { token: string }[];
  };
  return [
    '/kits',
    '/kits/new',
    '/kits/new?from=empty',
    '/kits/new?from=example',
    `/kits/${fern}/parts`,
    `/kits/${fern}/inspection`,
    `/kits/${fern}/mix-ups`,
    `/kits/${fern}/steps`,
    `/kits/${fern}/board`,
    `/kits/${fern}/circuit`,
    `/kits/${fern}/board/layout?side=bottom`,
    `/kits/${fern}/about`,
    `/kits/${fern}/revisions`,
    '/guide',
    '/guide/transistor-to92',
    '/guide/types?find=LM317',
    '/guide/bodies',
    '/guide/words',
    `/kits/${fern}/papers`,
    '/stores/drawers',
    '/stores/drawers/list',
    '/stores/needs',
    '/stores/suppliers',
    '/workshops',
    '/workshops/new',
    `/workshops/${running}/plan`,
    `/workshops/${running}/pack`,
    `/workshops/${running}/floor`,
    `/workshops/${running}/wall`,
    `/workshops/${over}/wrap-up`,
    '/workshops/phones',
    '/site/you',
    '/site/accounts',
    '/site/record',
    '/site/names',
    '/site/backup',
    '/people',
    `/people/${learners[0]?.id}`,
    `/kits/${twin}/report?show=all`,
    `/seat/${seats[0]?.token}`,
    `/seat/${seats[6]?.token}`,
  ];
}
