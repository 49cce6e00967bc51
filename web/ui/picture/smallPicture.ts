/** Longer side of a picture that is kept, in dots: sharp on a phone and a card, small enough for bad Wi-Fi. */
const longestSide = 1600;

export interface SmallPicture {
  readonly image: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/**
 * A picture file made smaller, upright, and without what cameras write into it (place, time, device): it is drawn anew.
 *
 * @param longest of its sides, in dots
 * @returns its address with the data in it (`data:`), and its size in dots
 * @throws where the browser cannot open it
 */
export async function smallPicture(file: Blob, longest = longestSide): Promise<SmallPicture> {
  const bitmap = await createImageBitmap(file);
  const factor = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * factor);
  canvas.height = Math.round(bitmap.height * factor);
  const context = canvas.getContext('2d');
  if (!context) throw new Error('no drawing in this browser');
  // What is transparent would be black in a JPEG.
  context.fillStyle = 'white';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  const image = canvas.toDataURL('image/jpeg', 0.82);
  return { image, widthPx: canvas.width, heightPx: canvas.height };
}

/** The same bytes as an address. */
export function dataAddress(file: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(reader.error);
    reader.readAsDataURL(file);
  });
}
