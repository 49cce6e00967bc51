import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';
import { series } from './series.ts';

/** Letters of the EIA-96 marking and the power of ten they multiply by (from memory of EIA-96). */
const eia96Power: Readonly<Record<string, number>> = {
  Z: -3,
  Y: -2,
  R: -2,
  X: -1,
  S: -1,
  A: 0,
  B: 1,
  H: 1,
  C: 2,
  D: 3,
  E: 4,
  F: 5,
};
// Where two letters mean the same power, this is the one to print.
const eia96Letter = ['Z', 'Y', 'X', 'A', 'B', 'C', 'D', 'E', 'F'];

/**
 * Reads the print of a chip resistor in ohms: three digits (`103`), four digits (`1002`), R for the point (`4R7`,
 * `R47`, `49R9`) or EIA-96 (`01C`). `0`, `00`, `000` and `0000` are a zero-ohm link.
 */
export function readChipCode(print: string): Result<number, Said> {
  const text = print.trim().toUpperCase();
  if (/^0{1,4}$/.test(text)) return ok(0);

  const plain = text.match(/^(\d{2,3})(\d)$/);
  if (plain) return ok(Number(`${plain[1]}e${plain[2]}`));

  const point = text.match(/^(\d*)R(\d*)$/);
  if (point && `${point[1]}${point[2]}` !== '')
    return ok(Number(`${point[1] || 0}.${point[2] || 0}`));

  const eia = text.match(/^(\d{2})([A-Z])$/);
  const power = eia?.[2] === undefined ? undefined : eia96Power[eia[2]];
  const value = series.E96[Number(eia?.[1]) - 1];
  if (power !== undefined && value !== undefined) {
    return ok(Number(`${Math.round(value * 100)}e${power}`));
  }
  return fail(said('ui.quantity.isNotAChipResistorCodeWrite', { print: print.trim() }));
}

/**
 * The print of a chip resistor with so many digits, or undefined where that many digits do not hold the value.
 *
 * @param digits 3 (two significant digits) or 4 (three significant digits)
 */
export function chipCode(ohm: number, digits: 3 | 4): string | undefined {
  const significant = digits - 1;
  if (ohm === 0) return '0'.repeat(digits);
  if (!(ohm > 0) || Math.abs(Number(ohm.toPrecision(significant)) / ohm - 1) > 1e-9)
    return undefined;
  const lowestPlain = 10 ** (significant - 1);
  if (ohm < lowestPlain) {
    const [whole = '', decimals = ''] = ohm
      .toFixed(significant)
      .replace(/(?<!0)0+$/, '')
      .split('.');
    const print = `${whole === '0' ? '' : whole}R${decimals}`.padEnd(digits, '0');
    return print.length === digits ? print : undefined;
  }
  const [mantissa = '', power = ''] = ohm.toExponential(significant - 1).split('e');
  const noughts = Number(power) - significant + 1;
  return noughts > 9 ? undefined : `${mantissa.replace('.', '')}${noughts}`;
}

/** The EIA-96 print of a value of E96 from 0.1 ohm to below 100 megohm, or undefined for any other value. */
export function eia96Code(ohm: number): string | undefined {
  if (!(ohm > 0)) return undefined;
  const [mantissa = '', power = ''] = ohm.toExponential(2).split('e');
  if (Math.abs(Number(`${mantissa}e${power}`) / ohm - 1) > 1e-9) return undefined;
  const index = series.E96.indexOf(Number(mantissa));
  const letter = eia96Letter[Number(power) - 2 + 3];
  return index < 0 || letter === undefined
    ? undefined
    : `${String(index + 1).padStart(2, '0')}${letter}`;
}
