import { createCanvas, GlobalFonts, type SKRSContext2D } from '@napi-rs/canvas';
import jpeg from 'jpeg-js';
import {
  type Corners,
  fourCorners,
  homographyOf,
  shadeAt,
  turnedBy,
  wholeOf,
} from '../../../picture/homography.ts';
import type { Grey } from '../../../picture/raster.ts';
import { greyOf, turned } from '../../../picture/raster.ts';
import { between, pick, type Random, seeded, wholeBetween } from '../../../random.ts';

// Photos of parts lists, drawn: sheets in several faces, languages and layouts, lying askew on a table, in shadow, out
// of focus, with noise, as JPEG. The parts are made up.

const packages = new URL('../../../../node_modules/', import.meta.url).pathname;
const faces = {
  Sans: 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf',
  Condensed: 'dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf',
  Serif: 'dejavu-fonts-ttf/ttf/DejaVuSerif.ttf',
  Typewriter: 'dejavu-fonts-ttf/ttf/DejaVuSansMono.ttf',
  Rounded:
    '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  Chinese: '@fontsource/noto-sans-sc/files/noto-sans-sc-chinese-simplified-400-normal.woff2',
} as const;
for (const [name, file] of Object.entries(faces))
  GlobalFonts.registerFromPath(`${packages}${file}`, name);

/** What of a sheet’s words depends on its language. */
interface Wording {
  readonly headings: readonly [string, string, string, string];
  readonly title: string;
  readonly note: string;
  readonly parts: readonly (readonly [letter: string, name: string, values: readonly string[]])[];
}

const amounts = {
  R: [
    '470',
    '1k',
    '4k7',
    '10k',
    '220k',
    '1M',
    '33R',
    '68 ohm',
    '5.6k',
    '470 Ω',
    '330R 1%',
    '2k2',
    '220Ω',
    '4k7Ω',
  ],
  V: ['10k', '50k', '100k', '500R'],
  C: ['100nF', '22pF', '10n', '104', '4.7nF'],
  E: ['10uF/25V', '100uF 16V', '47uF', '1000µF', '220µF 35V'],
  Q: ['BC547', '2N3904', 'BC557B', '2N7000'],
  D: ['1N4148', '1N4007', '1N5819'],
  U: ['NE555', 'LM358', 'CD4017', 'ATtiny85'],
};

const wordings: Readonly<Record<'eng' | 'deu' | 'spa' | 'chi_sim', Wording>> = {
  eng: {
    headings: ['Ref', 'Qty', 'Part', 'Value'],
    title: 'Harbour lamp kit, parts list',
    note: 'Count the parts before you start.',
    parts: [
      ['R', 'Resistor', amounts.R],
      ['RV', 'Trimmer', amounts.V],
      ['C', 'Ceramic capacitor', amounts.C],
      ['C', 'Electrolytic capacitor', amounts.E],
      ['D', 'LED 5 mm', ['red', 'green', 'yellow']],
      ['D', 'Diode', amounts.D],
      ['Q', 'Transistor', amounts.Q],
      ['U', 'Integrated circuit', amounts.U],
    ],
  },
  deu: {
    headings: ['Bauteil-Nr.', 'Anzahl', 'Bezeichnung', 'Wert'],
    title: 'Stückliste Hafenlampe',
    note: 'Vor dem Löten bitte alle Teile zählen.',
    parts: [
      ['R', 'Widerstand', amounts.R],
      ['RV', 'Trimmpotentiometer', amounts.V],
      ['C', 'Keramikkondensator', amounts.C],
      ['C', 'Elko', amounts.E],
      ['D', 'Leuchtdiode 5 mm', ['rot', 'grün', 'gelb']],
      ['D', 'Diode', amounts.D],
      ['T', 'Transistor', amounts.Q],
      ['IC', 'Schaltkreis', amounts.U],
    ],
  },
  spa: {
    headings: ['Referencia', 'Cantidad', 'Descripción', 'Valor'],
    title: 'Lista de piezas de la lámpara',
    note: 'Cuenta las piezas antes de empezar.',
    parts: [
      ['R', 'Resistencia', amounts.R],
      ['RV', 'Trimmer', amounts.V],
      ['C', 'Condensador cerámico', amounts.C],
      ['C', 'Condensador electrolítico', amounts.E],
      ['D', 'LED 5 mm', ['rojo', 'verde', 'amarillo']],
      ['D', 'Diodo', amounts.D],
      ['Q', 'Transistor', amounts.Q],
      ['U', 'Circuito integrado', amounts.U],
    ],
  },
  chi_sim: {
    headings: ['位号', '数量', '名称', '规格'],
    title: '元件清单',
    note: '焊接前请清点元件。',
    parts: [
      ['R', '电阻', ['470', '1k', '4k7', '10k', '220k', '1M', '33R', '5.6k', '2k2']],
      ['C', '瓷片电容', amounts.C],
      ['C', '电解电容', ['10uF/25V', '100uF 16V', '47uF']],
      ['D', '发光二极管', ['红色', '绿色', '黄色']],
      ['D', '二极管', amounts.D],
      ['Q', '三极管', amounts.Q],
      ['U', '集成电路', amounts.U],
    ],
  },
};
export type SheetLanguage = keyof typeof wordings;

export interface SheetPhoto {
  readonly picture: Grey;
  /** Where the sheet’s corners are in it. */
  readonly corners: Corners;
  readonly language: SheetLanguage;
  readonly looks: string;
  /** What stands on the sheet: headings, then rows. */
  readonly rows: readonly (readonly string[])[];
}

/** @param rowCount lines of the list without its headings; drawn by lot where it is left out */
export function sheetPhoto(seed: number, rowCount?: number): SheetPhoto {
  const random = seeded(seed);
  const language = pick(random, ['eng', 'eng', 'deu', 'spa', 'chi_sim'] as const);
  const rows = listOf(random, wordings[language], rowCount ?? wholeBetween(random, 8, 32));
  const face =
    language === 'chi_sim'
      ? 'Chinese'
      : pick(random, ['Sans', 'Condensed', 'Serif', 'Typewriter', 'Rounded'] as const);
  const lines = pick(random, ['ruled', 'below', 'none'] as const);
  const sheet = drawn(random, rows, wordings[language], face, lines);
  const photo = photographed(random, sheet, seed % 7 === 3);
  return { ...photo, rows, language, looks: `${language} ${face} ${lines}` };
}

/** A list as files of other programs hold it: what stands on the sheet, and around its table. */
export function sheetList(
  seed: number,
  rowCount?: number,
  languages: readonly SheetLanguage[] = ['eng', 'deu', 'spa', 'chi_sim'],
) {
  const random = seeded(seed);
  const wording = wordings[languages[seed % languages.length] ?? 'eng'];
  const { title, note } = wording;
  return { title, note, rows: listOf(random, wording, rowCount ?? wholeBetween(random, 8, 60)) };
}

/** A scan of a list that is told: headings, then rows; turned to the right by so many quarters. */
export const sheetScan = (
  rows: readonly (readonly string[])[],
  { face = 'Sans', quarters = 0 }: { face?: keyof typeof faces; quarters?: number } = {},
): Grey => turned(drawn(seeded(1), rows, wordings.eng, face, 'ruled'), quarters);

function listOf(random: Random, { headings, parts }: Wording, count: number): string[][] {
  const order = pick(random, [
    [0, 1, 2, 3],
    [0, 2, 3, 1],
    [1, 2, 3, 0],
    [2, 3, 0, 1],
  ] as const);
  const next: Record<string, number> = {};
  const join = pick(random, [', ', ' ', ',']);
  const list = Array.from({ length: count }, () => {
    const [letter, name, values] = pick(random, parts);
    const quantity = pick(random, [1, 1, 1, 2, 2, 3]);
    const from = (next[letter] ?? 0) + 1;
    next[letter] = from + quantity - 1;
    const places = Array.from({ length: quantity }, (_, index) => `${letter}${from + index}`);
    const asRange = quantity > 2 && random() < 0.6;
    const written = asRange ? `${places[0]}-${places.at(-1)}` : places.join(join);
    return [written, String(quantity), name, pick(random, values)];
  });
  return [[...headings], ...list].map((row) => order.map((at) => row[at] ?? ''));
}

/** A sheet at 200 dots an inch. */
function drawn(
  random: Random,
  rows: readonly (readonly string[])[],
  { title, note }: Wording,
  face: keyof typeof faces,
  lines: 'ruled' | 'below' | 'none',
): Grey {
  const width = 1654;
  const height = 2339;
  const canvas = createCanvas(width, height);
  const context = canvas.getContext('2d');
  context.fillStyle = '#fdfdfb';
  context.fillRect(0, 0, width, height);
  context.fillStyle = '#16161a';
  let size = wholeBetween(random, 26, 36);
  const family = face === 'Chinese' ? 'Chinese' : face;
  const use = (bold = false) => {
    context.font = `${bold ? 'bold ' : ''}${size}px ${family}`;
  };
  use();
  const pad = () => 0.6 * size;
  const widths = () =>
    (rows[0] ?? []).map(
      (_, column) =>
        Math.max(...rows.map((row) => context.measureText(row[column] ?? '').width)) + 3 * pad(),
    );
  while (
    widths().reduce((sum, one) => sum + one, 0) > width - 200 ||
    rows.length * 1.7 * size > height - 500
  ) {
    size -= 1;
    use();
  }
  const left = 90;
  const wide = widths();
  const spare = width - 2 * left - wide.reduce((sum, one) => sum + one, 0);
  const columns = wide.map((one) => one + (spare * random()) / wide.length);
  const pitch =
    between(random, 1.55, Math.max(1.7, Math.min(2.1, (height - 500) / rows.length / size))) * size;
  let top = 150;
  if (random() < 0.7) {
    context.font = `bold ${size * 1.5}px ${family}`;
    context.fillText(title, left, top);
    top += 2.2 * size;
  }
  use();
  rows.forEach((row, line) => {
    use(line === 0 && face !== 'Chinese');
    let x = left;
    row.forEach((cell, column) => {
      context.fillText(cell, x + pad(), top + line * pitch + 0.5 * pitch + 0.36 * size);
      x += columns[column] ?? 0;
    });
  });
  rule(context, lines, { left, top, columns, pitch, count: rows.length });
  use();
  if (random() < 0.5) context.fillText(note, left, top + (rows.length + 2) * pitch);
  return greyOf(context.getImageData(0, 0, width, height).data, width, height);
}

interface Grid {
  readonly left: number;
  readonly top: number;
  readonly columns: readonly number[];
  readonly pitch: number;
  readonly count: number;
}

function rule(
  context: SKRSContext2D,
  lines: 'ruled' | 'below' | 'none',
  { left, top, columns, pitch, count }: Grid,
): void {
  if (lines === 'none') return;
  const right = left + columns.reduce((sum, one) => sum + one, 0);
  context.strokeStyle = '#333';
  context.lineWidth = 2;
  const stroke = (x: number, y: number, toX: number, toY: number) => {
    context.beginPath();
    context.moveTo(x, y);
    context.lineTo(toX, toY);
    context.stroke();
  };
  for (let line = 0; line <= count; line += 1) {
    if (lines === 'ruled' || line === 1)
      stroke(left, top + line * pitch, right, top + line * pitch);
  }
  if (lines !== 'ruled') return;
  let x = left;
  for (const wide of [0, ...columns]) {
    x += wide;
    stroke(x, top, x, top + count * pitch);
  }
}

/** The sheet on a table, as a camera in the hand sees it. */
function photographed(
  random: Random,
  sheet: Grey,
  isOnItsHead: boolean,
): { picture: Grey; corners: Corners } {
  const width = 2100;
  const height = 2800;
  const askew = between(random, -0.08, 0.08);
  const size = between(random, 0.8, 0.93);
  const jitter = () => between(random, -0.03, 0.03) * width;
  const spots = [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([across = 0, down = 0]) => {
    const x = (across * size * width) / 2;
    const y = (down * size * Math.min(height, width * 1.41)) / 2;
    return {
      x: width / 2 + x * Math.cos(askew) - y * Math.sin(askew) + jitter(),
      y: height / 2 + x * Math.sin(askew) + y * Math.cos(askew) + jitter(),
    };
  });
  const corners = turnedBy(fourCorners(spots), isOnItsHead ? 2 : 0);
  const back = homographyOf(corners, wholeOf(sheet));
  const desk = between(random, 50, 150);
  const grain = between(random, 0.01, 0.05);
  const shadowFrom = between(random, 0, 2 * Math.PI);
  const shadow = between(random, 0, 0.45);
  const light = new Float32Array(width * height);
  const [h0 = 0, h1 = 0, h2 = 0, h3 = 0, h4 = 0, h5 = 0, h6 = 0, h7 = 0] = back;
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const w = h6 * x + h7 * y + 1;
      const atX = (h0 * x + h1 * y + h2) / w;
      const atY = (h3 * x + h4 * y + h5) / w;
      const on = atX >= 0 && atY >= 0 && atX < sheet.width - 1 && atY < sheet.height - 1;
      const shade = on ? shadeAt(sheet, atX, atY) : desk + 18 * Math.sin(grain * (x + 0.3 * y));
      const away =
        0.5 +
        (Math.cos(shadowFrom) * (x / width - 0.5) + Math.sin(shadowFrom) * (y / height - 0.5)) *
          1.3;
      light[y * width + x] = shade * (1 - shadow * Math.min(1, Math.max(0, away)));
    }
  }
  const soft = blurred(light, width, height, between(random, 0, 1.3));
  const noise = between(random, 1, 9);
  const rgba = Buffer.alloc(width * height * 4, 255);
  for (let at = 0; at < light.length; at += 1) {
    // The sum of three even numbers is near enough to normal.
    const shade = (soft[at] ?? 0) * 0.94 + noise * (random() + random() + random() - 1.5) * 2;
    const byte = shade < 0 ? 0 : shade > 255 ? 255 : shade;
    rgba[4 * at] = byte;
    rgba[4 * at + 1] = byte;
    rgba[4 * at + 2] = byte;
  }
  const file = jpeg.encode({ data: rgba, width, height }, wholeBetween(random, 55, 90)).data;
  const { data } = jpeg.decode(file, { useTArray: true, maxMemoryUsageInMB: 1024 });
  return { picture: greyOf(data, width, height), corners };
}

/** Out of focus: a Gaussian of that standard deviation, in dots. */
function blurred(light: Float32Array, width: number, height: number, sigma: number): Float32Array {
  if (sigma < 0.3) return light;
  const reach = Math.ceil(2.5 * sigma);
  const weights = Array.from({ length: 2 * reach + 1 }, (_, index) =>
    Math.exp(-((index - reach) ** 2) / (2 * sigma * sigma)),
  );
  const total = weights.reduce((sum, one) => sum + one, 0);
  const along = (from: Float32Array, step: number) => {
    const out = new Float32Array(from.length);
    for (let at = 0; at < from.length; at += 1) {
      let sum = 0;
      for (let index = 0; index < weights.length; index += 1) {
        const other = at + (index - reach) * step;
        sum += (weights[index] ?? 0) * (from[other] ?? from[at] ?? 0);
      }
      out[at] = sum / total;
    }
    return out;
  };
  return along(along(light, 1), width).slice(0, width * height);
}
