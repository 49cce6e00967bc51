import type { PackageId } from '../packages/index.ts';
import { type ChipRow, chipType } from './chips.ts';
import type { PartType, TypeKind } from './type.ts';

/** Number, what it does, pins, letter of those with the same pins, other numbers of the same. */
type Row = readonly [
  string,
  string,
  number,
  string?,
  (readonly string[])?,
  (readonly [PackageId, ...PackageId[]])?,
];

const of =
  (kind: TypeKind) =>
  ([number, does, pins, pinsLike, also, bodies]: Row): PartType => {
    const row: ChipRow = {
      number,
      kind,
      does,
      pins,
      ...(pinsLike ? { pinsLike } : {}),
      ...(also ? { also } : {}),
      ...(bodies ? { bodies } : {}),
    };
    return chipType(row);
  };

const single = 'single op-amp';
const dual = 'dual op-amp';
const quad = 'quad op-amp';

/** Pins from memory of data sheets: the three usual arrangements of one, two and four amplifiers. */
const opAmps: readonly Row[] = [
  ['LM741', single, 8, single, ['UA741', '741', 'CA741']],
  ['LM301', single, 8],
  ['LF351', single, 8, single],
  ['LF356', single, 8, single],
  ['TL061', single, 8, single],
  ['TL071', single, 8, single],
  ['TL081', single, 8, single],
  ['NE5534', single, 8, single, ['5534']],
  ['OP07', single, 8, single],
  ['OP27', single, 8, single],
  ['OPA134', single, 8, single],
  ['CA3130', single, 8, single],
  ['CA3140', single, 8, single],
  ['AD820', single, 8, single],
  ['LM358', dual, 8, dual, ['LM2904', 'LM258', 'LM158']],
  ['LM1458', dual, 8, dual, ['MC1458']],
  ['LM833', dual, 8, dual],
  ['LF353', dual, 8, dual],
  ['TL062', dual, 8, dual],
  ['TL072', dual, 8, dual],
  ['TL082', dual, 8, dual],
  ['NE5532', dual, 8, dual, ['5532', 'SA5532']],
  ['RC4558', dual, 8, dual, ['4558', 'JRC4558', 'NJM4558']],
  ['RC4580', dual, 8, dual, ['4580', 'NJM4580']],
  ['OPA2134', dual, 8, dual],
  ['OPA2604', dual, 8, dual],
  ['OP275', dual, 8, dual],
  ['AD822', dual, 8, dual],
  ['TLC272', dual, 8, dual],
  ['TLC2272', dual, 8, dual],
  ['TLE2426', 'rail splitter', 3, undefined, undefined, ['to-92']],
  ['MCP602', dual, 8, dual],
  ['MCP6002', dual, 8, dual],
  ['MCP6022', dual, 8, dual],
  ['LM324', quad, 14, quad, ['LM224', 'LM2902']],
  ['LM348', quad, 14, quad],
  ['TL064', quad, 14, quad],
  ['TL074', quad, 14, quad],
  ['TL084', quad, 14, quad],
  ['LF347', quad, 14, quad],
  ['TLC274', quad, 14, quad],
  ['TLC2274', quad, 14, quad],
  ['MCP6004', quad, 14, quad],
  ['RC4136', quad, 14],
  ['LM3900', 'quad current amplifier', 14],
  ['LM13700', 'dual transconductance amplifier', 16, undefined, ['LM13600']],
  ['CA3080', 'transconductance amplifier', 8],
];

const comparators: readonly Row[] = [
  ['LM311', 'comparator', 8, undefined, ['LM211']],
  ['LM393', 'dual comparator', 8, 'dual comparator', ['LM2903', 'LM193', 'LM293']],
  ['TLC372', 'dual comparator', 8, 'dual comparator'],
  ['LM339', 'quad comparator', 14, 'quad comparator', ['LM2901', 'LM239', 'LM139']],
  ['TLC374', 'quad comparator', 14, 'quad comparator'],
  ['LM3914', 'bar of ten, even steps', 18],
  ['LM3915', 'bar of ten, 3 dB steps', 18],
  ['LM3916', 'bar of ten, volume steps', 18],
  ['KA2281', 'two bars of five', 16],
  ['KA2284', 'bar of five', 9, undefined, ['AN6884', 'BA6124'], ['sip-9']],
];

const timers: readonly Row[] = [
  [
    'NE555',
    'timer',
    8,
    'timer',
    ['555', 'LM555', 'SE555', 'SA555', 'KA555', 'RC555', 'HA555', 'XL555'],
  ],
  ['ICM7555', 'CMOS timer', 8, 'timer', ['7555', 'LMC555', 'TLC555', 'TS555', 'NA555']],
  ['NE556', 'two timers', 14, 'two timers', ['556', 'LM556', 'SA556']],
  ['ICM7556', 'two CMOS timers', 14, 'two timers', ['7556', 'TLC556']],
  ['NE558', 'four timers', 16],
  ['NE567', 'tone decoder', 8, undefined, ['LM567']],
  ['NE566', 'oscillator by voltage', 8, undefined, ['LM566']],
  ['NE565', 'phase-locked loop', 14, undefined, ['LM565']],
  ['XR2206', 'function generator', 16],
  ['ICL8038', 'function generator', 14],
  ['LM331', 'voltage to frequency', 8],
  ['LM3909', 'LED flasher', 8],
];

const audio: readonly Row[] = [
  ['LM386', 'small audio amplifier', 8, undefined, ['JRC386', 'NJM386', 'KA386', 'UTC386']],
  ['LM380', 'audio amplifier', 14],
  ['LM384', 'audio amplifier', 14],
  ['TDA2822M', 'dual audio amplifier', 8, undefined, ['TDA2822', 'D2822']],
  ['TDA7052', 'audio amplifier', 8],
  ['TDA7053', 'dual audio amplifier', 16],
  ['TDA2003', 'audio amplifier 10 W', 5, undefined, undefined, ['to-220-5']],
  ['TDA2030', 'audio amplifier 14 W', 5, undefined, ['TDA2030A'], ['to-220-5']],
  ['TDA2040', 'audio amplifier 20 W', 5, undefined, undefined, ['to-220-5']],
  ['TDA2050', 'audio amplifier 30 W', 5, undefined, undefined, ['to-220-5']],
  ['LM1875', 'audio amplifier 20 W', 5, undefined, undefined, ['to-220-5']],
  ['LM3886', 'audio amplifier 60 W', 11, undefined, undefined, ['to-220-11']],
  ['TDA1308', 'headphone amplifier', 8],
  ['PAM8403', 'class D amplifier', 16, undefined, undefined, ['so-16']],
  ['CD2003', 'AM and FM radio', 16, undefined, ['TA2003', 'CD2003GP']],
  ['CXA1191', 'AM and FM radio', 28, undefined, ['CXA1691', 'CD1691', 'CXA1191M']],
  ['TDA7000', 'FM radio', 18],
  ['TDA7088', 'FM radio', 16, undefined, ['SC1088'], ['so-16']],
  ['TA7642', 'AM radio', 3, undefined, ['MK484', 'ZN414Z', 'YS414'], ['to-92']],
  ['ZN414', 'AM radio', 3, undefined, undefined, ['to-18']],
  ['PT2399', 'echo', 16],
  ['ISD1820', 'voice recorder', 14],
  ['ISD1760', 'voice recorder', 28],
  ['UM66', 'melody', 3, undefined, ['UM66T', 'BT66'], ['to-92']],
  ['UM3561', 'siren', 8],
];

const drivers: readonly Row[] = [
  ['ULN2003', 'seven Darlington drivers', 16, 'seven drivers', ['ULN2003A', 'MC1413', 'ULN2004']],
  ['ULN2803', 'eight Darlington drivers', 18],
  ['UDN2981', 'eight source drivers', 18],
  ['TPIC6B595', 'shift register, power outputs', 20],
  ['L293D', 'motor driver', 16, 'four half bridges', undefined, ['dip-16']],
  ['L293', 'motor driver', 16, 'four half bridges', undefined, ['dip-16']],
  ['SN754410', 'motor driver', 16, 'four half bridges'],
  ['L298', 'motor driver', 15, undefined, ['L298N'], ['multiwatt-15']],
  ['L9110', 'motor driver', 8],
  ['L9110S', 'motor driver', 8, undefined, ['HG7881'], ['so-8']],
  ['DRV8833', 'motor driver', 16, undefined, undefined, ['so-16']],
  ['TB6612', 'motor driver', 24, undefined, ['TB6612FNG'], ['so-24w']],
  ['MAX7219', 'driver for 8 digits', 24, 'driver for 8 digits', ['MAX7221']],
  ['TM1637', 'driver for displays', 20, undefined, undefined, ['so-20w']],
  ['TM1638', 'driver for displays', 28, undefined, undefined, ['so-28w']],
  ['HT16K33', 'driver for displays', 28, undefined, undefined, ['so-28w']],
  ['TLC5940', '16 LED drivers', 28],
  ['CH9120', 'LED chaser', 16],
  ['IR2104', 'half-bridge driver', 8],
  ['IR2110', 'half-bridge driver', 14],
  ['TP4056', 'lithium charger', 8, undefined, ['4056H'], ['so-8']],
];

const converters: readonly Row[] = [
  ['MC34063', 'switching regulator', 8, undefined, ['MC34063A', '34063', 'KA34063']],
  ['LM2575', 'step-down regulator', 5, undefined, ['LM2575T-5.0', 'LM2575T'], ['to-220-5']],
  ['LM2576', 'step-down regulator', 5, undefined, ['LM2576T-5.0', 'LM2576T'], ['to-220-5']],
  ['LM2577', 'step-up regulator', 5, undefined, ['LM2577T'], ['to-220-5']],
  ['LM2596', 'step-down regulator', 5, undefined, ['LM2596T-5.0', 'LM2596T'], ['to-220-5']],
  ['ICL7660', 'voltage inverter', 8, 'voltage inverter', ['7660', 'MAX1044', 'LMC7660']],
  ['MAX660', 'voltage inverter', 8],
  ['MT3608', 'step-up regulator', 6, undefined, undefined, ['sot-23-6']],
  ['UC3843', 'switching controller', 8, undefined, ['UC3842', 'UC3844', 'UC3845']],
  ['TL494', 'switching controller', 16, undefined, ['KA7500', 'TL594']],
  ['SG3525', 'switching controller', 16],
  ['ICL7106', '3½ digit meter', 40, undefined, ['7106']],
  ['ICL7107', '3½ digit meter', 40, undefined, ['7107']],
  ['ADC0804', 'A/D converter', 20],
  ['ADC0832', 'A/D converter', 8],
  ['MCP3008', 'A/D converter', 16],
  ['MCP3201', 'A/D converter', 8],
  ['DAC0808', 'D/A converter', 16],
  ['MCP4921', 'D/A converter', 8],
  ['MCP4131', 'digital potentiometer', 8],
  ['AD9833', 'waveform generator', 10, undefined, undefined, ['msop-10']],
  ['HX711', 'bridge converter', 16, undefined, undefined, ['so-16']],
];

export const linearChips: readonly PartType[] = [
  ...opAmps.map(of('op-amp')),
  ...comparators.map(of('comparator')),
  ...timers.map(of('timer')),
  ...audio.map(of('audio')),
  ...drivers.map(of('driver')),
  ...converters.map(of('converter')),
];
