import type { ComponentType } from 'react';
import type { ViewProps } from '../exerciseView.ts';
import { bandsViews } from './bands.tsx';
import { faultsViews } from './faults.tsx';
import { heatViews } from './heat.tsx';
import { jointsViews } from './joints.tsx';
import { meterViews } from './meter.tsx';
import { orderViews } from './order.tsx';
import { wayRoundViews } from './wayRound.tsx';

// A task and its answer are known to their own picture only.
// biome-ignore lint/suspicious/noExplicitAny: the types belong together and to one drill
type AnyView = ComponentType<ViewProps<any, any>>;

/** The pictures of each drill, by its id and by kind of exercise. */
const views: Readonly<Record<string, Readonly<Record<string, AnyView>>>> = {
  bands: bandsViews,
  wayRound: wayRoundViews,
  order: orderViews,
  joints: jointsViews,
  meter: meterViews,
  heat: heatViews,
  faults: faultsViews,
};

export const viewOf = (drillId: string, kindId: string): AnyView | undefined =>
  views[drillId]?.[kindId];
