// A worker of its own: the library throws outside its call, and draws whatever a file of some bytes asks for.
import { parentPort, workerData } from 'node:worker_threads';
import gerberToSvg from 'gerber-to-svg';

const converter = gerberToSvg(
  workerData,
  { attributes: { color: '#ffffff' }, plotAsOutline: false },
  (error, svg) => {
    const { units, width, height } = converter;
    parentPort?.postMessage(error ? { error: error.message } : { svg, units, width, height });
  },
);
