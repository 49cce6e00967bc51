import { said } from '#core/learning/said';
import { memo } from '#core/memo';
import { Refusal } from '../http/refusal.ts';

/** Wrong ones in a row that cost nothing: a slip of the fingers, caps lock. */
const free = 4;
const firstWaitSeconds = 2;
/** Never so long that whoever knows the passphrase cannot come in. */
const longestWaitSeconds = 60;
const mostNames = 2000;

interface Wrong {
  readonly count: number;
  readonly until: number;
}

/**
 * Wrong passphrases by account: whoever keeps guessing one has to wait, twice as long each time (OWASP Authentication
 * Cheat Sheet, from memory). Nobody is locked out, and no address is: a room shares one.
 *
 * @param now in milliseconds
 */
export class Guesses {
  readonly #now: () => number;
  readonly #wrong = memo<string, Wrong>({ name: 'wrong passphrases', most: mostNames });

  constructor(now: () => number = () => performance.now()) {
    this.#now = now;
  }

  /** @throws Refusal 429 as long as this account has to wait; asking meanwhile does not make it longer */
  refuseTooSoon(account: string): void {
    const seconds = Math.ceil(((this.#wrong.get(account)?.until ?? 0) - this.#now()) / 1000);
    if (seconds > 0) {
      throw new Refusal(
        429,
        said('refusals.auth.tooManyTries'),
        said('refusals.auth.waitSeconds', { count: seconds }),
      );
    }
  }

  wrong(account: string): void {
    const count = (this.#wrong.get(account)?.count ?? 0) + 1;
    const seconds =
      count <= free ? 0 : Math.min(longestWaitSeconds, firstWaitSeconds * 2 ** (count - free - 1));
    this.#wrong.set(account, { count, until: this.#now() + seconds * 1000 });
  }

  right(account: string): void {
    this.#wrong.set(account, { count: 0, until: 0 });
  }
}
