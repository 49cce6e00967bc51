import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import Typography from '@mui/material/Typography';
import {
  lazy,
  memo,
  Suspense,
  useCallback,
  useDeferredValue,
  useEffect,
  useMemo,
  useRef,
  useState,
} from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import {
  type Board,
  type PictureSort,
  pictureOf,
  pictureSorts,
  type Side,
  tellsNets,
} from '#core/board/board';
import { facingsOf } from '#core/board/facing';
import { layoutProblems } from '#core/board/layout';
import { netsOf } from '#core/board/nets';
import { padsOf, partsByPlace } from '#core/board/pads';
import { inView } from '#core/board/transform';
import type { Stage } from '#core/order/stage';
import { shortDesignators } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import {
  allWhereWords,
  facingWords,
  hidingWords,
  holeWords,
  sideWords,
} from '#core/words/boardWords';
import { partName } from '#core/words/partWords';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { ink } from '../../app/tokens.ts';
import { useChoices } from '../../app/useChoices.ts';
import { BoardMap, wholeBoard } from '../../ui/board/BoardMap.tsx';
import { useZoom } from '../../ui/board/useZoom.ts';
import { EmptyState } from '../../ui/EmptyState.tsx';
import { useKit } from '../KitFrame.tsx';
import { SideSwitch, useSide } from './SideSwitch.tsx';
import { useBuildUp } from './useBuildUp.ts';

// They come after the picture.
const BoardFiles = lazy(async () => ({
  default: (await import('./BoardFiles.tsx')).BoardFiles,
}));
const NetDoubts = lazy(async () => ({
  default: (await import('../NetDoubts.tsx')).NetDoubts,
}));
const PlaneNets = lazy(async () => ({
  default: (await import('./PlaneNets.tsx')).PlaneNets,
}));
const Cables = lazy(async () => ({ default: (await import('./Cables.tsx')).Cables }));
const Panels = lazy(async () => ({ default: (await import('./Panels.tsx')).Panels }));
const BuildUpSlider = lazy(async () => ({
  default: (await import('./BuildUp.tsx')).BuildUpSlider,
}));
const BuildUpSteps = lazy(async () => ({
  default: (await import('./BuildUp.tsx')).BuildUpSteps,
}));

/** What the board itself tells; what is said of its circuit is doubted where it is said. */
const nothingSaid = {};

/** Where every part goes and which way round, from either side. */
export function BoardPage() {
  const { t } = useTranslation();
  const { board, lines } = useKit();
  const listed = useMemo(() => lines.map(({ part }) => part), [lines]);
  const parts = useMemo(() => partsByPlace(listed), [listed]);
  const build = useBuildUp();
  if (!board) {
    return (
      <EmptyState
        title={t('kits.boardPage.noBoardYet')}
        text={t('kits.boardPage.layThePartsOfTheKit')}
      >
        <InstructorOnly>
          <Button variant="contained" component={Link} to="layout">
            {t('kits.boardPage.layOutTheBoard')}
          </Button>
          <Suspense>
            <BoardFiles />
          </Suspense>
        </InstructorOnly>
      </EmptyState>
    );
  }
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 3,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 400px' },
      }}
    >
      <Box className="board-stage">
        <ZoomableMap board={board} parts={parts} stage={build?.stage} />
        {/* Together, so that the panels do not move when the slider comes. */}
        <Suspense>
          {build && (
            <>
              <BuildUpSlider {...build} />
              <Cables board={board} />
              <Panels board={board} />
            </>
          )}
        </Suspense>
      </Box>
      <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
        {/* Together too: the places below must not be pushed from under a finger. */}
        <Suspense fallback={<div aria-busy="true" />}>
          <InstructorOnly>
            <Box>
              <Button variant="outlined" component={Link} to="layout">
                {t('kits.boardPage.changeTheLayout')}
              </Button>
            </Box>
            <NetDoubts board={board} circuitNotes={nothingSaid} parts={listed} />
            <BoardFiles />
            <PlaneNets board={board} />
          </InstructorOnly>
          <Unplaced board={board} parts={parts} />
          <Places board={board} parts={parts} />
        </Suspense>
        {/* Last, so that nothing moves when they come. */}
        <Suspense>{build && <BuildUpSteps {...build} />}</Suspense>
      </Box>
    </Box>
  );
}

/** What nobody has placed yet, and what hangs over the edge: a learner would look for it in vain. */
function Unplaced({ board, parts }: BoardViewProps) {
  const { t } = useTranslation();
  const problems = useMemo(() => layoutProblems(board, parts), [board, parts]);
  const told = (['not-placed', 'outside'] as const)
    .map((kind) => ({
      kind,
      places: problems.flatMap((problem) => (problem.kind === kind ? problem.places : [])),
    }))
    .filter(({ places }) => places.length > 0);
  if (told.length === 0) return null;
  return (
    <Alert severity="warning">
      {told.map(({ kind, places }) => (
        <p key={kind} style={{ margin: 0 }}>
          {t(`kits.boardPage.${kind}`, { count: places.length, places: shortDesignators(places) })}
        </p>
      ))}
    </Alert>
  );
}

interface BoardViewProps {
  readonly board: Board;
  readonly parts: ReadonlyMap<string, Part>;
}

function useChosen() {
  const [search, choose] = useChoices();
  return {
    chosen: search.get('part') ?? undefined,
    choose: useCallback((part: string | undefined) => choose({ part }), [choose]),
  };
}

interface ZoomableMapProps extends BoardViewProps {
  /** How far it is built; undefined for the finished board. */
  readonly stage: Stage | undefined;
}

function ZoomableMap({ board, parts, stage }: ZoomableMapProps) {
  const { t } = useTranslation();
  const side = useSide();
  const { chosen, choose } = useChosen();
  const box = useRef<HTMLDivElement>(null);
  const [nets, setNets] = useState(false);
  const joined = useMemo(() => netsOf(board, parts), [board, parts]);
  const [pictures, setPictures] = useState<readonly PictureSort[]>([]);
  const whole = wholeBoard(board);
  const { view, zoomBy, showAll, show, pan } = useZoom(box, whole);
  const now = useMemo(
    () => new Set([...(stage?.now ?? []), ...(chosen ? [chosen] : [])]),
    [chosen, stage],
  );

  // biome-ignore lint/correctness/useExhaustiveDependencies: only another choice moves the picture
  useEffect(() => {
    const placement = board.placements.find(({ place }) => place === chosen);
    if (!placement) return;
    const { x, y } = inView(board, side, { x: placement.xMm, y: placement.yMm });
    const width = Math.min(whole.width, 34);
    const height = (width / whole.width) * whole.height;
    show({ x: x - width / 2, y: y - height / 2, width, height });
  }, [chosen, side]);

  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', mb: 1, flexWrap: 'wrap' }}>
        <SideSwitch />
        <Typography sx={{ flex: 1, color: 'text.secondary' }}>{sideWords(t, side)}</Typography>
        {pictureSorts
          .filter((what) => pictureOf(board, side, what))
          .map((what) => (
            <ToggleButton
              key={what}
              size="small"
              value={what}
              selected={pictures.includes(what)}
              onChange={() =>
                setPictures(
                  pictures.includes(what)
                    ? pictures.filter((one) => one !== what)
                    : [...pictures, what],
                )
              }
            >
              {t(`kits.pictureBehind.sort.${what}`)}
            </ToggleButton>
          ))}
        {tellsNets(board) && (
          <ToggleButton size="small" value="nets" selected={nets} onChange={() => setNets(!nets)}>
            {t('kits.boardPage.connections')}
          </ToggleButton>
        )}
        <Button onClick={() => zoomBy(1.4)} aria-label={t('kits.boardPage.closer')}>
          +
        </Button>
        <Button onClick={() => zoomBy(1 / 1.4)} aria-label={t('kits.boardPage.farther')}>
          −
        </Button>
        <Button
          onClick={() => {
            choose(undefined);
            showAll();
          }}
        >
          {t('kits.boardPage.wholeBoard')}
        </Button>
      </Box>
      <Box
        ref={box}
        {...pan}
        className="board-window"
        sx={{ height: '62vh', minHeight: 320, overflow: 'hidden', background: ink('sunk') }}
      >
        <BoardMap
          board={board}
          parts={parts}
          side={side}
          view={view}
          now={now}
          choose={choose}
          nets={nets ? joined : undefined}
          pictures={pictures}
          photoAlone={pictures.includes('photo') && !!pictureOf(board, side, 'photo')}
          {...(stage ? { done: stage.done } : {})}
        />
      </Box>
    </Box>
  );
}

/** Every part with its spot in words, for reading and for choosing; the picture goes first when the board is opened or turned. */
function Places({ board, parts }: BoardViewProps) {
  const { t } = useTranslation();
  const side = useDeferredValue<Side | null>(useSide(), null);
  const { chosen, choose } = useChosen();
  if (!side)
    return <ul className="board-places" aria-label={t('kits.boardPage.places')} aria-busy="true" />;
  return <PlaceList board={board} parts={parts} side={side} chosen={chosen} choose={choose} />;
}

interface PlaceListProps extends BoardViewProps {
  readonly side: Side;
  readonly chosen: string | undefined;
  readonly choose: (place: string) => void;
}

const PlaceList = memo(function PlaceList({ board, parts, side, chosen, choose }: PlaceListProps) {
  const { t, i18n } = useTranslation();
  const pads = useMemo(() => padsOf(board, parts), [board, parts]);
  const spots = allWhereWords(t, i18n.language, board, parts, side);
  const hiding = useMemo(() => hidingWords(t, board, [...parts.values()]), [t, board, parts]);
  return (
    <ul className="board-places" aria-label={t('kits.boardPage.places')}>
      {board.placements.map((placement) => {
        const { place } = placement;
        const part = parts.get(place);
        const where = spots.get(place);
        if (!part || !where) return null;
        const facings = facingsOf(part, placement, side).map((facing) => facingWords(t, facing));
        const holes = holeWords(
          t,
          board,
          side,
          pads.filter((pad) => pad.place === place),
        );
        return (
          <li key={place}>
            <button type="button" onClick={() => choose(place)} aria-pressed={chosen === place}>
              <strong className="mono">{place}</strong> {partName(t, part)}
              <span>{[where, ...facings, ...holes, ...(hiding.get(place) ?? [])].join('; ')}</span>
            </button>
          </li>
        );
      })}
    </ul>
  );
});
