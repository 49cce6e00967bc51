import { expose, transfer } from 'comlink';
import type { Corners } from '#core/picture/homography';
import { type Colours, straightColour } from '#core/picture/straightColour';

const worker = {
  straighten: (
    photo: Colours,
    corners: Corners,
    size: { readonly width: number; readonly height: number },
    brightness: number,
  ): Colours => {
    const straight = straightColour(photo, corners, size, brightness);
    return transfer(straight, [straight.data.buffer]);
  },
};

export type StraightenWorker = typeof worker;
expose(worker);
