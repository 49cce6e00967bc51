import { memo } from 'react';
import { useTranslation } from 'react-i18next';
import { drawSection } from '#core/joint/drawing/section';
import { shapeNow } from '#core/joint/heat/look';
import type { Hands, HeatSetup, HeatState } from '#core/joint/heat/model';
import type { JointShape } from '#core/joint/shape';
import { shapesText } from '#core/parts/drawing/svgText';
import { monoFace } from '../../app/tokens.ts';

/** Where the face of the tip is, in the section's millimetres. */
const touches: Readonly<Record<Exclude<Hands['iron'], 'away'>, readonly [number, number]>> = {
  both: [3.05, 2.85],
  pad: [2.75, 3.05],
  lead: [3.12, 2.15],
};

/** From grey through brown to bright orange, as a reader of temperatures sees it; figures stand beside it. */
function glow(celsius: number): string {
  const share = Math.min(1, Math.max(0, (celsius - 60) / 300));
  return `color-mix(in oklab, #ff7a1a ${Math.round(100 * share)}%, transparent)`;
}

const Section = memo(function Section({ shape }: { readonly shape: string }) {
  const drawing = drawSection(JSON.parse(shape) as JointShape);
  return (
    <g
      // biome-ignore lint/security/noDangerouslySetInnerHtml: made by core, and escaped there
      dangerouslySetInnerHTML={{ __html: shapesText(drawing.shapes, monoFace) }}
    />
  );
});

interface HeatPictureProps {
  readonly setup: HeatSetup;
  readonly state: HeatState;
  readonly hands: Hands;
}

/** The joint cut through, with the iron on the left and the solder on the right, and how hot pad and lead are. */
export function HeatPicture({ setup, state, hands }: HeatPictureProps) {
  const { t } = useTranslation();
  const [x, y] = hands.iron === 'away' ? [1.1, 1.2] : touches[hands.iron];
  const half = Math.min(0.75, 0.12 + setup.tip.widthMm * 0.2);
  return (
    <figure className="heat-picture" aria-hidden="true">
      <svg viewBox="0 0 7 5.6" aria-hidden="true">
        <Section shape={roundedShape(shapeNow(setup, state))} />
        <rect x={2.4} y={3} width={0.78} height={0.22} fill={glow(state.pad)} />
        <rect x={3.82} y={3} width={0.78} height={0.22} fill={glow(state.pad)} />
        <rect x={3.2} y={1.66} width={0.6} height={3.9} fill={glow(state.lead)} opacity={0.6} />
        <g transform={`translate(${x} ${y})`}>
          <path
            d={`M0 ${-half * 0.3}L0.1 ${half * 0.5}L-2.2 ${-1.2 + half}L-2.9 ${-1.8 - half}Z`}
            fill="#b4693a"
            stroke="#5f3214"
            strokeWidth={0.06}
          />
        </g>
        {hands.feed !== 'none' && (
          <path
            d={hands.feed === 'joint' ? 'M7 0.9L3.95 2.85' : `M7 0.4L${x - 0.1} ${y - 0.1}`}
            stroke="#c3c8cd"
            strokeWidth={0.16}
          />
        )}
      </svg>
      <figcaption>
        <span>
          {t('drill.heat.of.pad')}{' '}
          <strong>{t('practice.heatPicture.c2', { pad: Math.round(state.pad) })}</strong>
        </span>
        <span>
          {t('drill.heat.of.lead')}{' '}
          <strong>{t('practice.heatPicture.c3', { lead: Math.round(state.lead) })}</strong>
        </span>
        {setup.target.bodyLimit !== null && (
          <span>
            {t('drill.heat.of.body')}{' '}
            <strong>{t('practice.heatPicture.c', { body: Math.round(state.body) })}</strong>
          </span>
        )}
      </figcaption>
    </figure>
  );
}

/** To hundredths of a millimetre: what changes less need not be drawn again. */
const roundedShape = (shape: JointShape): string =>
  JSON.stringify(shape, (_, value: unknown) =>
    typeof value === 'number' ? Math.round(value * 50) / 50 : value,
  );
