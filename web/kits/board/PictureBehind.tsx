import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useCallback, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { drawGerber } from '#contract/board';
import type { Backdrop, Board } from '#core/board/board';
import type { Edit } from '#core/board/edit';
import type { Point } from '#core/board/transform';
import { call } from '../../app/call.ts';
import { useSave } from '../../app/useSave.ts';
import { FileInput } from './BoardFiles.tsx';
import '../../ui/form.css';

const StraightenPhoto = lazy(async () => ({
  default: (await import('./StraightenPhoto.tsx')).StraightenPhoto,
}));

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
  const [taken, setTaken] = useState<ImageBitmap>();
  const take = useCallback(
    (straight: Backdrop) => edit({ kind: 'backdrop', backdrop: straight }),
    [edit],
  );
  const close = useCallback(() => setTaken(undefined), []);

  const takePhoto = async (file: File) => {
    try {
      setTaken(await bitmapOf(file));
      setProblem(undefined);
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
      {taken && (
        <Suspense>
          <StraightenPhoto photo={taken} board={board} take={take} close={close} />
        </Suspense>
      )}
      {problem && (
        <Alert severity="error" sx={{ mt: 1 }}>
          {problem}
        </Alert>
      )}
    </section>
  );
}

/** A camera's picture is larger than anybody needs of a board. */
const longestPhoto = 2400;

/** A photo upright and no larger than is needed. */
async function bitmapOf(file: File): Promise<ImageBitmap> {
  const bitmap = await createImageBitmap(file);
  const factor = longestPhoto / Math.max(bitmap.width, bitmap.height);
  return factor >= 1
    ? bitmap
    : createImageBitmap(bitmap, {
        resizeWidth: Math.round(bitmap.width * factor),
        resizeHeight: Math.round(bitmap.height * factor),
      });
}
