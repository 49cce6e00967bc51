import { open, rename } from 'node:fs/promises';

/** Writes a file that its owner alone may read: whole and on the disk, or not there. */
export async function writeWhole(path: string, content: Buffer | string): Promise<void> {
  const file = await open(`${path}.new`, 'w', 0o600);
  try {
    await file.writeFile(content);
    await file.sync();
  } finally {
    await file.close();
  }
  await rename(`${path}.new`, path);
}
