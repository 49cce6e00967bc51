import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { largestPicture } from '#contract/pictures';
import type { Board, BoardPicture } from '#core/board/board';
import { type Corners, fourCorners, turnedBy } from '#core/picture/homography';
import type { Colours } from '#core/picture/straightColour';
import { useWorkerTask } from '../../app/useWorkerTask.ts';
import { CornerPicture } from '../../lists/photo/CornerPicture.tsx';
import { straightenTask } from './straightenTask.ts';
import '../../lists/photo/photo.css';

/** Where a picture lies on a board, and how large it is. */
export type PictureSpot = Omit<BoardPicture, 'side' | 'what' | 'hash'>;

interface StraightenPhotoProps {
  readonly photo: ImageBitmap;
  readonly board: Pick<Board, 'widthMm' | 'heightMm'>;
  /** Gets the picture, and where it lies. */
  readonly take: (image: string, where: PictureSpot) => void;
  readonly close: () => void;
}

/** Where the board lies in a photo: its four corners, moved by hand or by keys, and the photo fits the outline. */
export function StraightenPhoto({ photo, board, take, close }: StraightenPhotoProps) {
  const { t } = useTranslation();
  const [preview] = useState(() => canvasOf(photo));
  const [corners, setCorners] = useState<Corners>(() => inset(photo));
  const [brightness, setBrightness] = useState(1);
  const { state, start } = useWorkerTask(straightenTask);
  useEffect(() => {
    preview.style.filter = `brightness(${brightness})`;
  }, [preview, brightness]);
  useEffect(() => {
    if (state.state !== 'done') return;
    const { image, widthPx, heightPx } = smallImage(state.result);
    take(image, { widthPx, heightPx, mmPerPx: board.widthMm / widthPx, xMm: 0, yMm: 0 });
    close();
  }, [state, board.widthMm, take, close]);
  const straighten = () => {
    const factor = longestSide / Math.max(board.widthMm, board.heightMm);
    void start({
      photo: coloursOf(preview),
      corners,
      size: {
        width: Math.round(board.widthMm * factor),
        height: Math.round(board.heightMm * factor),
      },
      brightness,
    });
  };
  return (
    <Dialog open onClose={close} maxWidth="md" fullWidth aria-labelledby="straighten">
      <DialogTitle id="straighten">{t('kits.straighten.title')}</DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 1 }}>{t('kits.straighten.how')}</Typography>
        <CornerPicture
          preview={preview}
          width={photo.width}
          height={photo.height}
          corners={corners}
          move={state.state === 'working' ? undefined : setCorners}
        />
        <Box sx={{ display: 'flex', gap: 2, mt: 2, alignItems: 'center', flexWrap: 'wrap' }}>
          <Button variant="outlined" onClick={() => setCorners(turnedBy(corners, 1))}>
            {t('kits.straighten.turn')}
          </Button>
          <Typography id="brightness">{t('kits.straighten.brightness')}</Typography>
          <Slider
            aria-labelledby="brightness"
            min={0.5}
            max={2}
            step={0.1}
            value={brightness}
            onChange={(_, value) => setBrightness(Number(value))}
            sx={{ maxWidth: 240 }}
          />
        </Box>
        {state.state === 'failed' && <Alert severity="error">{state.message}</Alert>}
      </DialogContent>
      <DialogActions>
        <Button color="inherit" onClick={close}>
          {t('kits.straighten.cancel')}
        </Button>
        <Button variant="contained" loading={state.state === 'working'} onClick={straighten}>
          {t('kits.straighten.straighten')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** Sharp enough to read what is printed on a board. */
const longestSide = 1600;

/** Most people leave a little room around a board. */
function inset({ width, height }: ImageBitmap): Corners {
  const [x, y] = [width * 0.08, height * 0.08];
  return fourCorners([
    { x, y },
    { x: width - x, y },
    { x: width - x, y: height - y },
    { x, y: height - y },
  ]);
}

function canvasOf(photo: ImageBitmap): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [photo.width, photo.height];
  canvas.getContext('2d')?.drawImage(photo, 0, 0);
  return canvas;
}

function coloursOf(canvas: HTMLCanvasElement): Colours {
  const { width, height } = canvas;
  const data = canvas.getContext('2d')?.getImageData(0, 0, width, height).data;
  return { width, height, data: data ?? new Uint8ClampedArray(4 * width * height) };
}

/** As a JPEG that is small enough to be kept with the board. */
function smallImage({ width, height, data }: Colours) {
  const whole = document.createElement('canvas');
  [whole.width, whole.height] = [width, height];
  whole
    .getContext('2d')
    ?.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
  for (const scale of [1, 0.75, 0.5]) {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [Math.round(width * scale), Math.round(height * scale)];
    canvas.getContext('2d')?.drawImage(whole, 0, 0, canvas.width, canvas.height);
    const image = canvas.toDataURL('image/jpeg', 0.8);
    if (image.length <= largestPicture || scale === 0.5) {
      return { image, widthPx: canvas.width, heightPx: canvas.height };
    }
  }
  throw new Error('no size was tried');
}
