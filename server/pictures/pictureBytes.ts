import { said } from '#core/learning/said';
import { invalid } from '../http/refusal.ts';

interface PictureBytes {
  readonly mediaType: string;
  readonly bytes: Buffer;
}

/**
 * The bytes of a picture that was sent as an address with its data in it (RFC 2397).
 *
 * @param field of the body, which a refusal names
 * @throws Refusal 422 where they are no such picture
 */
export function bytesOfPicture(image: string, field: string): PictureBytes {
  const { mediaType, bytes } = fromDataAddress(image);
  if (!isWhatItSays(mediaType, bytes)) {
    throw invalid([{ field, says: said('refusals.pictures.chooseJpegPngWebp') }]);
  }
  return { mediaType, bytes };
}

function fromDataAddress(image: string): PictureBytes {
  const [head = '', data = ''] = image.split(',');
  return {
    mediaType: head.slice('data:'.length, head.indexOf(';')),
    bytes: Buffer.from(data, 'base64'),
  };
}

/** First bytes of the formats (PNG, JPEG, WebP; from memory): what is sent out as a picture is one. */
const heads: Readonly<Record<string, (bytes: Buffer) => boolean>> = {
  'image/png': (bytes) => bytes.subarray(0, 4).equals(Buffer.from([0x89, 0x50, 0x4e, 0x47])),
  'image/jpeg': (bytes) => bytes.subarray(0, 3).equals(Buffer.from([0xff, 0xd8, 0xff])),
  'image/svg+xml': (bytes) => /^\s*(<\?xml[^>]*>\s*)?<svg[\s>]/.test(bytes.toString('utf8')),
  'image/webp': (bytes) => bytes.subarray(8, 12).toString('latin1') === 'WEBP',
};

const isWhatItSays = (mediaType: string, bytes: Buffer): boolean =>
  heads[mediaType]?.(bytes) ?? false;
