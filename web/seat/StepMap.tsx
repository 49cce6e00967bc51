import type { TFunction } from 'i18next';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type Board, pictureOf, type Side } from '#core/board/board';
import { facingsOf } from '#core/board/facing';
import { moreHeat } from '#core/board/heat';
import { padsOf, partsByPlace } from '#core/board/pads';
import { viewOfParts } from '#core/board/view';
import type { HeatTimes } from '#core/joint/heat/iron';
import { type Stage, stageAt } from '#core/order/stage';
import type { Step } from '#core/order/step';
import type { PlannedStep } from '#core/pace/stepMinutes';
import {
  allWhereWords,
  facingWords,
  hidingWords,
  holeWords,
  sideWords,
} from '#core/words/boardWords';
import { BoardMap, wholeBoard } from '../ui/board/BoardMap.tsx';
import { nearParts } from './nearParts.ts';

// Looked at on demand.
const BuildUp = lazy(async () => ({ default: (await import('./BuildUp.tsx')).BuildUp }));

interface StepMapProps {
  readonly board: Board;
  readonly steps: readonly PlannedStep[];
  readonly step: Extract<Step, { parts: unknown }>;
  readonly heatTimes: HeatTimes;
}

const photoOnly = ['photo'] as const;

const nothing: Pick<Stage, 'now' | 'done'> = { now: new Set(), done: new Set() };

/** Where the parts of this step go: the board drawn near them, from either side, and in words. */
export function StepMap({ board, steps, step, heatTimes }: StepMapProps) {
  const { t, i18n } = useTranslation();
  const [side, setSide] = useState<Side>('top');
  const [whole, setWhole] = useState(false);
  const [builds, setBuilds] = useState(false);
  const [photo, setPhoto] = useState(false);
  useEffect(() => {
    if (!board.pictures) return;
    // Without network they are missing, and the drawing is there.
    import('../ui/board/BoardPictures.tsx').then(
      ({ fetchPhotos }) => fetchPhotos(board),
      () => undefined,
    );
  }, [board]);
  const hasPhoto = pictureOf(board, side, 'photo') !== undefined;
  const parts = useMemo(
    () => partsByPlace(steps.flatMap((one) => (one.kind === 'check' ? [] : one.parts))),
    [steps],
  );
  const { now: here, done } = useMemo(
    () => stageAt(steps, step.id, new Set(board.placements.map(({ place }) => place))) ?? nothing,
    [steps, step, board],
  );
  const hiding = useMemo(() => hidingWords(t, board, [...parts.values()]), [t, board, parts]);
  if (here.size === 0) return null;
  const placements = board.placements.filter(({ place }) => here.has(place));
  const placed = placements.flatMap((placement) => {
    const part = parts.get(placement.place);
    return part ? [{ placement, part }] : [];
  });
  const pads = padsOf(board, parts).filter(({ place }) => here.has(place));
  const heat = new Set(pads.flatMap((pad) => moreHeat(board, pad) ?? []));
  const hot = [...new Set(pads.filter((pad) => moreHeat(board, pad)).map(({ place }) => place))];
  return (
    <section className="step-map" aria-label={t('seat.map')}>
      <div className="map-frame">
        <BoardMap
          board={board}
          parts={parts}
          side={side}
          view={whole ? wholeBoard(board) : viewOfParts(board, side, placed, nearParts)}
          now={here}
          done={done}
          {...(photo && hasPhoto ? { pictures: photoOnly, photoAlone: true } : {})}
        />
      </div>
      <p className="map-side">{sideWords(t, side)}</p>
      <div className="foot-row map-buttons">
        <button
          type="button"
          className="side-button"
          onClick={() => setSide(side === 'top' ? 'bottom' : 'top')}
        >
          {t(side === 'top' ? 'seat.turnOver' : 'seat.turnBack')}
        </button>
        <button type="button" className="side-button" onClick={() => setWhole(!whole)}>
          {t(whole ? 'seat.closer' : 'seat.wholeBoard')}
        </button>
        {hasPhoto && (
          <button type="button" className="side-button" onClick={() => setPhoto(!photo)}>
            {t(photo ? 'seat.drawing' : 'seat.photo')}
          </button>
        )}
      </div>
      <button
        type="button"
        className="side-button"
        aria-expanded={builds}
        onClick={() => setBuilds(!builds)}
      >
        {t('seat.buildUp')}
      </button>
      {builds && (
        <Suspense>
          <BuildUp key={step.id} board={board} parts={parts} steps={steps} stepId={step.id} />
        </Suspense>
      )}
      <ul className="map-words">
        {placed.map(({ placement, part }) => {
          const where = allWhereWords(t, i18n.language, board, parts, side).get(placement.place);
          if (!where) return null;
          const facings = facingsOf(part, placement, side).map((facing) => facingWords(t, facing));
          const holes = holeWords(
            t,
            board,
            side,
            pads.filter((pad) => pad.place === placement.place),
          );
          return (
            <li key={placement.place}>
              <strong className="place-names">{placement.place}</strong>{' '}
              {[where, ...facings, ...holes, ...(hiding.get(placement.place) ?? [])].join('; ')}
            </li>
          );
        })}
      </ul>
      {heat.size > 0 && (
        <p className="way way-matters">
          <strong>{t('seat.moreHeat', { places: hot.join(', ') })}</strong>{' '}
          {t(heat.has('plane') ? 'seat.heatPlane' : 'seat.heatLarge')}{' '}
          {heatSeconds(t, heatTimes, heat.has('plane'))}
        </p>
      )}
    </section>
  );
}

/** How long that is with this workshop's iron; a pad on a plane lies between one with spokes and one that is all plane. */
function heatSeconds(t: TFunction, times: HeatTimes, onPlane: boolean): string {
  const [from, to] = onPlane ? [times.spokes, times.plane] : [times.largePad, times.largePad];
  const ordinary = times.ordinary?.toFixed(0) ?? '';
  const written = (seconds: number) => Math.max(1, Math.round(seconds)).toFixed(0);
  if (from === null) return t('seat.heatNever');
  if (to === null) return t('seat.heatFrom', { from: written(from), ordinary });
  return written(from) === written(to)
    ? t('seat.heatAbout', { from: written(from), ordinary })
    : t('seat.heatBetween', { from: written(from), to: written(to), ordinary });
}
