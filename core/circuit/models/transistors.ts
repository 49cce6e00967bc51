import { factor, from } from '../spread.ts';
import { does, isType, typeOf } from './amounts.ts';
import { hasLeads, lead, makers } from './leads.ts';
import { figure, type Model, named, power } from './model.ts';

const bipolarLeads = hasLeads(['base', 'collector', 'emitter']);
const fieldLeads = hasLeads(['gate', 'drain', 'source']);

/** Two transistors in one body: gain of some thousands, 1.3 V from base to emitter (from memory of data sheets). */
const darlingtons =
  /^(BC51[67]|BC87[5-9]|MPSA1[34]|MPSA6[34]|TIP1[0-4]\d|BD67[5-9]|BD68[0-2]|BDX[35][34]\w?|BDW9[34]\w?|2N60[34]\d)$/;

export const bipolar: Model = {
  id: 'bipolar',
  source:
    'Gummel and Poon’s model with usual figures of small transistors; gain 100 to 450, from memory',
  isActive: true,
  watts: (at) => [power(named('Q', at))],
  takes: (part) => does(part, 'transistor') && isType(part, 'npn', 'pnp') && bipolarLeads({ part }),
  assumes: makers,
  cards: (at) => {
    const type = typeOf(at.part);
    const isDarlington = darlingtons.test(type?.number ?? '');
    const ampere = type?.maxAmpere ?? 0.2;
    const gain = isDarlington
      ? at.draw(8000, factor(2000, 30_000))
      : ampere > 1.5
        ? at.draw(70, factor(30, 150))
        : at.draw(220, factor(100, 450));
    // 0.65 V at a milliampere and a half; larger dies have less.
    const saturation = at.draw(2e-14, factor(1e-14, 4e-14)) * Math.max(1, ampere / 0.2);
    const model = named('Q', at, 'm');
    const kind = type?.kind === 'pnp' ? 'PNP' : 'NPN';
    return [
      `${named('Q', at)} ${lead(at, 'collector')} ${lead(at, 'base')} ${lead(at, 'emitter')} ${model}`,
      `.model ${model} ${kind}(IS=${figure(isDarlington ? saturation * 1e-2 : saturation)} BF=${figure(gain)} NF=${isDarlington ? 1.9 : 1} BR=4 VAF=80 IKF=${figure(ampere)} RB=${isDarlington ? 50 : 10} RC=${figure(0.3 / Math.max(0.2, ampere))} RE=0.1 CJE=10p CJC=5p TF=0.5n TR=50n)`,
    ];
  },
};

/** Gate voltage at which they begin to conduct, by number (from memory of data sheets); others are drawn widely. */
const thresholds: readonly (readonly [RegExp, number, number])[] = [
  [/^(2N700[02]|BS170|VN|ZVN|BS10[78])/, 0.9, 2.6],
  [/^(BSS138|BSS123|BSS84)/, 0.8, 1.8],
  [/^(AO34|SI23|IRLML|DMG)/, 0.5, 1.3],
  [/^(IRL|FQP30N06L|RFP30N06LE|STP16NF06)/, 1, 2.2],
  [/^(IRF|BUZ|STP|FQP|NDT)/, 2.1, 4],
  [/^(BS250|VP|ZVP)/, 1, 3.5],
];

export const fieldEffect: Model = {
  id: 'field-effect',
  source: 'square law with threshold by type, from memory of data sheets; body diode',
  isActive: true,
  watts: (at) => [power(named('M', at))],
  takes: (part) =>
    does(part, 'transistor') && isType(part, 'n-mosfet', 'p-mosfet') && fieldLeads({ part }),
  assumes: makers,
  cards: (at) => {
    const type = typeOf(at.part);
    const isP = type?.kind === 'p-mosfet';
    const [, least, most] = thresholds.find(([numbers]) => numbers.test(type?.number ?? '')) ?? [
      /./,
      0.8,
      4,
    ];
    const volt = at.draw((least + most) / 2, from(least, most));
    const ampere = type?.maxAmpere ?? 1;
    const model = named('M', at, 'm');
    const [drain, gate, source] = ['drain', 'gate', 'source'].map((name) => lead(at, name));
    return [
      `${named('M', at)} ${drain} ${gate} ${source} ${source} ${model}`,
      `.model ${model} ${isP ? 'PMOS' : 'NMOS'}(LEVEL=1 VTO=${figure(isP ? -volt : volt)} KP=${figure(ampere / 4)} LAMBDA=0.01 RD=${figure(0.05 / ampere)} CGSO=1e-10 CGDO=3e-11)`,
      `${named('D', at, 'b')} ${isP ? `${drain} ${source}` : `${source} ${drain}`} ${model}d`,
      `.model ${model}d D(IS=1e-12 N=1.2 RS=0.05)`,
    ];
  },
};

export const junctionFieldEffect: Model = {
  id: 'junction-field-effect',
  source: 'square law; pinch-off 0.5 to 6 V, drawn widely (from memory of data sheets)',
  isActive: true,
  takes: (part) =>
    does(part, 'transistor') && isType(part, 'n-jfet', 'p-jfet') && fieldLeads({ part }),
  assumes: makers,
  cards: (at) => {
    const isP = typeOf(at.part)?.kind === 'p-jfet';
    const pinch = at.draw(2.5, factor(0.7, 5));
    const full = at.draw(0.006, factor(0.002, 0.015));
    const model = named('J', at, 'm');
    return [
      `${named('J', at)} ${lead(at, 'drain')} ${lead(at, 'gate')} ${lead(at, 'source')} ${model}`,
      `.model ${model} ${isP ? 'PJF' : 'NJF'}(VTO=${figure(-pinch)} BETA=${figure(full / pinch ** 2)} LAMBDA=0.005)`,
    ];
  },
};
