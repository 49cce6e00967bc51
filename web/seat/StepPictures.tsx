import type { StepPicture } from '#core/order/own/pictures';
import { MarkedPicture } from '../ui/picture/MarkedPicture.tsx';

/** What the instructor shows at a step. */
export const StepPictures = ({ pictures }: { readonly pictures: readonly StepPicture[] }) => (
  <div className="step-pictures">
    {pictures.map((picture) => (
      <MarkedPicture key={picture.hash} picture={picture} />
    ))}
  </div>
);
