import type { ReactNode } from 'react';
import { useIsInstructor } from './staff.ts';

/** What helpers may not do is not shown to them. */
export const InstructorOnly = ({ children }: { readonly children: ReactNode }) =>
  useIsInstructor() ? children : null;
