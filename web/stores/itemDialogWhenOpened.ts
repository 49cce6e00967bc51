import { lazy } from 'react';

/** It reads what a part is from words; the reader comes when somebody writes some. */
export const ItemDialog = lazy(async () => ({
  default: (await import('./ItemDialog.tsx')).ItemDialog,
}));
