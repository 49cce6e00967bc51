import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useCallback, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { drawGerber } from '#contract/board';
import { keepStepPicture } from '#contract/pictures';
import { type Board, type PictureSort, pictureOf, pictureSorts } from '#core/board/board';
import type { Edit } from '#core/board/edit';
import type { Point } from '#core/board/transform';
import { call } from '../../app/call.ts';
import { useSave } from '../../app/useSave.ts';
import { FileInput } from '../../ui/FileInput.tsx';
import { useKit } from '../KitFrame.tsx';
import { useSide } from './SideSwitch.tsx';
import type { PictureSpot } from './StraightenPhoto.tsx';
import '../../ui/form.css';

const StraightenPhoto = lazy(async () => ({
  default: (await import('./StraightenPhoto.tsx')).StraightenPhoto,
}));

interface PictureToolsProps {
  readonly board: Board;
  readonly edit: (...edits: readonly Edit[]) => void;
  readonly scaling: readonly Point[] | undefined;
  readonly setScaling: (points: readonly Point[] | undefined) => void;
}

type Layer = Exclude<PictureSort, 'photo'>;
const layers: readonly Layer[] = ['print', 'copper'];

/** Pictures of the side that is shown: a photo, what is printed, the copper; brought to scale where they are not. */
export function PictureTools({ board, edit, scaling, setScaling }: PictureToolsProps) {
  const { t } = useTranslation();
  const kitId = useKit().id;
  const side = useSide();
  const photo = useRef<HTMLInputElement>(null);
  const print = useRef<HTMLInputElement>(null);
  const copper = useRef<HTMLInputElement>(null);
  const inputs = { print, copper };
  const [distance, setDistance] = useState('');
  const [scaled, setScaled] = useState<PictureSort>('photo');
  const { run } = useSave();
  const [problem, setProblem] = useState<string>();
  const [taken, setTaken] = useState<ImageBitmap>();
  const close = useCallback(() => setTaken(undefined), []);
  const tell = useCallback(
    (refused: Awaited<ReturnType<typeof run>>) =>
      setProblem(refused && (refused.about('text') ?? refused.about('image') ?? refused.message)),
    [],
  );

  const keepPhoto = useCallback(
    async (image: string, where: PictureSpot) =>
      tell(
        await run(async () => {
          const { hash } = await call(keepStepPicture, { params: { kitId }, body: { image } });
          edit({ kind: 'picture', picture: { side, what: 'photo', hash, ...where } });
        }),
      ),
    [run, tell, kitId, side, edit],
  );
  const takePhoto = async (file: File) => {
    try {
      setTaken(await bitmapOf(file));
      setProblem(undefined);
    } catch {
      setProblem(t('kits.pictureBehind.isNoPictureThatCanBe', { name: file.name }));
    }
  };
  const takeLayer = async (what: Layer, file: File) =>
    tell(
      await run(async () => {
        const drawn = await call(drawGerber, {
          params: { kitId },
          body: { text: await file.text(), what },
        });
        const origin = board.origin ?? { xMm: 0, yMm: 0 };
        edit({
          kind: 'picture',
          picture: {
            side,
            what,
            hash: drawn.hash,
            widthPx: drawn.widthMm,
            heightPx: drawn.heightMm,
            mmPerPx: 1,
            xMm: drawn.leftMm + origin.xMm,
            yMm: drawn.bottomMm + origin.yMm,
          },
        });
      }),
    );
  const scale = () => {
    const picture = pictureOf(board, side, scaled);
    const [a, b] = scaling ?? [];
    const known = Number(distance.replace(',', '.'));
    if (!picture || !a || !b || !(known > 0)) {
      return setProblem(t('kits.pictureBehind.clickTwoPointsAndWriteHow'));
    }
    const factor = known / Math.hypot(a.x - b.x, a.y - b.y);
    if (!Number.isFinite(factor))
      return setProblem(t('kits.pictureBehind.clickTwoPointsThatAreNot'));
    edit({
      kind: 'picture',
      // The first point stays where it is.
      picture: {
        ...picture,
        mmPerPx: picture.mmPerPx * factor,
        xMm: a.x - (a.x - picture.xMm) * factor,
        yMm: a.y - (a.y - picture.yMm) * factor,
      },
    });
    setScaling(undefined);
    return setProblem(undefined);
  };

  return (
    <section aria-labelledby="pictures">
      <Typography variant="h2" id="pictures">
        {t(`kits.pictureBehind.of.${side}`)}
      </Typography>
      {pictureSorts
        .filter((what) => pictureOf(board, side, what))
        .map((what) => (
          <Box key={what} sx={{ display: 'flex', gap: 0.5, alignItems: 'center' }}>
            <Typography sx={{ flex: 1 }}>{t(`kits.pictureBehind.sort.${what}`)}</Typography>
            <Button
              size="small"
              onClick={() => {
                setScaled(what);
                setScaling(scaling ? undefined : []);
              }}
            >
              {scaling && scaled === what
                ? t('kits.pictureBehind.stopScaling')
                : t('kits.pictureBehind.bringToScale')}
            </Button>
            <Button
              size="small"
              aria-label={t(`kits.pictureBehind.removeSort.${what}`)}
              onClick={() => edit({ kind: 'no-picture', side, what })}
            >
              {t('kits.pictureBehind.remove')}
            </Button>
          </Box>
        ))}
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
      <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap' }}>
        <Button size="small" onClick={() => photo.current?.click()}>
          {t('kits.pictureBehind.photo')}
        </Button>
        {layers.map((what) => (
          <Button key={what} size="small" onClick={() => inputs[what].current?.click()}>
            {t(`kits.pictureBehind.choose.${what}`)}
          </Button>
        ))}
      </Box>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {t('kits.pictureBehind.help')}
      </Typography>
      <FileInput
        label={t('kits.pictureBehind.photoOfTheBoard')}
        input={photo}
        accept="image/png,image/jpeg,image/webp"
        take={takePhoto}
      />
      {layers.map((what) => (
        <FileInput
          key={what}
          label={t(`kits.pictureBehind.file.${what}`)}
          input={inputs[what]}
          accept=".gbr,.ger,.gto,.gbo,.gtl,.gbl,.txt"
          take={(file) => takeLayer(what, file)}
        />
      ))}
      {taken && (
        <Suspense>
          <StraightenPhoto photo={taken} board={board} take={keepPhoto} close={close} />
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
