import { lazy } from 'react';

/** The charts of the report, each drawn once the library that draws them has come; the figures do not wait for it. */
const charts = () => import('./charts.tsx');

export const MistakesByStep = lazy(async () => ({ default: (await charts()).MistakesByStep }));
export const PaceByStep = lazy(async () => ({ default: (await charts()).PaceByStep }));
export const CalibrationChart = lazy(async () => ({ default: (await charts()).CalibrationChart }));
export const FinishChart = lazy(async () => ({ default: (await charts()).FinishChart }));
