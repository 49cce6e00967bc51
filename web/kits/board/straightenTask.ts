import type { Corners } from '#core/picture/homography';
import type { Colours } from '#core/picture/straightColour';
import type { WorkerTask } from '../../app/useWorkerTask.ts';
import type { StraightenWorker } from './straighten.worker.ts';

interface ToStraighten {
  readonly photo: Colours;
  readonly corners: Corners;
  readonly size: { readonly width: number; readonly height: number };
  readonly brightness: number;
}

/** Straightens a photo of a board; a million dots take a moment. */
export const straightenTask: WorkerTask<StraightenWorker, ToStraighten, never, Colours> = {
  worker: () => new Worker(new URL('./straighten.worker.ts', import.meta.url), { type: 'module' }),
  run: (api, { photo, corners, size, brightness }) =>
    api.straighten(photo, corners, size, brightness),
};
