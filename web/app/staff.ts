import { useRouteLoaderData } from 'react-router';
import type { SessionState } from '#contract/session';

/** The name of the helper who is signed in; undefined for the instructor. */
export const useHelperName = (): string | undefined =>
  useRouteLoaderData<SessionState>('staff')?.helper ?? undefined;
