/** Nets that are minus by their name, as board programs and schematics call them (common practice). */
const minusNames = /^\/?(?:[ad]?gnd|ground|vss|0\s?v|masse|com|minus|neg)$/i;

export const isMinus = (net: string): boolean => minusNames.test(net);
