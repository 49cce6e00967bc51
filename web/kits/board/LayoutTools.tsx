import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type BoardColour, type BoardKind, boardColours, pitchMm } from '#core/board/board';
import type { Corner } from '#core/board/edit';
import { gridOf, sizeOf } from '#core/board/holes';
import type { Point } from '#core/board/transform';
import type { useLayout } from './useLayout.ts';

// Few boards have pictures, or are no rectangle.
const PictureTools = lazy(async () => ({
  default: (await import('./PictureTools.tsx')).PictureTools,
}));

const OutlineTools = lazy(async () => ({
  default: (await import('./OutlineTools.tsx')).OutlineTools,
}));

export type Tool = 'move' | 'cut' | 'link';

interface LayoutToolsProps {
  readonly layout: ReturnType<typeof useLayout>;
  readonly chosen: readonly string[];
  readonly tool: Tool;
  readonly setTool: (tool: Tool) => void;
  readonly stepMm: number;
  readonly setStepMm: (stepMm: number) => void;
  readonly turn: (to: 'left' | 'right') => void;
  readonly flip: () => void;
  readonly remove: () => void;
  readonly copy: () => void;
  /** Whether parts wait that could take the arrangement of those chosen. */
  readonly canCopy: boolean;
  readonly align: (along: 'row' | 'column') => void;
  readonly scaling: readonly Point[] | undefined;
  readonly setScaling: (points: readonly Point[] | undefined) => void;
  readonly drawing: readonly Point[] | undefined;
  readonly setDrawing: (points: readonly Point[] | undefined) => void;
  /** Resolves to why it was refused, or to nothing. */
  readonly save: () => Promise<string | undefined>;
  readonly leave: () => void;
}

const corners: readonly Corner[] = ['right-top', 'right-bottom', 'left-top', 'left-bottom'];
const kinds: readonly BoardKind[] = ['printed', 'strip', 'perf'];

/** Everything that is done to a layout besides moving parts by hand. */
export function LayoutTools(props: LayoutToolsProps) {
  const { t } = useTranslation();
  const { layout, chosen, tool, setTool, stepMm, setStepMm, turn, flip, remove, align } = props;
  const { board, edit } = layout;
  const [refusal, setRefusal] = useState<string>();
  const any = chosen.length > 0;
  const one = board.placements.find(({ place }) => place === chosen[0]);
  return (
    <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button
          variant="contained"
          onClick={() => void props.save().then(setRefusal)}
          disabled={!layout.changed}
        >
          {t('kits.layoutTools.saveTheBoard')}
        </Button>
        <Button onClick={props.leave}>
          {t(layout.changed ? 'kits.layoutTools.closeForNow' : 'kits.layoutTools.close')}
        </Button>
      </Box>
      {layout.changed && (
        <Typography role="status">
          {t(layout.wasFound ? 'kits.layoutTools.wasFound' : 'kits.layoutTools.isKept')}
          <Button size="small" color="inherit" onClick={layout.discard}>
            {t('kits.layoutTools.discard')}
          </Button>
        </Typography>
      )}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button onClick={layout.undo} disabled={!layout.canUndo}>
          {t('kits.layoutTools.undo')}
        </Button>
        <Button onClick={layout.redo} disabled={!layout.canRedo}>
          {t('kits.layoutTools.redo')}
        </Button>
      </Box>
      {refusal && <Alert severity="error">{refusal}</Alert>}
      <Outline key={`${board.kind} ${board.widthMm} ${board.heightMm}`} layout={layout} />
      <TextField
        select
        size="small"
        label={t('kits.layoutTools.stepsOfTheGrid')}
        value={String(stepMm)}
        onChange={({ target }) => setStepMm(Number(target.value))}
      >
        <MenuItem value={String(pitchMm)}>{t('kits.layoutTools.n01Inch254Mm')}</MenuItem>
        <MenuItem value={String(pitchMm / 2)}>{t('kits.layoutTools.n005Inch127Mm')}</MenuItem>
        <MenuItem value="0.5">{t('kits.layoutTools.n05Mm')}</MenuItem>
      </TextField>
      <section aria-labelledby="chosen">
        <Typography variant="h2" id="chosen">
          {any ? chosen.join(', ') : t('kits.layoutTools.nothingChosen')}
        </Typography>
        <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap' }}>
          <Button size="small" disabled={!any} onClick={() => turn('left')}>
            {t('kits.layoutTools.turnLeft')}
          </Button>
          <Button size="small" disabled={!any} onClick={() => turn('right')}>
            {t('kits.layoutTools.turnRight')}
          </Button>
          <Button size="small" disabled={!any} onClick={flip}>
            {t('kits.layoutTools.otherSide')}
          </Button>
          <Button size="small" disabled={!any} onClick={remove}>
            {t('kits.layoutTools.takeOff')}
          </Button>
          <Button size="small" disabled={chosen.length < 2} onClick={() => align('row')}>
            {t('kits.layoutTools.lineUpInARow')}
          </Button>
          <Button size="small" disabled={chosen.length < 2} onClick={() => align('column')}>
            {t('kits.layoutTools.inAColumn')}
          </Button>
          <Button size="small" disabled={!props.canCopy} onClick={props.copy}>
            {t('kits.layoutTools.copyArrangement')}
          </Button>
        </Box>
        {one && (
          <Typography className="mono">
            {t('kits.layoutTools.xMmYMm', { xMm: one.xMm, yMm: one.yMm, rotation: one.rotation })}
          </Typography>
        )}
        {one && (
          <TextField
            size="small"
            label={t('kits.layoutTools.distanceOfItsLeadsInMm')}
            placeholder={t('kits.layoutTools.asUsual')}
            value={one.spanMm ?? ''}
            onChange={({ target }) => {
              const value = Number(target.value);
              edit({
                kind: 'span',
                place: one.place,
                spanMm: target.value !== '' && value > 0 && value <= 200 ? value : undefined,
              });
            }}
            sx={{ mt: 1 }}
          />
        )}
        {chosen.length === 1 && (
          <Typography sx={{ color: 'text.secondary', mt: 0.5 }}>
            {t('kits.layoutTools.shiftAndClickTakesMoreParts')}
          </Typography>
        )}
      </section>
      {board.kind !== 'printed' && (
        <ToggleButtonGroup
          exclusive
          size="small"
          value={tool}
          aria-label={t('kits.layoutTools.tool')}
          onChange={(_, next: Tool | null) => next && setTool(next)}
        >
          <ToggleButton value="move">{t('kits.layoutTools.parts')}</ToggleButton>
          <ToggleButton value="cut" disabled={board.kind === 'perf'}>
            {t('kits.layoutTools.cuts')}
          </ToggleButton>
          <ToggleButton value="link">{t('kits.layoutTools.wires')}</ToggleButton>
        </ToggleButtonGroup>
      )}
      <Suspense>
        {board.kind === 'printed' && (
          <OutlineTools
            board={board}
            edit={edit}
            drawing={props.drawing}
            setDrawing={props.setDrawing}
          />
        )}
        <PictureTools
          board={board}
          edit={edit}
          scaling={props.scaling}
          setScaling={props.setScaling}
        />
      </Suspense>
    </Box>
  );
}

/** Size and kind of the board; hand-wired ones by their holes. */
function Outline({ layout: { board, edit } }: Pick<LayoutToolsProps, 'layout'>) {
  const { t } = useTranslation();
  const byHoles = board.kind !== 'printed';
  const grid = gridOf(board);
  const [across, setAcross] = useState(String(byHoles ? grid.columns : board.widthMm));
  const [down, setDown] = useState(String(byHoles ? grid.rows : board.heightMm));
  const [corner, setCorner] = useState<Corner>('right-top');
  const [least, most] = byHoles ? [3, 120] : [10, 300];
  const valid = (text: string) => {
    const value = Number(text.replace(',', '.'));
    return value >= least && value <= most && (!byHoles || Number.isInteger(value));
  };
  const resize = () => {
    if (!valid(across) || !valid(down)) return;
    const [x, y] = [across, down].map((text) => Number(text.replace(',', '.'))) as [number, number];
    const size = byHoles ? sizeOf({ columns: x, rows: y }) : { widthMm: x, heightMm: y };
    edit({ kind: 'resize', ...size, at: corner });
  };
  const field = (label: string, value: string, set: (text: string) => void) => (
    <TextField
      size="small"
      label={label}
      value={value}
      onChange={({ target }) => set(target.value)}
      onBlur={resize}
      onKeyDown={({ key }) => key === 'Enter' && resize()}
      error={!valid(value)}
      helperText={valid(value) ? undefined : t('kits.layoutTools.fromTo', { least, most })}
    />
  );
  return (
    <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr' }}>
      <TextField
        select
        size="small"
        label={t('kits.layoutTools.board')}
        value={board.kind}
        onChange={({ target }) => edit({ kind: 'kind', board: target.value as BoardKind })}
        sx={{ gridColumn: '1 / -1' }}
      >
        {kinds.map((kind) => (
          <MenuItem key={kind} value={kind}>
            {t(`kits.layoutTools.kind.${kind}`)}
          </MenuItem>
        ))}
      </TextField>
      {!byHoles && (
        <TextField
          select
          size="small"
          label={t('kits.layoutTools.colour')}
          value={board.colour ?? boardColours[0]}
          onChange={({ target }) => edit({ kind: 'colour', colour: target.value as BoardColour })}
          sx={{ gridColumn: '1 / -1' }}
        >
          {boardColours.map((colour) => (
            <MenuItem key={colour} value={colour}>
              {t(`kits.layoutTools.boardColour.${colour}`)}
            </MenuItem>
          ))}
        </TextField>
      )}
      {!board.shapes &&
        field(
          byHoles ? t('kits.layoutTools.holesAcross') : t('kits.layoutTools.widthInMm'),
          across,
          setAcross,
        )}
      {!board.shapes &&
        field(
          byHoles ? t('kits.layoutTools.holesDown') : t('kits.layoutTools.heightInMm'),
          down,
          setDown,
        )}
      {!board.shapes && (
        <TextField
          select
          size="small"
          label={t('kits.layoutTools.growsAt')}
          value={corner}
          onChange={({ target }) => setCorner(target.value as Corner)}
          sx={{ gridColumn: '1 / -1' }}
        >
          {corners.map((one) => (
            <MenuItem key={one} value={one}>
              {t(`kits.layoutTools.corner.${one}`)}
            </MenuItem>
          ))}
        </TextField>
      )}
    </Box>
  );
}
