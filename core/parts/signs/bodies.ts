import { path, rect } from '../drawing/drawing.ts';
import { segment } from '../drawing/segment.ts';
import type { SignDefinition } from './definition.ts';

// The form of the body is the mark: whoever draws the body draws it.

/** The flat of the rim of a round LED, at the minus side. */
export const flat: SignDefinition = {
  word: 'flat on the rim',
  angle: 0,
  above: 'body',
  side: 'hidden',
};

export const notch: SignDefinition = {
  word: 'notch at one end',
  angle: 180,
  above: 'body',
  side: 'hidden',
};

export const bevel: SignDefinition = {
  word: 'bevelled side',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

/** Looks down in the drawing from above. */
export const flatFace: SignDefinition = {
  word: 'flat face',
  angle: 270,
  above: 'body',
  side: 'body',
};

export const metalTab: SignDefinition = {
  word: 'metal tab',
  angle: 90,
  above: 'body',
  side: 'body',
};

export const openings: SignDefinition = {
  word: 'opening',
  angle: 270,
  above: 'body',
  side: 'hidden',
};

/** The gap for the tongue of the plug. */
export const keyway: SignDefinition = {
  word: 'gap in the shell',
  angle: 270,
  above: 'body',
  side: 'hidden',
};

export const cap: SignDefinition = { word: 'cap', angle: null, above: 'hidden', side: 'hidden' };

export const flatEnd: SignDefinition = {
  word: 'flat end',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

export const printSide: SignDefinition = {
  word: 'printed side',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

/** The point beside the last digit of a display: it stands at the foot of the digits. */
export const decimalPoint: SignDefinition = {
  word: 'decimal point',
  angle: 270,
  above: 'body',
  side: 'hidden',
};

/** Of a can on the surface: minus. */
export const darkSegment: SignDefinition = {
  word: 'dark segment of the can',
  angle: 0,
  above: ({ x, y, length, width, shape }, end) =>
    shape === 'can'
      ? [
          path(
            segment(
              { x: x + length / 2, y: y + width / 2 },
              length / 2,
              { x: 0.6, y: 0.8 },
              end,
              'inside',
            ),
            { fill: '#26303a' },
          ),
        ]
      : [],
  side: 'hidden',
};

/** Of a moulded tantalum capacitor: plus, where a diode has its band at minus. */
export const bar: SignDefinition = {
  word: 'bar at one end',
  angle: 180,
  above: ({ x, y, length, width }, end) => [
    rect(end > 0 ? x + length * 0.2 : x + length * 0.68, y, length * 0.12, width, {
      fill: '#5b3608',
    }),
  ],
  side: 'hidden',
};

/** Of the foot of a can on the surface. */
export const bevelledCorners: SignDefinition = {
  word: 'two cut corners of the foot',
  // The dark segment says the same from the other side.
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

export const broadFace: SignDefinition = {
  word: 'broad flat face',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

export const smallSnap: SignDefinition = {
  word: 'small round snap',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

export const wideSnap: SignDefinition = {
  word: 'wide crown',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

export const nub: SignDefinition = {
  word: 'nub',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

/** The little tab on the rim of a metal can, beside the emitter. */
export const rimTab: SignDefinition = {
  word: 'tab on the rim',
  angle: 225,
  above: ({ x, y, width }, end) =>
    end > 0
      ? [rect(x - 0.3, y + width * 0.76, 1.2, 0.9, { fill: '#b3b8bc' })]
      : [rect(x - 0.3, y + width * 0.12, 1.2, 0.9, { fill: '#b3b8bc' })],
  side: 'hidden',
};

export const lens: SignDefinition = {
  word: 'side with the lens',
  angle: 270,
  above: ({ x, y, length, width }) => [
    path(
      `M${x + length * 0.25} ${y + width}A${length * 0.25} ${length * 0.2} 0 0 0 ${x + length * 0.75} ${y + width}Z`,
      { fill: '#3d3d44' },
    ),
  ],
  side: 'hidden',
};

export const cutCorner: SignDefinition = {
  word: 'cut corner',
  angle: 225,
  above: ({ x, y, width }) => [
    path(`M${x} ${y + width}V${y + width - 1}L${x + 1} ${y + width}Z`, { fill: '#1f6b45' }),
  ],
  side: 'hidden',
};

/** Of a microphone’s two pads the one with tracks to its case: minus. */
export const casePad: SignDefinition = {
  word: 'pad that is joined to the case',
  angle: 0,
  above: 'hidden',
  side: 'hidden',
};
