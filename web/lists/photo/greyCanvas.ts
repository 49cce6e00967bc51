import { type Box, cropped, type Grey } from '#core/picture/raster';

/** A piece of a page on a canvas, dot by dot. */
export function drawGrey(canvas: HTMLCanvasElement, page: Grey, box: Box): void {
  const { width, height, data } = cropped(page, box);
  canvas.width = Math.max(1, width);
  canvas.height = Math.max(1, height);
  const context = canvas.getContext('2d');
  if (!context || width === 0 || height === 0) return;
  const image = context.createImageData(width, height);
  for (let at = 0; at < data.length; at += 1) {
    const shade = data[at] ?? 0;
    image.data.set([shade, shade, shade, 255], 4 * at);
  }
  context.putImageData(image, 0, 0);
}

/** The whole page as a JPEG file, small enough to be kept. */
export function asJpeg(page: Grey): Promise<Blob | undefined> {
  const canvas = document.createElement('canvas');
  drawGrey(canvas, page, { x: 0, y: 0, width: page.width, height: page.height });
  return new Promise((resolve) =>
    canvas.toBlob((file) => resolve(file ?? undefined), 'image/jpeg', 0.7),
  );
}
