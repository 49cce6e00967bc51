/** `things` with `thing` in the place of the one called `name`; behind them all where there is none. */
export function withNamed<Thing extends { readonly name: string }>(
  things: readonly Thing[],
  name: string | undefined,
  thing: Thing,
): Thing[] {
  const at = things.findIndex((one) => one.name === name);
  return at < 0 ? [...things, thing] : things.with(at, thing);
}
