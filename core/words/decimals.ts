/** Languages that write 4.7 as 4,7 (Unicode CLDR). */
const withComma = new Set(['de', 'es']);

/** A number, alone or with its unit: `4.7 kΩ`, `−0.5`, `10.2 mm`, `12.5 %`. */
const quantity =
  /(?<![\d.\w-])([−-]?\d+)\.(\d+)(?=(?:\s?(?:%|°C|[pnµumkMG]?(?:Ω|F|H|V|A|W|Hz|m|g|s|J)|min|h|€))?(?![\w.]))/gu;

/**
 * Decimals as a language writes them. Only whole quantities are changed: type numbers (`LM1117-3.3`), addresses and
 * versions stay.
 */
export const withDecimals = (text: string, language: string): string =>
  withComma.has(language.slice(0, 2)) ? text.replace(quantity, '$1,$2') : text;
