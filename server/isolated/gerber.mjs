// A worker of its own: the library throws outside its call, and draws whatever a file of some bytes asks for.
import { parentPort, workerData } from 'node:worker_threads';
import gerberToSvg from 'gerber-to-svg';

const converter = gerberToSvg(
  workerData.text,
  { attributes: { color: workerData.colour }, plotAsOutline: false },
  (error, svg) => {
    const { units, width, height, viewBox } = converter;
    parentPort?.postMessage(
      error ? { error: error.message } : { svg, units, width, height, viewBox },
    );
  },
);
