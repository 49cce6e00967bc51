import { type KeyboardEvent, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { JointClassId } from '#core/joint/classes';
import { jointClassOf } from '#core/joint/classes';
import type { RemedyId } from '#core/joint/remedies';
import {
  type BridgeTask,
  drawField,
  fieldMm,
  type Gap,
  gapLooks,
  gaps,
  isSameGap,
  pitchMm,
  spotName,
  spotOf,
} from '#core/learning/drills/joints/findBridge';
import { picturesOf, type SeenJoint } from '#core/learning/drills/joints/pictures';
import type { RemedyTask } from '#core/learning/drills/joints/remedy';
import type { NameTask } from '#core/learning/drills/joints/whatJoint';
import { shapesText } from '#core/parts/drawing/svgText';
import { monoFace } from '../../app/tokens.ts';
import { DrawingSvg } from '../../ui/DrawingSvg.tsx';
import { Choices } from '../Choices.tsx';
import type { ViewProps } from '../exerciseView.ts';

/** A joint from above and cut through. */
function Joint(joint: SeenJoint) {
  const { t } = useTranslation();
  const { above, section } = picturesOf(joint);
  return (
    <div className="drill-pair drill-joint" aria-hidden="true">
      <figure>
        <DrawingSvg drawing={above} />
        <figcaption>{t('drill.joints.above')}</figcaption>
      </figure>
      <figure className="drill-section">
        <DrawingSvg drawing={section} />
        <figcaption>{t('drill.joints.section')}</figcaption>
      </figure>
    </div>
  );
}

function WhatJoint({ task, given, answer }: ViewProps<NameTask, JointClassId>) {
  const { t } = useTranslation();
  return (
    <>
      <Joint joint={task.joint} variation={task.variation} />
      <Choices
        label={t('practice.pickWhy')}
        choices={task.choices.map((value) => ({ value, says: t(`joint.${value}.name`) }))}
        right={task.joint}
        given={given}
        answer={answer}
      />
    </>
  );
}

function Remedy({ task, given, answer }: ViewProps<RemedyTask, RemedyId>) {
  const { t } = useTranslation();
  return (
    <>
      <Joint joint={task.joint} variation={task.variation} />
      <Choices
        label={t('practice.pickWhy')}
        choices={task.choices.map((value) => ({ value, says: t(`jointRemedy.${value}`) }))}
        right={jointClassOf(task.joint).remedy}
        given={given}
        answer={answer}
      />
    </>
  );
}

/** From which gap an arrow leads to which: the nearest one in that direction. */
const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const middleOf = ([a, b]: Gap) => {
  const [one, other] = [spotOf(a), spotOf(b)];
  return { x: (one.x + other.x) / 2, y: (one.y + other.y) / 2 };
};

function nextGap(from: number, [dx, dy]: readonly [number, number]): number {
  const start = gaps[from];
  if (!start) return from;
  const here = middleOf(start);
  const candidates = gaps.flatMap((gap, index) => {
    const { x, y } = middleOf(gap);
    const along = (x - here.x) * dx + (y - here.y) * dy;
    const across = Math.abs((x - here.x) * dy) + Math.abs((y - here.y) * dx);
    return along > 0.1 ? [{ index, far: along + 2 * across }] : [];
  });
  return candidates.sort((a, b) => a.far - b.far)[0]?.index ?? from;
}

function FindBridge({ task, given, answer }: ViewProps<BridgeTask, Gap | null>) {
  const { t } = useTranslation();
  const [at, setAt] = useState(0);
  const buttons = useRef(new Map<number, SVGRectElement>());
  const isOpen = given === undefined && answer !== undefined;
  const go = (event: KeyboardEvent) => {
    const arrow = arrows[event.key];
    if (!arrow) return;
    event.preventDefault();
    const next = nextGap(at, arrow);
    setAt(next);
    buttons.current.get(next)?.focus();
  };
  const take = (gap: Gap) => isOpen && answer(gap);
  return (
    <>
      {/* biome-ignore lint/a11y/useSemanticElements: a picture with places to point at */}
      <svg
        className="drill-board"
        viewBox={`0 0 ${fieldMm.width} ${fieldMm.height}`}
        role="group"
        aria-label={t('drill.joints.bridge.field')}
      >
        <g
          // biome-ignore lint/security/noDangerouslySetInnerHtml: made by core, and escaped there
          dangerouslySetInnerHTML={{ __html: shapesText(drawField(task).shapes, monoFace) }}
        />
        {gaps.map((gap, index) => {
          const { x, y } = middleOf(gap);
          const size = pitchMm * 0.62;
          const looks = gapLooks(task, gap);
          return (
            // biome-ignore lint/a11y/useSemanticElements: a gap lies in the picture
            <rect
              key={gap.join()}
              ref={(element) => {
                if (element) buttons.current.set(index, element);
              }}
              role="button"
              tabIndex={isOpen && index === at ? 0 : -1}
              aria-disabled={!isOpen}
              aria-label={t(`drill.joints.bridge.gap.${looks}`, {
                a: spotName(gap[0]),
                b: spotName(gap[1]),
              })}
              className={`drill-gap ${gapState(task, given, gap)}`}
              x={x - size / 2}
              y={y - size / 2}
              width={size}
              height={size}
              rx={0.3}
              onClick={() => take(gap)}
              onKeyDown={(event) => {
                if (event.key === 'Enter' || event.key === ' ') {
                  event.preventDefault();
                  event.stopPropagation();
                  take(gap);
                } else go(event);
              }}
            />
          );
        })}
      </svg>
      {isOpen && (
        <button type="button" className="drill-side" onClick={() => answer(null)}>
          {t('drill.joints.bridge.none')}
        </button>
      )}
    </>
  );
}

function gapState({ bridge }: BridgeTask, given: Gap | null | undefined, gap: Gap): string {
  if (given === undefined) return '';
  if (isSameGap(gap, bridge)) return 'drill-gap-right';
  return isSameGap(gap, given) ? 'drill-gap-wrong' : '';
}

/** The pictures of the drill, by kind of exercise. */
export const jointsViews = { what: WhatJoint, remedy: Remedy, bridge: FindBridge };
