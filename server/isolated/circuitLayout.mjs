// A worker of its own: the library is large, and takes its time over many parts.
import { parentPort, workerData } from 'node:worker_threads';
import ELK from 'elkjs/lib/elk.bundled.js';

const laidOut = await new ELK().layout(workerData);
parentPort?.postMessage({
  width: laidOut.width,
  height: laidOut.height,
  children: laidOut.children.map(({ id, x, y }) => ({ id, x, y })),
  edges: laidOut.edges.map(({ id, sections, junctionPoints }) => ({
    id,
    sections,
    junctionPoints,
  })),
});
