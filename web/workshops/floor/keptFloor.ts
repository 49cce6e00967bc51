import type { LoaderFunctionArgs } from 'react-router';
import type { FloorData } from '#contract/keptForms';
import { keptFloor } from '#contract/keptKinds';
import { getPaces } from '#contract/pace';
import { getWorkshopLog } from '#contract/workshops';
import { call } from '../../app/call.ts';
import { type Kept, orKept } from '../../app/kept.ts';

/** What the floor shows: from the server, or what this device kept of it where the server cannot be reached. */
export const loadFloor = ({ params }: LoaderFunctionArgs): Promise<Kept<FloorData>> => {
  const workshopId = String(params.workshopId);
  return orKept(keptFloor, `floor.${workshopId}`, async () => {
    const [log, paces] = await Promise.all([
      call(getWorkshopLog, { params: { workshopId } }),
      call(getPaces, { params: { workshopId } }),
    ]);
    return { log, paces };
  });
};
