import type { TypeKind } from '../../parts/types/type.ts';
import { factor, from } from '../spread.ts';
import { does, isType, typeOf } from './amounts.ts';
import { hasLeads, lead, makers } from './leads.ts';
import { type At, figure, inside, type Model, named } from './model.ts';

/** What a fixed regulator needs above its output, and takes for itself (from memory of data sheets). */
const olderDrop = from(1.6, 2.1);
const newerDrop = from(0.1, 1.2);

export const regulator: Model = {
  id: 'regulator',
  watts: (at) => [`v(${inside(at, 'w')})`],
  source:
    'output ± 4 %, drop and own current as the 78 and 79 series or as low-drop ones, from memory of data sheets',
  takes: (part) =>
    does(part, 'regulator') &&
    isType(part, 'positive-regulator', 'negative-regulator') &&
    typeOf(part)?.volt !== undefined &&
    hasLeads(['input', 'output', 'ground'])({ part }),
  assumes: makers,
  cards: (at) => {
    const type = typeOf(at.part);
    const isOld = /^7[89]/.test(type?.number ?? '');
    const volt = at.draw(type?.volt ?? 5, { kind: 'percent', above: 4, below: 4 });
    const drop = isOld ? at.draw(1.9, olderDrop) : at.draw(0.5, newerDrop);
    const own = isOld ? at.draw(4.5e-3, from(2.5e-3, 6.5e-3)) : at.draw(5e-4, factor(3e-6, 6e-3));
    const sign = signOf(at, 'negative-regulator');
    return pass(at, { reference: lead(at, 'ground'), volt, drop, own, sign });
  },
};

export const adjustableRegulator: Model = {
  id: 'adjustable-regulator',
  watts: (at) => [`v(${inside(at, 'w')})`],
  source:
    '1.25 V ± 4 % between output and adjust, 50 µA through adjust (LM317, LM337; from memory of their data sheets)',
  takes: (part) =>
    does(part, 'regulator') &&
    isType(part, 'adjustable-regulator', 'adjustable-negative-regulator') &&
    hasLeads(['input', 'output', 'adjust'])({ part }),
  assumes: makers,
  cards: (at) =>
    pass(at, {
      reference: lead(at, 'adjust'),
      volt: at.draw(1.25, { kind: 'percent', above: 4, below: 4 }),
      drop: at.draw(1.9, olderDrop),
      own: at.draw(5e-5, from(3e-5, 1e-4)),
      sign: signOf(at, 'adjustable-negative-regulator'),
    }),
};

/** Those for a negative supply are the same, turned round. */
const signOf = (at: At, negative: TypeKind): 1 | -1 => (isType(at.part, negative) ? -1 : 1);

interface Passing {
  readonly reference: string;
  readonly volt: number;
  readonly drop: number;
  readonly own: number;
  readonly sign: 1 | -1;
}

/**
 * The output stands at most `volt` from the reference, and never nearer to the input than its drop; what flows out
 * has come in. The own current comes in with the voltage.
 */
function pass(at: At, { reference, volt, drop, own, sign }: Passing) {
  const [input, output, inner] = [lead(at, 'input'), lead(at, 'output'), inside(at, 'o')];
  const given = `(${sign}*V(${input},${reference}))`;
  return [
    `${named('B', at)} ${inner} ${reference} V = ${sign}*max(0, min(${figure(volt)}, ${given}-${figure(drop)}))`,
    `${named('V', at, 'reg')} ${inner} ${inside(at, 'd')} 0`,
    `${named('R', at)} ${inside(at, 'd')} ${output} 0.1`,
    // What it turns to heat, as a voltage that nothing hangs on.
    `${named('B', at, 'w')} ${inside(at, 'w')} 0 V = V(${input},${output})*I(${named('V', at, 'reg')})+${given}*${figure(own)}`,
    `${named('F', at)} ${input} ${reference} ${named('V', at, 'reg')} 1`,
    `${named('B', at, 'q')} ${input} ${reference} I = ${sign}*${figure(own)}*min(1,max(0,${given}/2))`,
  ];
}
