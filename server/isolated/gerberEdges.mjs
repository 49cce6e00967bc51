// A worker of its own: the library throws outside its call, and follows whatever a file of some bytes asks for.
import { parentPort, workerData } from 'node:worker_threads';
import gerberParser from 'gerber-parser';
import gerberPlotter from 'gerber-plotter';

const parser = gerberParser();
const plotter = gerberPlotter();
const pieces = [];
// More is a picture, no edge, and joining its lines would keep the room waiting.
const mostPieces = 3_000;

const fail = (error) => parentPort?.postMessage({ error: error.message });
parser.once('error', fail);
plotter.once('error', fail);
// Where a block of the file is drawn again (RS-274X, step and repeat).
let copies = [[0, 0]];
plotter.on('data', ({ type, path, offsets }) => {
  if (type === 'repeat') copies = offsets.length > 0 ? offsets : [[0, 0]];
  if (type !== 'stroke' && type !== 'fill') return;
  for (const [dx, dy] of copies) addPieces(path, dx, dy);
  if (pieces.length > mostPieces) fail(new Error(`more than ${mostPieces} lines`));
});

function addPieces(path, dx, dy) {
  const moved = ([x, y]) => [x + dx, y + dy];
  // One more tells that it is too many.
  if (pieces.length > mostPieces) return;
  for (const { type: sort, start, end, center, sweep, dir } of path) {
    const piece = { from: moved(start), to: moved(end) };
    if (sort === 'arc')
      pieces.push({ ...piece, middle: moved(center), turn: dir === 'cw' ? -sweep : sweep });
    else pieces.push(piece);
  }
}
plotter.once('end', () => parentPort?.postMessage({ pieces, units: plotter.format.units }));
parser.pipe(plotter);
parser.write(workerData);
parser.end();
