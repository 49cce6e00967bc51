import type { Part } from '#core/parts/part';
import { PartPicture, pictureScale } from './PartPicture.tsx';

/** A part as it lies on the mat, as large as a row of a list has room for. */
export function PartThumbnail({ part }: { readonly part: Part }) {
  return <PartPicture part={part} pixelsPerMm={pictureScale(part, { width: 120, height: 38 })} />;
}

/** The same as a cell of a plain table. */
export function PictureCell({ part }: { readonly part: Part }) {
  return (
    <td className="picture">
      <PartThumbnail part={part} />
    </td>
  );
}
