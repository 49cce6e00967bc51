import type { BandColour } from '../bands/colours.ts';
import { plain } from './plain.ts';

interface ColourName {
  /** In the languages of lists, as `plain` leaves them; German endings (“rote”, “roter”) go without saying. */
  readonly words: string;
  /** As suppliers shorten it (common practice). */
  readonly short: string;
  /** In two letters, as on wires: IEC 60757, from memory. */
  readonly code?: string;
  /** In two letters, as German sheets have it (common practice): only where nothing but colours is written. */
  readonly bandCode?: string;
}

const names: Readonly<Record<BandColour, ColourName>> = {
  black: {
    words: 'black schwarz negro negra noir zwart',
    short: 'blk',
    code: 'bk',
    bandCode: 'sw',
  },
  brown: { words: 'brown braun marron cafe brun bruin', short: 'brn', code: 'bn', bandCode: 'br' },
  red: {
    words: 'red rot rojo roja rouge rood rode rosso rossa',
    short: '',
    code: 'rd',
    bandCode: 'rt',
  },
  orange: { words: 'orange naranja oranje arancione', short: 'org', code: 'og', bandCode: 'or' },
  yellow: {
    words: 'yellow gelb amarillo amarilla jaune geel gele giallo',
    short: 'yel',
    code: 'ye',
    bandCode: 'ge',
  },
  green: { words: 'green grun verde vert groen', short: 'grn', code: 'gn' },
  blue: { words: 'blue blau azul bleu blauw', short: 'blu', code: 'bu', bandCode: 'bl' },
  violet: {
    words: 'violet violett purple lila violeta morado morada paars',
    short: 'vio',
    code: 'vt',
    bandCode: 'vi',
  },
  grey: { words: 'grey gray grau gris grijs', short: 'gry', code: 'gy', bandCode: 'gr' },
  white: {
    words: 'white weiss blanco blanca blanc blanche wit bianco',
    short: 'wht',
    code: 'wh',
    bandCode: 'ws',
  },
  pink: { words: 'pink rosa rose roze', short: '', code: 'pk' },
  gold: { words: 'gold dorado oro goud', short: 'gld', bandCode: 'go' },
  silver: { words: 'silver silber plata plateado argent zilver', short: 'slv', bandCode: 'si' },
};

const lookUp = (of: (name: ColourName) => string): ReadonlyMap<string, BandColour> =>
  new Map(
    (Object.entries(names) as [BandColour, ColourName][]).flatMap(([colour, name]) =>
      of(name)
        .split(' ')
        .filter(Boolean)
        .map((word) => [word, colour] as const),
    ),
  );

const inWords = lookUp(({ words, short, code = '' }) => `${words} ${short} ${code}`);
const inBands = lookUp(({ bandCode = '' }) => bandCode);

/** The colour that a plain word says: `rot`, `roter`, `grn`, `ye`; undefined where it says none. */
export const colourIn = (word: string): BandColour | undefined =>
  inWords.get(word) ?? inWords.get(word.replace(/e[rns]?$/, ''));

/** The same where nothing but colours is written, so that `or` and `si` are some too. */
export const bandColourIn = (word: string): BandColour | undefined =>
  colourIn(word) ?? inBands.get(word);

/** The colours that a text names, in its order. */
export const coloursIn = (text: string): readonly BandColour[] =>
  plain(text)
    .split(/[^a-z]+/)
    .flatMap((word) => colourIn(word) ?? []);
