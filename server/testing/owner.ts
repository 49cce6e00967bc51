/** The instructor's passphrase in a database that is owned, and the token of a session of hers. */
export const passphrase = 'a quiet harbour';
export const sessionToken = 'a-session-that-was-opened-before-the-tests-began';
