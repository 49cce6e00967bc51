import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import {
  type SheetLanguage,
  sheetLanguageOf,
  sheetLanguages,
} from '#core/partslist/photo/languages';
import { type Corners, turnedBy } from '#core/picture/homography';
import { CornerPicture } from './CornerPicture.tsx';
import type { Photo } from './usePhoto.ts';

interface SheetCornersProps {
  readonly photo: Extract<Photo, { readonly stage: 'corners' | 'reading' }>;
  readonly move: (corners: Corners) => void;
  readonly read: (language: SheetLanguage) => Promise<void>;
  readonly cancel: () => void;
}

/** Where the sheet lies in the photo and what language it is in, before it is read and meanwhile. */
export function SheetCorners({ photo, move, read, cancel }: SheetCornersProps) {
  const { t, i18n } = useTranslation();
  const [language, setLanguage] = useState<SheetLanguage>(sheetLanguageOf(i18n.language));
  const isReading = photo.stage === 'reading';
  return (
    <section aria-labelledby="photo-corners" className="photo-corners">
      <div>
        <Typography variant="h2" id="photo-corners" sx={{ mb: 1 }}>
          {t('lists.sheet.corners')}
        </Typography>
        <Typography sx={{ mb: 1 }}>
          {t(photo.found ? 'lists.sheet.cornersFound' : 'lists.sheet.cornersNotFound')}
        </Typography>
        <CornerPicture
          preview={photo.preview}
          width={photo.width}
          height={photo.height}
          corners={photo.corners}
          move={isReading ? undefined : move}
        />
      </div>
      <div className="photo-deeds">
        <TextField
          select
          label={t('lists.sheet.language')}
          value={language}
          disabled={isReading}
          onChange={({ target }) => setLanguage(target.value as SheetLanguage)}
          helperText={t('lists.sheet.languageHelp')}
        >
          {sheetLanguages.map((one) => (
            <MenuItem key={one} value={one}>
              {t(`lists.sheet.languages.${one}`)}
            </MenuItem>
          ))}
        </TextField>
        <Button
          variant="outlined"
          disabled={isReading}
          onClick={() => move(turnedBy(photo.corners, 1))}
        >
          {t('lists.sheet.turn')}
        </Button>
        {isReading ? (
          <Progress done={photo.progress} cancel={cancel} />
        ) : (
          <Button variant="contained" size="large" onClick={() => void read(language)}>
            {t('lists.sheet.read')}
          </Button>
        )}
      </div>
    </section>
  );
}

function Progress({ done, cancel }: { readonly done: number; readonly cancel: () => void }) {
  const { t } = useTranslation();
  const share = Math.round(100 * done);
  return (
    <>
      <LinearProgress variant="determinate" value={share} aria-label={t('lists.sheet.reading')} />
      <Typography role="status">{t('lists.sheet.readingShare', { share })}</Typography>
      <Button variant="outlined" onClick={cancel}>
        {t('lists.sheet.cancel')}
      </Button>
    </>
  );
}
