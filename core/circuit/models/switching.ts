import { behaves, does } from './amounts.ts';
import { type At, figure, type Model, named } from './model.ts';

const closedOhm = 0.05;
const closed = (at: At, one: number, other: number, of = '') =>
  `${named('R', at, of || `${one}${other}`)} ${at.node(one)} ${at.node(other)} ${closedOhm}`;

/**
 * Three pins: the middle goes to one side. The first is the one that is joined to anything. More come in threes that
 * move together; with two it is closed, then open.
 */
export const changeover: Model = {
  id: 'changeover',
  source: 'contact of 50 mΩ',
  takes: (part) =>
    behaves(part, 'changeover') &&
    (part.pins === undefined || part.pins === 2 || part.pins % 3 === 0),
  states: ['first-side', 'other-side'],
  cards: (at) => {
    const { pins = 3 } = at.part;
    const isOther = at.state === 'other-side';
    if (pins === 2) return isOther ? [] : [closed(at, 1, 2)];
    return Array.from({ length: pins / 3 }, (_, pole) => 3 * pole).flatMap((before) => {
      const [one, middle, other] = [before + 1, before + 2, before + 3];
      if (pins > 3 && !at.isJoined(middle)) return [];
      const [first, second] = at.isJoined(one) || !at.isJoined(other) ? [one, other] : [other, one];
      return [closed(at, middle, isOther ? second : first)];
    });
  },
};

/** Two pairs of legs, each pair one contact; a button with two legs has nothing else. */
export const button: Model = {
  id: 'button',
  source: '6 x 6 mm button: legs 1 and 2 are one, 3 and 4 the other (from memory of data sheets)',
  takes: (part) => behaves(part, 'button'),
  states: ['at-rest', 'pressed'],
  cards: (at) => {
    const isDown = at.state === 'pressed';
    if (!at.isJoined(3) && !at.isJoined(4)) return isDown ? [closed(at, 1, 2)] : [];
    return [closed(at, 1, 2), closed(at, 3, 4), ...(isDown ? [closed(at, 1, 3)] : [])];
  },
};

/** Reed and tilt switches at rest. */
export const contact: Model = {
  id: 'contact',
  source: 'open at rest',
  takes: (part) => behaves(part, 'contact'),
  states: ['at-rest', 'pressed'],
  cards: (at) => (at.state === 'pressed' ? [closed(at, 1, 2)] : []),
};

/** Each switch joins a pin with the one across from it. */
export const rowOfSwitches: Model = {
  id: 'row-of-switches',
  source: 'each switch joins opposite pins (common practice)',
  takes: (part) => behaves(part, 'row-of-switches'),
  states: ['all-open', 'all-closed'],
  cards: (at) => {
    const pins = at.part.pins ?? 8;
    if (at.state !== 'all-closed') return [];
    return Array.from({ length: pins / 2 }, (_, index) => closed(at, index + 1, pins - index));
  },
};

/** A knob that clicks: its contacts are open where it rests. */
export const encoder: Model = {
  id: 'encoder',
  source: 'contacts open where it rests (common practice)',
  takes: (part) => behaves(part, 'encoder'),
  cards: () => [],
};

export const fusible: Model = {
  id: 'fusible',
  source: 'a fuse in its holder, 0.1 Ω',
  takes: (part) => behaves(part, 'fusible'),
  cards: (at) => [closed(at, 1, 2)],
};

export const link: Model = {
  id: 'link',
  source: 'a bare wire',
  takes: (part) => behaves(part, 'link'),
  cards: (at) =>
    at.isJoined(1) && at.isJoined(2)
      ? [`${named('R', at)} ${at.node(1)} ${at.node(2)} ${figure(0.01)}`]
      : [],
};

/** Varistors, neon lamps and flash tubes take nothing at the voltages of a kit. */
export const open: Model = {
  id: 'open',
  source: 'conducts only far above the voltages of a kit',
  takes: (part) => behaves(part, 'open'),
  cards: () => [],
};

/** Connectors, cell holders and wires conduct nothing by themselves. */
export const connector: Model = {
  id: 'connector',
  source: 'conducts nothing by itself',
  joinsOutside: true,
  takes: (part) =>
    does(part, 'connector') ||
    does(part, 'supply') ||
    does(part, 'wire') ||
    does(part, 'mechanical'),
  cards: () => [],
};
