import {
  boardPatch,
  type Drawing,
  lead,
  material,
  pad,
  path,
  rect,
  silkLine,
  text,
} from './drawing.ts';

const can = { left: 6, top: 1.4, length: 12, width: 6 } as const;

/** An electrolytic with a lead at each end: arrows along the can point at minus, a groove runs round at plus. */
export function drawLyingCan(print: string, volt: string, isTurned = false): Drawing {
  const { left, top, length, width } = can;
  const middle = top + width / 2;
  const groove = isTurned ? left + length - 1.6 : left + 1.6;
  const [tail, tip] = isTurned ? [left + length - 3.4, left + 1] : [left + 3.4, left + length - 1];
  const back = isTurned ? 1 : -1;
  return {
    widthMm: 24,
    heightMm: 10.6,
    shapes: [
      ...lead(`M0.4 ${middle}H23.6`),
      rect(left, top, length, width, {
        fill: '#27406b',
        stroke: material.blackEdge,
        strokeWidth: 0.18,
        radius: 0.7,
      }),
      path(`M${groove} ${top}V${top + width}`, { stroke: material.blackEdge, strokeWidth: 0.5 }),
      path(`M${tail} ${top + 4.6}H${tip}`, { stroke: '#cfd3d8', strokeWidth: 0.9 }),
      path(
        `M${tip + 1.3 * back} ${top + 3.5}L${tip} ${top + 4.6}L${tip + 1.3 * back} ${top + 5.7}`,
        {
          stroke: '#cfd3d8',
          strokeWidth: 0.9,
        },
      ),
      text(
        left + length / 2,
        top + 2.1,
        print,
        Math.min(1.6, 11 / Math.max(print.length, 6)),
        '#f0ead8',
        true,
      ),
      text(left + length / 2, top + 3.7, volt, 1.3, '#f0ead8'),
      text(isTurned ? 21 : 3, 10.2, '+', 3, material.plus, true),
      text(isTurned ? 3 : 21, 10.2, '−', 3, material.minus, true),
    ],
  };
}

/** An outline with a plus by the square hole. */
export function drawLyingCanMark(): Drawing {
  return boardPatch(20, 8, [
    rect(4.4, 1.4, 11.2, 5.2, silkLine),
    path('M3 4H4.4M15.6 4H17', silkLine),
    ...pad(1.9, 4, true),
    ...pad(18.1, 4),
    text(6.6, 5, '+', 2.6, material.silk, true),
    text(13.6, 5, '−', 2.6, material.silk, true),
  ]);
}
