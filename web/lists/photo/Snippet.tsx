import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import type { Box, Grey } from '#core/picture/raster';
import { drawGrey } from './greyCanvas.ts';

interface SnippetProps {
  readonly page: Grey;
  readonly box: Box;
}

/** So much of the page around what was read, in dots. */
const margin = 12;

/** What a cell looks like in the photo. */
export function Snippet({ page, box }: SnippetProps) {
  const { t } = useTranslation();
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const { x, y, width, height } = box;
    if (!canvas.current) return;
    drawGrey(canvas.current, page, {
      x: x - margin,
      y: y - margin,
      width: width + 2 * margin,
      height: height + 2 * margin,
    });
  }, [page, box]);
  return (
    <canvas
      ref={canvas}
      className="sheet-snippet"
      role="img"
      aria-label={t('lists.sheet.snippet')}
    />
  );
}
