import type { UnitId } from '../../quantity/unit.ts';

// What stands beside a value and is none: sizes, watts, lengths, voltages, counts, names of bodies.

/** −20/+80 %, in either order. */
const bothPercents = /[+-]\s?\d{1,3}\s?%?\s?\/?\s?[+-]\s?\d{1,3}\s?%/g;
const percent = /(?<![±+-])(?:\+\s?\/\s?-|[±+-]*)(?<!\s)\s*(?<!\d)\d+([.,]\d+)?\s*%/g;
const volts = /[-–]?(?<!\d)\d+([.,]\d+)?\s?k?V(DC|AC|~|=)?(?![a-zA-Z])/gi;
/** `6V3` beside a capacitance. */
const voltsParted = /(?<![\w.,])\d{1,2}V\d(?![\d\p{L}])/gu;
const bodies =
  /\b(0402|0603|0805|1206|1210|1812|2010|2512)\b(?!\s*(pF|nF|uF|ohm|Ω))|\d{4}metric\b|\b(to|sot|sod|do|dip|dil|so|soic|sil|sip|hc)-?\s?\d+(\/\w+)?\b/gi;
const measures =
  /((?<!\d)\d+([.,/]\d+){0,4}\s*(watt|w|mm|cm|mil)\b|\bp\d+([.,]\d+)?mm\b|\b[dlwh]\d+([.,]\d+)?(mm)?\b)/gi;
/** Milliamperes; `1MA` are megohms with a taper. */
const currents = /(?<!\d)\d+([.,]\d+)?\s?m[Aa]\b/g;
const amperes = /(?<!\d)\d+([.,]\d+)?\s?A\b/g;
const sizes =
  /(^|[\s(])\d{1,2}([.,]\d)?\s*[x×*]\s*\d{1,2}([.,]\d+)?(\s*[x×*]\s*\d+([.,]\d+)?)?(\s*mm)?(?=[\s),;]|$)/gi;
/** `2 x 10k`, `x2`, `8x10k`: how many, not how much. */
const counts = /(^|[\s(])\d{1,2}\s*[x×]\s*(?=\d)|(^|\s)x\s?\d{1,3}(?=\s|$)/gi;
/** How many legs, turns or ways it has, in the languages of lists. */
const legs =
  /(?<![\d.,])\d{1,3}(?:[.,]\d)?[ -]?(?:pins?|legs?|leads?|lugs?|terminals?|contacts?|turns?|gangs?|ways?|poles?|positions?|pol(?:ig\w*)?|beine?|beinig\w*|gäng\w*|umdrehungen|anschl(?:uss|üsse?)|kontakte?|stufen|pines|patas|patillas|terminales|vueltas|broches|pattes|tours|voies|piedini|giri|pootjes|slag\w*|polen|pens|pos)(?![\p{L}\d])/giu;
/** `10K 9P`: pins of a network; of a capacitor they are picofarads. */
const pins = /(?<=\s)\d{1,2}P\b/g;
const bands = /\b[3-6][ -]?(bands?|ringe?|bandas)\b/gi;
const temperatures = /\b\d+\s?°C\b/g;

/** A cell without what only looks like its value. */
export function withoutExtras(cell: string, unit: UnitId): string {
  const bare = cell
    .replace(/[“”"]/g, ' ')
    .replace(bothPercents, ' ')
    .replace(percent, ' ')
    .replace(unit === 'volt' ? /$^/ : volts, ' ')
    .replace(unit === 'farad' ? voltsParted : /$^/, ' ')
    .replace(unit === 'henry' ? amperes : /$^/, ' ')
    .replace(bands, ' ')
    .replace(legs, ' ')
    .replace(unit === 'ohm' ? pins : /$^/, ' ')
    .replace(bodies, ' ')
    .replace(sizes, ' ')
    .replace(measures, ' ')
    .replace(currents, ' ')
    .replace(counts, '$1 ')
    .replace(unit === 'farad' ? /$^/ : temperatures, ' ');
  return (
    bare
      // “1000uF x 16V”
      .replace(/(?<!\s)\s*(?:[/|;,]|\sx(?=\s*$))\s*(?=$|\s)/g, ' ')
      .replace(/^[\s/|;,]+/, '')
      .replace(/\s+/g, ' ')
      .trim()
  );
}
