import { bands } from './bands/bands.ts';
import type { Drill } from './drill.ts';
import { faults } from './faults/faults.ts';
import { heat } from './heat/heat.ts';
import { joints } from './joints/joints.ts';
import { meter } from './meter/meter.ts';
import { order } from './order/order.ts';
import { wayRound } from './wayRound/wayRound.ts';

/** The trainers, in the order in which they are shown. A new one is a folder here and a line in this list. */
export const drills: readonly Drill[] = [bands, wayRound, order, joints, meter, heat, faults];
