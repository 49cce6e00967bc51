import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  type KeyboardEvent,
  lazy,
  type PointerEvent,
  Suspense,
  useMemo,
  useRef,
  useState,
} from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import {
  type Board,
  emptyBoard,
  type Hole,
  type Placement,
  pictureSorts,
  pitchMm,
} from '#core/board/board';
import { snapped } from '#core/board/edit';
import { nearestHole } from '#core/board/holes';
import { layoutProblems, unplacedOf } from '#core/board/layout';
import { partsByPlace } from '#core/board/pads';
import {
  alignedByPads,
  chipsForSockets,
  copiedGroup,
  type Grid,
  gridOfParts,
  isAlike,
  socketNear,
  withPartners,
} from '#core/board/together';
import { fromView, inView, type Point } from '#core/board/transform';
import { viewOfAll } from '#core/board/view';
import { useShortcuts } from '../../app/shortcuts.ts';
import { ink } from '../../app/tokens.ts';
import { BoardMap, wholeBoard } from '../../ui/board/BoardMap.tsx';
import { useZoom } from '../../ui/board/useZoom.ts';
import { useKit } from '../KitFrame.tsx';
import { useChangeKit } from '../useChangeKit.tsx';
import { LayoutTools, type Tool } from './LayoutTools.tsx';
import { layoutHint } from './layoutHint.ts';
import { ProblemLines } from './ProblemLines.tsx';
import { SideSwitch, useSide } from './SideSwitch.tsx';
import { Tray } from './Tray.tsx';
import { useLayout } from './useLayout.ts';

// Few outlines are drawn.
const DrawnLine = lazy(async () => ({ default: (await import('./DrawnLine.tsx')).DrawnLine }));

/** Room around the board. */
const edgeMm = 3;

/** An outline for a kit that has no board yet. */
const firstOutline = emptyBoard(80, 50, 'printed');

/** Lays the parts of the kit out on an outline, by pointer or by keys alone. */
export function LayoutPage() {
  const { t } = useTranslation();
  const kit = useKit();
  const navigate = useNavigate();
  const changeKit = useChangeKit();
  const side = useSide();
  const [start] = useState<Board>(() => kit.board ?? firstOutline);
  const layout = useLayout(kit.revisionId, start);
  const { board, edit } = layout;
  const parts = useMemo(() => partsByPlace(kit.lines.map(({ part }) => part)), [kit.lines]);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [held, setHeld] = useState<string>();
  const [grid, setGrid] = useState<Grid>();
  const [tool, setTool] = useState<Tool>('move');
  const [linkFrom, setLinkFrom] = useState<Hole>();
  const [stepMm, setStepMm] = useState(pitchMm);
  const [drag, setDrag] = useState<{
    places: readonly string[];
    from: Point;
    dx: number;
    dy: number;
  }>();
  const [scaling, setScaling] = useState<readonly Point[]>();
  /** Corners of an outline, clicked so far. */
  const [drawing, setDrawing] = useState<readonly Point[]>();
  const box = useRef<HTMLDivElement>(null);
  const { view, zoomBy, show, pan, pixelsPerMm } = useZoom(box, wholeBoard(board));
  const now = useMemo(() => new Set(chosen), [chosen]);
  const problems = useMemo(() => layoutProblems(board, parts), [board, parts]);
  const unplaced = useMemo(() => unplacedOf(board, parts), [board, parts]);
  const chipOf = useMemo(() => chipsForSockets(parts, unplaced), [parts, unplaced]);
  /** A chip that goes with its socket is not placed by itself. */
  const waiting = useMemo(() => {
    const chips = new Set(chipOf.values());
    return [...parts].filter(([place]) => unplaced.includes(place) && !chips.has(place));
  }, [parts, unplaced, chipOf]);
  const heldPart = held === undefined ? undefined : parts.get(held);
  const alike = heldPart
    ? waiting.flatMap(([place, part]) => (isAlike(part, heldPart) ? [place] : []))
    : [];

  /** Where the pointer is on the board, in its own coordinates. */
  const pointAt = (event: { clientX: number; clientY: number }): Point => {
    const rect = box.current?.getBoundingClientRect() ?? new DOMRect();
    const scale = pixelsPerMm();
    return fromView(board, side, {
      x: view.x + view.width / 2 + (event.clientX - rect.left - rect.width / 2) / scale,
      y: view.y + view.height / 2 + (event.clientY - rect.top - rect.height / 2) / scale,
    });
  };
  const onGrid = ({ x, y }: Point): Point => ({ x: snapped(x, stepMm), y: snapped(y, stepMm) });

  const put = (place: string, at: Point) => {
    const { x, y } = onGrid(at);
    const usual = { rotation: 0, side };
    const socket = socketNear(board, parts, place, at);
    const placements =
      grid && alike.length > 1
        ? gridOfParts(alike, { x, y }, grid, usual)
        : [socket ? { ...socket, place } : { place, xMm: x, yMm: y, ...usual }];
    const chips = placements.flatMap((placement): Placement[] => {
      const chip = chipOf.get(placement.place);
      return chip === undefined ? [] : [{ ...placement, place: chip }];
    });
    edit(...[...placements, ...chips].map((placement) => ({ kind: 'place' as const, placement })));
    setChosen([...placements, ...chips].map((one) => one.place));
    setHeld(undefined);
    setGrid(undefined);
  };
  const copy = () => {
    const spots = board.placements.filter(({ place }) => chosen.includes(place));
    const ys = spots.map(({ yMm }) => yMm);
    const down = snapped(Math.max(...ys) - Math.min(...ys) + 10, stepMm);
    const copied = copiedGroup(board, parts, chosen, unplaced, { dx: 0, dy: -down });
    edit(...copied.map((placement) => ({ kind: 'place' as const, placement })));
    if (copied.length > 0) setChosen(copied.map(({ place }) => place));
  };

  const partnersOf = (places: readonly string[]) => withPartners(board, parts, places);
  const choose = (place: string) => setChosen(partnersOf([place]));
  const grab = (place: string, event: PointerEvent) => {
    if (tool !== 'move' || held || scaling || drawing || event.button !== 0) return;
    event.stopPropagation();
    const places = partnersOf(
      event.shiftKey ? [...new Set([...chosen, place])] : chosen.includes(place) ? chosen : [place],
    );
    setChosen(places);
    setDrag({ places, from: pointAt(event), dx: 0, dy: 0 });
    box.current?.setPointerCapture(event.pointerId);
  };
  const dragTo = (event: PointerEvent) => {
    if (!drag) return pan.onPointerMove(event);
    const { x, y } = pointAt(event);
    return setDrag({
      ...drag,
      dx: snapped(x - drag.from.x, stepMm),
      dy: snapped(y - drag.from.y, stepMm),
    });
  };
  const drop = (event: PointerEvent) => {
    if (!drag) return pan.onPointerUp(event);
    if (drag.dx !== 0 || drag.dy !== 0) {
      edit({ kind: 'move', places: drag.places, dx: drag.dx, dy: drag.dy });
    }
    return setDrag(undefined);
  };
  const click = (event: React.MouseEvent) => {
    const at = pointAt(event);
    if (held) return put(held, at);
    if (drawing) return setDrawing([...drawing, onGrid(at)]);
    if (scaling) return setScaling([...scaling, at].slice(-2));
    if (tool === 'move') return undefined;
    const { hole } = nearestHole(board, at);
    if (tool === 'cut') return edit({ kind: 'cut', hole });
    if (!linkFrom) return setLinkFrom(hole);
    edit({ kind: 'link', link: { from: linkFrom, to: hole } });
    return setLinkFrom(undefined);
  };

  // As it is seen: from below, left and right change.
  const turn = (to: 'left' | 'right') =>
    edit({ kind: 'rotate', places: chosen, by: (to === 'left') === (side === 'top') ? 90 : 270 });
  const flip = () => edit({ kind: 'flip', places: chosen });
  const remove = () => {
    edit({ kind: 'remove', places: chosen });
    setChosen([]);
  };
  const arrows: Readonly<Record<string, readonly [number, number]>> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
  };
  const onKey = (place: string, event: KeyboardEvent) => {
    const arrow = arrows[event.key];
    if (!arrow) return;
    event.preventDefault();
    const [dx, dy] = arrow;
    const places = chosen.includes(place) ? chosen : partnersOf([place]);
    setChosen(places);
    const seen = side === 'bottom' ? -dx : dx;
    edit({ kind: 'move', places, dx: seen * stepMm, dy: dy * stepMm });
  };
  useShortcuts([
    { key: ',', does: t('kits.layoutPage.turnLeft'), run: () => turn('left') },
    { key: '.', does: t('kits.layoutPage.turnRight'), run: () => turn('right') },
    { key: 'o', does: t('kits.layoutPage.putWhatIsChosenOnThe'), run: flip },
    { key: 'Delete', does: t('kits.layoutPage.takeWhatIsChosenOffThe'), run: remove },
    { key: 'u', does: t('kits.layoutPage.undo'), run: layout.undo },
    { key: 'y', does: t('kits.layoutPage.doAgain'), run: layout.redo },
  ]);

  const save = async () => {
    const refusal = await changeKit({ board }, t('kits.layoutPage.theBoardIsSaved'));
    if (refusal) return refusal.message;
    layout.forget();
    await navigate(`/kits/${kit.id}/board`);
    return undefined;
  };

  const dragged = useMemo(
    () =>
      drag
        ? {
            ...board,
            placements: board.placements.map((one) =>
              drag.places.includes(one.place)
                ? { ...one, xMm: one.xMm + drag.dx, yMm: one.yMm + drag.dy }
                : one,
            ),
          }
        : board,
    [board, drag],
  );

  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '190px minmax(0, 1fr) 300px' },
      }}
    >
      <Tray
        waiting={waiting}
        held={held}
        hold={(place) => {
          setHeld(place);
          setGrid(undefined);
        }}
        chipOf={chipOf}
        alike={alike}
        grid={grid}
        setGrid={setGrid}
        nowhere={board.nowhere ?? []}
        setNowhere={(places, is) => {
          edit({ kind: 'nowhere', places, is });
          setHeld(undefined);
        }}
        putInMiddle={(place) => put(place, middleFor(board, waiting.length))}
      />
      <Box>
        <Box sx={{ display: 'flex', gap: 1, mb: 1, alignItems: 'center', flexWrap: 'wrap' }}>
          <SideSwitch />
          <Box sx={{ flex: 1 }} />
          <Button onClick={() => zoomBy(1.4)} aria-label={t('kits.layoutPage.closer')}>
            +
          </Button>
          <Button onClick={() => zoomBy(1 / 1.4)} aria-label={t('kits.layoutPage.farther')}>
            −
          </Button>
          <Button onClick={() => show(viewOfAll(board, parts, side, edgeMm))}>
            {t('kits.layoutPage.wholeBoard')}
          </Button>
        </Box>
        <Box
          ref={box}
          data-testid="layout"
          onPointerDown={
            tool === 'move' && !held && !scaling && !drawing ? pan.onPointerDown : undefined
          }
          onPointerMove={dragTo}
          onPointerUp={drop}
          onPointerCancel={drop}
          onClick={click}
          sx={{
            height: '58vh',
            minHeight: 320,
            overflow: 'hidden',
            background: ink('sunk'),
            cursor: held || tool !== 'move' || scaling || drawing ? 'crosshair' : 'grab',
          }}
        >
          <BoardMap
            board={dragged}
            parts={parts}
            side={side}
            view={view}
            now={now}
            choose={choose}
            grab={grab}
            onKey={onKey}
            pictures={pictureSorts}
          >
            {drawing && (
              <Suspense>
                <DrawnLine points={drawing.map((point) => inView(board, side, point))} />
              </Suspense>
            )}
          </BoardMap>
        </Box>
        <Typography role="status" sx={{ mt: 1, minHeight: 24 }}>
          {layoutHint({ held, tool, linkFrom, scaling, chosen, waiting: waiting.length })}
        </Typography>
        <ProblemLines problems={problems} choose={(places) => setChosen(places)} />
      </Box>
      <LayoutTools
        layout={layout}
        chosen={chosen}
        tool={tool}
        setTool={(next) => {
          setTool(next);
          setLinkFrom(undefined);
        }}
        stepMm={stepMm}
        setStepMm={setStepMm}
        turn={turn}
        flip={flip}
        remove={remove}
        copy={copy}
        canCopy={copiedGroup(board, parts, chosen, unplaced, { dx: 0, dy: 0 }).length > 0}
        align={(along) => edit(...alignedByPads(board, parts, chosen, along))}
        drawing={drawing}
        setDrawing={setDrawing}
        scaling={scaling}
        setScaling={setScaling}
        save={save}
        leave={() => void navigate(`/kits/${kit.id}/board`)}
      />
    </Box>
  );
}

/** Each next part a little lower, so that parts put by keys do not overlap. */
function middleFor({ widthMm, heightMm }: Board, waiting: number): Point {
  const rows = Math.max(1, Math.floor(heightMm / 10) - 1);
  return { x: widthMm / 2, y: heightMm - 8 - (waiting % rows) * 10 };
}
