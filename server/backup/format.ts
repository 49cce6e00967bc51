import { createCipheriv, randomBytes } from 'node:crypto';
import { promisify } from 'node:util';
import { gzip as gzipCallback } from 'node:zlib';
import { type Said, said } from '#core/learning/said';
import { keyOf } from '../auth/passphrase.ts';
import { Refusal } from '../http/refusal.ts';
import { ConverterFailure, converted } from '../isolated/isolated.ts';

const gzip = promisify(gzipCallback);
/** The form of the file itself; the form of what it holds is told by its migrations. */
const form = 1;

/** Everything of a site, row by row. */
export interface BackupData {
  /** The steps that the tables had been brought to when it was made. */
  readonly migrations: readonly string[];
  readonly tables: Readonly<Record<string, readonly object[]>>;
}

/** An open one begins as gzip does; an encrypted one with these letters, then salt, nonce, tag and the rest. */
const magic = Buffer.from('OZZETB1\n');
const lengths = { salt: 16, nonce: 12, tag: 16 } as const;
/** Whether a file is opened only with a passphrase. */
export const isEncrypted = (file: Buffer): boolean => file.subarray(0, magic.length).equals(magic);
/** So much of a file tells it. */
export const bytesThatTell = magic.length;

/** What a file is encrypted with: a key made of a passphrase, and the salt that it was made with. */
export interface Lock {
  readonly salt: Buffer;
  readonly key: Buffer;
}

export async function lockOf(passphrase: string): Promise<Lock> {
  const salt = randomBytes(lengths.salt);
  return { salt, key: await keyOf(passphrase, salt) };
}

/** More than that unpacked is no backup of a workshop, but something that is to fill the memory. */
const mostBytes = 1024 ** 3;
/** A site with the pictures of some years is read in seconds. */
const limits = { milliseconds: 60_000, megabytes: 1024 };

/**
 * The file of a backup: lines of JSON, a head and then one for each row, packed with gzip (RFC 1952); with a lock
 * encrypted with AES-256-GCM under a key from scrypt. The same data makes the same open file.
 */
export async function backupFile({ migrations, tables }: BackupData, lock?: Lock): Promise<Buffer> {
  const lines = [
    JSON.stringify({ what: 'Ozzet backup', form, migrations }),
    ...Object.entries(tables).flatMap(([table, rows]) =>
      rows.map((row) => JSON.stringify({ table, row })),
    ),
  ];
  const packed = await gzip(Buffer.from(`${lines.join('\n')}\n`), { level: 6 });
  if (!lock) return packed;
  const nonce = randomBytes(lengths.nonce);
  const cipher = createCipheriv('aes-256-gcm', lock.key, nonce);
  const hidden = Buffer.concat([cipher.update(packed), cipher.final()]);
  return Buffer.concat([magic, lock.salt, nonce, cipher.getAuthTag(), hidden]);
}

/** What the converter makes of a file. */
type Unpacked = BackupData | { readonly wrong: keyof typeof wrongs };

const wrongs = {
  key: { field: 'passphrase', says: said('refusals.backup.thisIsNotThePassphraseOfThis') },
  packing: { field: 'file', says: said('refusals.backup.thisIsNoBackupOfOzzetOr') },
  head: { field: 'file', says: said('refusals.backup.thisIsNoBackupOfOzzetChoose') },
  form: { field: 'file', says: said('refusals.backup.thisBackupWasMadeByANewer') },
  line: { field: 'file', says: said('refusals.backup.thisBackupIsDamagedChooseAnOlder') },
} as const;

/**
 * What a file of a backup holds, read in a thread of its own.
 *
 * @throws Refusal at the field `file` or `passphrase`
 */
export async function readBackupFile(file: Buffer, passphrase = ''): Promise<BackupData> {
  const asked = isEncrypted(file) ? await locked(file, passphrase) : { packed: file };
  const read = await converted<Unpacked>('backupFile', { ...asked, form, mostBytes }, limits).catch(
    (failure: unknown) => {
      if (!(failure instanceof ConverterFailure)) throw failure;
      throw refused('file', said('refusals.backup.notRead', { why: failure.says }));
    },
  );
  if ('wrong' in read) throw refused(wrongs[read.wrong].field, wrongs[read.wrong].says);
  return read;
}

/** An encrypted file in its pieces, with the key to it. */
async function locked(file: Buffer, passphrase: string) {
  if (passphrase === '') {
    throw refused('passphrase', said('refusals.backup.thisBackupIsEncryptedTypeIts'));
  }
  let at = magic.length;
  const next = (length: number) => {
    at += length;
    return file.subarray(at - length, at);
  };
  const [salt, nonce, tag] = [next(lengths.salt), next(lengths.nonce), next(lengths.tag)];
  const key = await keyOf(passphrase, salt);
  return { packed: file.subarray(at), lock: { key, nonce, tag } };
}

export const refused = (field: 'file' | 'passphrase', says: Said) =>
  new Refusal(422, said('refusals.backup.thisCannotBeRestored'), says, [{ field, says }]);
