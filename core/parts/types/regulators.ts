import type { PackageId } from '../packages/index.ts';
import { pinLetters, pinsOf } from './pinNames.ts';
import type { Packaged, PartType } from './type.ts';

const leads = (body: PackageId, order: string): Packaged => ({
  package: body,
  pins: 3,
  ...pinsOf(pinLetters.regulator, order),
});

const fixedVolts = [5, 6, 8, 9, 10, 12, 15, 18, 24];
const digits = (volt: number) => String(volt).padStart(2, '0');

/** The 78 and 79 series, in their three sizes (from memory of data sheets). */
const series: readonly PartType[] = fixedVolts.flatMap((volt): PartType[] => [
  {
    number: `78${digits(volt)}`,
    kind: 'positive-regulator',
    volt,
    maxAmpere: 1,
    maxVolt: volt > 18 ? 40 : 35,
    packages: [leads('to-220', 'IGO'), leads('to-252', 'IGO'), leads('to-3', 'IOG')],
  },
  {
    number: `78M${digits(volt)}`,
    kind: 'positive-regulator',
    volt,
    maxAmpere: 0.5,
    maxVolt: volt > 18 ? 40 : 35,
    packages: [leads('to-220', 'IGO'), leads('to-252', 'IGO')],
    inAnyBody: true,
  },
  {
    number: `78L${digits(volt)}`,
    kind: 'positive-regulator',
    volt,
    maxAmpere: 0.1,
    maxVolt: volt > 15 ? 35 : 30,
    packages: [leads('to-92', 'OGI'), { package: 'so-8', pins: 8 }, leads('sot-89', 'OGI')],
  },
  {
    number: `79${digits(volt)}`,
    kind: 'negative-regulator',
    volt,
    maxAmpere: 1,
    maxVolt: 35,
    packages: [leads('to-220', 'GIO'), leads('to-3', 'GOI')],
  },
  {
    number: `79L${digits(volt)}`,
    kind: 'negative-regulator',
    volt,
    maxAmpere: 0.1,
    maxVolt: 30,
    packages: [leads('to-92', 'GIO')],
  },
]);

type Row = readonly [
  string,
  number,
  number,
  number,
  PackageId,
  string,
  (readonly (readonly [PackageId, string])[])?,
];
/**
 * Low-drop and other fixed ones: number, volts, amperes, highest volts in, body, leads; the other bodies in which kits
 * have it as often.
 */
const flat = [['sot-89', 'GIO']] as const;
const small = [
  ['sot-23', 'GOI'],
  ['sot-89', 'GIO'],
] as const;
const rows: readonly Row[] = [
  ['78L33', 3.3, 0.1, 20, 'to-92', 'OGI'],
  ['78L62', 6.2, 0.1, 30, 'to-92', 'OGI'],
  ['78S05', 5, 2, 35, 'to-220', 'IGO'],
  ['78S09', 9, 2, 35, 'to-220', 'IGO'],
  ['78S12', 12, 2, 35, 'to-220', 'IGO'],
  ['78S15', 15, 2, 35, 'to-220', 'IGO'],
  ['78S24', 24, 2, 40, 'to-220', 'IGO'],
  ['LM1084-3.3', 3.3, 5, 25, 'to-220', 'GOI'],
  ['LM1084-5.0', 5, 5, 25, 'to-220', 'GOI'],
  ['LM1085-3.3', 3.3, 3, 27, 'to-220', 'GOI'],
  ['LM1085-5.0', 5, 3, 27, 'to-220', 'GOI'],
  ['LM1086-3.3', 3.3, 1.5, 27, 'to-220', 'GOI'],
  ['LM1086-5.0', 5, 1.5, 27, 'to-220', 'GOI'],
  ['LM2940-5', 5, 1, 26, 'to-220', 'IGO'],
  ['LM2940-8', 8, 1, 26, 'to-220', 'IGO'],
  ['LM2940-9', 9, 1, 26, 'to-220', 'IGO'],
  ['LM2940-12', 12, 1, 26, 'to-220', 'IGO'],
  ['LM2931-5', 5, 0.1, 26, 'to-92', 'OGI'],
  ['LM2936-5', 5, 0.05, 40, 'to-92', 'OGI'],
  ['L4940V5', 5, 1.5, 17, 'to-220', 'IGO'],
  ['LF33', 3.3, 0.5, 16, 'to-220', 'IGO'],
  ['LF50', 5, 0.5, 16, 'to-220', 'IGO'],
  ['LP2950-3.3', 3.3, 0.1, 30, 'to-92', 'OGI'],
  ['LP2950-5', 5, 0.1, 30, 'to-92', 'OGI'],
  ['MCP1700-3302', 3.3, 0.25, 6, 'to-92', 'GIO', small],
  ['MCP1700-5002', 5, 0.25, 6, 'to-92', 'GIO', small],
  ['MCP1702-3302', 3.3, 0.25, 13, 'to-92', 'GIO', small],
  ['MCP1702-5002', 5, 0.25, 13, 'to-92', 'GIO', small],
  ['HT7130', 3, 0.03, 24, 'to-92', 'GIO', flat],
  ['HT7133', 3.3, 0.03, 24, 'to-92', 'GIO', flat],
  ['HT7144', 4.4, 0.03, 24, 'to-92', 'GIO', flat],
  ['HT7150', 5, 0.03, 24, 'to-92', 'GIO', flat],
  ['HT7333', 3.3, 0.25, 12, 'to-92', 'GIO', flat],
  ['HT7350', 5, 0.25, 12, 'to-92', 'GIO', flat],
  ['HT7533', 3.3, 0.1, 24, 'to-92', 'GIO', flat],
  ['HT7550', 5, 0.1, 24, 'to-92', 'GIO', flat],
  ['S812C33', 3.3, 0.05, 16, 'to-92', 'GIO'],
  ['AMS1117-1.8', 1.8, 1, 15, 'sot-223', 'GOI'],
  ['AMS1117-3.3', 3.3, 1, 15, 'sot-223', 'GOI'],
  ['AMS1117-5.0', 5, 1, 15, 'sot-223', 'GOI'],
  ['LM1117-3.3', 3.3, 0.8, 15, 'sot-223', 'GOI'],
  ['LM1117-5.0', 5, 0.8, 15, 'sot-223', 'GOI'],
  ['LM1117T-3.3', 3.3, 0.8, 15, 'to-220', 'GOI'],
  ['LM1117T-5.0', 5, 0.8, 15, 'to-220', 'GOI'],
  ['LD1117V33', 3.3, 0.8, 15, 'to-220', 'GOI'],
  ['LD1117V50', 5, 0.8, 15, 'to-220', 'GOI'],
  ['LD1117S33', 3.3, 0.8, 15, 'sot-223', 'GOI'],
  ['XC6206P332', 3.3, 0.2, 6, 'sot-23', 'GOI'],
  ['ME6211C33', 3.3, 0.5, 6, 'sot-23-5', ''],
  ['AP2112K-3.3', 3.3, 0.6, 6, 'sot-23-5', ''],
  ['MIC5205-3.3', 3.3, 0.15, 16, 'sot-23-5', ''],
  ['MIC5219-3.3', 3.3, 0.5, 12, 'sot-23-5', ''],
  ['LM309K', 5, 1, 35, 'to-3', 'IOG'],
  ['LM323K', 5, 3, 20, 'to-3', 'IOG'],
  ['L78S05', 5, 2, 35, 'to-220', 'IGO'],
  ['L78S12', 12, 2, 35, 'to-220', 'IGO'],
];

const also: Readonly<Record<string, readonly string[]>> = {
  'AMS1117-5.0': ['AMS1117-5'],
  'LM1117-5.0': ['LM1117-5'],
  'LM1117T-5.0': ['LM1117T-5'],
  'LM2940-5': ['LM2940CT-5', 'LM2940CT-5.0', 'LM2940-5.0'],
  'LM2940-12': ['LM2940CT-12'],
  'LP2950-5': ['LP2950CZ-5', 'LP2950-5.0', 'LP2950ACZ-5.0'],
  'LP2950-3.3': ['LP2950CZ-3.3', 'LP2950ACZ-3.3'],
  LF33: ['LF33CV'],
  LF50: ['LF50CV'],
  HT7333: ['HT7333-A'],
};

const fixed: readonly PartType[] = rows.map(
  ([number, volt, maxAmpere, maxVolt, body, order, others]) => ({
    number,
    kind: 'positive-regulator',
    volt,
    maxAmpere,
    maxVolt,
    also: also[number] ?? [],
    packages: [
      order === '' ? { package: body, pins: 5 } : leads(body, order),
      ...(others ?? []).map(([other, otherOrder]) => leads(other, otherOrder)),
    ],
    ...(others ? { inAnyBody: true as const } : {}),
  }),
);

const adjustable: readonly PartType[] = [
  {
    number: 'LM317',
    kind: 'adjustable-regulator',
    maxAmpere: 1.5,
    maxVolt: 40,
    packages: [leads('to-220', 'AOI'), leads('sot-223', 'AOI'), leads('to-3', 'AIO')],
  },
  {
    number: 'LM317L',
    kind: 'adjustable-regulator',
    maxAmpere: 0.1,
    maxVolt: 40,
    packages: [leads('to-92', 'AOI'), { package: 'so-8', pins: 8 }],
  },
  {
    number: 'LM350',
    kind: 'adjustable-regulator',
    maxAmpere: 3,
    maxVolt: 35,
    packages: [leads('to-220', 'AOI'), leads('to-3', 'AIO')],
  },
  {
    number: 'LM338',
    kind: 'adjustable-regulator',
    maxAmpere: 5,
    maxVolt: 40,
    packages: [leads('to-220', 'AOI'), leads('to-3', 'AIO')],
  },
  {
    number: 'LT1083',
    kind: 'adjustable-regulator',
    maxAmpere: 7.5,
    maxVolt: 30,
    packages: [leads('to-220', 'AOI')],
  },
  {
    number: 'LT1086',
    kind: 'adjustable-regulator',
    maxAmpere: 1.5,
    maxVolt: 30,
    packages: [leads('to-220', 'AOI')],
  },
  {
    number: 'LM337',
    kind: 'adjustable-negative-regulator',
    maxAmpere: 1.5,
    maxVolt: 40,
    packages: [leads('to-220', 'AIO'), leads('to-3', 'AOI')],
  },
  {
    number: 'LM337L',
    kind: 'adjustable-negative-regulator',
    maxAmpere: 0.1,
    maxVolt: 40,
    packages: [{ ...leads('to-92', 'AIO'), makersDiffer: true }],
  },
  {
    number: 'LM723',
    kind: 'adjustable-regulator',
    maxAmpere: 0.15,
    maxVolt: 40,
    packages: [{ package: 'dip-14', pins: 14 }],
  },
];

const zener = (body: PackageId, order: string): Packaged => ({
  package: body,
  pins: 3,
  ...pinsOf(pinLetters.reference, order),
});

const references: readonly PartType[] = [
  {
    number: 'TL431',
    kind: 'reference',
    volt: 2.5,
    maxVolt: 36,
    maxAmpere: 0.1,
    packages: [zener('to-92', 'RAK'), zener('sot-23', 'KRA?')],
    also: ['LM431'],
  },
  {
    number: 'LM336-2.5',
    kind: 'reference',
    volt: 2.5,
    packages: [{ package: 'to-92', pins: 3, makersDiffer: true }],
    also: ['LM336Z-2.5'],
  },
  {
    number: 'LM336-5.0',
    kind: 'reference',
    volt: 5,
    packages: [{ package: 'to-92', pins: 3, makersDiffer: true }],
    also: ['LM336Z-5.0'],
  },
  {
    number: 'LM385-1.2',
    kind: 'reference',
    volt: 1.235,
    packages: [{ package: 'to-92', pins: 3, makersDiffer: true }],
    also: ['LM385Z-1.2'],
  },
  {
    number: 'LM385-2.5',
    kind: 'reference',
    volt: 2.5,
    packages: [{ package: 'to-92', pins: 3, makersDiffer: true }],
    also: ['LM385Z-2.5'],
  },
  {
    number: 'LM329',
    kind: 'reference',
    volt: 6.9,
    packages: [{ package: 'to-92', pins: 3, makersDiffer: true }],
  },
];

export const regulators: readonly PartType[] = [...series, ...fixed, ...adjustable, ...references];
