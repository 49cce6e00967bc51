/** Names of leads by the letters that tables use for them. */
const bipolar = { B: 'base', C: 'collector', E: 'emitter' } as const;
const fieldEffect = { G: 'gate', D: 'drain', S: 'source' } as const;
const regulator = { I: 'input', G: 'ground', O: 'output', A: 'adjust' } as const;
const thyristor = { A: 'anode', K: 'cathode', G: 'gate', 1: '1st main', 2: '2nd main' } as const;
const reference = { R: 'reference', A: 'anode', K: 'cathode', N: 'not used' } as const;
const sensor = { V: 'supply', O: 'output', G: 'ground', D: 'data' } as const;

export const pinLetters = { bipolar, fieldEffect, regulator, thyristor, reference, sensor };

/** `CBE` to collector, base, emitter; a `?` behind it says that makers differ. */
export function pinsOf(
  letters: Readonly<Record<string, string>>,
  order: string,
): { readonly pinout: readonly string[]; readonly makersDiffer?: true } {
  const pinout = [...order.replace('?', '')].map((letter) => {
    const name = letters[letter];
    if (name === undefined) throw new Error(`no lead is called ${letter}`);
    return name;
  });
  return order.endsWith('?') ? { pinout, makersDiffer: true } : { pinout };
}
