import { configure, render } from '@testing-library/react';
import { SnackbarProvider } from 'notistack';
import { createMemoryRouter, type RouteObject, RouterProvider } from 'react-router';
import { installAllWords } from './allWords.ts';

installAllWords();

// A page that waits for its server on a busy machine takes its time; a test waits for what it needs.
configure({ asyncUtilTimeout: 15_000 });

/** Shows a page of the instructor's side at an address, with what all pages have around them. */
export function showPage(routes: RouteObject[], at: string) {
  const router = createMemoryRouter(routes, { initialEntries: [at] });
  render(
    <SnackbarProvider>
      <RouterProvider router={router} />
    </SnackbarProvider>,
  );
  return router;
}
