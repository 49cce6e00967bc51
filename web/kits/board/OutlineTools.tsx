import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { readEdges } from '#contract/board';
import type { Board, BoardShape, ClosedLine } from '#core/board/board';
import { mostShapes, shapesOf } from '#core/board/boardShape';
import { placedShapes } from '#core/board/edgeLayer';
import type { Edit } from '#core/board/edit';
import {
  type LineAt,
  lineAt,
  linesAt,
  shapeProblems,
  withBoard,
  withCutOut,
  withLine,
  withoutLine,
} from '#core/board/shapeEdits';
import type { Point } from '#core/board/transform';
import { call } from '../../app/call.ts';
import { useSave } from '../../app/useSave.ts';
import { FileInput } from '../../ui/FileInput.tsx';
import { CornerTable } from './CornerTable.tsx';
import { CutOutForm } from './CutOutForm.tsx';
import { MoveBoard } from './MoveBoard.tsx';

interface OutlineToolsProps {
  readonly board: Board;
  readonly edit: (...edits: readonly Edit[]) => void;
  /** Corners clicked so far; undefined while nothing is drawn. */
  readonly drawing: readonly Point[] | undefined;
  readonly setDrawing: (points: readonly Point[] | undefined) => void;
}

/** Boards that are no rectangle, and several of one kit: drawn, written corner by corner, or read from a file. */
export function OutlineTools({ board, edit, drawing, setDrawing }: OutlineToolsProps) {
  const { t } = useTranslation();
  const input = useRef<HTMLInputElement>(null);
  const [told, setTold] = useState<{ severity: 'error' | 'info'; text: string }>();
  const [chosen, setChosen] = useState<LineAt>({ board: 0 });
  const { run, saving } = useSave();
  const shapes = shapesOf(board);
  const lines = linesAt(shapes);
  const at = lineAt(shapes, chosen) ? chosen : { board: 0 };
  const line = lineAt(shapes, at) ?? [];
  const shape = shapes[at.board];
  const put = (next: readonly BoardShape[]) => edit({ kind: 'shapes', shapes: next });
  const nameOf = (number: number) =>
    number === 1 ? t('kits.outline.mainBoard') : t('kits.outline.boardName', { number });
  const lineName = ({ board: index, cutOut }: LineAt) => {
    const name = shapes[index]?.name || nameOf(index + 1);
    return cutOut === undefined
      ? t('kits.outline.edgeOf', { name })
      : t('kits.outline.cutOutOf', { name, number: cutOut + 1 });
  };

  const take = async (file: File) => {
    const refused = await run(async () => {
      const layer = await call(readEdges, { body: { text: await file.text() } });
      put(placedShapes(board, layer.shapes, (index) => nameOf(index + 1)));
      setChosen({ board: 0 });
      const cutOuts = layer.shapes.reduce((sum, one) => sum + one.cutOuts.length, 0);
      setTold({
        severity: 'info',
        text: [
          t('kits.outline.read', { boards: layer.shapes.length, cutOuts }),
          ...(layer.openLines > 0 ? [t('kits.outline.openLines', { count: layer.openLines })] : []),
          ...(layer.isCut ? [t('kits.outline.isCut')] : []),
        ].join(' '),
      });
    });
    if (refused) setTold({ severity: 'error', text: refused.about('text') ?? refused.message });
  };
  const drawn: ClosedLine | undefined =
    drawing && drawing.length > 2 ? drawing.map(({ x, y }) => ({ xMm: x, yMm: y })) : undefined;
  const finish = (next: readonly BoardShape[]) => {
    put(next);
    setDrawing(undefined);
  };
  const problems = board.shapes ? shapeProblems(board.shapes) : [];

  return (
    <section aria-labelledby="outline">
      <Typography variant="h2" id="outline">
        {t('kits.outline.title')}
      </Typography>
      {drawing ? (
        <Box sx={{ display: 'grid', gap: 1 }}>
          <Typography role="status">
            {t('kits.outline.drawHint', { count: drawing.length })}
          </Typography>
          <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap' }}>
            <Button
              size="small"
              disabled={!drawn}
              onClick={() =>
                drawn && finish(shapes.with(at.board, { ...(shape ?? noShape), edge: drawn }))
              }
            >
              {t('kits.outline.asEdge', { name: shape?.name || nameOf(at.board + 1) })}
            </Button>
            <Button
              size="small"
              disabled={!drawn || shapes.length >= mostShapes}
              onClick={() => drawn && finish(withBoard(board, nameOf, drawn))}
            >
              {t('kits.outline.asBoard')}
            </Button>
            <Button
              size="small"
              disabled={!drawn}
              onClick={() => drawn && finish(withCutOut(shapes, drawn))}
            >
              {t('kits.outline.asCutOut')}
            </Button>
            <Button
              size="small"
              disabled={drawing.length === 0}
              onClick={() => setDrawing(drawing.slice(0, -1))}
            >
              {t('kits.outline.lastCorner')}
            </Button>
            <Button size="small" onClick={() => setDrawing(undefined)}>
              {t('kits.outline.stopDrawing')}
            </Button>
          </Box>
        </Box>
      ) : (
        <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap' }}>
          <Button size="small" disabled={saving} onClick={() => input.current?.click()}>
            {t('kits.outline.importEdges')}
          </Button>
          <Button size="small" onClick={() => setDrawing([])}>
            {t('kits.outline.draw')}
          </Button>
          <Button
            size="small"
            disabled={shapes.length >= mostShapes}
            onClick={() => {
              put(withBoard(board, nameOf));
              setChosen({ board: shapes.length });
            }}
          >
            {t('kits.outline.addBoard')}
          </Button>
          {!board.shapes && (
            <Button size="small" onClick={() => put(shapes)}>
              {t('kits.outline.editCorners')}
            </Button>
          )}
          {board.shapes && (
            <Button size="small" onClick={() => put([])}>
              {t('kits.outline.rectangle')}
            </Button>
          )}
        </Box>
      )}
      <FileInput
        label={t('kits.outline.edgeFile')}
        input={input}
        accept=".gbr,.ger,.gko,.gm1,.gml,.gbo,.txt"
        take={take}
      />
      {told && (
        <Alert severity={told.severity} sx={{ mt: 1 }} onClose={() => setTold(undefined)}>
          {told.text}
        </Alert>
      )}
      {problems.map((problem) => (
        <Alert key={JSON.stringify(problem)} severity="warning" sx={{ mt: 1 }}>
          {t(`kits.outline.problem.${problem.kind}`, { line: lineName(problem.at) })}
        </Alert>
      ))}
      {board.shapes && shape && (
        <Box sx={{ display: 'grid', gap: 1.5, mt: 1.5 }}>
          <TextField
            select
            size="small"
            label={t('kits.outline.line')}
            value={lines.findIndex((one) => sameLine(one, at))}
            onChange={({ target }) => setChosen(lines[Number(target.value)] ?? { board: 0 })}
          >
            {lines.map((one, index) => (
              <MenuItem key={lineName(one)} value={index}>
                {lineName(one)}
              </MenuItem>
            ))}
          </TextField>
          {at.cutOut === undefined && shapes.length > 1 && (
            <TextField
              size="small"
              label={t('kits.outline.name')}
              value={shape.name}
              onChange={({ target }) =>
                put(shapes.with(at.board, { ...shape, name: target.value.slice(0, 40) }))
              }
            />
          )}
          <CornerTable
            key={`${at.board} ${at.cutOut ?? ''} ${line.length}`}
            line={line}
            change={(next) => put(withLine(shapes, at, next))}
          />
          {at.cutOut === undefined && shapes.length > 1 && (
            <MoveBoard move={(dx, dy) => edit({ kind: 'move-board', board: at.board, dx, dy })} />
          )}
          {(at.cutOut !== undefined || shapes.length > 1) && (
            <Box>
              <Button size="small" color="error" onClick={() => put(withoutLine(shapes, at))}>
                {t(
                  at.cutOut === undefined
                    ? 'kits.outline.removeBoard'
                    : 'kits.outline.removeCutOut',
                  {
                    name: shape.name,
                  },
                )}
              </Button>
            </Box>
          )}
          <CutOutForm add={(cutOut) => put(withCutOut(shapes, cutOut))} />
        </Box>
      )}
    </section>
  );
}

const noShape: BoardShape = { name: '', edge: [], cutOuts: [] };
const sameLine = (a: LineAt, b: LineAt) => a.board === b.board && a.cutOut === b.cutOut;
