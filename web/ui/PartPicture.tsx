import { useTranslation } from 'react-i18next';
import { type BandColour, bandColours } from '#core/bands/colours';
import { familyOf } from '#core/parts/families/index';
import type { Part } from '#core/parts/part';
import { pictureName } from '#core/words/partWords';
import { DrawingSvg } from './DrawingSvg.tsx';
import './drawings.css';

/**
 * Pixels for a millimetre at which a part can be read in so much room. Parts of one list keep one scale as far as they
 * can; what is soldered flat on the board is so small that it is shown much larger.
 */
export function pictureScale(part: Part, room: { width: number; height: number }): number {
  const family = familyOf(part);
  const { widthMm, heightMm } = family.draw(part);
  const most = family.mount === 'surface' ? 26 : 9;
  return Math.min(most, room.width / widthMm, room.height / heightMm);
}

interface PartPictureProps {
  readonly part: Part;
  readonly pixelsPerMm?: number;
}

/** The part as it lies on the mat. */
export function PartPicture({ part, pixelsPerMm }: PartPictureProps) {
  const { t } = useTranslation();
  return (
    <span className="mat">
      <DrawingSvg
        drawing={familyOf(part).draw(part)}
        name={pictureName(t, part)}
        {...(pixelsPerMm ? { pixelsPerMm } : {})}
      />
    </span>
  );
}

/** What is printed on the board where the part goes, for parts that have a right way round. */
export function BoardMark({ part, pixelsPerMm }: PartPictureProps) {
  const { t } = useTranslation();
  const draw = familyOf(part).drawBoardMark;
  if (!draw) return null;
  return (
    <DrawingSvg
      drawing={draw(part)}
      name={t('seat.boardMarkOf', { what: t(`family.${part.family}.one`) })}
      {...(pixelsPerMm ? { pixelsPerMm } : {})}
    />
  );
}

/** The bands of a part in words, each with a patch of its colour. */
export function BandNames({ part }: { readonly part: Part }) {
  return <BandRow bands={familyOf(part).bands?.(part) ?? []} />;
}

export function BandRow({ bands }: { readonly bands: readonly BandColour[] }) {
  const { t } = useTranslation();
  if (bands.length === 0) return null;
  return (
    <span className="band-names">
      {bands.map((band, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the same colour may stand twice; its place is its identity
        <span key={index} className="band-name">
          <svg viewBox="0 0 8 14" className="band-patch" aria-hidden="true">
            <rect
              x="0.5"
              y="0.5"
              width="7"
              height="13"
              fill={bandColours[band].srgb}
              stroke="#3a332c"
            />
          </svg>
          {t(`band.${band}`)}
        </span>
      ))}
    </span>
  );
}
