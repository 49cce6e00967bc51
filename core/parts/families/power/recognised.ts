import type { RecognisedBy } from '../recognisedBy.ts';

/** What cells are put into or clipped onto: the number of a cell beside it says only which. */
const holdsCells =
  /(?:holder|halter|halterung|houder|clip|clips|case|box|kasten|fach|retainer|socket|fassung)\b|\b(?:porte|porta\w*|soporte|caja|support|boitier|coupleur|connector|snap)\b/;

/** Two signs, either of which will do. */
const either = (one: RegExp, other: RegExp): RegExp => new RegExp(`${one.source}|${other.source}`);

/** See RecognisedBy. */
export const power = {
  'battery-clip': {
    assumedFor: null,
    // Metal clips for a single cell are something else.
    not: /\b(aaa?|cr ?\d{4}|18650)\b/,
  },
  'battery-holder': {
    assumedFor: null,
    not: /\b(cr\d{4}|lr\d{2}|coin|button|knopfzellen?)\b|knopfzellen/,
  },
  battery: {
    assumedFor: null,
    // A battery that says which one it is, is one of the four kinds of cells.
    not: /holder|halter|houder|clip|case|box|fach|porte|porta|connector|snap|\b(aaa?|cr\d{4}|lr\d{1,4}|6f22|pp3|9 ?v|18650|lipo|li-?ion|lithium|mignon|coin|button)\b|knopf|\bsolar\w*|solarzelle/,
  },
  'block-9v': {
    assumedFor: null,
    types: [
      /\b9 ?V\b.*\b(?:battery|batterie|batterij|pila|pile|block)\b/i,
      /\b(6F22|6LR61|6LF22|PP3|E-?Block)\b/i,
    ],
    not: either(holdsCells, /\blead\b/),
  },
  'coin-cell': {
    assumedFor: null,
    types: [/(?<![-\w])(CR|LR|SR|BR|AG)\d{1,4}[WH]?\b/],
    not: holdsCells,
  },
  'coin-holder': {
    assumedFor: null,
    needs: /\b(cr\d{4}|lr\d{2,4}|coin|button|bouton|boton)\b|knopf|knoopcel/,
    // “CR2032 + holder” is both of them.
    not: /\d\w?\s?(?:\+|&|with|and|mit|und|con|y|avec|et)\s?(?:holder|halter|porta\w*|support)\b/,
  },
  'fuse-holder': {
    assumedFor: null,
    // These sit in a wire, or in the case.
    not: /\b(?:in-?line|panel|chassis|chasis|einbau\w*)\b/,
  },
  'fuse-resettable': {
    assumedFor: null,
    not: /\b(holder|halter|smd|smt|0805|1206|1210|1812|2920|thermistor|ntc)\b/,
  },
  fuse: {
    assumedFor: null,
    // Not the glass tube that is drawn here: a disc that comes back by itself, one like a resistor, one like a transistor.
    not: /\b(holder|halter|clips?|sockel|porte|porta|houder|poly\w*|resettable|ruckstellend\w*|rearmable\w*|rearmable|ptc|pptc|multifuse|pico\w*|axial|fusible resistor|smd|0603|0805|1206|1210|1812|thermal|thermo\w*|tr5|radial|blade|kfz)\b/,
  },
  'lithium-cell': {
    assumedFor: null,
    types: [/\b(18650|14500|16340|21700|10440|Li-?Po|LiIon|Li-?Ion|LiFePO4)\b/i],
    not: either(
      holdsCells,
      /\b(charger|lader|laderegler|coin|button|knopf\w*|cr\d{4}|tp4056)\b|knopfzelle/,
    ),
  },
  'round-cell': {
    assumedFor: null,
    types: [
      /(?<![-–~.…])\b(AAA?|LR0?3|LR6|LR14|LR20|R6|R03|HR6|HR03|Mignon|Micro(zelle|batterie))\b/,
    ],
    not: holdsCells,
  },
  'solar-cell': {
    assumedFor: null,
    not: /\b(battery|batterie|accu|akku|lipo|charger|laderegler|controller|regler|motor|holder|halter)\b/,
  },
} as const satisfies RecognisedBy;
