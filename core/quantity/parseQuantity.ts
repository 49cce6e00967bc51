import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';
import { type UnitId, units } from './unit.ts';

const looksLikeOneNumber = /^\d+(?:[.,]\d+)?$|^[.,]\d+$/;

/**
 * Reads one value as people and kits write it, in the unit given.
 *
 * Accepts the letter and digit code of IEC 60062 (`4k7`, `4R7`, `R47`, `2M2`, `4n7`, `47p`), plain numbers
 * with a decimal point or comma, and a prefix and unit behind the number (`4,7 kOhm`, `100nF`, `10 µF`).
 *
 * @param text what was written; surrounding blanks do not count
 * @param unitId the unit that the value must be in
 * @returns the amount in the base unit (ohm, farad …), never negative; or a sentence that says what to write
 */
export function parseQuantity(text: string, unitId: UnitId): Result<number, Said> {
  const unit = units[unitId];
  const compact = text
    .trim()
    .replace(/[µμ]/g, 'u')
    .replace(/Ω/g, 'Ω')
    // A blank may part number and unit, but never two halves of a number.
    .replace(/(?<!\s)\s+(?=\p{L})/gu, '');
  if (compact === '')
    return fail(said('ui.quantity.noValueWriteOneLike', { example: example[unitId] }));

  const bare = withoutUnit(compact, unitId);
  const infix = bare.match(/^(\d*)([a-zA-Z]+)(\d*)$/);
  if (infix) {
    const [, whole = '', letters = '', decimals = ''] = infix;
    const power = prefixPower(letters, unitId);
    if (power !== undefined && whole + decimals !== '') {
      return ok(Number(`${whole || '0'}.${decimals || '0'}e${power}`));
    }
  }

  // Crystals are printed with three decimals (12.000 MHz, 32,768 kHz), so there it is no thousands sign.
  const manyDecimals = unitId === 'hertz' && /[kM]$/.test(bare);
  if (!manyDecimals && /^\d{1,3}[.,]000\D*$|^\d{1,3},\d{3}\D*$/.test(bare)) {
    return fail(
      said('ui.quantity.canBeReadInTwoWaysWrite', { text: text.trim(), example: example[unitId] }),
    );
  }

  const suffixed = bare.match(/^([\d.,]+)([a-zA-Z]*)$/);
  if (suffixed) {
    const [, number = '', letters = ''] = suffixed;
    const power = letters === '' ? 0 : prefixPower(letters, unitId);
    if (power !== undefined && looksLikeOneNumber.test(number)) {
      return ok(Number(`${number.replace(',', '.')}e${power}`));
    }
  }
  return fail(
    said('ui.quantity.isNotAValueInWriteOne', {
      text: text.trim(),
      symbol: unit.symbol,
      example: example[unitId],
    }),
  );
}

const example: Record<UnitId, string> = {
  ohm: '470, 4k7, 2M2',
  farad: '47p, 4n7, 100nF, 10u',
  henry: '100u, 4m7',
  volt: '16V, 6.3V',
  hertz: '32768Hz, 16MHz',
};

function withoutUnit(compact: string, unitId: UnitId): string {
  const lower = compact.toLowerCase();
  const spelling = units[unitId].spellings.find(
    (s) => lower.endsWith(s) && lower.length > s.length,
  );
  return spelling ? compact.slice(0, -spelling.length) : compact;
}

/** The power of ten that a run of letters stands for, or undefined where it stands for none. */
function prefixPower(letters: string, unitId: UnitId): number | undefined {
  const { prefixes, pointLetter } = units[unitId];
  if (letters.toUpperCase() === pointLetter.toUpperCase()) return 0;
  if (letters.toLowerCase() === 'meg' && 'M' in prefixes) return 6;
  if (letters in prefixes) return prefixes[letters];
  // Capitals are used loosely (4K7, 10U); only m and M mean two different things, and only where both exist.
  const lower = letters.toLowerCase();
  if (lower in prefixes && !(lower === 'm' && letters === 'M')) return prefixes[lower];
  return undefined;
}
