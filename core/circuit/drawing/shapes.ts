import type { PartSymbol, Port, Standing } from './symbol.ts';

// Shapes of IEC 60617, from memory; upright, the end nearer to plus above.

const port = (pin: string, x: number, y: number, side: Port['side']): Port => ({ pin, x, y, side });

/** Two ends, one above the other. Pin 1 of `first` is the upper one where it stands as drawn. */
const upright = (
  { upright: [upper, lower] }: Standing,
  lines: string,
  areas?: string,
  width = 24,
): PartSymbol => ({
  width,
  height: 48,
  ports: [port(upper, 12, 0, 'NORTH'), port(lower, 12, 48, 'SOUTH')],
  lines,
  ...(areas ? { areas } : {}),
});

/** Drawn with pin 1 above; turned over where pin 2 is nearer to plus. */
const directed = (
  standing: Standing,
  down: readonly [string, string?],
  up: readonly [string, string?],
  width?: number,
) => {
  const [lines, areas] = standing.upright[0] === '1' ? down : up;
  return upright(standing, lines, areas, width);
};

const boxLines = 'M12 0V12M7 12H17V36H7ZM12 36V48';
const zigzagLines = 'M12 0V11L17 13.5L7 17.5L17 21.5L7 25.5L17 29.5L7 33.5L12 36V48';
const resistorLines = ({ style }: Standing) => (style === 'zigzag' ? zigzagLines : boxLines);

export const resistorSymbol = (standing: Standing) => upright(standing, resistorLines(standing));

export const byLightSymbol = (standing: Standing) =>
  upright(
    standing,
    `${resistorLines(standing)}M-4 12L4 20M-4 20L4 28`,
    'M4 20L0 19L3 16ZM4 28L0 27L3 24Z',
  );

export const byHeatSymbol = (standing: Standing) =>
  upright(standing, `${resistorLines(standing)}M2 38H5L20 12`);

export const slidingSymbol = (standing: Standing): PartSymbol => {
  const [upper, lower] = standing.upright;
  return {
    width: 36,
    height: 48,
    ports: [port(upper, 12, 0, 'NORTH'), port(lower, 12, 48, 'SOUTH'), port('2', 36, 24, 'EAST')],
    lines: `${resistorLines(standing)}M36 24H18`,
    areas: 'M17 24L24 20V28Z',
  };
};

export const capacitorSymbol = (standing: Standing) =>
  upright(standing, 'M12 0V21M3 21H21M3 27H21M12 27V48');

export const polarisedSymbol = (standing: Standing) =>
  directed(
    standing,
    ['M12 0V18M3 18H21V22H3ZM12 26V48M18 12H24M21 9V15', 'M3 26H21V30H3Z'],
    ['M12 0V18M12 30V48M3 26H21V30H3ZM18 36H24M21 33V39', 'M3 18H21V22H3Z'],
  );

export const inductorSymbol = (standing: Standing) =>
  upright(standing, 'M12 0V8A4 4 0 0 1 12 16A4 4 0 0 1 12 24A4 4 0 0 1 12 32A4 4 0 0 1 12 40V48');

const diodeDown = 'M12 0V48M4 32H20';
const diodeUp = 'M12 0V48M4 16H20';
export const diodeSymbol = (standing: Standing) =>
  directed(standing, [diodeDown, 'M4 16H20L12 32Z'], [diodeUp, 'M4 32H20L12 16Z']);

export const zenerSymbol = (standing: Standing) =>
  directed(
    standing,
    [`${diodeDown}M20 32V28`, 'M4 16H20L12 32Z'],
    [`${diodeUp}M20 16V20`, 'M4 32H20L12 16Z'],
  );

export const lightSymbol = (standing: Standing) =>
  directed(
    standing,
    [
      `${diodeDown}M19 20L27 14M21 26L29 20`,
      'M4 16H20L12 32ZM27 14L23 15L25.5 18ZM29 20L25 21L27.5 24Z',
    ],
    [
      `${diodeUp}M19 28L27 22M21 34L29 28`,
      'M4 32H20L12 16ZM27 22L23 23L25.5 26ZM29 28L25 29L27.5 32Z',
    ],
    32,
  );

export const filamentSymbol = (standing: Standing) =>
  upright(
    standing,
    'M12 0V13M12 35V48M1 24A11 11 0 1 0 23 24A11 11 0 1 0 1 24M4.2 16.2L19.8 31.8M19.8 16.2L4.2 31.8',
  );

export const sounderSymbol = (standing: Standing) =>
  upright(standing, 'M12 0V16M12 32V48M4 16H12M4 32H12M4 12V36A12 12 0 0 0 4 12');

export const voiceCoilSymbol = (standing: Standing) =>
  upright(standing, 'M12 0V16M12 32V48M8 16H16V32H8ZM16 18L26 10V38L16 30');

export const cellSymbol = (standing: Standing) =>
  directed(
    standing,
    ['M12 0V20M2 20H22M7 27H17M12 27V48M18 12H24M21 9V15'],
    ['M12 0V20M7 20H17M2 27H22M12 27V48M18 34H24M21 31V37'],
  );

export const fusibleSymbol = (standing: Standing) => upright(standing, 'M12 0V48M7 12H17V36H7Z');

export const contactSymbol = (standing: Standing) =>
  upright(standing, 'M12 0V15M12 33V48M12 33L21 17');

/** The middle below its two sides, or above them where it is nearer to plus. */
export const changeoverSymbol = (isMiddleAbove: boolean): PartSymbol => ({
  width: 36,
  height: 48,
  ports: isMiddleAbove
    ? [port('2', 18, 0, 'NORTH'), port('1', 6, 48, 'SOUTH'), port('3', 30, 48, 'SOUTH')]
    : [port('1', 6, 0, 'NORTH'), port('3', 30, 0, 'NORTH'), port('2', 18, 48, 'SOUTH')],
  lines: isMiddleAbove ? 'M18 0V14L7 32M6 34V48M30 34V48' : 'M6 0V14M30 0V14M18 48V34L7 16',
});

/** Emitter below for NPN, above for PNP; the base at the left. */
export const bipolarSymbol = (
  pins: { base: string; collector: string; emitter: string },
  isPnp: boolean,
): PartSymbol => ({
  width: 36,
  height: 48,
  ports: [
    port(pins.base, 0, 24, 'WEST'),
    port(isPnp ? pins.emitter : pins.collector, 26, 0, 'NORTH'),
    port(isPnp ? pins.collector : pins.emitter, 26, 48, 'SOUTH'),
  ],
  lines: 'M0 24H14M14 13V35M14 20L26 11V0M14 28L26 37V48M3 24A16 16 0 1 0 35 24A16 16 0 1 0 3 24',
  areas: isPnp ? 'M15 19.2L22 17.5L18.7 13Z' : 'M25.4 36.4L18.6 34.8L21.8 30.4Z',
});

export const fieldEffectSymbol = (
  pins: { gate: string; drain: string; source: string },
  isP: boolean,
): PartSymbol => ({
  width: 36,
  height: 48,
  ports: [
    port(pins.gate, 0, 24, 'WEST'),
    port(isP ? pins.source : pins.drain, 26, 0, 'NORTH'),
    port(isP ? pins.drain : pins.source, 26, 48, 'SOUTH'),
  ],
  lines:
    'M0 24H11M11 14V34M15 12V18M15 21V27M15 30V36M15 15H26V0M15 33H26V48M15 24H26V33M3 24A16 16 0 1 0 35 24A16 16 0 1 0 3 24',
  areas: isP ? 'M22 24L17 21V27Z' : 'M15.5 24L20.5 21V27Z',
});

const pinGap = 18;
/** Anything else: a box with its pins, counted round as on the body; names of pins where they are known. */
export function boxSymbol(
  pins: readonly string[],
  nameOf: (pin: string) => string | undefined,
): PartSymbol {
  const left = pins.slice(0, Math.ceil(pins.length / 2));
  const right = pins.slice(left.length).reverse();
  const width = 84;
  const height = Math.max(left.length, right.length, 1) * pinGap + 8;
  const y = (index: number) => 4 + pinGap / 2 + index * pinGap;
  return {
    width,
    height,
    ports: [
      ...left.map((pin, index) => port(pin, 0, y(index), 'WEST')),
      ...right.map((pin, index) => port(pin, width, y(index), 'EAST')),
    ],
    lines: `M10 0H${width - 10}V${height}H10Z${left.map((_, index) => `M0 ${y(index)}H10`).join('')}${right.map((_, index) => `M${width - 10} ${y(index)}H${width}`).join('')}`,
    words: [
      ...left.map((pin, index) => ({ x: 24, y: y(index) + 3, text: nameOf(pin) ?? pin })),
      ...right.map((pin, index) => ({ x: width - 24, y: y(index) + 3, text: nameOf(pin) ?? pin })),
    ],
  };
}

/** A wire that leaves the board. */
export const endSymbol = (pin: string): PartSymbol => ({
  width: 14,
  height: 14,
  ports: [port(pin, 0, 7, 'WEST')],
  lines: 'M0 7H4M4 7A4 4 0 1 0 12 7A4 4 0 1 0 4 7',
});
