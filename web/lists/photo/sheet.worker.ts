import { expose, transfer } from 'comlink';
import { createWorker } from 'tesseract.js';
import { readerLanguages, type SheetLanguage } from '#core/partslist/photo/languages';
import { type TesseractWorker, tesseractReader } from '#core/partslist/photo/print';
import { pageOf, type ReadSheet, readSheet } from '#core/partslist/photo/readSheet';
import { type FoundCorners, findCorners } from '#core/picture/corners';
import type { Corners } from '#core/picture/homography';
import { asPgm, type Grey, greyOf } from '#core/picture/raster';

let picture: Grey | undefined;

const api = {
  /** Takes a picture over and looks for the sheet in it. */
  open(bitmap: ImageBitmap): FoundCorners {
    const { width, height } = bitmap;
    const context = new OffscreenCanvas(width, height).getContext('2d');
    if (!context) throw new Error('no drawing in this browser');
    context.drawImage(bitmap, 0, 0);
    bitmap.close();
    picture = greyOf(context.getImageData(0, 0, width, height).data, width, height);
    return findCorners(picture);
  },

  /** Reads what lies between the corners. Ending the worker ends the reading. */
  async read(
    corners: Corners,
    language: SheetLanguage,
    readerAt: string,
    progress: (done: number) => void,
  ): Promise<ReadSheet> {
    if (!picture) throw new Error('no picture was opened');
    const page = pageOf(picture, corners);
    const start = async (languages: readonly string[]) =>
      // Only as much of its interface is used as a reader needs.
      (await createWorker([...languages], 1, {
        workerPath: `${readerAt}/worker.min.js`,
        corePath: readerAt,
        langPath: readerAt,
        workerBlobURL: false,
        cacheMethod: 'none',
      })) as unknown as TesseractWorker & { terminate(): Promise<unknown> };
    const codes = await start(['eng']);
    const words = language === 'eng' ? codes : await start(readerLanguages(language));
    try {
      const reader = tesseractReader(words, codes, (piece) => new Blob([asPgm(piece) as BlobPart]));
      const sheet = await readSheet(page, reader, { progress });
      return transfer(sheet, [sheet.page.data.buffer as ArrayBuffer]);
    } finally {
      await Promise.all([...new Set([codes, words])].map((one) => one.terminate()));
    }
  },
};

export type SheetWorker = typeof api;
expose(api);
