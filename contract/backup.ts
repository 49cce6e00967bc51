import * as yup from 'yup';
import { said } from '#core/learning/said';
import { endpoint, fileEndpoint } from './endpoint.ts';
import { fields, leaf, nullable } from './schema.ts';
import { newPassphrase } from './session.ts';

/** What a backup holds, told before it is put in place of anything. */
export interface BackupContents {
  readonly kits: number;
  readonly workshops: number;
  readonly people: number;
  readonly entries: number;
  readonly drawers: number;
  /** When the last entry of a workshop's log came; null where there is none. */
  readonly latestEntryAt: string | null;
}

/** A backup that the program made by itself. */
export interface KeptBackup {
  readonly name: string;
  readonly madeAt: string;
  readonly bytes: number;
  /** Opened only with the passphrase that was set when it was made. */
  readonly isEncrypted: boolean;
}

export interface Backups {
  readonly kept: readonly KeptBackup[];
  /** Whether those that come will be encrypted. */
  readonly willEncrypt: boolean;
  /** What is here now. */
  readonly contents: BackupContents;
}

const passphrase = leaf(
  yup.string().strict().max(200, said('refusals.backup.aPassphraseHasAtMost200Characters')),
);

/** The passphrase of the backups of every day from now on; null for none. */
export const lockDailyBody = fields({ passphrase: nullable(newPassphrase) });

const file = leaf(
  yup
    .string()
    .strict()
    .required(said('refusals.backup.chooseTheFileOfABackup'))
    .matches(/^[A-Za-z0-9+/]*={0,2}$/, {
      message: said('refusals.backup.theFileDidNotArriveWholeChoose'),
    }),
);

const backupBody = fields({
  /** The file in base64 (RFC 4648, 4). */
  file,
  /** Where the file was encrypted. */
  passphrase,
});

export const listBackups = endpoint<Backups>()({
  method: 'GET',
  path: '/api/backups',
  access: 'instructor',
});
/** Makes one now, encrypted where a passphrase is given; the reply is the file in base64. */
export const makeBackup = endpoint<{ name: string; file: string }>()({
  method: 'POST',
  path: '/api/backups',
  access: 'instructor',
  recorded: 'backup-made',
  body: fields({ passphrase }),
});
/** Encrypts the backups of every day from the next one on, or none of them any more. */
export const lockDaily = endpoint<{ willEncrypt: boolean }>()({
  method: 'PUT',
  path: '/api/backups/passphrase',
  access: 'instructor',
  recorded: 'backup-passphrase-set',
  body: lockDailyBody,
});
/** Says what a file holds, and changes nothing. */
export const lookAtBackup = endpoint<BackupContents>()({
  method: 'POST',
  path: '/api/backups/look',
  access: 'instructor',
  bodySize: 'file',
  body: backupBody,
});
/** Puts a file in place of everything that is here; the program starts anew afterwards. */
export const restoreBackup = endpoint<BackupContents>()({
  method: 'POST',
  path: '/api/backups/restore',
  access: 'instructor',
  recorded: 'backup-restored',
  bodySize: 'file',
  body: backupBody,
});

export const keptBackup = fileEndpoint({
  path: '/api/backups/:name',
  access: 'instructor',
  recorded: 'backup-made',
  types: ['application/octet-stream'],
});
