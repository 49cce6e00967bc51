import { smdApart } from '../parts/packages/readPackage.ts';
import { readCapacitorCode } from '../quantity/capacitorCode.ts';
import type { UnitId } from '../quantity/unit.ts';
import { bandsIn } from './cells/bandWords.ts';
import { bandColourIn } from './colourNames.ts';
import { plain } from './plain.ts';
import { textsInSingular } from './plural.ts';

export interface Evidence {
  /** Everything the row says about the part. */
  readonly text: string;
  /** The same without its footprint: in that, makers' words and outlines make no other part of it. */
  readonly called?: string;
  readonly designators: readonly string[];
}

export interface Look {
  /** Lower case, without accents. */
  readonly plainText: string;
  /** As written, up to what the part is for. */
  readonly aboutText: string;
  /** The same without a footprint beside it. */
  readonly calledText: string;
  /** How the line says that it is fixed, by a word; undefined where it says nothing, or both. */
  readonly mount: 'through' | 'surface' | undefined;
  /** The words of the text with blanks around each, for looking up runs of words; in the singular as well. */
  readonly words: string;
  /** As written, and the words of it, up to what comes with the part: “LM317T with heat sink” is an LM317T. */
  readonly headText: string;
  readonly headWords: string;
  readonly tokens: readonly string[];
  readonly units: ReadonlySet<UnitId>;
  /** Nothing is written but values: no word tells what it is. */
  readonly onlyValues: boolean;
  /** Three digits or more that a capacitor could have on it. */
  readonly code: boolean;
}

export type Read = Evidence & Look;

const withWhat = /(?:\s(?:with|mit|con|avec|met|incl\w*|inkl\w*)\s|\s\+\s|\sw\/).*$/i;
// “Base para CI”: the name of a socket goes on behind it.
const whatFor =
  /\s(?:for|für|fur|pour|para|voor|zu|zum|zur)\s(?!(?:ci|ic|dip|integrados?|circuitos? integrados?)(?![\p{L}\d])).*$/iu;

/** What a line looks like, before anybody says what it is. */
export function look({ text, called = text, designators }: Evidence): Look {
  // LED4 “5 mm red”: the name of the place is the word for what stands there.
  const place = isNamedByPlace(designators) ? `${lettersOf(designators)} ` : '';
  const plainText = plain(parted(`${place}${text}`));
  // “Knob for a potentiometer” is no potentiometer, and a “socket for IN-12” no tube.
  const about = plainText.replace(whatFor, '');
  const wordsOf = (text: string) =>
    textsInSingular(text)
      .map((one) => ` ${one.replace(/[^a-z0-9-]+/g, ' ')} ${one.replace(/[^a-z0-9]+/g, ' ')} `)
      .join('');
  const tokens = plainText.split(/[^a-z0-9.,µωΩ%]+/).filter((token) => token !== '');
  const letters = lettersOf(designators);
  const units = unitsIn(text, letters);
  const code = tokens.some((token) => /^\d{3}[a-z]?$/.test(token) && readCapacitorCode(token).ok);
  // Nothing but the colours of its bands, where a resistor stands.
  if (letters === 'R' && bandsIn(text)) units.add('ohm');
  // A bare number is ohms, unless it may be the print of a capacitor, or stands where crystals do.
  if (/^\d+([.,]\d+)?$/.test(text.trim())) {
    if (/^(X|Y|XTAL)$/.test(letters)) units.add('hertz');
    else if (!(code || isOtherPlace(letters)) || letters === 'R') units.add('ohm');
  }
  return {
    plainText,
    aboutText: text.replace(whatFor, ''),
    calledText: parted(called).replace(whatFor, ''),
    mount: mountIn(plainText),
    // Hyphens part words in some languages and join them in others, so both readings count.
    words: wordsOf(about),
    headText: text.replace(whatFor, '').replace(withWhat, ''),
    headWords: wordsOf(about.replace(withWhat, '')),
    tokens,
    units,
    onlyValues: !tokens.some(
      (token) =>
        /^[a-z]{2,}$/.test(token) &&
        !valueWords.has(token) &&
        !(letters === 'R' && bandColourIn(token) !== undefined),
    ),
    code,
  };
}

function mountIn(plainText: string): Look['mount'] {
  const isSurface = /\b(smd|smt|cms|surface[ -]mount(ed)?)\b/.test(plainText);
  const isThrough = /\b(tht?|t\/h|pth|through[ -]?hole|thru[ -]?hole|bedrahtet)\b/.test(plainText);
  if (isSurface === isThrough) return undefined;
  return isSurface ? 'surface' : 'through';
}

/** Names of footprints part their words by underscores or capitals: `AudioJack3`. */
const parted = (text: string): string =>
  smdApart(text)
    .replace(/_/g, ' ')
    // `LED3MM`
    .replace(/\b(LED)(?=\d{1,2}\s?mm\b)/i, '$1 ')
    .replace(/(?<![\p{L}\d])(\p{Lu}\p{Ll}{2,})(\p{Lu}\p{Ll}{2,})(\d*)(?![\p{L}\d])/gu, '$1 $2 $3');

/** Words that belong to a value and say nothing about the part. */
const valueWords = new Set([
  'ohm',
  'ohms',
  'kohm',
  'mohm',
  'uf',
  'nf',
  'pf',
  'uh',
  'mh',
  'mhz',
  'khz',
  'watt',
  'volt',
  'pcs',
  'stk',
  'tol',
  // Carbon and metal film.
  'cf',
  'mf',
]);

/** Places that are named by the word for the part itself (common practice). */
const namedByPlace: ReadonlySet<string> = new Set(['LED', 'LDR', 'NTC', 'FB']);

/** Whether the names of its places say what a part is. */
export const isNamedByPlace = (designators: readonly string[]): boolean =>
  namedByPlace.has(lettersOf(designators));

/** Where capacitors or coils stand, a number alone is no resistance. */
const isOtherPlace = (letters: string): boolean => letters === 'C' || letters === 'L';

/** The letters of the first place name; empty where there is none. */
export const lettersOf = (designators: readonly string[]) =>
  designators[0]?.match(/^[A-Z]+/)?.[0] ?? '';

const unitSigns: Readonly<Partial<Record<UnitId, RegExp>>> = {
  ohm: /\d\s*(?:(k|m)\s*)?(ohm|Ω|Ω)|\b\d+[kKMRrE]\d*[FGJKM]?\b|\b\d+([.,]\d+)?\s*[kKM]\b|^\s*R\s*\d+/i,
  farad: /\d\s*[pnuµμ]F?(?![\p{L}\d])|\d[pnuµμ]\d/u,
  henry: /\d\s*[unmµμ]H\b/,
  hertz: /\d\s*[kM]Hz\b/i,
  volt: /\d\s*V(DC)?\b|\dV\d/i,
};

/** Letter cases differ by what people mean: m of mH against M of MΩ, so each sign looks at the text as written. */
function unitsIn(text: string, letters: string): Set<UnitId> {
  const found = new Set<UnitId>();
  // 5mm is a size, not five megohms with the letter of a tolerance; 2m is a length, unless it is at a resistor's place.
  const withoutSizes = text
    // `600R@100MHz`: a bead is so many ohms at that frequency.
    .replace(/@\s?\d+\s?[kM]?Hz\b/gi, ' ')
    .replace(/(?<!\d)\d+([.,]\d+)?\s?mm\b/gi, ' ')
    .replace(/(?<!\d)\d+([.,]\d+)?\s?m\b/g, letters === 'R' ? '$&' : ' ');
  for (const [unit, sign] of Object.entries(unitSigns) as [UnitId, RegExp][]) {
    if (sign.test(withoutSizes)) found.add(unit);
  }
  // 10UF and 100NF, as old sheets write them.
  if (/\d\s*[PNU]F\b/.test(text)) found.add('farad');
  if (found.has('hertz') || found.has('farad') || found.has('henry')) found.delete('ohm');
  // “Y1 222M” at C12 is a print, and no resistance without its sign.
  if (isOtherPlace(letters) && !/ohm|Ω|Ω/i.test(text)) found.delete('ohm');
  return found;
}
