import { GlobalWorkerOptions, getDocument, type PDFPageProxy } from 'pdfjs-dist';
import workerAddress from 'pdfjs-dist/build/pdf.worker.min.mjs?url';
import { scanPages } from '#core/partslist/files/openFile';
import { pdfWords } from '#core/partslist/files/pdfWords';
import type { PlacedWord } from '#core/partslist/files/wordsAsTable';

GlobalWorkerOptions.workerSrc = workerAddress;

/** A page of a scan is drawn at this many dots an inch: letters are then as large as in a photo. */
const dotsAnInch = 220;

/** The first pages as PNG files. @throws where the PDF is damaged or locked, or the browser draws nothing */
export async function drawPdf(bytes: Uint8Array): Promise<Uint8Array[]> {
  const task = getDocument({ data: bytes.slice(), isEvalSupported: false });
  try {
    const pdf = await task.promise;
    const pages: Uint8Array[] = [];
    for (let number = 1; number <= Math.min(pdf.numPages, scanPages); number += 1) {
      pages.push(await drawPage(await pdf.getPage(number)));
    }
    return pages;
  } finally {
    await task.destroy();
  }
}

async function drawPage(page: PDFPageProxy): Promise<Uint8Array> {
  const viewport = page.getViewport({ scale: dotsAnInch / 72 });
  const canvas = document.createElement('canvas');
  canvas.width = viewport.width;
  canvas.height = viewport.height;
  await page.render({ canvas, viewport }).promise;
  const file = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (!file) throw new Error('the page could not be drawn');
  return new Uint8Array(await file.arrayBuffer());
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
