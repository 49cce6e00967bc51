import type { Content } from 'pdfmake/interfaces.js';
import { drawnMark } from '#core/order/own/drawnMark';
import type { StepPicture } from '#core/order/own/pictures';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { escaped } from '#core/parts/drawing/svgText';
import { ownWords } from '#core/words/ownText';
import type { Database } from '../db/database.ts';
import { selectStepPictures } from '../pictures/queries.ts';
import type { Speaker } from '../words/speak.ts';
import { faded, mm, mono } from './pdf.ts';

/** Pictures of steps as `data:` addresses, by their hash. */
export type PicturesByHash = ReadonlyMap<string, string>;

/** What a PDF can hold; other forms are named on the paper. */
const printable = new Set(['image/jpeg', 'image/png']);

export async function picturesOfSteps(
  db: Database,
  kitId: string,
  steps: readonly PlannedStep[],
): Promise<PicturesByHash> {
  const hashes = steps.flatMap(({ own }) => own?.words.pictures?.map(({ hash }) => hash) ?? []);
  if (hashes.length === 0) return new Map();
  const files = await selectStepPictures(db, kitId, hashes);
  return new Map(
    files
      .filter(({ mediaType }) => printable.has(mediaType))
      .map(({ hash, mediaType, bytes }) => [
        hash,
        `data:${mediaType};base64,${Buffer.from(bytes).toString('base64')}`,
      ]),
  );
}

interface PictureRoom {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** What an instructor shows at a step, with the arrows and rings over it, and what it shows in words below. */
export function stepPictures(
  { t, decimals }: Speaker,
  { own }: Pick<PlannedStep, 'own'>,
  images: PicturesByHash,
  { widthMm, heightMm }: PictureRoom,
): Content[] {
  return (own?.words.pictures ?? []).map((picture): Content => {
    const image = images.get(picture.hash);
    return {
      unbreakable: true,
      margin: [0, 2, 0, 4],
      stack: [
        ...(image
          ? [
              {
                svg: markedSvg(picture, image, t),
                fit: [mm(widthMm), mm(heightMm)] as [number, number],
              },
            ]
          : []),
        { text: decimals(ownWords(t, picture.alt)), color: faded },
      ],
    };
  });
}

/** As the seat draws it: bright lines with a dark edge, seen on every picture. */
function markedSvg(picture: StepPicture, image: string, t: Speaker['t']): string {
  const { widthPx, heightPx, marks } = picture;
  const unit = Math.max(widthPx, heightPx) / 100;
  const drawn = marks.map((mark) => {
    const { path, label } = drawnMark(mark, picture);
    const line = (colour: string, width: number) =>
      `<path d="${path}" fill="none" stroke="${colour}" stroke-width="${unit * width}" stroke-linecap="round" stroke-linejoin="round"/>`;
    const text = (style: string) =>
      mark.label
        ? `<text x="${label.x}" y="${label.y + unit * 1.4}" text-anchor="${label.anchor}" font-family="${mono}" font-size="${unit * 4.2}" ${style}>${escaped(ownWords(t, mark.label))}</text>`
        : '';
    return [
      line('#10241a', 1.5),
      line('#ffd23f', 0.8),
      text(`fill="#10241a" stroke="#10241a" stroke-width="${unit}"`),
      text('fill="#ffd23f"'),
    ].join('');
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${widthPx} ${heightPx}" width="${widthPx}" height="${heightPx}"><image href="${image}" x="0" y="0" width="${widthPx}" height="${heightPx}"/>${drawn.join('')}</svg>`;
}
