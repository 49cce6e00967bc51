import { useTranslation } from 'react-i18next';
import { bandColours } from '#core/bands/colours';
import { familyOf } from '#core/parts/families/index';
import type { Part } from '#core/parts/part';
import { DrawingSvg } from './DrawingSvg.tsx';
import { pictureName } from './partWords.ts';
import './drawings.css';

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

/** The bands of a resistor in words, each with a patch of its colour. */
export function BandNames({ part }: { readonly part: Part }) {
  const { t } = useTranslation();
  const bands = familyOf(part).bands?.(part) ?? [];
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
