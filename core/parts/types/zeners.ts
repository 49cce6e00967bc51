import type { PackageId } from '../packages/index.ts';
import type { PartType } from './type.ts';

/** Voltages of the registered numbers, in their order (from memory of the JEDEC lists). */
const volts1N47 = [
  3.3, 3.6, 3.9, 4.3, 4.7, 5.1, 5.6, 6.2, 6.8, 7.5, 8.2, 9.1, 10, 11, 12, 13, 15, 16, 18, 20, 22,
  24, 27, 30, 33, 36, 39, 43, 47, 51, 56, 62, 68, 75, 82, 91, 100,
];
const volts1N52 = [
  2.4, 2.5, 2.7, 2.8, 3, 3.3, 3.6, 3.9, 4.3, 4.7, 5.1, 5.6, 6, 6.2, 6.8, 7.5, 8.2, 8.7, 9.1, 10, 11,
  12, 13, 14, 15, 16, 17, 18, 19, 20, 22, 24, 25, 27, 28, 30, 33,
];
/** IEC 60063, E24: the voltages of the European series. */
const voltsE24 = [
  2.4, 2.7, 3, 3.3, 3.6, 3.9, 4.3, 4.7, 5.1, 5.6, 6.2, 6.8, 7.5, 8.2, 9.1, 10, 11, 12, 13, 15, 16,
  18, 20, 22, 24, 27, 30, 33, 36, 39, 43, 47,
];

const zener = (number: string, volt: number, maxWatt: number, body: PackageId): PartType => ({
  number,
  kind: 'zener',
  volt,
  does: `${maxWatt} W`,
  // Of a Zener diode it is its current at full power that it bears.
  maxAmpere: Number((maxWatt / volt).toPrecision(2)),
  packages: [{ package: body, pins: 2 }],
});

const written = (volt: number) =>
  Number.isInteger(volt) && volt >= 10 ? String(volt) : volt.toFixed(1).replace('.', 'V');

const european = (series: string, maxWatt: number, body: PackageId, from = 2.4) =>
  voltsE24
    .filter((volt) => volt >= from)
    .map((volt) => zener(`${series}C${written(volt)}`, volt, maxWatt, body));

/** Some series have no letter for the tolerance: ZPD5V1. */
const withoutC = ({ number, ...rest }: PartType): PartType => ({
  ...rest,
  number: number.replace(/C(?=\d)/, ''),
});

/** Zener diodes; body and power from memory of data sheets. */
export const zeners: readonly PartType[] = [
  ...volts1N47.map((volt, index) => zener(`1N${4728 + index}`, volt, 1, 'do-41')),
  ...volts1N52.map((volt, index) => zener(`1N${5221 + index}`, volt, 0.5, 'do-35')),
  ...european('BZX55', 0.5, 'do-35'),
  ...european('BZX79', 0.5, 'do-35'),
  ...european('BZX85', 1.3, 'do-41', 2.7),
  ...european('BZV55', 0.5, 'sod-80'),
  ...european('ZPD', 0.5, 'do-35').map(withoutC),
  ...european('ZPY', 1.3, 'do-41', 3.9).map(withoutC),
];
