import Papa from 'papaparse';
import { families, familyOf } from '../parts/families/index.ts';
import { typeByNumber } from '../parts/types/findType.ts';
import { isHeading } from './columns.ts';
import { readDesignators } from './designators.ts';
import { withFigures } from './numberWords.ts';
import { isOwnNumber } from './ownNumber.ts';
import { readWords } from './readWords.ts';
import { isSectionTitle } from './sectionTitle.ts';

/** A part as somebody writes it in a line, parted. */
export interface PlainLine {
  readonly places: string;
  /** Empty where nobody says it: there are as many as places. */
  readonly quantity: string;
  readonly words: string;
}

const letters = [...new Set(families.flatMap((family) => family.letters))]
  .sort((a, b) => b.length - a.length)
  .join('|');
/** `M3 x 6` and `M3 nuts` are threads. */
const noThread =
  '(?!M\\d{1,2}(?:\\s*[x×*]\\s*\\d|\\s+(?:screw|nut|bolt|washer|stand|spacer|schraub|mutter|tornillo|tuerca)))';
const place = `${noThread}(?:${letters})\\d{1,4}[LR]?(?!\\w|\\.\\d)`;
/** A bare blank between two names is less of a sign: `Q1 D882` names a place and a type. */
const shortPlace = `(?:${letters})\\d{1,2}(?!\\w|\\.\\d)`;
const to = '\\s*(?:-|–|—|~|\\.\\.\\.?|…)\\s*';
const placeRun = [
  `${place}(?:`,
  [
    `${to}(?:${letters})?\\d{1,4}(?!\\w|\\.\\d)`,
    `\\s+(?:to|bis|until|hasta|al|a|à|t/m|tot)\\s+${place}`,
    `\\s+(?:and|und|y|et|en)\\s+${place}`,
    `\\s*[,;&+/]\\s*${place}`,
    // `R1,2,5`: only where nothing is between comma and number; `R1, 470` is a place and a value.
    '[,/]\\d{1,3}(?!\\w|\\.\\d)',
    `\\s+${shortPlace}`,
  ].join('|'),
  ')*',
].join('');

const pieceWord =
  '(?:x|×|\\*|pcs?|pieces?|off|stk|stck|stück|st|uds?|unidades|piezas?|pzs?|pièces?|个|只|颗|件)';
/** What a number is followed by where it is a value and no quantity. */
const unit =
  '(?:[kKMmuµnpRΩ]|ohms?|[munpµ]?[FHVAW]|kΩ|MΩ|mm|cm|Hz|kHz|MHz|%|pin|way|pol|polig)(?![\\p{L}\\d])';

const firstOf = (text: string, ...patterns: readonly RegExp[]): RegExpExecArray | null => {
  for (const pattern of patterns) {
    const found = pattern.exec(text);
    if (found) return found;
  }
  return null;
};

const bullet = /^[\s•*·▪–—-]*(?:\d{1,3}[.)]\s+)?/;
const quantityFirst = [
  /^(?:qty|quantity|menge|anzahl|cant\.?|cantidad|aantal)[\s.:]*(\d{1,4})(?!\d)[\s.:x–—-]*/i,
  /^(\d{1,4})\s+(?:of|von|de|van)\s+(?=\S)/i,
  new RegExp(`^(\\d{1,4})\\s*${pieceWord}\\.?(?=[\\s:]|$)[\\s:]*`, 'i'),
  new RegExp(`^(\\d{1,3})\\s+(?!${unit})(?=\\p{L})`, 'u'),
];
const timesLast = /(?<![\s,;(])[\s,;(]+[x×]\s*(\d{1,4})\)?$/;
const quantityLast = [
  timesLast,
  new RegExp(`(?<![\\s,;(])[\\s,;(]+(\\d{1,4})\\s*${pieceWord}\\.?\\)?$`, 'i'),
  /(?<![\s,;(])[\s,;(]+(?:x|×|qty|quantity|menge|anzahl|cant\.?|cantidad)[\s.:=]*(\d{1,4})\)?$/i,
];
const behindColon = /(?<!\s)\s*[:=]\s*(\d{1,6})$/;
const placesFirst = new RegExp(`^(${placeRun})(?=$|[\\s:=,;.)])(?:[\\s:=,;)–-]|\\.(?!\\d))*`, 'i');
const placesLast = new RegExp(`(?:^|[\\s,;:(\\[])(${placeRun})[)\\]]?$`, 'i');

/**
 * Parts a line as people write it: `R1-R4 10k 1%`, `4 x resistor 470 (R1, R2, R5, R6)`, `LED red 5 mm x2`.
 *
 * @returns what stands at which place, how many, and the words that say what it is
 */
export function splitLine(text: string): PlainLine {
  let rest = partedFromValue(withFigures(text.replace(bullet, '').trim()));
  let [places, quantity] = ['', ''];
  const take = (found: RegExpExecArray | null): string => {
    if (!found) return '';
    rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`.trim();
    return found[1] ?? '';
  };
  quantity = take(firstOf(rest, ...quantityFirst, timesLast));
  places = take(firstPlaces(rest));
  quantity ||= take(firstOf(rest, ...quantityFirst.slice(0, 1), ...quantityLast) ?? stock(rest));
  places ||= take(lastPlaces(rest));
  return {
    places,
    quantity,
    words: rest.replace(/^[\s,;:=–-]+|(?<![\s,;:=(–-])[\s,;:=(–-]+$/g, ''),
  };
}

/** A dash, or dots that lead on, with blanks about it and a bare number behind it: `R1 - 4` is a range, `R1 - 470 ohm` a place and a value. */
const dashed = new RegExp(
  `(\\d{1,4})\\s+(?:[-–—]|\\.{2,20}|…{1,9})\\s+(\\d{1,4})(?=(\\s*(?:${unit}|turns?\\b|windung|wdg|espiras?\\b|vueltas?\\b|spires?\\b)|$)|\\s)`,
  'u',
);
/** `Q1 - BC109`: no range goes from one letter to another. */
const placeAndNumber = /^([A-Za-z]{1,4})(\d{1,4})\s+[-–—]\s+(?=([A-Za-z]{1,4})\d)/;
const longestRange = 200;

/** `R1 = R2 = 4k7`: several places of one value. */
const equals = /(?<![\p{L}\d])([A-Za-z]{1,4})(\d{1,3})\s?=\s?(?=\1\d{1,3}\s?=)/gu;

function partedFromValue(written: string): string {
  const line = written.replace(equals, '$1$2, ');
  const [apart, letters = '', number = '', others = ''] = placeAndNumber.exec(line) ?? [];
  if (apart !== undefined && letters.toUpperCase() !== others.toUpperCase())
    return line.replace(apart, `${letters}${number}: `);
  const [whole, from = '', to = '', endsValue] = dashed.exec(line) ?? [];
  if (whole === undefined) return line;
  const isValue =
    endsValue !== undefined ||
    Number(to) <= Number(from) ||
    Number(to) - Number(from) > longestRange ||
    typeByNumber(to) !== undefined;
  return isValue ? line.replace(whole, `${from}: ${to}`) : line;
}

/** `LED red: 40`: how many there are, where the words before say what it is; `resistor: 470` is a value. */
function stock(line: string): RegExpExecArray | null {
  const found = behindColon.exec(line);
  const said = found && readWords(line.slice(0, found.index));
  if (!said) return null;
  const needsValue = typeof familyOf(said.part).valueKind === 'object';
  return needsValue && said.part.value.kind === 'none' ? null : found;
}

/** `BC337` is a type, although batteries are called BC too; `M1` is a motor before it is a diode. */
function namesPlaces(found: RegExpExecArray | null): found is RegExpExecArray {
  // “Night light v2” is the second of its kind.
  if (found && found.index > 0 && /^v\d{1,2}$/.test(found[1] ?? '')) return false;
  const first = /^[A-Z]+\d{3,}/i.exec(found?.[1] ?? '')?.[0];
  return found !== null && (first === undefined || !(typeByNumber(first) || isOwnNumber(first)));
}

function firstPlaces(text: string): RegExpExecArray | null {
  const found = withoutType(placesFirst.exec(text));
  return namesPlaces(found) ? found : lastPlaces(text);
}

/** “D1, D2 BAT43”, “Q1, BD140”: a type with other letters is what stands at the places before it, and no place. */
function withoutType(found: RegExpExecArray | null): RegExpExecArray | null {
  const [whole = '', places = ''] = found ?? [];
  const letters = lettersOf(places);
  const type = [...places.matchAll(/(?<![a-z])[a-z]{1,4}\d{1,4}/gi)].find(
    ([name]) => lettersOf(name) !== letters && (typeByNumber(name) || isOwnNumber(name)),
  );
  if (!found || type === undefined || type.index === 0) return found;
  found[0] = whole.slice(0, type.index);
  found[1] = places.slice(0, type.index).replace(/(?<![^a-z\d])[^a-z\d]+$/i, '');
  return found;
}

const lettersOf = (place: string): string => /^[a-z]+/i.exec(place)?.[0].toUpperCase() ?? '';

/** “2 stainless screws M3” names a thread. */
const screws =
  /screw|bolt|\bnuts?\b|washer|spacer|stand-?off|schraub|mutter|scheibe|tornillo|tuerca|\bvis\b|schroef/i;

function lastPlaces(text: string): RegExpExecArray | null {
  const found = placesLast.exec(text);
  if (/^M\d/i.test(found?.[1] ?? '') && screws.test(text)) return null;
  return namesPlaces(found) ? found : null;
}

const headings = ['Designator', 'Quantity', 'Description'] as const;

/** The same of each line, as a table with headings (CSV). */
export const plainLinesAsCsv = (text: string): string =>
  Papa.unparse([
    [...headings],
    ...linesOf(text).map((line) => {
      const { places, quantity, words } = splitLine(line);
      return [places, quantity || String(countOf(places)), words];
    }),
  ]);

const countOf = (places: string): number => {
  const read = readDesignators(places);
  return Math.max(1, read.ok ? read.value.length : 0);
};

/** Without blank lines and titles such as `Kit contents:`; “16 MHz crystal + 2x 22pF” are two parts. */
const linesOf = (text: string): readonly string[] =>
  withoutTitle(
    withoutSections(
      text
        .split(/\r?\n|\s\+\s(?=\d{1,3}\s?[x×]\s)/)
        .filter((line) => line.trim() !== '' && !/^\D*:\s*$/.test(line)),
    ).flatMap(partsOf),
  );

/** Among lines that mostly say how many or where, “Kondensatoren” is a title; among others it may be all that is said. */
function withoutSections(lines: readonly string[]): readonly string[] {
  const others = lines.filter((line) => !isSectionTitle(line) && !isHeadings(line));
  return others.filter(isCounted).length * 2 > others.length ? others : lines;
}

/** “Qty   Part   Value”, in columns of blanks. */
const isHeadings = (line: string): boolean =>
  !/\d/.test(line) && line.split(/\s{2,}/).filter(isHeading).length >= 2;

const beforePlace = new RegExp(`(?<!\\s)\\s*[,;]\\s*(?=${place})`, 'i');

/** “1x 1k2, 1x 3k9”: each with its count; `2 x AA` and `2 x 5 mm` are no counts of another part. */
const counted = /^\d{1,3}\s?[x×]\s/;
const nextCounted = /[,;]\s+(?=\d{1,3}\s?[x×]\s(?!AA|\d{1,2}(?:[.,]\d)?\s?mm))/;

/** “R1 100k, R2 100k, R3, R4 4k7” are three parts: every place, or run of them, has words of its own. */
function partsOf(line: string): readonly string[] {
  const bare = line.replace(bullet, '');
  if (counted.test(bare)) return bare.split(nextCounted);
  const parts: string[] = [];
  let places = '';
  for (const piece of bare.split(beforePlace)) {
    const whole = places === '' ? piece : `${places}, ${piece}`;
    const split = splitLine(whole);
    if (split.places === '') return [line];
    if (split.words === '') {
      places = whole;
      continue;
    }
    parts.push(whole);
    places = '';
  }
  return places === '' && parts.length > 1 ? parts : [line];
}

/** Over lines that mostly say how many or where, a first one that says neither, nor any part, is the kit’s name. */
function withoutTitle(lines: readonly string[]): readonly string[] {
  const [first = '', ...others] = lines;
  const { places, quantity, words } = splitLine(first);
  // “Oscillator MK2” names no microphone.
  const saysWhere = quantity !== '' || !(places === '' || isVersion.test(places));
  if (others.length < fewestUnderTitle || saysWhere) return lines;
  if (!saysList.test(words) && readWords(words)) return lines;
  return others.filter(isCounted).length > others.length / 2 ? others : lines;
}

const saysList =
  /\b(?:kit|contents|parts list|components? list|bom|bill of materials|shopping list|bausatz|st(?:ü|ue?)ckliste|teileliste|einkaufsliste|inhalt|lista de (?:materiales|componentes|piezas)|contenido|nomenclature|liste des composants|onderdelenlijst)\b/i;
const fewestUnderTitle = 3;
const isVersion = /^(?:v|mk)\d{1,2}$/i;

function isCounted(line: string): boolean {
  const { places, quantity } = splitLine(line);
  return places !== '' || quantity !== '';
}

const hasHeadings = (text: string): boolean =>
  Papa.parse<string[]>(text, { delimiter: ',', preview: 50 }).data.some(
    (cells) => cells.filter((cell) => isHeading(cell.trim())).length >= 2,
  );

/** Whether a text is lines as people write them, and no table of columns. */
export function isPlainLines(text: string): boolean {
  if (hasHeadings(text)) return false;
  const lines = linesOf(text);
  const share = (fits: (line: string) => boolean) => lines.filter(fits).length / lines.length;
  if (lines.length === 0 || share((line) => /[\t;|]/.test(line)) > 0.5) return false;
  const rows = Papa.parse<string[]>(lines.slice(0, 50).join('\n'), { delimiter: ',' }).data;
  const width = rows[0]?.length ?? 1;
  // A table has the same columns in every row; `R1, R2: 470` and `R3: 10k` have not.
  if (width === 1 || rows.some(({ length }) => length !== width)) return true;
  const goesOn = rows.filter(([, second = '']) => placesFirst.test(second.trim())).length;
  return width === 2 && (rows.length === 1 || goesOn * 2 > rows.length);
}
