import { randomBytes, scryptSync } from 'node:crypto';

/** A hash that is as good as the real ones but for its cost, which it names itself. */
export function cheapHash(passphrase: string): string {
  const cost = { N: 2 ** 10, r: 8, p: 1 };
  const salt = randomBytes(16);
  const key = scryptSync(passphrase, salt, 32, cost);
  const parts = [salt, key].map((bytes) => bytes.toString('base64url'));
  return ['scrypt', cost.N, cost.r, cost.p, ...parts].join('$');
}
