import type { LoaderFunctionArgs } from 'react-router';
import { getPaces, type LearntPaces } from '#contract/pace';
import { getWorkshopLog, type WorkshopLog } from '#contract/workshops';
import { call } from '../../app/call.ts';
import { type Kept, orKept } from '../../app/kept.ts';

export interface FloorData {
  readonly log: WorkshopLog;
  readonly paces: LearntPaces;
}

/** What the floor shows: from the server, or what this device kept of it where the server cannot be reached. */
export const loadFloor = ({ params }: LoaderFunctionArgs): Promise<Kept<FloorData>> => {
  const workshopId = String(params.workshopId);
  return orKept(`floor.${workshopId}`, async () => {
    const [log, paces] = await Promise.all([
      call(getWorkshopLog, { params: { workshopId } }),
      call(getPaces, {}),
    ]);
    return { log, paces };
  });
};
