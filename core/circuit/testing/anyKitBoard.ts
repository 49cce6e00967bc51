import { line, ohm, type } from '../../order/testing/kits.ts';
import type { PartValue } from '../../parts/part.ts';
import { pick, type Random, wholeBetween } from '../../random.ts';
import type { Wired } from './wired.ts';

/** Names of the places and nets of one block, so that blocks of one kind do not share any. */
interface Names {
  readonly place: (letters: string) => string;
  readonly net: (name: string) => string;
}
type Block = (names: Names, random: Random) => Wired[];

const some = (random: Random, ...values: readonly number[]) => ohm(pick(random, values));
const light = (random: Random): PartValue => ({
  kind: 'colour',
  colour: pick(random, ['red', 'yellow', 'green']),
});
const series = (random: Random) => some(random, 330, 470, 680, 1000);
const resistor = (place: string, value: PartValue) => line('resistor-axial', place, value);
/** Emitter, base, collector. */
const npn = (place: string) => line('transistor-to92', place, type('2N3904'));

/** What beginners' kits are made of (common practice): each works by itself on the supply. */
const blocks: readonly Block[] = [
  // A lamp with its resistor.
  ({ place, net }, random) => [
    [resistor(place('R'), series(random)), `plus ${net('a')}`],
    [line('led-5mm', place('D'), light(random)), `${net('a')} minus`],
  ],
  // A divider, with a follower for what comes after it.
  ({ place, net }, random) => [
    [resistor(place('R'), some(random, 4700, 10_000, 22_000)), `plus ${net('half')}`],
    [resistor(place('R'), some(random, 4700, 10_000, 22_000)), `${net('half')} minus`],
    [npn(place('Q')), `${net('out')} ${net('half')} plus`],
    [resistor(place('R'), some(random, 1000, 2200)), `${net('out')} minus`],
  ],
  // A switched lamp: base resistor, transistor, lamp in the collector.
  ({ place, net }, random) => [
    [resistor(place('R'), some(random, 10_000, 22_000)), `plus ${net('b')}`],
    [npn(place('Q')), `minus ${net('b')} ${net('c')}`],
    [resistor(place('R'), series(random)), `plus ${net('l')}`],
    [line('led-5mm', place('D'), light(random)), `${net('l')} ${net('c')}`],
  ],
  // A Zener reference.
  ({ place, net }, random) => [
    [resistor(place('R'), some(random, 680, 1000, 1500)), `plus ${net('z')}`],
    [line('zener-axial', place('D'), type(pick(random, ['3V3', '5V1']))), `minus ${net('z')}`],
    [resistor(place('R'), some(random, 10_000, 47_000)), `${net('z')} minus`],
  ],
  // A comparator between two dividers, with a lamp at its open collector.
  ({ place, net }, random) => [
    [resistor(place('R'), some(random, 10_000, 15_000)), `plus ${net('p')}`],
    [resistor(place('R'), some(random, 22_000, 33_000)), `${net('p')} minus`],
    [resistor(place('R'), some(random, 22_000, 33_000)), `plus ${net('m')}`],
    [resistor(place('R'), some(random, 10_000, 15_000)), `${net('m')} minus`],
    [
      line('ic-dip', place('U'), type('LM393'), 8),
      `${net('o')} ${net('p')} ${net('m')} minus - - - plus`,
    ],
    [resistor(place('R'), series(random)), `plus ${net('l')}`],
    [line('led-5mm', place('D'), light(random)), `${net('l')} ${net('o')}`],
  ],
  // A MOSFET as a switch, its gate held.
  ({ place, net }, random) => [
    [resistor(place('R'), some(random, 100_000, 220_000)), `plus ${net('g')}`],
    [resistor(place('R'), some(random, 220_000, 470_000)), `${net('g')} minus`],
    [line('mosfet-to92', place('Q'), type('2N7000')), `minus ${net('g')} ${net('d')}`],
    [resistor(place('R'), series(random)), `plus ${net('l')}`],
    [line('led-5mm', place('D'), light(random)), `${net('l')} ${net('d')}`],
  ],
];

/** A board of working blocks with values that nobody chose, of so many parts at least; a few more come with its last block. */
export function anyKitBoard(random: Random, least: number, most: number): Wired[] {
  const wanted = wholeBetween(random, least, most);
  const counts = new Map<string, number>();
  const place = (letters: string) => {
    const next = (counts.get(letters) ?? 0) + 1;
    counts.set(letters, next);
    return `${letters}${next}`;
  };
  const rows: Wired[] = [];
  for (let block = 1; rows.length < wanted; block += 1) {
    rows.push(...pick(random, blocks)({ place, net: (name) => `${name}${block}` }, random));
  }
  return rows;
}
