import { lazy } from 'react';

/** The words of a step are changed now and then, its order all the time. */
export const StepDialog = lazy(async () => ({
  default: (await import('./StepDialog.tsx')).StepDialog,
}));

export const LeaveOut = lazy(async () => ({
  default: (await import('./LeaveOut.tsx')).LeaveOut,
}));

export const AssemblyDialog = lazy(async () => ({
  default: (await import('./AssemblyDialog.tsx')).AssemblyDialog,
}));
