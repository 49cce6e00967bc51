import type { Part } from '#core/parts/part';
import { PartPicture, pictureScale } from './PartPicture.tsx';

/** A part in a row of a plain table. */
export function PictureCell({ part }: { readonly part: Part }) {
  return (
    <td className="picture">
      <PartPicture part={part} pixelsPerMm={pictureScale(part, { width: 120, height: 38 })} />
    </td>
  );
}
