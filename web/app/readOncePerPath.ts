import type { LoaderFunction, LoaderFunctionArgs, ShouldRevalidateFunction } from 'react-router';

/**
 * A loader that runs for a new page and when it is asked for outright. What is chosen on a page stands in the search of
 * its address, and choosing asks the server nothing.
 *
 * The router drops a revalidation when a choice comes in between; what was asked for then is still owed, and is read with
 * that choice: what was just saved is seen.
 */
export function readOncePerPath<Data>(load: (args: LoaderFunctionArgs) => Data | Promise<Data>): {
  readonly loader: LoaderFunction;
  readonly shouldRevalidate: ShouldRevalidateFunction;
} {
  let isOwed = false;
  return {
    loader: async (args) => {
      const data = await load(args);
      if (!args.request.signal.aborted) isOwed = false;
      return data;
    },
    shouldRevalidate: ({ currentUrl, nextUrl, defaultShouldRevalidate }) => {
      if (currentUrl.pathname !== nextUrl.pathname) return true;
      // Asked for outright: the address is the same.
      if (defaultShouldRevalidate && currentUrl.href === nextUrl.href) isOwed = true;
      return isOwed;
    },
  };
}
