import { factor, from } from '../spread.ts';
import { isType, typeOf } from './amounts.ts';
import { junction } from './diodes.ts';
import { type At, ammeter, figure, inside, type Model, named } from './model.ts';

/** By the number of pins: one in four or six, two in eight, four in sixteen; from memory of data sheets. */
function cellsOf(pins: number) {
  if (pins === 6) return [{ anode: 1, cathode: 2, emitter: 4, collector: 5 }];
  return Array.from({ length: pins / 4 }, (_, index) => ({
    anode: 2 * index + 1,
    cathode: 2 * index + 2,
    collector: pins - 2 * index,
    emitter: pins - 1 - 2 * index,
  }));
}

const pinsOf = (part: At['part']) => typeOf(part)?.packages[0].pins ?? 4;

/** Those with transistors, whose outputs follow the current of the LED; triacs and logic are not among them. */
const transistorOutputs = /transistors?$|^Darlington$/;

export const coupled: Model = {
  id: 'coupled',
  source:
    'LED 1.2 V; the transistor passes half to three times its current, a Darlington five to twenty times; from memory of data sheets',
  isActive: true,
  takes: (part) => {
    const { does = '' } = typeOf(part) ?? {};
    // One Darlington in eight pins lies otherwise.
    const isUsual = pinsOf(part) !== 8 || does === 'two transistors';
    return isType(part, 'optocoupler') && transistorOutputs.test(does) && isUsual;
  },
  cards: (at) => {
    const isDarlington = typeOf(at.part)?.does === 'Darlington';
    return cellsOf(pinsOf(at.part)).flatMap(({ anode, cathode, emitter, collector }, index) => {
      if (!at.isJoined(anode) && !at.isJoined(collector)) return [];
      const middle = inside(at, `a${index}`);
      const ratio = isDarlington ? at.draw(10, factor(5, 20)) : at.draw(1.2, factor(0.5, 3));
      const volt = `V(${at.node(collector)},${at.node(emitter)})`;
      return [
        ammeter(at, at.node(anode), middle, `c${index}`),
        ...junction(
          at,
          middle,
          at.node(cathode),
          { volt: at.draw(1.2, from(1.1, 1.35)), ampere: 0.01, n: 1.8, seriesOhm: 2 },
          String(index),
        ),
        `${named('B', at, `c${index}`)} ${at.node(collector)} ${at.node(emitter)} I = ${figure(ratio)}*max(0,I(${named('V', at, `c${index}`)}))*tanh(max(0,${volt}${isDarlington ? '-0.6' : ''})/0.15)+1e-9*${volt}`,
      ];
    });
  },
};
