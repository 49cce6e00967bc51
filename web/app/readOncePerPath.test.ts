import { createMemoryRouter } from 'react-router';
import { afterEach, describe, expect, it } from 'vitest';
import { readOncePerPath } from './readOncePerPath.ts';

type Router = ReturnType<typeof createMemoryRouter>;

/** A page whose answers come when the test lets them. */
function pageOf() {
  const waiting: (() => void)[] = [];
  let reads = 0;
  const router: Router = createMemoryRouter(
    [
      {
        id: 'page',
        path: '/:page',
        ...readOncePerPath(async () => {
          reads += 1;
          const read = reads;
          await new Promise<void>((resolve) => waiting.push(resolve));
          return read;
        }),
      },
    ],
    { initialEntries: ['/kit'] },
  );
  const settled = () =>
    new Promise<void>((resolve) => {
      const isIdle = () =>
        router.state.navigation.state === 'idle' &&
        router.state.revalidation === 'idle' &&
        router.state.initialized;
      if (isIdle()) return resolve();
      const stop = router.subscribe(() => {
        if (!isIdle()) return;
        stop();
        resolve();
      });
    });
  const answerAll = async () => {
    while (waiting.length > 0) waiting.shift()?.();
    await settled();
  };
  return { router, answerAll, reads: () => reads, shown: () => router.state.loaderData.page };
}

describe('what a page reads', () => {
  let open: Router | undefined;
  afterEach(() => open?.dispose());
  const opened = async () => {
    const page = pageOf();
    open = page.router;
    await page.answerAll();
    return page;
  };

  it('is read once a path, whatever is chosen on it', async () => {
    const { router, answerAll, reads } = await opened();
    await router.navigate('/kit?side=bottom');
    await router.navigate('/kit?side=bottom&part=R1');
    expect(reads()).toBe(1);
    void router.navigate('/other');
    await answerAll();
    expect(reads()).toBe(2);
  });

  it('is read anew when it is asked for outright', async () => {
    const { router, answerAll, reads, shown } = await opened();
    void router.revalidate();
    await answerAll();
    expect([reads(), shown()]).toEqual([2, 2]);
    await router.navigate('/kit?side=bottom');
    expect(reads()).toBe(2);
  });

  it('is still read when a choice comes in between', async () => {
    const { router, answerAll, shown } = await opened();
    void router.revalidate();
    void router.navigate('/kit?find=Z9');
    await answerAll();
    expect(router.state.location.search).toBe('?find=Z9');
    expect(shown()).toBe(3);
    await router.navigate('/kit');
    expect(shown()).toBe(3);
  });
});
