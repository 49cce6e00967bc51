import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PNG } from 'pngjs';

/** What a PDF says, as a reader of its text gets it (poppler). */
export function textOf(pdf: Buffer): string {
  return execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf }).toString('utf8');
}

export interface Page {
  readonly width: number;
  readonly height: number;
  /** RGBA, four bytes a pixel. */
  readonly pixels: Uint8ClampedArray;
}

/** The pages of a PDF as pictures (poppler). */
export function pagesOf(pdf: Buffer, dpi: number): Page[] {
  const folder = mkdtempSync(join(tmpdir(), 'ozzet-pdf-'));
  try {
    writeFileSync(join(folder, 'paper.pdf'), pdf);
    execFileSync('pdftoppm', [
      '-r',
      String(dpi),
      '-png',
      join(folder, 'paper.pdf'),
      join(folder, 'page'),
    ]);
    return readdirSync(folder)
      .filter((name) => name.endsWith('.png'))
      .sort()
      .map((name) => {
        const { width, height, data } = PNG.sync.read(readFileSync(join(folder, name)));
        return { width, height, pixels: new Uint8ClampedArray(data) };
      });
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Part of a page, in shares of its width and height. */
export function cut(page: Page, left: number, top: number, right: number, bottom: number): Page {
  const [x0, x1] = [Math.floor(left * page.width), Math.floor(right * page.width)];
  const [y0, y1] = [Math.floor(top * page.height), Math.floor(bottom * page.height)];
  const width = x1 - x0;
  const pixels = new Uint8ClampedArray(width * (y1 - y0) * 4);
  for (let y = y0; y < y1; y += 1) {
    const from = (y * page.width + x0) * 4;
    pixels.set(page.pixels.subarray(from, from + width * 4), (y - y0) * width * 4);
  }
  return { width, height: y1 - y0, pixels };
}

/** Whether anything but white stands in the outermost share of a page: print that a printer would cut off. */
export function printsIntoEdge({ width, height, pixels }: Page, share: number): boolean {
  const [dx, dy] = [Math.floor(width * share), Math.floor(height * share)];
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      if (x >= dx && x < width - dx && y >= dy && y < height - dy) continue;
      const at = (y * width + x) * 4;
      if ((pixels[at] ?? 255) + (pixels[at + 1] ?? 255) + (pixels[at + 2] ?? 255) < 600)
        return true;
    }
  }
  return false;
}

/** The share of pixels that have a colour, give or take a little for the edges of shapes. */
export function shareOfColour({ pixels }: Page, srgb: string): number {
  const wanted = [1, 3, 5].map((at) => Number.parseInt(srgb.slice(at, at + 2), 16));
  let hits = 0;
  for (let at = 0; at < pixels.length; at += 4) {
    if (wanted.every((value, i) => Math.abs((pixels[at + i] ?? 0) - value) <= 3)) hits += 1;
  }
  return hits / (pixels.length / 4);
}
