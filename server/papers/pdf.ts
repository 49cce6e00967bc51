import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import pdfmake from 'pdfmake';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import type { SheetSize } from '#contract/papers';

/** Faces with every sign of the trade (Ω, µ, ≥), embedded into each paper. */
const fontFolder = join(
  dirname(createRequire(import.meta.url).resolve('dejavu-fonts-ttf/package.json')),
  'ttf',
);
const font = (name: string) => join(fontFolder, `${name}.ttf`);

/** Nothing on paper is smaller: it is read in bad light, with an iron in the hand. */
export const least = 10;
export const faded = '#62564a';

/** The face of values and place names. */
export const mono = 'Mono';

pdfmake.setFonts({
  Sans: {
    normal: font('DejaVuSans'),
    bold: font('DejaVuSans-Bold'),
    italics: font('DejaVuSans-Oblique'),
    bolditalics: font('DejaVuSans-BoldOblique'),
  },
  [mono]: {
    normal: font('DejaVuSansMono'),
    bold: font('DejaVuSansMono-Bold'),
    italics: font('DejaVuSansMono-Oblique'),
    bolditalics: font('DejaVuSansMono-BoldOblique'),
  },
});
// A paper is made of what this program ships, and of nothing else.
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path: string) => path.startsWith(fontFolder));

const sheets: Readonly<Record<SheetSize, 'A4' | 'LETTER'>> = { a4: 'A4', letter: 'LETTER' };

export interface Paper {
  readonly title: string;
  /** A line below the title. */
  readonly facts?: string;
  readonly size: SheetSize;
  readonly content: Content[];
}

/** A paper with its title on top, and the title and page number at the foot of each page. */
export function makePaper({ title, facts, size, content }: Paper): Promise<Buffer> {
  return makePdf({
    pageSize: sheets[size],
    pageMargins: [mm(15), mm(14), mm(15), mm(16)],
    footer: (page, pages) => ({
      margin: [mm(15), mm(2)],
      fontSize: least,
      color: faded,
      columns: [title, { text: `${page} / ${pages}`, alignment: 'right' }],
    }),
    content: [
      { text: title, fontSize: 17, bold: true },
      { text: facts ?? '', margin: [0, 1, 0, 8], color: faded },
      ...content,
    ],
  });
}

export async function makePdf(definition: TDocumentDefinitions): Promise<Buffer> {
  const document = pdfmake.createPdf({
    defaultStyle: { font: 'Sans', fontSize: least },
    ...definition,
  });
  return document.getBuffer();
}

/** Millimetres as the points that a PDF counts in. */
export const mm = (millimetres: number): number => (millimetres / 25.4) * 72;

/** Lines between rows only, as thin as a pencil's. */
export const ruled = {
  hLineWidth: (row: number) => (row <= 1 ? 0.8 : 0.3),
  vLineWidth: () => 0,
  hLineColor: () => '#8a7d6b',
  paddingLeft: () => 3,
  paddingRight: () => 5,
  paddingTop: () => 3,
  paddingBottom: () => 3,
};

const box = {
  type: 'rect',
  x: 0,
  y: 0,
  w: 10,
  h: 10,
  lineWidth: 0.8,
  lineColor: '#231c15',
} as const;

/** An empty box to tick, as large as a pencil likes; a new one each time, since laying out moves it. */
export const tickBox = (): Content => ({ canvas: [{ ...box }] });

/** The same, ticked. */
export const ticked = (): Content => ({
  canvas: [
    { ...box },
    {
      type: 'polyline',
      points: [
        { x: 2, y: 5 },
        { x: 4.5, y: 8 },
        { x: 9, y: 1.5 },
      ],
      lineWidth: 1.6,
      lineColor: '#231c15',
    },
  ],
});
