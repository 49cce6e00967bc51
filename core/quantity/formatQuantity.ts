import { type UnitId, units } from './unit.ts';

interface Scaled {
  readonly mantissa: number;
  readonly prefix: string;
}

/**
 * Writes a value for people: `4.7 kΩ`, `100 nF`, `10 µF`. Four significant digits (six for frequencies, since
 * crystals differ by less), no trailing noughts.
 *
 * @param amount in the base unit, 0 or more
 */
export function formatQuantity(amount: number, unitId: UnitId): string {
  const { mantissa, prefix } = scale(amount, unitId);
  return `${trimmed(mantissa, unitId)} ${prefix === 'u' ? 'µ' : prefix}${units[unitId].symbol}`;
}

/**
 * Writes a value in the letter and digit code of IEC 60062: `4k7`, `R47`, `4n7`, `100n`.
 *
 * @param amount in the base unit, 0 or more, of at most four significant digits
 */
export function formatLetterCode(amount: number, unitId: UnitId): string {
  const { mantissa, prefix } = scale(amount, unitId);
  const letter = prefix || units[unitId].pointLetter;
  const [whole = '0', decimals = ''] = trimmed(mantissa, unitId).split('.');
  return `${whole === '0' && decimals ? '' : whole}${letter}${decimals}`;
}

function scale(amount: number, unitId: UnitId): Scaled {
  const steps = [['', 0] as const, ...Object.entries(units[unitId].prefixes)]
    // Resistances below an ohm are written R47 and 0.47 Ω, not 470 mΩ, in parts lists (common practice).
    // Large cans carry 1000 µF and never 1 mF.
    .filter(
      ([, power]) => !(unitId === 'ohm' && power < 0) && !(unitId === 'farad' && power === -3),
    )
    .sort((a, b) => b[1] - a[1]);
  const lowest = steps[steps.length - 1] ?? (['', 0] as const);
  if (amount === 0) return { mantissa: 0, prefix: unitId === 'ohm' ? '' : lowest[0] };
  // Four significant digits first, so that 999.96 becomes 1 k and not 1000.
  const rounded = Number(amount.toPrecision(digits(unitId)));
  const [prefix, power] = steps.find(([, p]) => rounded >= Number(`1e${p}`)) ?? lowest;
  return { mantissa: Number((rounded / Number(`1e${power}`)).toPrecision(digits(unitId))), prefix };
}

const digits = (unitId: UnitId): number => (unitId === 'hertz' ? 6 : 4);

function trimmed(value: number, unitId: UnitId): string {
  return String(Number(value.toPrecision(digits(unitId))));
}
