import type { Content } from 'pdfmake/interfaces.js';
import type { Board, Pad, Side } from '#core/board/board';
import { shapePath, shapesOf } from '#core/board/boardShape';
import { footprintOf } from '#core/board/footprint';
import { letteringOf } from '#core/board/labels';
import { padsOf, partsByPlace } from '#core/board/pads';
import { viewOfParts } from '#core/board/view';
import { drawFromAbove } from '#core/parts/drawing/seated/above';
import { shapesText } from '#core/parts/drawing/svgText';
import { familyOf } from '#core/parts/families/index';
import { mountOf } from '#core/parts/mounted';
import type { Part } from '#core/parts/part';
import { mm, mono } from './pdf.ts';

interface Shown {
  readonly side: Side;
  /** Places of this step, and those that are in already. */
  readonly now: ReadonlySet<string>;
  readonly done: ReadonlySet<string>;
  /** Near what is fitted now, or the whole board with that marked on it. */
  readonly near: boolean;
}

const ink = '#231c15';
const faint = '#b9ac97';

/** Room around the parts of a step, and the least that is shown, in mm. */
const aroundMm = 6;
const leastMm = 34;

/**
 * The board on paper, from one side: what is fitted now is drawn as it is and named, what is in already is an
 * outline. Light, so that a printer does not have to paint it green.
 */
export function boardPicture(
  board: Board,
  parts: readonly Part[],
  shown: Shown,
  room: { readonly widthMm: number; readonly heightMm: number },
): Content {
  const { svg, widthMm, heightMm } = boardSvg(board, parts, shown);
  const scale = Math.min(room.widthMm / widthMm, room.heightMm / heightMm);
  return { svg, width: mm(widthMm * scale), height: mm(heightMm * scale) };
}

/** The same as an SVG, in millimetres of the board. */
export function boardSvg(
  board: Board,
  parts: readonly Part[],
  { side, now, done, near }: Shown,
): { readonly svg: string; readonly widthMm: number; readonly heightMm: number } {
  const byPlace = partsByPlace(parts);
  const { labels, signs } = letteringOf(board, byPlace);
  const seenX = (x: number) => (side === 'bottom' ? board.widthMm - x : x);
  const pads = padsOf(board, byPlace);
  const placed = board.placements.flatMap((placement) => {
    const part = byPlace.get(placement.place);
    return part ? [{ placement, part }] : [];
  });
  const ofStep = placed.filter(({ placement: { place } }) => now.has(place));
  const here = viewOfParts(board, side, ofStep, {
    besideMm: aroundMm,
    aboveMm: aroundMm * 0.75,
    leastWidthMm: leastMm,
    leastHeightMm: leastMm * 0.55,
  });
  const view = near ? here : { x: -2, y: -2, width: board.widthMm + 4, height: board.heightMm + 4 };
  const mirror = side === 'bottom' ? `translate(${board.widthMm} 0) scale(-1 1)` : '';
  const svg = [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${view.width}mm" height="${view.height}mm" viewBox="${view.x} ${view.y} ${view.width} ${view.height}">`,
    `<g${mirror ? ` transform="${mirror}"` : ''}>`,
    ...shapesOf(board).map(
      (shape) =>
        `<path d="${shapePath(shape, board.heightMm)}" fill="#f4f7f1" fill-rule="evenodd" stroke="${ink}" stroke-width="0.4"/>`,
    ),
    ...pads.map((pad) => padText(board, pad, now.has(pad.place))),
    ...placed
      .filter(({ placement: { place } }) => now.has(place) || done.has(place))
      .map(({ placement, part }) => {
        const { xMm, yMm, rotation, spanMm, place } = placement;
        if (mountOf(part) === 'off-board') return '';
        const { shapes, widthMm, heightMm } = drawFromAbove(familyOf(part), part, spanMm);
        const outline = footprintOf(part, spanMm);
        const flipped = placement.side === 'bottom' ? ' scale(-1 1)' : '';
        // From the other side only its joints are to be seen.
        const body =
          now.has(place) && placement.side === side
            ? shapesText(shapes, mono)
            : `<rect x="${(widthMm - outline.widthMm) / 2}" y="${(heightMm - outline.heightMm) / 2}" width="${outline.widthMm}" height="${outline.heightMm}" fill="none" stroke="${now.has(place) ? ink : faint}" stroke-width="0.3" ${now.has(place) ? 'stroke-dasharray="1 0.6"' : ''}/>`;
        return `<g transform="translate(${xMm} ${board.heightMm - yMm}) rotate(${-rotation})${flipped} translate(${-widthMm / 2} ${-heightMm / 2})">${body}</g>`;
      }),
    '</g>',
    ...labels
      .filter(({ places }) => near && places.some((place) => now.has(place)))
      .map(({ text, middle }) => nameText(text, seenX(middle.x), middle.y)),
    ...signs
      .filter(({ place }) => near && now.has(place))
      .map(({ text, middle }) => nameText(text, seenX(middle.x), middle.y)),
    near
      ? ''
      : `<rect x="${here.x}" y="${here.y}" width="${here.width}" height="${here.height}" fill="none" stroke="#8f4517" stroke-width="1"/>`,
    '</svg>',
  ].join('');
  return { svg, widthMm: view.width, heightMm: view.height };
}

function padText(board: Board, pad: Pad, isNow: boolean): string {
  const [x, y] = [pad.xMm, board.heightMm - pad.yMm];
  const paint = `fill="${isNow ? '#d9a441' : 'none'}" stroke="${isNow ? ink : faint}" stroke-width="${isNow ? 0.3 : 0.2}"`;
  const turn = `transform="translate(${x} ${y}) rotate(${-pad.rotation})"`;
  if (pad.drillMm !== null && !pad.square)
    return `<circle cx="${x}" cy="${y}" r="${pad.widthMm / 2}" ${paint}/>`;
  return `<rect ${turn} x="${-pad.widthMm / 2}" y="${-pad.heightMm / 2}" width="${pad.widthMm}" height="${pad.heightMm}" ${paint}/>`;
}

/** On a little ground of its own, so that it is read over a body. */
function nameText(text: string, x: number, y: number): string {
  const size = 2.4;
  const width = text.length * size * 0.66 + 0.5;
  return [
    `<rect x="${x - width / 2}" y="${y - size * 0.55}" width="${width}" height="${size * 1.1}" rx="0.4" fill="#ffffff" fill-opacity="0.85"/>`,
    `<text x="${x}" y="${y + size * 0.36}" font-size="${size}" font-family="${mono}" font-weight="bold" fill="${ink}" text-anchor="middle">${text}</text>`,
  ].join('');
}
