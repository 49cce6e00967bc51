import { GlobalWorkerOptions, getDocument } from 'pdfjs-dist';
import workerAddress from 'pdfjs-dist/build/pdf.worker.min.mjs?url';
import { pdfWords } from '#core/partslist/files/pdfWords';
import type { PlacedWord } from '#core/partslist/files/wordsAsTable';

GlobalWorkerOptions.workerSrc = workerAddress;

/** A page of a scan is drawn at this many dots an inch: letters are then as large as in a photo. */
const dotsAnInch = 220;

/** The first page as a PNG file. @throws where the PDF is damaged or locked, or the browser draws nothing */
export async function drawPdf(bytes: Uint8Array): Promise<Uint8Array> {
  const task = getDocument({ data: bytes.slice(), isEvalSupported: false });
  try {
    const page = await (await task.promise).getPage(1);
    const viewport = page.getViewport({ scale: dotsAnInch / 72 });
    const canvas = document.createElement('canvas');
    canvas.width = viewport.width;
    canvas.height = viewport.height;
    await page.render({ canvas, viewport }).promise;
    const file = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
    if (!file) throw new Error('the page could not be drawn');
    return new Uint8Array(await file.arrayBuffer());
  } finally {
    await task.destroy();
  }
}

/** The texts of a PDF with their places; read in a worker of its own. @throws where it is damaged or locked */
export async function openPdf(bytes: Uint8Array): Promise<PlacedWord[][]> {
  const task = getDocument({ data: bytes.slice(), isEvalSupported: false, useSystemFonts: true });
  try {
    return await pdfWords(await task.promise);
  } finally {
    await task.destroy();
  }
}
