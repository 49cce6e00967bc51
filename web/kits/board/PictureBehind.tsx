import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { drawGerber, largestBackdrop } from '#contract/board';
import type { Board } from '#core/board/board';
import type { Edit } from '#core/board/edit';
import type { Point } from '#core/board/transform';
import { call } from '../../app/call.ts';
import { useSave } from '../../app/useSave.ts';
import { FileInput } from './BoardFiles.tsx';
import '../../ui/form.css';

interface PictureBehindProps {
  readonly board: Board;
  readonly edit: (...edits: readonly Edit[]) => void;
  readonly scaling: readonly Point[] | undefined;
  readonly setScaling: (points: readonly Point[] | undefined) => void;
}

/** A photo or a silkscreen layer behind the parts, brought to scale by two points of known distance. */
export function PictureBehind({ board, edit, scaling, setScaling }: PictureBehindProps) {
  const { t } = useTranslation();
  const photo = useRef<HTMLInputElement>(null);
  const layer = useRef<HTMLInputElement>(null);
  const [distance, setDistance] = useState('');
  const { run } = useSave();
  const [problem, setProblem] = useState<string>();
  const { backdrop } = board;

  const takePhoto = async (file: File) => {
    try {
      const { image, widthPx, heightPx } = await smallPicture(file);
      setProblem(undefined);
      edit({
        kind: 'backdrop',
        backdrop: { image, widthPx, heightPx, mmPerPx: board.widthMm / widthPx, xMm: 0, yMm: 0 },
      });
    } catch {
      setProblem(t('kits.pictureBehind.isNoPictureThatCanBe', { name: file.name }));
    }
  };
  const takeLayer = async (file: File) => {
    const refused = await run(async () => {
      const { image, widthMm, heightMm } = await call(drawGerber, {
        body: { text: await file.text() },
      });
      setProblem(undefined);
      edit({
        kind: 'backdrop',
        backdrop: { image, widthPx: widthMm, heightPx: heightMm, mmPerPx: 1, xMm: 0, yMm: 0 },
      });
    });
    if (refused) setProblem(refused.about('text') ?? refused.message);
  };
  const scale = () => {
    const [a, b] = scaling ?? [];
    const known = Number(distance.replace(',', '.'));
    if (!backdrop || !a || !b || !(known > 0)) {
      return setProblem(t('kits.pictureBehind.clickTwoPointsAndWriteHow'));
    }
    const factor = known / Math.hypot(a.x - b.x, a.y - b.y);
    if (!Number.isFinite(factor))
      return setProblem(t('kits.pictureBehind.clickTwoPointsThatAreNot'));
    edit({
      kind: 'backdrop',
      // The first point stays where it is.
      backdrop: {
        ...backdrop,
        mmPerPx: backdrop.mmPerPx * factor,
        xMm: a.x - (a.x - backdrop.xMm) * factor,
        yMm: a.y - (a.y - backdrop.yMm) * factor,
      },
    });
    setScaling(undefined);
    return setProblem(undefined);
  };

  return (
    <section aria-labelledby="behind">
      <Typography variant="h2" id="behind">
        {t('kits.pictureBehind.pictureBehind')}
      </Typography>
      <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap' }}>
        <Button size="small" onClick={() => photo.current?.click()}>
          {t('kits.pictureBehind.photo')}
        </Button>
        <Button size="small" onClick={() => layer.current?.click()}>
          {t('kits.pictureBehind.gerberLayer')}
        </Button>
        {backdrop && (
          <>
            <Button size="small" onClick={() => setScaling(scaling ? undefined : [])}>
              {scaling ? t('kits.pictureBehind.stopScaling') : t('kits.pictureBehind.bringToScale')}
            </Button>
            <Button size="small" onClick={() => edit({ kind: 'backdrop', backdrop: undefined })}>
              {t('kits.pictureBehind.remove')}
            </Button>
          </>
        )}
      </Box>
      {scaling && (
        <Box className="form-row" sx={{ mt: 1 }}>
          <TextField
            size="small"
            label={t('kits.pictureBehind.theyAreApartByMm')}
            value={distance}
            onChange={({ target }) => setDistance(target.value)}
          />
          <Button variant="outlined" onClick={scale}>
            {t('kits.pictureBehind.scale')}
          </Button>
        </Box>
      )}
      <FileInput
        label={t('kits.pictureBehind.photoOfTheBoard')}
        input={photo}
        accept="image/png,image/jpeg,image/webp"
        take={takePhoto}
      />
      <FileInput
        label={t('kits.pictureBehind.gerberFile')}
        input={layer}
        accept=".gbr,.ger,.gto,.gbo,.txt"
        take={takeLayer}
      />
      {problem && (
        <Alert severity="error" sx={{ mt: 1 }}>
          {problem}
        </Alert>
      )}
    </section>
  );
}

/** A photo as a JPEG that is small enough to be kept with the board. */
async function smallPicture(file: File) {
  const bitmap = await createImageBitmap(file);
  for (const longest of [1600, 1200, 800]) {
    const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(bitmap.width * scale);
    canvas.height = Math.round(bitmap.height * scale);
    canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    const image = canvas.toDataURL('image/jpeg', 0.8);
    if (image.length <= largestBackdrop) {
      return { image, widthPx: canvas.width, heightPx: canvas.height };
    }
  }
  throw new Error('too large');
}
