import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { type KeyboardEvent, type PointerEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { addressOf } from '#contract/endpoint';
import { pictureFile } from '#contract/pictures';
import {
  type MarkSort,
  markOf,
  markSorts,
  mostMarks,
  type PictureMark,
  type PicturePoint,
  type StepPicture,
} from '#core/order/own/pictures';
import { ownWords, tongueOf, withTongue } from '#core/words/ownText';
import { Mark } from '../../ui/picture/MarkedPicture.tsx';
import '../../ui/picture/markedPicture.css';

interface PictureMarksProps {
  readonly picture: StepPicture;
  readonly change: (marks: readonly PictureMark[]) => void;
}

/** Where a mark begins that no hand draws, and how far a key moves it, as parts of the picture. */
const placed = { from: { x: 0.3, y: 0.3 }, to: { x: 0.5, y: 0.5 } } as const;
const nudge = 0.02;
const nudges: Readonly<Record<string, PicturePoint>> = {
  ArrowLeft: { x: -nudge, y: 0 },
  ArrowRight: { x: nudge, y: 0 },
  ArrowUp: { x: 0, y: -nudge },
  ArrowDown: { x: 0, y: nudge },
};

/** Arrows and rings are drawn over a picture by a stroke, or placed and moved by keys. */
export function PictureMarks({ picture, change }: PictureMarksProps) {
  const { t } = useTranslation();
  const [sort, setSort] = useState<MarkSort>('arrow');
  const [stroke, setStroke] = useState<{ from: PicturePoint; to: PicturePoint }>();
  const { marks, widthPx, heightPx, hash, alt } = picture;
  const isFull = marks.length >= mostMarks;
  const drawing = stroke && markOf(sort, stroke.from, stroke.to, picture);

  const pointOf = ({ currentTarget, clientX, clientY }: PointerEvent): PicturePoint => {
    const box = currentTarget.getBoundingClientRect();
    return { x: (clientX - box.left) / box.width, y: (clientY - box.top) / box.height };
  };
  const add = (mark: PictureMark | undefined) => {
    if (mark && !isFull) change([...marks, mark]);
  };
  const rows = marks.map((mark, index) => ({ mark, number: index + 1 }));
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={sort}
          onChange={(_, next: MarkSort | null) => next && setSort(next)}
          aria-label={t('kits.stepPictures.drawWith')}
        >
          {markSorts.map((one) => (
            <ToggleButton key={one} value={one}>
              {t(`kits.stepPictures.${one}`)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Button
          size="small"
          disabled={isFull}
          onClick={() => add(markOf(sort, placed.from, placed.to, picture))}
        >
          {t('kits.stepPictures.place')}
        </Button>
      </Box>
      <Typography sx={{ color: 'text.secondary' }}>{t('kits.stepPictures.drawHelp')}</Typography>
      <span className="marked-picture">
        <img
          src={addressOf(pictureFile, { hash })}
          width={widthPx}
          height={heightPx}
          alt={ownWords(t, alt)}
        />
        {/* Keys place and move marks by the buttons beside the picture. */}
        <svg
          viewBox={`0 0 ${widthPx} ${heightPx}`}
          aria-hidden="true"
          style={{ touchAction: 'none', cursor: 'crosshair' }}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            const at = pointOf(event);
            setStroke({ from: at, to: at });
          }}
          onPointerMove={(event) => stroke && setStroke({ ...stroke, to: pointOf(event) })}
          onPointerUp={() => {
            add(drawing);
            setStroke(undefined);
          }}
          onPointerCancel={() => setStroke(undefined)}
        >
          {[...marks, ...(drawing ? [drawing] : [])].map((mark) => (
            <Mark key={JSON.stringify(mark)} mark={mark} size={picture} />
          ))}
        </svg>
      </span>
      {rows.map(({ mark, number }) => (
        <MarkRow
          // Marks have no name: their place tells them apart, as long as none is removed.
          key={`${number} of ${rows.length}`}
          mark={mark}
          number={number}
          put={(changed) => change(marks.map((one) => (one === mark ? changed : one)))}
          remove={() => change(marks.filter((one) => one !== mark))}
        />
      ))}
    </Box>
  );
}

interface MarkRowProps {
  readonly mark: PictureMark;
  readonly number: number;
  readonly put: (mark: PictureMark) => void;
  readonly remove: () => void;
}

/** What stands beside a mark; it is moved by keys, and removed. */
function MarkRow({ mark, number, put, remove }: MarkRowProps) {
  const { t } = useTranslation();
  const tongue = tongueOf(t);
  const name = t('kits.stepPictures.mark', { number, sort: t(`kits.stepPictures.${mark.sort}`) });
  const move = (event: KeyboardEvent) => {
    const by = nudges[event.key];
    if (!by) return;
    event.preventDefault();
    const moved = ({ x, y }: PicturePoint) => ({ x: inside(x + by.x), y: inside(y + by.y) });
    const { from, to } = mark;
    // Held down, the other end stays: so an arrow turns and a ring grows.
    put({ ...mark, from: moved(from), to: event.shiftKey ? to : moved(to) });
  };
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
      <TextField
        size="small"
        label={t('kits.stepPictures.label', { name })}
        defaultValue={mark.label?.[tongue] ?? ''}
        onChange={({ target }) => {
          const { label: _, ...rest } = mark;
          const label = withTongue(mark.label, tongue, target.value);
          put(label ? { ...rest, label } : rest);
        }}
        slotProps={{ htmlInput: { maxLength: 60 } }}
        sx={{ flex: '1 1 180px' }}
      />
      <Button size="small" onKeyDown={move} title={t('kits.stepPictures.moveHelp')}>
        {t('kits.stepPictures.move', { name })}
      </Button>
      <Button size="small" color="inherit" onClick={remove}>
        {t('kits.stepPictures.removeMark', { name })}
      </Button>
    </Box>
  );
}

const inside = (value: number): number => Math.round(Math.min(1, Math.max(0, value)) * 1000) / 1000;
