import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import { cellsAsCsv } from '#core/partslist/photo/readSheet';
import { asJpeg } from './greyCanvas.ts';
import './photo.css';
import { SheetCheck } from './SheetCheck.tsx';
import { SheetCorners } from './SheetCorners.tsx';
import { usePhoto } from './usePhoto.ts';

interface PhotoReadingProps {
  /** A picture file. */
  readonly picture: Uint8Array;
  /** Takes over what was read and looked over. */
  readonly done: (csv: string, sheet: Blob | undefined) => void;
}

/** From a photo of a sheet to a table: its corners, its language, then what was not read for sure. */
export function PhotoReading(props: PhotoReadingProps) {
  const { t } = useTranslation();
  const reading = usePhoto(props.picture);
  const { stage } = reading.photo;
  const top = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // On a phone what comes next would be below the screen.
    if (stage === 'corners' || stage === 'read') top.current?.scrollIntoView({ block: 'start' });
  }, [stage]);
  return (
    <div ref={top}>
      {stage === 'opening' ? (
        <LinearProgress aria-label={t('kits.photo.opening')} />
      ) : (
        <Stage {...props} {...reading} />
      )}
    </div>
  );
}

function Stage({
  photo,
  move,
  read,
  again,
  done,
}: PhotoReadingProps & ReturnType<typeof usePhoto>) {
  const { t } = useTranslation();
  const back = () => void again();
  switch (photo.stage) {
    case 'opening':
      return null;
    case 'failed':
      return (
        <Told severity="error" deed={t('kits.photo.tryAgain')} act={back}>
          {t(`kits.photo.failed.${photo.while}`)}
        </Told>
      );
    case 'corners':
    case 'reading':
      return <SheetCorners photo={photo} move={move} read={read} cancel={back} />;
    case 'read': {
      const { page, rows } = photo.sheet;
      if (rows.length === 0) {
        return (
          <Told severity="warning" deed={t('kits.photo.cornersAgain')} act={back}>
            {t('kits.photo.nothingFound')}
          </Told>
        );
      }
      const takeOver = async (texts: readonly (readonly string[])[]) =>
        done(cellsAsCsv(texts), await asJpeg(page));
      return (
        <SheetCheck page={page} rows={rows} again={back} done={(texts) => void takeOver(texts)} />
      );
    }
  }
}

interface ToldProps {
  readonly severity: 'error' | 'warning';
  readonly children: string;
  readonly deed: string;
  readonly act: () => void;
}

function Told({ severity, children, deed, act }: ToldProps) {
  return (
    <Alert
      severity={severity}
      action={
        <Button color="inherit" onClick={act}>
          {deed}
        </Button>
      }
    >
      {children}
    </Alert>
  );
}
