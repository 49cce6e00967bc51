import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { keepStepPicture } from '#contract/pictures';
import { mostPictures, type StepPicture } from '#core/order/own/pictures';
import { tongueOf, withTongue } from '#core/words/ownText';
import { call } from '../../app/call.ts';
import { useSave } from '../../app/useSave.ts';
import { smallPicture } from '../../ui/picture/smallPicture.ts';
import { useKit } from '../KitFrame.tsx';
import { PictureMarks } from './PictureMarks.tsx';

interface StepPicturesFieldProps {
  readonly pictures: readonly StepPicture[];
  readonly change: (pictures: readonly StepPicture[]) => void;
}

/** Whether somebody has said in any language what a picture shows. */
export const isDescribed = ({ alt }: StepPicture): boolean => Object.keys(alt).length > 0;

/** Pictures that a step shows: taken at the bench or chosen, with what they show and what is drawn over them. */
export function StepPicturesField({ pictures, change }: StepPicturesFieldProps) {
  const { t } = useTranslation();
  const tongue = tongueOf(t);
  const { id: kitId } = useKit();
  const { run, refusal, saving } = useSave();
  const [isUnreadable, setUnreadable] = useState(false);
  const camera = useRef<HTMLInputElement>(null);
  const file = useRef<HTMLInputElement>(null);

  const add = async (chosen: File | undefined) => {
    if (!chosen) return;
    setUnreadable(false);
    const small = await smallPicture(chosen).catch(() => undefined);
    if (!small) return setUnreadable(true);
    const { image, ...size } = small;
    await run(async () => {
      const { hash } = await call(keepStepPicture, { params: { kitId }, body: { image } });
      const isThere = pictures.some((one) => one.hash === hash);
      if (!isThere) change([...pictures, { hash, ...size, alt: {}, marks: [] }]);
    });
  };
  const put = (hash: string, changed: Partial<StepPicture>) =>
    change(pictures.map((one) => (one.hash === hash ? { ...one, ...changed } : one)));
  const chooser = (ref: typeof file, label: string, capture?: 'environment') => (
    <input
      ref={ref}
      type="file"
      hidden
      accept="image/*"
      aria-label={label}
      {...(capture ? { capture } : {})}
      onChange={({ target }) => {
        void add(target.files?.[0]);
        target.value = '';
      }}
    />
  );
  return (
    <Box component="section" aria-labelledby="step-pictures" sx={{ display: 'grid', gap: 1.5 }}>
      <Typography id="step-pictures" component="h3" sx={{ fontWeight: 650 }}>
        {t('kits.stepPictures.title')}
      </Typography>
      {pictures.map((picture) => (
        <Box key={picture.hash} sx={{ display: 'grid', gap: 1 }}>
          <PictureMarks picture={picture} change={(marks) => put(picture.hash, { marks })} />
          <TextField
            required
            label={t('kits.stepPictures.alt')}
            defaultValue={picture.alt[tongue] ?? ''}
            onChange={({ target }) =>
              put(picture.hash, { alt: withTongue(picture.alt, tongue, target.value) ?? {} })
            }
            error={!isDescribed(picture)}
            helperText={t('kits.stepPictures.altHelp')}
            slotProps={{ htmlInput: { maxLength: 300 } }}
          />
          <Button
            size="small"
            color="inherit"
            sx={{ justifySelf: 'start' }}
            onClick={() => change(pictures.filter(({ hash }) => hash !== picture.hash))}
          >
            {t('kits.stepPictures.remove')}
          </Button>
        </Box>
      ))}
      {pictures.length < mostPictures && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          {chooser(file, t('kits.stepPictures.choose'))}
          {chooser(camera, t('kits.stepPictures.take'), 'environment')}
          <Button
            variant="outlined"
            color="inherit"
            loading={saving}
            onClick={() => file.current?.click()}
          >
            {t('kits.stepPictures.choose')}
          </Button>
          <Button
            variant="outlined"
            color="inherit"
            loading={saving}
            onClick={() => camera.current?.click()}
          >
            {t('kits.stepPictures.take')}
          </Button>
        </Box>
      )}
      {isUnreadable && <Alert severity="error">{t('lists.sheet.failed.opening')}</Alert>}
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
    </Box>
  );
}
