import type { Content } from 'pdfmake/interfaces.js';
import { svgText } from '#core/parts/drawing/svgText';
import { familyOf } from '#core/parts/families/index';
import type { Part } from '#core/parts/part';
import { mm, mono } from './pdf.ts';

/**
 * A part as it lies on the mat, no larger than the room there is.
 *
 * @param room `scale`: so many mm of paper for a millimetre where there is room; parts for the surface twice as many
 */
export function partPicture(
  part: Part,
  room: { readonly widthMm: number; readonly heightMm: number; readonly scale?: number },
): Content {
  const drawing = familyOf(part).draw(part);
  const most = (room.scale ?? 2) * (familyOf(part).mount === 'surface' ? 2 : 1);
  const scale = Math.min(most, room.widthMm / drawing.widthMm, room.heightMm / drawing.heightMm);
  return {
    svg: svgText(drawing, mono),
    width: mm(drawing.widthMm * scale),
    height: mm(drawing.heightMm * scale),
  };
}
