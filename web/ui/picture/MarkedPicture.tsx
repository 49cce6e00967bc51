import { useTranslation } from 'react-i18next';
import { addressOf } from '#contract/endpoint';
import { pictureFile } from '#contract/pictures';
import { drawnMark } from '#core/order/own/drawnMark';
import type { PictureMark, StepPicture } from '#core/order/own/pictures';
import { ownWords } from '#core/words/ownText';
import './markedPicture.css';

/** A picture with the arrows and rings that somebody drew over it, as wide as there is room. */
export function MarkedPicture({ picture }: { readonly picture: StepPicture }) {
  const { t } = useTranslation();
  const { hash, widthPx, heightPx, alt, marks } = picture;
  const labels = marks.flatMap(({ label }) => (label ? [ownWords(t, label)] : []));
  return (
    <span className="marked-picture">
      <img
        src={addressOf(pictureFile, { hash })}
        width={widthPx}
        height={heightPx}
        alt={[ownWords(t, alt), ...labels].join('. ')}
      />
      <svg viewBox={`0 0 ${widthPx} ${heightPx}`} aria-hidden="true">
        {marks.map((mark) => (
          <Mark key={JSON.stringify(mark)} mark={mark} size={picture} />
        ))}
      </svg>
    </span>
  );
}

interface MarkProps {
  readonly mark: PictureMark;
  readonly size: Pick<StepPicture, 'widthPx' | 'heightPx'>;
}

/** Bright with a dark edge: seen on every picture. */
export function Mark({ mark, size }: MarkProps) {
  const { t } = useTranslation();
  const { path, label } = drawnMark(mark, size);
  const unit = Math.max(size.widthPx, size.heightPx) / 100;
  return (
    <g strokeLinecap="round" strokeLinejoin="round" fill="none">
      <path d={path} className="mark-edge" strokeWidth={unit * 1.5} />
      <path d={path} className="mark-line" strokeWidth={unit * 0.8} />
      {mark.label && (
        <text
          x={label.x}
          y={label.y}
          textAnchor={label.anchor}
          dominantBaseline="middle"
          fontSize={unit * 4.2}
          strokeWidth={unit}
        >
          {ownWords(t, mark.label)}
        </text>
      )}
    </g>
  );
}
