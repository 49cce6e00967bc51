import { proxy, type Remote, transfer, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { SheetLanguage } from '#core/partslist/photo/languages';
import type { ReadSheet } from '#core/partslist/photo/readSheet';
import type { Corners } from '#core/picture/homography';
import type { SheetWorker } from './sheet.worker.ts';

/** A photo on its way to a table. */
export type Photo =
  | { readonly stage: 'opening' }
  /** The browser cannot open it, or the reading did not work. */
  | { readonly stage: 'failed'; readonly while: 'opening' | 'reading' }
  | (Shown & { readonly stage: 'corners' })
  | (Shown & { readonly stage: 'reading'; readonly progress: number })
  | (Shown & { readonly stage: 'read'; readonly sheet: ReadSheet });

interface Shown {
  /** For showing. */
  readonly preview: HTMLCanvasElement;
  readonly width: number;
  readonly height: number;
  readonly corners: Corners;
  /** The corners are those of a sheet that was found in the picture. */
  readonly found: boolean;
}

/** Larger pictures are made smaller: what cameras add beyond is no detail of the print. */
const longestSide = 3200;
const previewSide = 1200;
const readerAt = () => new URL('/print-reader', location.href).href;

/** Opens a picture, finds the sheet in it and reads it in a worker, which ends with the page or when given up. */
export function usePhoto(picture: Uint8Array) {
  const [photo, setPhoto] = useState<Photo>({ stage: 'opening' });
  const worker = useRef<{ readonly end: () => void; readonly api: Remote<SheetWorker> }>(null);

  const open = useCallback(async (): Promise<void> => {
    worker.current?.end();
    const mine = new Worker(new URL('./sheet.worker.ts', import.meta.url), { type: 'module' });
    const api = wrap<SheetWorker>(mine);
    worker.current = { end: () => mine.terminate(), api };
    setPhoto({ stage: 'opening' });
    try {
      const bitmap = await shrunkBitmap(picture);
      const { width, height } = bitmap;
      const preview = drawn(bitmap);
      const found = await api.open(transfer(bitmap, [bitmap]));
      if (worker.current?.api === api)
        setPhoto({ stage: 'corners', preview, width, height, ...found });
    } catch {
      setPhoto({ stage: 'failed', while: 'opening' });
    }
  }, [picture]);

  useEffect(() => {
    void open();
    return () => worker.current?.end();
  }, [open]);

  const move = (corners: Corners) =>
    setPhoto((now) => (now.stage === 'corners' ? { ...now, corners } : now));

  const read = async (language: SheetLanguage) => {
    if (photo.stage !== 'corners' || !worker.current) return;
    const { api } = worker.current;
    const isMine = () => worker.current?.api === api;
    const shown = { ...photo };
    setPhoto({ ...shown, stage: 'reading', progress: 0 });
    const progress = proxy((done: number) =>
      setPhoto((now) => (now.stage === 'reading' && isMine() ? { ...now, progress: done } : now)),
    );
    try {
      const sheet = await api.read(photo.corners, language, readerAt(), progress);
      if (isMine()) setPhoto({ ...shown, stage: 'read', sheet });
    } catch {
      if (isMine()) setPhoto({ stage: 'failed', while: 'reading' });
    }
  };

  return { photo, move, read, again: open };
}

async function shrunkBitmap(picture: Uint8Array): Promise<ImageBitmap> {
  // Cameras write into the file how it was held; browsers turn it upright by that.
  const bitmap = await createImageBitmap(new Blob([picture as BlobPart]));
  const factor = Math.max(bitmap.width, bitmap.height) / longestSide;
  if (factor <= 1) return bitmap;
  return createImageBitmap(bitmap, {
    resizeWidth: Math.round(bitmap.width / factor),
    resizeHeight: Math.round(bitmap.height / factor),
    resizeQuality: 'high',
  });
}

function drawn(bitmap: ImageBitmap): HTMLCanvasElement {
  const factor = Math.min(1, previewSide / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * factor);
  canvas.height = Math.round(bitmap.height * factor);
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return canvas;
}
