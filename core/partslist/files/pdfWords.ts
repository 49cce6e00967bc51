import type { PlacedWord } from './wordsAsTable.ts';

// What is used of the reader of PDFs, which is handed in: pages with their texts, each with its place.

type Matrix = readonly number[];

interface PdfText {
  readonly str: string;
  /** From the text’s own units to the page’s: a, b, c, d, e, f (ISO 32000-1, 8.3.3). */
  readonly transform: Matrix;
  readonly width: number;
}

interface PdfPage {
  getViewport(wishes: { readonly scale: number }): { readonly transform: Matrix };
  getTextContent(): Promise<{ readonly items: readonly object[] }>;
}

export interface PdfDocument {
  readonly numPages: number;
  getPage(number: number): Promise<PdfPage>;
}

/** So many pages are looked at: a list is at the beginning or is one of few pages. */
const mostPages = 30;

const isText = (item: object): item is PdfText => 'str' in item;

/** The texts of each page with their places, y downwards, in points. */
export async function pdfWords(pdf: PdfDocument): Promise<PlacedWord[][]> {
  const pages: PlacedWord[][] = [];
  for (let number = 1; number <= Math.min(pdf.numPages, mostPages); number += 1) {
    const page = await pdf.getPage(number);
    const { transform } = page.getViewport({ scale: 1 });
    const { items } = await page.getTextContent();
    pages.push(items.filter(isText).map((text) => placed(text, transform)));
  }
  return pages;
}

function placed({ str, transform, width }: PdfText, page: Matrix): PlacedWord {
  const [, , c, d, e, f] = multiplied(page, transform);
  const height = Math.hypot(c, d);
  // The text stands on its base line, and about a fifth hangs below.
  return { text: str, x: e, y: f - 0.8 * height, width, height };
}

function multiplied(
  outer: Matrix,
  inner: Matrix,
): [number, number, number, number, number, number] {
  const [a = 1, b = 0, c = 0, d = 1, e = 0, f = 0] = outer;
  const [g = 1, h = 0, i = 0, j = 1, k = 0, l = 0] = inner;
  return [
    a * g + c * h,
    b * g + d * h,
    a * i + c * j,
    b * i + d * j,
    a * k + c * l + e,
    b * k + d * l + f,
  ];
}
