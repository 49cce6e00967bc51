import type { PartValue } from '#core/parts/part';
import type { PriceBreak } from '#core/stores/offers';
import type { StockPart } from '#core/stores/stockPart';

export interface DemoSupplier {
  readonly name: string;
  readonly deliveryCents: number;
  readonly days: number;
}

export interface DemoOffer {
  readonly supplier: DemoSupplierName;
  readonly packSize: number;
  readonly breaks: readonly PriceBreak[];
}

export interface DemoItem {
  readonly part: StockPart;
  readonly location: string;
  readonly minimum: number;
  /** Booked in, and what went out since, with why. */
  readonly cameIn: number;
  readonly wentOut?: { readonly pieces: number; readonly note: string };
  readonly spoiled?: number;
  readonly offers: readonly DemoOffer[];
}

/** Shops that do not exist: a dear one round the corner, a cheap one far away, one in between. */
export const demoSuppliers = [
  { name: 'Pier Parts', deliveryCents: 0, days: 1 },
  { name: 'Lantern Components', deliveryCents: 590, days: 3 },
  { name: 'Gull & Daughters', deliveryCents: 350, days: 5 },
] as const satisfies readonly DemoSupplier[];
export type DemoSupplierName = (typeof demoSuppliers)[number]['name'];

const ohm = (amount: number): PartValue => ({
  kind: 'amount',
  unit: 'ohm',
  amount,
  tolerancePercent: 1,
});
const farad = (amount: number, ratedVolt?: number): PartValue => ({
  kind: 'amount',
  unit: 'farad',
  amount,
  ...(ratedVolt ? { ratedVolt } : {}),
});
const type = (print: string): PartValue => ({ kind: 'type', print });
const light = (colour: 'red' | 'yellow' | 'green'): PartValue => ({ kind: 'colour', colour });
const none: PartValue = { kind: 'none' };

/** One price at each shop, with a break where a second is given. */
const offers = (
  packs: Readonly<Partial<Record<DemoSupplierName, readonly [number, number, number?, number?]>>>,
): DemoOffer[] =>
  Object.entries(packs).map(([supplier, [packSize, packCents, from, cheaper]]) => ({
    supplier: supplier as DemoSupplierName,
    packSize,
    breaks: [
      { fromPacks: 1, packCents },
      ...(from !== undefined && cheaper !== undefined
        ? [{ fromPacks: from, packCents: cheaper }]
        : []),
    ],
  }));

const course = 'Evening course 2: Fern Minder';

/**
 * The drawers before the next evening: ten kilohms are gone (but two twenties side by side are ten), and yellow LEDs,
 * comparators and buzzers are short, each cheapest somewhere else.
 */
export const demoItems: readonly DemoItem[] = [
  {
    part: { family: 'resistor-axial', value: ohm(100_000) },
    location: 'Drawer A1',
    minimum: 40,
    cameIn: 100,
    wentOut: { pieces: 24, note: course },
    offers: offers({ 'Pier Parts': [10, 90], 'Gull & Daughters': [100, 240] }),
  },
  {
    part: { family: 'resistor-axial', value: ohm(10_000) },
    location: 'Drawer A2',
    minimum: 40,
    cameIn: 15,
    wentOut: { pieces: 12, note: course },
    spoiled: 3,
    offers: offers({
      'Pier Parts': [10, 90],
      'Lantern Components': [50, 150],
      'Gull & Daughters': [100, 240],
    }),
  },
  {
    part: { family: 'resistor-axial', value: ohm(1000) },
    location: 'Drawer A3',
    minimum: 40,
    cameIn: 100,
    wentOut: { pieces: 36, note: course },
    offers: offers({ 'Pier Parts': [10, 90], 'Gull & Daughters': [100, 240] }),
  },
  {
    part: { family: 'resistor-axial', value: ohm(20_000) },
    location: 'Drawer A4',
    minimum: 0,
    cameIn: 80,
    offers: [],
  },
  {
    part: { family: 'trimmer', value: { kind: 'amount', unit: 'ohm', amount: 100_000 } },
    location: 'Drawer A7',
    minimum: 5,
    cameIn: 30,
    wentOut: { pieces: 12, note: course },
    offers: offers({ 'Lantern Components': [5, 260] }),
  },
  {
    part: { family: 'capacitor-ceramic', value: farad(100e-9) },
    location: 'Drawer B1',
    minimum: 20,
    cameIn: 100,
    wentOut: { pieces: 12, note: course },
    offers: offers({ 'Gull & Daughters': [100, 310] }),
  },
  {
    part: { family: 'capacitor-electrolytic', value: farad(47e-6, 25) },
    location: 'Drawer B4',
    minimum: 10,
    cameIn: 50,
    wentOut: { pieces: 12, note: course },
    offers: offers({ 'Lantern Components': [10, 140] }),
  },
  {
    part: { family: 'diode-axial', value: type('1N4001') },
    location: 'Drawer C1',
    minimum: 20,
    cameIn: 50,
    wentOut: { pieces: 12, note: course },
    offers: offers({ 'Pier Parts': [10, 120] }),
  },
  {
    part: { family: 'led-5mm', value: light('green') },
    location: 'Drawer C4',
    minimum: 20,
    cameIn: 60,
    wentOut: { pieces: 12, note: course },
    offers: offers({ 'Pier Parts': [10, 240], 'Gull & Daughters': [50, 420] }),
  },
  {
    part: { family: 'led-5mm', value: light('yellow') },
    location: 'Drawer C5',
    minimum: 20,
    cameIn: 16,
    wentOut: { pieces: 12, note: course },
    spoiled: 1,
    offers: offers({
      'Pier Parts': [10, 240],
      'Lantern Components': [25, 260, 4, 210],
      'Gull & Daughters': [50, 420],
    }),
  },
  {
    part: { family: 'led-5mm', value: light('red') },
    location: 'Drawer C6',
    minimum: 20,
    cameIn: 60,
    wentOut: { pieces: 12, note: course },
    offers: offers({ 'Pier Parts': [10, 240], 'Gull & Daughters': [50, 420] }),
  },
  {
    part: { family: 'socket-dip', value: none, pins: 8 },
    location: 'Drawer D1',
    minimum: 10,
    cameIn: 30,
    wentOut: { pieces: 12, note: course },
    offers: offers({ 'Lantern Components': [10, 180] }),
  },
  {
    part: { family: 'ic-dip', value: type('LM393'), pins: 8 },
    location: 'Drawer D2',
    minimum: 10,
    cameIn: 15,
    wentOut: { pieces: 12, note: course },
    offers: offers({
      'Pier Parts': [1, 95],
      'Lantern Components': [5, 240, 3, 195],
      'Gull & Daughters': [10, 480],
    }),
  },
  {
    part: { family: 'buzzer', value: none },
    location: 'Box E1',
    minimum: 5,
    cameIn: 16,
    wentOut: { pieces: 12, note: course },
    offers: offers({
      'Pier Parts': [1, 180],
      'Lantern Components': [5, 490],
      'Gull & Daughters': [5, 430, 2, 390],
    }),
  },
  {
    part: { family: 'battery-holder', value: none },
    location: 'Box E2',
    minimum: 5,
    cameIn: 30,
    wentOut: { pieces: 12, note: course },
    offers: offers({ 'Lantern Components': [5, 375] }),
  },
  {
    part: { family: 'screw', value: type('M3 x 8') },
    location: 'Box E3',
    minimum: 40,
    cameIn: 200,
    wentOut: { pieces: 24, note: course },
    offers: offers({ 'Pier Parts': [50, 190] }),
  },
  {
    part: { family: 'wire', value: none },
    location: 'Box E4',
    minimum: 20,
    cameIn: 60,
    wentOut: { pieces: 24, note: course },
    offers: offers({ 'Pier Parts': [10, 150] }),
  },
  {
    part: { family: 'board', value: none },
    location: 'Shelf F',
    minimum: 5,
    cameIn: 24,
    wentOut: { pieces: 12, note: course },
    offers: [],
  },
];
