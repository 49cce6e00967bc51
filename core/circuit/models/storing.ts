import { familyOf } from '../../parts/families/index.ts';
import { factor } from '../spread.ts';
import { amountOf, does, toleranceOf } from './amounts.ts';
import { figure, inside, type Model, named } from './model.ts';

/**
 * An electrolytic capacitor leaks up to 0.01 C V, at least 3 µA, at its rated voltage (IEC 60384-4; from memory): some
 * tenths of that after minutes. Others leak next to nothing.
 */
const leakOhmPerFarad = factor(100, 3000);

export const capacitor: Model = {
  id: 'capacitor',
  source: 'value and tolerance of its line; leak and inner resistance from memory of IEC 60384-4',
  takes: (part) => does(part, 'capacitor') && amountOf(part, 'farad') !== undefined,
  cards: (at) => {
    const farad = at.draw(amountOf(at.part, 'farad') ?? 0, toleranceOf(at.part));
    const isPolarised = familyOf(at.part).polarity === 'polarised';
    const middle = inside(at, 'c');
    const leak = isPolarised ? at.draw(500, leakOhmPerFarad) / farad : 1e10;
    const series = isPolarised ? Math.min(5, Math.max(0.2, 1e-5 / farad)) : 0.02;
    return [
      `${named('R', at, 's')} ${at.node(1)} ${middle} ${figure(series)}`,
      `${named('C', at)} ${middle} ${at.node(2)} ${figure(farad)}`,
      `${named('R', at, 'l')} ${middle} ${at.node(2)} ${figure(Math.min(leak, 1e10))}`,
    ];
  },
};

export const inductor: Model = {
  id: 'inductor',
  source: 'value of its line; wire resistance by its size, from memory of data sheets',
  takes: (part) => does(part, 'inductor') && amountOf(part, 'henry') !== undefined,
  cards: (at) => {
    const henry = at.draw(amountOf(at.part, 'henry') ?? 0, toleranceOf(at.part));
    const middle = inside(at, 'l');
    const ohm = at.draw(1, factor(0.5, 2)) * Math.max(0.1, 60 * Math.sqrt(henry));
    return [
      `${named('R', at, 'w')} ${at.node(1)} ${middle} ${figure(ohm)}`,
      `${named('L', at)} ${middle} ${at.node(2)} ${figure(henry)}`,
    ];
  },
};
