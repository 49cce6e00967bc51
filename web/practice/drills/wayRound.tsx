import { type ReactNode, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type HoleTask, hole } from '#core/learning/drills/wayRound/hole';
import { drawInHand, drawPlace } from '#core/learning/drills/wayRound/pictures';
import {
  handWords,
  noteOf,
  type Quarter,
  quarters,
  type TurnAnswer,
  type TurnTask,
} from '#core/learning/drills/wayRound/turn';
import type { Drawing } from '#core/parts/drawing/drawing';
import { material } from '#core/parts/drawing/drawing';
import { shapesText } from '#core/parts/drawing/svgText';
import type { Part } from '#core/parts/part';
import { saying } from '#core/words/sayings';
import { useShortcuts } from '../../app/shortcuts.ts';
import { monoFace } from '../../app/tokens.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { Choices } from '../Choices.tsx';
import type { ViewProps } from '../exerciseView.ts';

interface LayProps {
  readonly drawing: Drawing;
  /** Counter-clockwise, in degrees. */
  readonly rotation: number;
  readonly className?: string;
}

/** A drawing turned about its middle, which lies at the origin. */
function Lay({ drawing: { shapes, widthMm, heightMm }, rotation, className }: LayProps) {
  return (
    <g
      className={className}
      transform={`rotate(${-rotation}) translate(${-widthMm / 2} ${-heightMm / 2})`}
      // biome-ignore lint/security/noDangerouslySetInnerHtml: made by core, and escaped there
      dangerouslySetInnerHTML={{ __html: shapesText(shapes, monoFace) }}
    />
  );
}

/** So much room, in mm, shows a drawing at any rotation. */
const roomFor = (...drawings: readonly Drawing[]): number =>
  Math.max(...drawings.map(({ widthMm, heightMm }) => Math.hypot(widthMm, heightMm))) * 0.9 + 1;

interface FieldProps {
  readonly room: number;
  /** Mirrored, as the board is when it is turned over sideways. */
  readonly isBelow?: boolean;
  readonly children: ReactNode;
}

function Field({ room, isBelow = false, children }: FieldProps) {
  return (
    <svg
      className="drill-field"
      viewBox={`${-room / 2} ${-room / 2} ${room} ${room}`}
      aria-hidden="true"
    >
      <g {...(isBelow ? { transform: 'scale(-1 1)' } : {})}>{children}</g>
    </svg>
  );
}

function Turn({ task, given, answer }: ViewProps<TurnTask, TurnAnswer>) {
  const { t } = useTranslation();
  const [hand, setHand] = useState<Quarter>(task.hand);
  const place = drawPlace(task.part);
  const part = drawInHand(task.part);
  const room = roomFor(place, part);
  const isOpen = given === undefined && answer !== undefined;
  const isBelow = task.side === 'bottom';
  // Seen from below, a turn to the left is one to the right of the board.
  const turnBy = (step: 1 | 3) =>
    setHand(
      (before) => quarters[(quarters.indexOf(before) + (isBelow ? 4 - step : step)) % 4] ?? 0,
    );
  useShortcuts(
    isOpen
      ? [
          { key: 'ArrowLeft', does: t('practice.wayRound.turnLeft'), run: () => turnBy(1) },
          { key: 'ArrowRight', does: t('practice.wayRound.turnRight'), run: () => turnBy(3) },
          { key: 'Enter', does: t('practice.wayRound.itGoesInLikeThis'), run: () => answer(hand) },
          { key: 'e', does: t('practice.wayRound.itDoesNotMatter'), run: () => answer('either') },
        ]
      : [],
  );
  return (
    <>
      <LotSheet part={task.part} />
      <div className="drill-pair">
        <figure>
          <Field room={room} isBelow={isBelow}>
            <Lay drawing={place} rotation={task.board} />
            {given !== undefined && (
              <Lay
                drawing={part}
                rotation={given === 'either' ? task.board : given}
                className="drill-dropped"
              />
            )}
          </Field>
          <figcaption>
            {t('drill.wayRound.turn.place')}. {t(`drill.wayRound.hole.${task.side}`)}
          </figcaption>
        </figure>
        {given === undefined && (
          <figure className="drill-hand">
            <Field room={room} isBelow={isBelow}>
              <Lay drawing={part} rotation={hand} />
            </Field>
            <figcaption>{t('drill.wayRound.turn.inHand')}</figcaption>
          </figure>
        )}
      </div>
      {isOpen && (
        <>
          <p role="status" className="drill-note">
            {saying(t, handWords(task.part, hand, task.side))}
          </p>
          <div className="drill-row">
            <button type="button" className="drill-side" onClick={() => turnBy(1)}>
              ⟲ {t('drill.wayRound.turn.left')}
            </button>
            <button type="button" className="drill-side" onClick={() => turnBy(3)}>
              ⟳ {t('drill.wayRound.turn.rightButton')}
            </button>
          </div>
          <div className="drill-row">
            <button type="button" className="drill-side" onClick={() => answer('either')}>
              {t('drill.wayRound.turn.eitherButton')}
            </button>
            <button type="button" className="drill-main" onClick={() => answer(hand)}>
              {t('drill.wayRound.turn.drop')}
            </button>
          </div>
        </>
      )}
    </>
  );
}

function Hole({ task, given, answer }: ViewProps<HoleTask, string>) {
  const { t } = useTranslation();
  const { part, board, side, holes } = task;
  const place = drawPlace(part);
  const room = roomFor(place);
  const right = hole.answer(task);
  return (
    <>
      <LotSheet part={part} />
      <div className="drill-pair">
        {side === 'bottom' && (
          <figure>
            <Field room={room}>
              <Lay drawing={place} rotation={board} />
            </Field>
            <figcaption>{t('drill.wayRound.hole.top')}</figcaption>
          </figure>
        )}
        <figure>
          <Field room={room}>
            {side === 'top' ? (
              <Lay drawing={place} rotation={board} />
            ) : (
              <rect
                x={-room / 2 + 1}
                y={-room / 2 + 1}
                width={room - 2}
                height={room - 2}
                rx={0.8}
                fill={material.boardGreen}
              />
            )}
            {holes.map(({ pin, letter, xMm, yMm }) => (
              <g key={pin} transform={`translate(${xMm} ${yMm})`}>
                {side === 'bottom' && <circle r={0.95} fill={material.pad} />}
                {side === 'bottom' && <circle r={0.42} fill={material.padHole} />}
                {given !== undefined && pin === right && <circle r={1.3} className="drill-here" />}
                <text {...besideHole(xMm, yMm, holes.length)} className="drill-letter">
                  {letter}
                </text>
              </g>
            ))}
          </Field>
          <figcaption>{t(`drill.wayRound.hole.${side}`)}</figcaption>
        </figure>
      </div>
      <Choices
        label={t('practice.pickWhy')}
        choices={holes.map(({ pin, letter }) => ({ value: pin, says: letter }))}
        right={right}
        given={given}
        answer={answer}
      />
    </>
  );
}

/** Letters of two holes stand beside their line, where no sign is printed; those of corners outside. */
function besideHole(xMm: number, yMm: number, count: number) {
  const far = Math.hypot(xMm, yMm) || 1;
  const [x, y] = [(2.1 * xMm) / far, (2.1 * yMm) / far];
  // Always on the right or above, whichever end it is.
  if (count === 2) return { x: Math.abs(y), y: 0.7 - Math.abs(x) };
  return { x, y: y + 0.7 };
}

/** What the sheet of an odd lot says. */
function LotSheet({ part }: { readonly part: Part }) {
  const { t } = useTranslation();
  return noteOf(part).map((note) => {
    const line = saying(t, note);
    return (
      <p key={line} className="drill-sheet">
        <Glyph name="warn" /> {line}
      </p>
    );
  });
}

/** The pictures of the drill, by kind of exercise. */
export const wayRoundViews = { turn: Turn, hole: Hole };
