/** A length as people write it, with a point or a comma; undefined where it is none, or beyond its limits. */
export function millimetres(text: string, least: number, most: number): number | undefined {
  const mm = Number(text.trim().replace(',', '.'));
  return text.trim() !== '' && mm >= least && mm <= most ? mm : undefined;
}
