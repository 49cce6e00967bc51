import { isToleranceLetter, toleranceLetters } from '../../quantity/toleranceLetter.ts';

// What a line says beside the value: tolerance, rated voltage, pins, how many.

export interface Tolerance {
  readonly tolerancePercent: number;
  /** Below the value, where it differs: −20 / +80 %. */
  readonly minusPercent?: number;
}

const number = (text: string) => Number(text.replace(',', '.'));

/** Per cent of a tolerance cell or of a tolerance written into a longer text; undefined where there is none. */
export function findTolerance(cell: string): Tolerance | undefined {
  const both = /-\s?(\d{1,2})\s?%?\s?\/?\s?\+\s?(\d{1,3})\s?%/.exec(cell);
  if (both?.[1] && both[2]) {
    return { tolerancePercent: number(both[2]), minusPercent: number(both[1]) };
  }
  const plusFirst = /\+\s?(\d{1,3})\s?%?\s?\/?\s?-\s?(\d{1,2})\s?%/.exec(cell);
  if (plusFirst?.[1] && plusFirst[2]) {
    return { tolerancePercent: number(plusFirst[1]), minusPercent: number(plusFirst[2]) };
  }
  const percent = /(\d{1,3}(?:[.,]\d{1,3})?)\s*%/.exec(cell)?.[1];
  if (percent) return { tolerancePercent: number(percent) };
  const letter = cell.trim().toUpperCase();
  if (isToleranceLetter(letter)) return ofLetter(letter);
  return /^\d{1,3}([.,]\d{1,3})?$/.test(cell.trim())
    ? { tolerancePercent: number(cell.trim()) }
    : undefined;
}

export function ofLetter(letter: keyof typeof toleranceLetters): Tolerance {
  const { plusPercent, minusPercent } = toleranceLetters[letter];
  return plusPercent === minusPercent
    ? { tolerancePercent: plusPercent }
    : { tolerancePercent: plusPercent, minusPercent };
}

/** Volts of a cell (`16 V`, `6.3`) or of a longer text, where the unit must be there. */
export function findVolt(cell: string, description: string): number | undefined {
  const own = /^(\d{1,5}(?:[.,]\d{1,2})?)\s*(k?)V?(?:DC|AC|~|=)?$/i.exec(cell.trim());
  // `6V3` is 6.3 V; the V of `16V1uF` parts two figures.
  const parted = /(?:^|[^\d.,])(\d{1,2})V(\d)(?![\d\p{L}])/iu.exec(`${cell} ${description}`);
  if (parted?.[1]) return number(`${parted[1]}.${parted[2]}`);
  // `25V` may touch what stands before and after it: `16V100uF`, `100u/25V`.
  const found =
    own ??
    /(?:^|[^\d.,])(\d{1,5}(?:[.,]\d{1,2})?)\s?(k?)V(?:DC|AC|~|=)?(?![a-zA-Z])/i.exec(description);
  return found?.[1] === undefined ? undefined : number(found[1]) * (found[2] ? 1000 : 1);
}

/** What is sold by a number of pins that is written `8P`. */
const countedInP =
  /\b(?:sockets?|sockel|\w*fassung|z[oó]calo|headers?|networks?|\w*netzwerk|array|terminals?|\w*klemme|\w*leiste)\b/i;

/** `1x06`, `5X2`: rows and columns of pins, either first; “2X5.5” is the size of a plug, “2x12 V” of a transformer. */
const rowsOfPins =
  /(?<![\d.,])0?(?:([12])\s?x\s?0?(\d{1,2})|(\d{1,2})\s?x\s?0?([12]))\b(?![.,]\d)(?!\s?(?:x|mm|aa|cr|(?:va|[vaw])\b))/i;

/** Pins of a cell (`8`) or as written in a longer text (`DIP-8`, `8 pin`, `2-way`, `8-polig`, `1x06`). */
export function findPins(cell: string, description: string): number | undefined {
  if (/^\d+$/.test(cell.trim())) return Number(cell);
  const text = description.replace(/_/g, ' ');
  const grid = gridIn(text);
  const counted = countedPins(text);
  // “Header 5X2”, and “5-pin, dual row” beside it: so many in each row.
  const ofEachRow = grid ? countedPins(text.replace(grid.written, ' ')) : undefined;
  const isOfRow = ofEachRow !== undefined && grid?.sides.includes(ofEachRow);
  return isOfRow ? grid?.pins : (counted ?? grid?.pins);
}

/** Of a display the two numbers are lines and characters. */
function gridIn(text: string) {
  const found = /\b(lcd|display|anzeige|pantalla)\b/i.test(text) ? null : rowsOfPins.exec(text);
  if (!found) return undefined;
  const sides = found.slice(1).filter(Boolean).map(Number);
  return { written: found[0], sides, pins: sides.reduce((product, side) => product * side, 1) };
}

function countedPins(text: string): number | undefined {
  const match =
    /\b(?:DIP|DIL|SOIC|SOP|SO|PDIP|SIP|SIL)\s?-?\s?(\d{1,2})\b(?!\s?(?:x\b|res|wid))/i.exec(text) ??
    /\b(\d{1,2})\s?-?\s?(?:pins?|pens|legs?|leads?|ways?|pol(?:ig|es?|os)?|poles?|pos|pines|patas|patillas|beinig|broches|plots|bornes|vias|v[ií]as|p[oôó]l(?:e|o)s|contacts?|contactos|kontakte|adrig)\b/i.exec(
      text,
    ) ??
    /\b(?:socket|sockel|fassung|zocalo|support|voet(?:je)?)\s(\d{1,2})\b(?![.,]\d|\s?(?:mm|V|A)\b)/i.exec(
      text,
    ) ??
    /\b(\d{1,2})[ -](?:pin|pol)[ -]?(?:socket|sockel|fassung)\b/i.exec(text);
  if (match) return Number(match[1]);
  // Plugs and terminals are sold by poles: “XH2.54-3P”; 22P alone are picofarads.
  const poles =
    /\b(?:KF|DG|XH|PH|ZH|EH|VH|JST)[\w.]{0,5}[ -](\d{1,2})P\b/i.exec(text) ??
    (countedInP.test(text) ? /(?<![\w.,])(\d{1,2})P\b/.exec(text) : null);
  return poles ? Number(poles[1]) : undefined;
}

/** `DPDT`, `2P2T`, `2xUM`: poles and throws, a lug for each throw and one in the middle (common practice). */
const polesAndThrows = /\b(?:([1-4sd])p([12sd])t|([1-4])\s?x\s?(um|ein))\b/i;
const spelled: Readonly<Record<string, number>> = { s: 1, d: 2, ein: 1, um: 2 };

const poles = /\b(?:[1-9]\s?-?|double|zwei|doppel)\s?-?(?:pol|ways?\b|pos)\w*/i;

/**
 * How many lugs a switch has that goes over from one contact to another: a number of pins, or of poles with what each
 * of them does. Poles alone do not tell: `unclear`.
 */
export function findLugs(cell: string, text: string): number | 'unclear' | undefined {
  const [, ofEach, throws, times, does] = polesAndThrows.exec(text.toLowerCase()) ?? [];
  const numberOf = (word = '') => spelled[word] ?? Number(word);
  const told = numberOf(ofEach ?? times) * (numberOf(throws ?? does) + 1);
  const counted = findPins(cell, text.replace(new RegExp(poles.source, 'gi'), ' '));
  return counted ?? (told || (poles.test(text) ? 'unclear' : undefined));
}

/** Switches side by side in one body, `DIP switch 8`, `4fach`, `8-way`; undefined where nothing tells. */
export function findWays(text: string): number | undefined {
  const found =
    /\b(?:switch|schalter|schakelaar|interruptor)\s(\d{1,2})\b/i.exec(text) ??
    /\b(\d{1,2})[ -]?(?:fach|ways?|pos|positions?|posiciones|vias|pol(?:ig)?|bit)\b/i.exec(text);
  return found ? Number(found[1]) : undefined;
}

const counting =
  /^(?:x\s*)?(\d{1,4})(?:[.,]0+)?\s*(?:x|pcs?|pieces?|st(?:k|u?ck)?|ea(?:ch)?|off|nos?|szt|uds?|u|unid(?:ades)?|pz(?:as)?|pieces?|pieza?s?|stuks?)?\.?$/i;

/** A number of pieces as people write it: `2`, `2 St.`, `2 Stück`, `2 ea`, `x2`, `10pcs`; undefined for anything else. */
export function readCount(cell: string): number | undefined {
  const plain = cell.normalize('NFD').replace(/\p{M}/gu, '').trim();
  const found = counting.exec(plain)?.[1];
  const count = found === undefined ? 0 : Number(found);
  return count > 0 ? count : undefined;
}

/** `30 cm`: wire is sold by its length; “0,5” has its unit in another column. */
export const isLength = (cell: string): boolean =>
  /^\d{1,4}(?:[.,]\d{1,2})?\s?(?:mm|cm|m)$|^\d{1,3}[.,]\d{0,1}[1-9]$/i.test(cell.trim());

/** How many a value cell names: `2 x 10k`, `10k x2`; undefined where it names none. */
export function countBesideValue(cell: string): number | undefined {
  const found = /^(\d{1,2})\s*[x×]\s+(?=\d)/i.exec(cell) ?? /\s[x×]\s?(\d{1,3})$/i.exec(cell);
  return found ? Number(found[1]) : undefined;
}
