import { useRouteLoaderData } from 'react-router';
import type { SessionState } from '#contract/session';

/** Who is signed in on this device. */
export const useStaff = (): SessionState | undefined =>
  useRouteLoaderData<SessionState>('staff') ?? undefined;

/** Whether it is an instructor: helpers are not shown what they may not do. */
export const useIsInstructor = (): boolean => useStaff()?.role !== 'helper';

/** The name that entries of the log carry from here; undefined for an instructor who is the only one. */
export const useLogsAs = (): string | undefined => useStaff()?.logsAs ?? undefined;
