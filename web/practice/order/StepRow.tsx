import type { ComponentProps } from 'react';
import { useTranslation } from 'react-i18next';
import type { StepCard } from '#core/learning/drills/order/whatFirst';
import { shortDesignators } from '#core/parts/label';
import { saying } from '#core/words/sayings';
import { Glyph } from '../../ui/Glyph.tsx';
import { PartPicture, pictureScale } from '../../ui/PartPicture.tsx';

export interface StepRowProps {
  readonly card: StepCard;
  readonly isOpen: boolean;
  readonly isWrong: boolean;
  readonly isFirst: boolean;
  readonly isLast: boolean;
  readonly move: (by: 1 | -1) => void;
  /** What makes it draggable. */
  readonly row?: Pick<ComponentProps<'li'>, 'ref' | 'style'>;
  readonly grip?: ComponentProps<'button'>;
}

export interface StepsProps {
  readonly rows: readonly Omit<StepRowProps, 'row' | 'grip'>[];
  /** Puts the one at an index to another. */
  readonly place: (from: number, to: number) => void;
}

/** A step that is put in its place among others, by its two buttons. */
export function StepRow({ card, isOpen, isWrong, isFirst, isLast, move, row, grip }: StepRowProps) {
  const { t } = useTranslation();
  const says = saying(t, card.says);
  return (
    <li {...row} className={`drill-step ${isWrong ? 'drill-step-wrong' : ''}`}>
      <button type="button" className="drill-grip" disabled={!isOpen} {...grip}>
        <span className="drill-step-picture" aria-hidden="true">
          {card.part && (
            <PartPicture
              part={card.part}
              pixelsPerMm={pictureScale(card.part, { width: 76, height: 40 })}
            />
          )}
        </span>
        <span>
          {says} <span className="drill-mono">{shortDesignators(card.places)}</span>
        </span>
        {isWrong && <Glyph name="cross" />}
      </button>
      {isOpen && (
        <span className="drill-move">
          <button
            type="button"
            aria-label={`${t('drill.order.first.up')}: ${says}`}
            disabled={isFirst}
            onClick={() => move(-1)}
          >
            <Glyph name="up" />
          </button>
          <button
            type="button"
            aria-label={`${t('drill.order.first.down')}: ${says}`}
            disabled={isLast}
            onClick={() => move(1)}
          >
            <Glyph name="down" />
          </button>
        </span>
      )}
    </li>
  );
}
