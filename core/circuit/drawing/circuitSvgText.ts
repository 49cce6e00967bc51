import { escaped } from '../../parts/drawing/svgText.ts';
import type { CircuitDrawing, PlacedDevice } from './circuitDrawing.ts';
import { markEnd, markLines, namesOf, portLine } from './drawnParts.ts';

const margin = 12;
const ink = '#231c15';

/**
 * A circuit as the text of an SVG file (SVG 1.1): black on white, as papers and other programs take it.
 *
 * @param fontFamily the face of names and values
 */
export function circuitSvgText(drawing: CircuitDrawing, fontFamily: string): string {
  const { width, height, devices, wires } = drawing;
  const [wide, high] = [width + 2 * margin, height + 2 * margin];
  const line = `fill="none" stroke="${ink}" stroke-width="1.3" stroke-linejoin="round"`;
  const text = (
    x: number,
    y: number,
    size: number,
    anchor: string,
    words: string,
    isBold = false,
  ) =>
    `<text x="${x}" y="${y}" font-size="${size}" font-family="${fontFamily}" font-weight="${isBold ? 'bold' : 'normal'}" fill="${ink}" text-anchor="${anchor}">${escaped(words)}</text>`;
  const device = (one: PlacedDevice) => {
    const { symbol, x, y, offsetX, offsetY, marks } = one;
    const [left, top] = [x + offsetX, y + offsetY];
    return [
      `<g transform="translate(${left} ${top})"><path d="${symbol.lines}" ${line}/>`,
      symbol.areas ? `<path d="${symbol.areas}" fill="${ink}"/>` : '',
      ...(symbol.words ?? []).map((word) => text(word.x, word.y, 8.5, 'middle', word.text)),
      ...namesOf(one).map((name) =>
        text(name.x, name.y, name.isPlace ? 10.5 : 9.5, name.anchor, name.text, name.isPlace),
      ),
      '</g>',
      ...symbol.ports.map((port) => {
        const mark = marks.find(({ pin }) => pin === port.pin);
        const at = { x: left + port.x, y: top + port.y };
        if (!mark) return `<path d="${portLine(one, port)}" ${line}/>`;
        const end = markEnd(mark, at);
        return `<path d="${markLines(mark, at)}" ${line}/>${end ? text(end.x, end.y, 9.5, end.anchor, mark.shown) : ''}`;
      }),
    ].join('');
  };
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${wide}" height="${high}" viewBox="${-margin} ${-margin} ${wide} ${high}">`,
    ...wires.flatMap(({ lines, dots }) => [
      ...lines.map(
        (points) =>
          `<path d="${points.map(({ x, y }, at) => `${at ? 'L' : 'M'}${x} ${y}`).join('')}" ${line}/>`,
      ),
      ...dots.map(({ x, y }) => `<circle cx="${x}" cy="${y}" r="2.6" fill="${ink}"/>`),
    ]),
    ...devices.map(device),
    '</svg>',
  ].join('');
}
