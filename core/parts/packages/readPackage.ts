import type { Job } from '../family.ts';
import { type PackageId, packages } from './index.ts';
import type { Package } from './package.ts';
import { axialCan, button, can, disc, film, strip } from './radial.ts';

interface Written {
  /** Only of parts that do these jobs; absent for names that mean one body, whatever is in it. */
  readonly jobs?: readonly Job[];
  readonly sign: RegExp;
  readonly read: (match: RegExpExecArray, text: string) => Package | undefined;
}

const number = (text: string | undefined) => Number((text ?? '').replace(',', '.'));

const named = (sign: RegExp, id: PackageId, jobs?: readonly Job[]): Written => ({
  sign,
  read: () => packages[id],
  ...(jobs ? { jobs } : {}),
});

const known = (id: string): Package | undefined =>
  Object.hasOwn(packages, id) ? packages[id as PackageId] : undefined;

/** Figures that footprint names carry behind a letter: `D6.3mm`, `P5.00mm`, `H5mm`, `W7.62mm`. */
const figure = (letter: string, text: string): number | undefined => {
  const found = new RegExp(`(?:^|\\s)${letter}(\\d{1,2}(?:\\.\\d{1,2})?)(?:mm)?(?!\\S)`).exec(text);
  return found ? number(found[1]) : undefined;
};

/** Usual heights of cans that a footprint names by their diameter only (from memory of manufacturers’ sheets). */
const heightByDiameter: readonly (readonly [number, number])[] = [
  [4, 7],
  [5, 11],
  [6.3, 11],
  [8, 12],
  [10, 17],
  [13, 21],
  [16, 26],
  [18, 36],
  [25, 41],
];

const wattNames: Readonly<Record<string, PackageId>> = {
  '0.125': 'axial-1/8W',
  '0.25': 'axial-1/4W',
  '0.4': 'axial-1/4W',
  '0.5': 'axial-1/2W',
  '0.6': 'axial-1/4W',
  '1': 'axial-1W',
  '2': 'axial-2W',
  '3': 'axial-3W',
  '5': 'cement-5W',
};

const din: Readonly<Record<string, PackageId>> = {
  '0204': 'axial-1/8W',
  '0207': 'axial-1/4W',
  '0309': 'axial-1/2W',
  '0411': 'axial-1W',
  '0414': 'axial-2W',
  '0516': 'axial-2W',
};

/** By tenths of a millimetre and by hundredths of an inch (EIA 535; from memory). */
const tantalumCases = {
  '3216': 'a',
  '3528': 'b',
  '6032': 'c',
  '7343': 'd',
  '1411': 'b',
  '2312': 'c',
  '2917': 'd',
} as const;

/**
 * Names of bodies as lists and footprints write them, told in this order. Text is in lower case, with blanks in place
 * of underscores.
 */
const written: readonly Written[] = [
  named(/\bto-?\s?92s\b/, 'to-92s'),
  named(/\bto-?\s?92(?!\d)/, 'to-92'),
  named(/\bto-?\s?126(?!\d)/, 'to-126'),
  named(/\b(to-?\s?220-?5|pentawatt)\b/, 'to-220-5'),
  named(/\bto-?\s?220-?11\b/, 'to-220-11'),
  named(/\bto-?\s?220(?!\d)/, 'to-220'),
  named(/\b(to-?\s?(247|3p)|sot-?93)\b/, 'to-247'),
  named(/\bto-?\s?3\b/, 'to-3'),
  named(/\bto-?\s?18\b/, 'to-18'),
  named(/\bto-?\s?(39|5)\b/, 'to-39'),
  named(/\b(d-?pak|to-?\s?252)\b/, 'to-252'),
  named(/\b(d2-?pak|to-?\s?263)\b/, 'to-263'),
  named(/\bsot-?\s?23-?5\b/, 'sot-23-5'),
  named(/\bsot-?\s?23-?6\b/, 'sot-23-6'),
  named(/\bsot-?\s?23(-3)?\b/, 'sot-23'),
  named(/\b(sot-?\s?323|sc-?70)\b/, 'sot-323'),
  named(/\bsot-?\s?89\b/, 'sot-89'),
  named(/\bsot-?\s?223\b/, 'sot-223'),
  {
    jobs: ['capacitor'],
    sign: /\baxial\b/,
    read: (_, text) => {
      const [length, diameter] = [figure('l', text), figure('d', text)];
      return length === undefined || diameter === undefined
        ? undefined
        : axialCan(diameter, length, figure('p', text));
    },
  },
  named(/\b(do-?\s?35|do-?204ah|sod-?27)\b/, 'do-35'),
  named(/\b(do-?\s?41|do-?204al|sod-?66|sod-?81)\b/, 'do-41'),
  named(/\b(do-?\s?15|do-?204ac)\b/, 'do-15'),
  named(/\b(do-?\s?201(ad|ae)?|do-?27)\b/, 'do-201'),
  named(/\bdo-?\s?7\b/, 'do-7'),
  named(/\br-?6\b/, 'r-6', ['diode']),
  named(/\b(sod-?\s?80c?|mini-?melf|do-?213aa|ll-?34)\b/, 'sod-80'),
  named(/\bmelf\s?0204\b/, 'melf-0204'),
  named(/\b(melf|do-?213ab)\b/, 'melf'),
  named(/\bsod-?\s?123\w{0,2}\b/, 'sod-123'),
  named(/\bsod-?\s?323\w{0,2}\b/, 'sod-323'),
  named(/\bsod-?\s?523\b/, 'sod-523'),
  named(/\b(sma|do-?214ac)\b/, 'sma', ['diode']),
  named(/\b(smb|do-?214aa)\b/, 'smb', ['diode']),
  named(/\b(smc|do-?214ab)\b/, 'smc', ['diode']),
  named(/\b(wob|wom|round bridge|rundbrucke)/, 'round-bridge', ['diode']),
  named(/\bmbs\b/, 'mbs', ['diode']),
  {
    sign: /\b(?:p|c|s)?di[pl]p?-?\s?(\d{1,2})\b/,
    read: ([, pins], text) => {
      const row = figure('w', text) ?? (/\b(wide|0[.,]6"|600 ?mil)/.test(text) ? 15.24 : undefined);
      const narrow = row === 7.62 || /\b(narrow|slim|skinny|300 ?mil)/.test(text);
      return (narrow ? known(`dip-${pins}n`) : undefined) ?? known(`dip-${pins}`);
    },
  },
  {
    sign: /\btssop-?\s?(\d{1,2})\b/,
    read: ([, pins]) => known(`tssop-${pins}`),
  },
  {
    sign: /\b(?:so|soic|sop|soj|so-?ic)-?\s?(\d{1,2})(w|\s?wide)?\b/,
    read: ([, pins, wide], text) => {
      const isWide = wide !== undefined || /\b7[.,]5x/.test(text);
      return (
        (isWide ? known(`so-${pins}w`) : undefined) ?? known(`so-${pins}`) ?? known(`so-${pins}w`)
      );
    },
  },
  { sign: /\b[tl]?qfp-?\s?(\d{2,3})\b/, read: ([, pins]) => known(`qfp-${pins}`) },
  { sign: /\bqfn-?\s?(\d{2})\b/, read: ([, pins]) => known(`qfn-${pins}`) },
  // `HC49SMD` has feet that lie on the board, and is none of these.
  named(/\bhc-?\s?49\/?\s?-?(us|s|4h)\b(?!\W{0,2}sm[dt])/, 'hc-49s', ['timebase']),
  named(/\bhc-?\s?49\/?\s?-?u?\b(?!\W{0,2}sm[dt])(?!.*(low|flach|niedrig))/, 'hc-49u', [
    'timebase',
  ]),
  named(/\bhc-?\s?49\b(?!\W{0,2}sm[dt])/, 'hc-49s', ['timebase']),
  named(/\b3\s?x\s?8\b|\b(0308|206)\b/, 'tube-3x8', ['timebase']),
  named(/\b2\s?x\s?6\b|\b0206\b/, 'tube-2x6', ['timebase']),
  {
    sign: /(?:^|[\s(-])(3216|3528|6032|7343|1411|2312|2917)(?:-\d\d)?\b/,
    jobs: ['capacitor'],
    read: ([, size]) => known(`tantalum-${tantalumCases[size as keyof typeof tantalumCases]}`),
  },
  {
    sign: /\b(?:case|gehause|bauform|size)[ -]([a-e])\b|\b([a-e])[ -]case\b/,
    jobs: ['capacitor'],
    read: ([, a, b]) => known(`tantalum-${a ?? b}`),
  },
  {
    sign: /\belec (\d{1,2}(?:\.\d)?)x(\d{1,2}(?:\.\d)?)\b|\bsmd\b.*?\b(\d{1,2}(?:\.\d)?) ?x ?(\d{1,2}(?:\.\d)?)\b/,
    jobs: ['capacitor'],
    read: ([, d1, h1, d2, h2]) => {
      const [diameter, height] = [number(d1 ?? d2), number(h1 ?? h2)];
      if (!(diameter >= 3 && diameter <= 18 && height >= 3 && height <= 22)) return undefined;
      const usual = known(`can-smd-${diameter}x${height}`);
      return (
        usual ?? {
          ...packages['can-smd-6.3x5.4'],
          name: `SMD can ${diameter} x ${height} mm`,
          lengthMm: diameter,
          widthMm: diameter,
          heightMm: height,
        }
      );
    },
  },
  {
    // Not a chip of which only the metric name is given, and no button: those have three figures.
    sign: /(?:^|[\s(ø])(\d{1,2}(?:[.,]\d)?)\s?[x×*]\s?(\d{1,2}(?:[.,]\d)?)(?:\s?mm)?(?![\d.,]|\s?[x×*])/,
    jobs: ['capacitor'],
    read: ([, d, h]) => {
      const [diameter, height] = [number(d), number(h)];
      const real = diameter >= 3 && diameter <= 36 && height >= 5 && height <= 60;
      return real && height >= diameter * 0.6
        ? can(diameter, height, 'size in the list')
        : undefined;
    },
  },
  {
    // `E3,5-8`: pitch and diameter.
    sign: /\bradial d\d|\be\d(?:[.,]\d)?-(\d+)/,
    jobs: ['capacitor'],
    read: ([, apart], text) => {
      const diameter = apart ? number(apart) : figure('d', text);
      if (diameter === undefined) return undefined;
      const height = figure('h', text) ?? heightByDiameter.find(([d]) => diameter <= d + 0.5)?.[1];
      return height === undefined ? undefined : can(diameter, height, 'size in the list');
    },
  },
  {
    sign: /\bdis[ck] d\d/,
    jobs: ['capacitor', 'resistor'],
    read: (_, text) => {
      const diameter = figure('d', text);
      return diameter === undefined ? undefined : disc(diameter, figure('p', text) ?? 5);
    },
  },
  {
    sign: /(?:^|\s)(?:p|rm|raster|rastermass|pitch|paso?)\s?=?\s?(\d{1,2}(?:[.,]\d{1,2})?)(?:\s?mm)?(?!\S)|\b(\d{1,2}(?:[.,]\d{1,2})?) ?mm (?:pitch|raster)\b/,
    jobs: ['capacitor'],
    read: ([, a, b], text) => {
      const pitch = number(a ?? b);
      if (/\b(film|folien?\w*|mk[tps]\w?|wima|poly\w*|x2|y2|rect)\b/.test(text)) return film(pitch);
      return /\b(multilayer|mlcc|kerko|x7r|vielschicht)/.test(text)
        ? known(pitch < 4 ? 'multilayer-2.54' : 'multilayer-5.08')
        : undefined;
    },
  },
  {
    sign: /\b(0402|0603|0805|1206|1210|1812|2010|2512)(?: ?\d{4}metric)?\b/,
    jobs: ['resistor', 'capacitor', 'inductor', 'light', 'diode'],
    read: ([, size]) => known(size ?? ''),
  },
  named(/\b5050\b/, 'led-5050', ['light', 'chip']),
  named(/\b2835\b/, 'led-2835', ['light']),
  named(/\b(star|stern)\b/, 'led-star', ['light']),
  {
    sign: /(?:^|[\sø])d?(3|5|8|10)(?:\.0)?\s?mm\b/,
    jobs: ['light'],
    read: ([, diameter]) => known(`led-${diameter}`),
  },
  {
    // `DIN0207`, `0207/10` with its pitch.
    sign: /\b(?:din)?(0204|0207|0309|0411|0414|0516)\b/,
    jobs: ['resistor', 'inductor'],
    read: ([, size = '']) => known(din[size] ?? ''),
  },
  {
    sign: /(?:^|[\s(,;/])(?:(1)\/([248])|(\d(?:[.,]\d{1,3})?))\s?w(?:att)?\b/,
    jobs: ['resistor'],
    read: ([, one, part, whole]) => {
      const watt = one ? String(1 / Number(part)) : String(number(whole));
      const id = wattNames[watt];
      return id && packages[id];
    },
  },
  {
    sign: /\b6(?:[.,]0)?\s?x\s?6(?:[.,]0)?(?:\s?x\s?(\d{1,2}(?:[.,]\d)?)|(?:\s?mm)?,?\s(?:h\w*|alt\w*)\s?[=:]?\s?(\d{1,2}(?:[.,]\d)?))?|\bpush 6mm h(\d{1,2}(?:\.\d)?)mm/,
    jobs: ['switch'],
    read: ([, a, b, c]) => {
      const height = number(a ?? b ?? c ?? '4.3');
      return height >= 3 && height <= 25 ? button(height) : undefined;
    },
  },
  named(/\b(3296|multi-?turn|25[ -]?turn|mehrgang|spindel)/, 'trimmer-inline', ['resistor']),
  named(/\b(rm-?065|3362|triangle|dreieck)/, 'trimmer-square', ['resistor']),
  {
    sign: /\b0?([12])\s?x\s?0?(\d{1,2})\b/,
    jobs: ['connector'],
    read: ([, rows, columns]) => {
      const count = Number(columns);
      return count >= 1 && count <= 40 ? strip(Number(rows), count) : undefined;
    },
  },
];

/** A body of one’s own: its length, width and height. */
const measures =
  /^\s*(\d{1,3}(?:[.,]\d{1,2})?)\s?[x×*]\s?(\d{1,3}(?:[.,]\d{1,2})?)\s?[x×*]\s?(\d{1,3}(?:[.,]\d{1,2})?)\s?mm\s*$/i;

/**
 * A body that somebody measured: `20 x 10 x 7 mm`.
 *
 * @param shape the form in which such parts are drawn
 */
export function readMeasures(
  text: string,
  mount: Package['mount'],
  shape: Package['shape'],
): Package | undefined {
  const found = measures.exec(text);
  if (!found) return undefined;
  const [lengthMm, widthMm, heightMm] = [number(found[1]), number(found[2]), number(found[3])];
  if (Math.min(lengthMm, widthMm, heightMm) <= 0) return undefined;
  return {
    name: `${lengthMm} x ${widthMm} x ${heightMm} mm`,
    mount,
    shape,
    lengthMm,
    widthMm,
    heightMm,
    source: 'measured by the instructor',
  };
}

/** Sizes of chip parts in hundredths of an inch by those in tenths of a millimetre, as IPC-7351 names footprints. */
const metricSizes: Readonly<Record<string, string>> = {
  '1005': '0402',
  '1608': '0603',
  '2012': '0805',
  '2013': '0805',
  '3216': '1206',
  '3225': '1210',
  '4532': '1812',
  '5025': '2010',
  '6332': '2512',
};

/** `RESC1608X50N`, `CAPMP3216X180N`: what it is, its size and height (IPC-7351, from memory). */
const ipcName = /(?<![a-z\d])(RES|CAP|LED|IND|FUS|DIO)(C|M|MP|P)(\d{4})X\d{1,3}[A-Z]?(?![a-z\d])/gi;
const ipcForm: Readonly<Record<string, string>> = {
  MP: 'tantalum',
  P: 'polarised',
};

/** Lists write `SMD1206` in one, and `R0603`, `LED0805` for the size of such a part. */
export const smdApart = (text: string): string =>
  text
    .replace(ipcName, (name, kind: string, form: string, size: string) =>
      metricSizes[size]
        ? `${kind} SMD ${ipcForm[form.toUpperCase()] ?? ''} ${metricSizes[size]}`
        : name,
    )
    .replace(/\bSM[DT](?=\d)/gi, '$& ')
    .replace(/(?<=\bHC-?\d\dU?S?)-?SM[DT]\b/gi, ' SMD')
    .replace(
      /(?<![a-z\d])(?:[RCLDF]|FB|LED|RES|CAP|IND)(?=(?:0402|0603|0805|1206|1210|1812|2010|2512)(?![a-z\d]))/gi,
      '$& ',
    );

/**
 * The body that a text names.
 *
 * @param text what a list says: a footprint's name, a size, or a whole line
 * @param job what the part does: “6.3x11” is a can only of a capacitor
 * @param mount bodies that are fixed in another way are not meant
 */
export function readPackage(text: string, job: Job, mount?: Package['mount']): Package | undefined {
  const plain = smdApart(text.normalize('NFD').replace(/\p{M}/gu, ''))
    .toLowerCase()
    .replace(/[_:]+/g, ' ');
  for (const { sign, jobs, read } of written) {
    if (jobs && !jobs.includes(job)) continue;
    const match = sign.exec(plain);
    const found = match ? read(match, plain) : undefined;
    if (found && (mount === undefined || found.mount === mount)) return found;
  }
  return undefined;
}
