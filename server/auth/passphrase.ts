import { randomBytes, scrypt as scryptCallback, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';
import pLimit from 'p-limit';

const scryptNow = promisify<
  string,
  Buffer,
  number,
  { N: number; r: number; p: number; maxmem: number },
  Buffer
>(scryptCallback);

// OWASP Password Storage Cheat Sheet (from memory): N = 2^17, r = 8, p = 1.
const cost = { N: 2 ** 17, r: 8, p: 1, maxmem: 256 * 1024 * 1024 };
const keyBytes = 32;

/** Each takes 128 MB: more at once, and a few guesses fill the memory. */
const twoAtATime = pLimit(2);

const scrypt: typeof scryptNow = (...asked) => twoAtATime(() => scryptNow(...asked));

/** A key that is made of a passphrase, for what is encrypted with it. */
export const keyOf = (passphrase: string, salt: Buffer): Promise<Buffer> =>
  scrypt(passphrase.normalize('NFKC'), salt, keyBytes, cost);

/** Hashes a passphrase with scrypt: `scrypt$N$r$p$salt$key`, salt and key in base64url. */
export async function hashPassphrase(passphrase: string): Promise<string> {
  const salt = randomBytes(16);
  const key = await scrypt(passphrase.normalize('NFKC'), salt, keyBytes, cost);
  return [
    'scrypt',
    cost.N,
    cost.r,
    cost.p,
    salt.toString('base64url'),
    key.toString('base64url'),
  ].join('$');
}

/** Looks like the others and takes as long; no passphrase matches it. */
export const nobodysHash = (): string =>
  [
    'scrypt',
    cost.N,
    cost.r,
    cost.p,
    randomBytes(16).toString('base64url'),
    randomBytes(keyBytes).toString('base64url'),
  ].join('$');

export async function passphraseMatches(passphrase: string, hash: string): Promise<boolean> {
  const [, n, r, p, salt = '', key = ''] = hash.split('$');
  const expected = Buffer.from(key, 'base64url');
  const actual = await scrypt(
    passphrase.normalize('NFKC'),
    Buffer.from(salt, 'base64url'),
    expected.length,
    {
      N: Number(n),
      r: Number(r),
      p: Number(p),
      maxmem: cost.maxmem,
    },
  );
  return timingSafeEqual(actual, expected);
}
