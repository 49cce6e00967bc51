/**
 * The outcome of reading something a person wrote: either the value, or a problem that can be shown to
 * that person. Used where bad input is expected; exceptions are kept for mistakes in the program.
 */
export type Result<Value, Problem> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly problem: Problem };

export const ok = <Value>(value: Value): { readonly ok: true; readonly value: Value } => ({
  ok: true,
  value,
});

export const fail = <Problem>(
  problem: Problem,
): { readonly ok: false; readonly problem: Problem } => ({
  ok: false,
  problem,
});
