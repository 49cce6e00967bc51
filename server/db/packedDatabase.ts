import { readFile } from 'node:fs/promises';

/** Of the file that the build writes beside the bundle of the server. */
export const packedDatabaseName = 'newDatabase.tar.gz';

/** A new database as the build packed it: made once there, it takes every new site and every backup seconds less. */
export const packedDatabase = async (): Promise<Blob> =>
  new Blob([new Uint8Array(await readFile(new URL(packedDatabaseName, import.meta.url)))]);
