import type { Page } from '@playwright/test';

export interface PlannedSeat {
  readonly id: string;
  readonly number: number;
  readonly name: string;
  readonly token: string;
}

export interface Planned {
  readonly id: string;
  readonly kitId: string;
  /** Of who sits where. */
  readonly version: number;
  readonly seats: readonly PlannedSeat[];
}

/**
 * A workshop of the test's own, on a copy of a kit of the demo: what happens at it is in nobody else's figures.
 *
 * @param startsAt a moment, or minutes from now, below 0 where it has begun
 */
export async function planned(
  page: Page,
  {
    title,
    startsAt,
    lengthMinutes = 90,
    names,
    kit = 'Twin Lamp',
  }: {
    readonly title: string;
    readonly startsAt: string | number;
    readonly lengthMinutes?: number;
    readonly names: readonly string[];
    readonly kit?: string;
  },
): Promise<Planned> {
  const headers = { origin: new URL(page.url()).origin };
  const kits = (await (await page.request.get('/api/kits')).json()) as {
    id: string;
    name: string;
  }[];
  const original = kits.find(({ name }) => name === kit);
  const copied = await page.request.post(`/api/kits/${original?.id}/copies`, {
    headers,
    data: { name: `Kit of ${title}` },
  });
  const { id: kitId } = (await copied.json()) as { id: string };
  const made = await page.request.post('/api/workshops', {
    headers,
    data: {
      title,
      kitId,
      startsAt:
        typeof startsAt === 'string'
          ? startsAt
          : new Date(Date.now() + startsAt * 60_000).toISOString(),
      lengthMinutes,
      seats: names.map((name) => ({ name })),
    },
  });
  const { id } = (await made.json()) as { id: string };
  const workshop = (await (await page.request.get(`/api/workshops/${id}`)).json()) as Planned;
  return { id, kitId, version: workshop.version, seats: workshop.seats };
}
