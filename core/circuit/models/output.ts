import { type At, figure, inside, named } from './model.ts';

/**
 * An output that follows a voltage inside the chip, counted from minus; what it gives comes from plus, what it takes
 * goes to minus.
 *
 * @param volt an expression of a B source
 */
export function pushPull(
  at: At,
  of: string,
  rails: { readonly plus: string; readonly minus: string },
  out: string,
  volt: string,
  ohm: number,
): string[] {
  const source = named('V', at, `o${of}`);
  return [
    `${named('B', at, `o${of}`)} ${inside(at, `o${of}`)} ${rails.minus} V = ${volt}`,
    `${source} ${inside(at, `o${of}`)} ${inside(at, `p${of}`)} 0`,
    `${named('R', at, `o${of}`)} ${inside(at, `p${of}`)} ${out} ${figure(ohm)}`,
    `${named('B', at, `s${of}`)} ${rails.plus} ${rails.minus} I = max(0, I(${source}))`,
  ];
}

/**
 * The same, with a third state: while it is off, nothing but a leak flows.
 *
 * @param isOn an expression from 0 to 1
 */
export const threeState = (
  at: At,
  of: string,
  { plus, minus }: { readonly plus: string; readonly minus: string },
  out: string,
  volt: string,
  ohm: number,
  isOn: string,
): string[] => {
  const gives = `((${isOn})/${figure(ohm)}+1e-9)*(${volt}-V(${out},${minus}))`;
  return [
    `${named('B', at, `o${of}`)} ${minus} ${out} I = ${gives}`,
    `${named('B', at, `s${of}`)} ${plus} ${minus} I = max(0, ${gives})`,
  ];
};

/**
 * An open collector or drain: takes up to `ampere` to minus while it is on, within some hundred millivolts of it.
 *
 * @param isOn an expression from 0 to 1
 */
export const pullDown = (
  at: At,
  of: string,
  out: string,
  minus: string,
  isOn: string,
  ampere: number,
): string =>
  `${named('B', at, `pull${of}`)} ${out} ${minus} I = (${isOn})*${figure(ampere)}*tanh(V(${out},${minus})/0.4)`;

/**
 * What every pin of a chip has against minus: some picofarads, with those of its track (common practice). Without it
 * nothing slows what flips, and a simulator finds no way through.
 */
export const pinCapacitance = (at: At, minus: string, nodes: readonly string[]): string[] =>
  nodes.map((node, index) => `${named('C', at, `pin${index}`)} ${node} ${minus} 40p`);

/**
 * What a chip takes for itself, from a volt on; reversed, its substrate conducts as a diode does (from memory of data
 * sheets).
 */
export const ownCurrent = (
  at: At,
  { plus, minus }: { readonly plus: string; readonly minus: string },
  ampere: number,
): string[] => [
  `${named('B', at, 'own')} ${plus} ${minus} I = ${figure(ampere)}*min(1,max(0,(V(${plus},${minus})-1)/1.5))`,
  `${named('D', at, 'sub')} ${minus} ${plus} ${named('D', at, 'subm')}`,
  `.model ${named('D', at, 'subm')} D(IS=1e-14 RS=2)`,
];
