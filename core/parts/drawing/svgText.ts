import type { Drawing, Shape } from './drawing.ts';

/** Text as it stands in XML. */
export const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

/**
 * A drawing as the text of an SVG file (SVG 1.1), for papers: the same shapes as on the screen.
 *
 * @param fontFamily the face for what is printed on parts
 */
export function svgText({ widthMm, heightMm, shapes }: Drawing, fontFamily: string): string {
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}">`,
    shapesText(shapes, fontFamily),
    '</svg>',
  ].join('');
}

/** The shapes alone, to stand in another picture; everything that a part has printed on it is escaped. */
export const shapesText = (shapes: readonly Shape[], fontFamily: string): string =>
  shapes.map((shape) => shapeText(shape, fontFamily)).join('');

function shapeText(shape: Shape, fontFamily: string): string {
  if (shape.kind === 'text') {
    const weight = shape.bold ? 'bold' : 'normal';
    return `<text x="${shape.x}" y="${shape.y}" font-size="${shape.size}" font-family="${fontFamily}" font-weight="${weight}" fill="${paint(shape.fill).colour}" text-anchor="middle">${escaped(shape.text)}</text>`;
  }
  const fill = shape.fill ? paint(shape.fill) : { colour: 'none', opacity: 1 };
  const stroke = shape.stroke ? paint(shape.stroke) : undefined;
  const paints = [
    `fill="${fill.colour}"`,
    fill.opacity < 1 ? `fill-opacity="${fill.opacity}"` : '',
    stroke ? `stroke="${stroke.colour}" stroke-width="${shape.strokeWidth ?? 0.1}"` : '',
    stroke && stroke.opacity < 1 ? `stroke-opacity="${stroke.opacity}"` : '',
    'stroke-linejoin="round"',
  ]
    .filter(Boolean)
    .join(' ');
  switch (shape.kind) {
    case 'rect':
      return `<rect x="${shape.x}" y="${shape.y}" width="${shape.width}" height="${shape.height}" rx="${shape.radius ?? 0}" ${paints}/>`;
    case 'circle':
      return `<circle cx="${shape.cx}" cy="${shape.cy}" r="${shape.r}" ${paints}/>`;
    case 'path':
      return `<path d="${shape.d}" ${paints}/>`;
  }
}

/** `#rrggbbaa` in the two parts that every SVG reader knows. */
function paint(colour: string): { colour: string; opacity: number } {
  const alpha = /^#[0-9a-f]{8}$/i.test(colour) ? Number.parseInt(colour.slice(7), 16) / 255 : 1;
  return {
    colour: alpha < 1 ? colour.slice(0, 7) : colour,
    opacity: Number(alpha.toFixed(3)),
  };
}
