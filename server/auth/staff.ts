import type { Role } from '#contract/roles';

/** Who is signed in. */
export interface Staff {
  readonly accountId: string;
  readonly sessionId: string;
  readonly role: Role;
  readonly name: string;
  /** The name that entries of the log carry; undefined for an instructor who is the only one. */
  readonly logsAs: string | undefined;
}
