/** Nets that are plus by their name, the one nearest to the supply first (common practice). */
export const plusNames = [
  /^\/?(?:v?bat(?:t(?:ery)?)?\+?|vin|v_?in|dc_?in|\+?vsupply)$/i,
  /^\/?(?:v\+|\+v|vcc|vdd|vs|\+\d+v\d*|\d+v\d*|vbus|v_?supply|\+?\d+(?:[.,]\d+)?\s?v)$/i,
];

export const isPlus = (net: string): boolean => plusNames.some((names) => names.test(net));

/** What plus is also called, but a signal as well: only beside minus at a connector, where nothing else is plus (common practice). */
export const perhapsPlus =
  /^\/?(?:\+|\+?in\+?|input\+?|plus|pos(?:itive)?|pwr|power\+?|dc\+?|supply\+?|\+?u_?b\+?|u\+|raw)$/i;
