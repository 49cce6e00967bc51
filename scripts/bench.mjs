/** Shows speed, as ratios within one run: figures of different machines are not compared. */
import { buildIfChanged, installPackages, requireNode } from './prepare.mjs';

requireNode();
installPackages();
buildIfChanged();

const { benchAcknowledge } = await import('../bench/acknowledge.mjs');
const { benchFloor } = await import('../bench/floor.mjs');
const { medianMs } = await benchAcknowledge();
await benchFloor(medianMs);
