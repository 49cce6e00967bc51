import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';
import { promisify } from 'node:util';
import { gunzip as gunzipCallback, gzip as gzipCallback } from 'node:zlib';
import { type Said, said } from '#core/learning/said';
import { keyOf } from '../auth/passphrase.ts';
import { Refusal } from '../http/refusal.ts';

const gzip = promisify(gzipCallback);
const gunzip = promisify(gunzipCallback);
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

/** More than that unpacked is no backup of a workshop, but something that is to fill the memory. */
const mostBytes = 1024 ** 3;

/**
 * The file of a backup: lines of JSON, a head and then one for each row, packed with gzip (RFC 1952); with a passphrase
 * encrypted with AES-256-GCM under a key from scrypt. The same data makes the same open file.
 */
export async function backupFile(
  { migrations, tables }: BackupData,
  passphrase = '',
): Promise<Buffer> {
  const lines = [
    JSON.stringify({ what: 'Ozzet backup', form, migrations }),
    ...Object.entries(tables).flatMap(([table, rows]) =>
      rows.map((row) => JSON.stringify({ table, row })),
    ),
  ];
  const packed = await gzip(Buffer.from(`${lines.join('\n')}\n`), { level: 6 });
  if (passphrase === '') return packed;
  const [salt, nonce] = [randomBytes(lengths.salt), randomBytes(lengths.nonce)];
  const cipher = createCipheriv('aes-256-gcm', await keyOf(passphrase, salt), nonce);
  const hidden = Buffer.concat([cipher.update(packed), cipher.final()]);
  return Buffer.concat([magic, salt, nonce, cipher.getAuthTag(), hidden]);
}

/**
 * What a file of a backup holds.
 *
 * @throws Refusal at the field `file` or `passphrase`
 */
export async function readBackupFile(file: Buffer, passphrase = ''): Promise<BackupData> {
  const packed = isEncrypted(file) ? await opened(file, passphrase) : file;
  const text = await gunzip(packed, { maxOutputLength: mostBytes }).catch(() => {
    throw refused('file', said('refusals.backup.thisIsNoBackupOfOzzetOr'));
  });
  const lines = text
    .toString('utf8')
    .split('\n')
    .filter((line) => line !== '');
  const [head, ...rows] = lines.map(parsed);
  if (head?.what !== 'Ozzet backup' || !Array.isArray(head.migrations)) {
    throw refused('file', said('refusals.backup.thisIsNoBackupOfOzzetChoose'));
  }
  if (head.form !== form) {
    throw refused('file', said('refusals.backup.thisBackupWasMadeByANewer'));
  }
  const tables: Record<string, object[]> = Object.create(null);
  for (const { table, row } of rows) {
    if (typeof table !== 'string' || typeof row !== 'object' || row === null) {
      throw refused('file', said('refusals.backup.thisBackupIsDamagedChooseAnOlder'));
    }
    tables[table] ??= [];
    tables[table].push(row);
  }
  return { migrations: head.migrations.map(String), tables };
}

async function opened(file: Buffer, passphrase: string): Promise<Buffer> {
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
  try {
    const decipher = createDecipheriv('aes-256-gcm', key, nonce);
    decipher.setAuthTag(tag);
    return Buffer.concat([decipher.update(file.subarray(at)), decipher.final()]);
  } catch {
    throw refused('passphrase', said('refusals.backup.thisIsNotThePassphraseOfThis'));
  }
}

interface Line {
  readonly what?: unknown;
  readonly form?: unknown;
  readonly migrations?: unknown;
  readonly table?: unknown;
  readonly row?: unknown;
}

function parsed(line: string): Line {
  try {
    return JSON.parse(line) as Line;
  } catch {
    throw refused('file', said('refusals.backup.thisBackupIsDamagedChooseAnOlder'));
  }
}

export const refused = (field: 'file' | 'passphrase', says: Said) =>
  new Refusal(422, said('refusals.backup.thisCannotBeRestored'), says, [{ field, says }]);
