import { type BandColour, bandColours } from '../../bands/colours.ts';
import { type Drawing, lead, material, path, rect, type Shape } from './drawing.ts';

const bodyWidth = 6.8;
const bodyHeight = 2.5;
const leadLength = 4;

/** Four bands and fewer are the beige carbon film of most kits, five and more the blue metal film (common practice). */
export const coatOf = (bandCount: number): string =>
  bandCount >= 5 ? material.blueBody : material.beige;

/**
 * A resistor lying on the mat, read from the left. The last band that is not a digit or multiplier stands apart,
 * which is how a reader finds the end to begin at (IEC 60062).
 *
 * @param bands in reading order, 1 or 3 to 6 colours; null where none is painted yet
 * @param coat colour of the body; an inductor's is green
 */
export function drawResistor(bands: readonly (BandColour | null)[], coat?: string): Drawing {
  const width = bodyWidth + 2 * leadLength;
  const height = 4;
  const middle = height / 2;
  const body = coat ?? coatOf(bands.length);
  const left = leadLength;
  const top = middle - bodyHeight / 2;
  const outline = bone(left, top, bodyWidth, bodyHeight);
  return {
    widthMm: width,
    heightMm: height,
    shapes: [
      ...lead(`M0.4 ${middle}H${width - 0.4}`),
      path(outline, { fill: body }),
      ...bands.flatMap((colour, index) =>
        colour === null ? [] : [band(colour, index, bands.length, left, top)],
      ),
      path(outline, { stroke: material.edge, strokeWidth: 0.16 }),
    ],
  };
}

function band(colour: BandColour, index: number, count: number, left: number, top: number): Shape {
  const thick = count >= 5 ? 0.58 : 0.72;
  const onCap = index === 0 || (index === count - 1 && count > 1);
  const x = left + (count === 1 ? (bodyWidth - thick) / 2 : bandOffset(index, count) - thick / 2);
  // The bands on the swollen ends are taller than those on the waist.
  const inset = onCap ? 0.02 : 0.2;
  return rect(x, top + inset, thick, bodyHeight - 2 * inset, {
    fill: bandColours[colour].srgb,
    stroke: material.edge,
    strokeWidth: 0.05,
  });
}

/** Middle of a band from the body's left end, in mm. */
function bandOffset(index: number, count: number): number {
  const first = 0.85;
  const last = bodyWidth - 0.85;
  if (count <= 3) return first + index * 1.35;
  // Six bands: the coefficient sits on the far end, the tolerance just before it.
  const apart = count === 6 ? 4 : count - 1;
  const pitch = { 4: 1.25, 5: 1.02, 6: 0.95 }[count] ?? 1;
  if (index < apart) return first + index * pitch;
  if (index === count - 1) return last;
  return last - 1.02;
}

/** The waisted outline of a dipped resistor. */
function bone(x: number, y: number, width: number, height: number): string {
  const right = x + width;
  const bottom = y + height;
  const cap = 1.5;
  const waist = 0.2;
  return [
    `M${x} ${y + height / 2}`,
    `C${x} ${y} ${x + 0.4} ${y} ${x + cap * 0.6} ${y}`,
    `C${x + cap} ${y} ${x + cap} ${y + waist} ${x + cap + 0.3} ${y + waist}`,
    `H${right - cap - 0.3}`,
    `C${right - cap} ${y + waist} ${right - cap} ${y} ${right - cap * 0.6} ${y}`,
    `C${right - 0.4} ${y} ${right} ${y} ${right} ${y + height / 2}`,
    `C${right} ${bottom} ${right - 0.4} ${bottom} ${right - cap * 0.6} ${bottom}`,
    `C${right - cap} ${bottom} ${right - cap} ${bottom - waist} ${right - cap - 0.3} ${bottom - waist}`,
    `H${x + cap + 0.3}`,
    `C${x + cap} ${bottom - waist} ${x + cap} ${bottom} ${x + cap * 0.6} ${bottom}`,
    `C${x + 0.4} ${bottom} ${x} ${bottom} ${x} ${y + height / 2}Z`,
  ].join('');
}
