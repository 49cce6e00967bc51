import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { cellsAsCsv, joinedPages } from '#core/partslist/photo/readSheet';
import { asJpeg } from './greyCanvas.ts';
import './photo.css';
import { SheetCheck } from './SheetCheck.tsx';
import { SheetCorners } from './SheetCorners.tsx';
import { usePhoto } from './usePhoto.ts';

type Texts = readonly (readonly string[])[];

interface PhotoReadingProps {
  /** Picture files, a page each. */
  readonly pages: readonly Uint8Array[];
  /** Takes over what was read and looked over, with the first sheet made straight. */
  readonly done: (csv: string, sheet: Blob | undefined) => void;
}

/** From photos of sheets to a table, page by page. */
export function PhotoReading({ pages, done }: PhotoReadingProps) {
  const { t } = useTranslation();
  const [read, setRead] = useState<readonly Texts[]>([]);
  const [sheet, setSheet] = useState<Blob>();
  const picture = pages[read.length];
  const goOn = (texts: Texts, straight: Blob | undefined) => {
    const all = [...read, texts];
    const first = sheet ?? straight;
    if (all.length === pages.length) return done(cellsAsCsv(joinedPages(all)), first);
    setRead(all);
    setSheet(first);
  };
  if (!picture) return null;
  return (
    <>
      {pages.length > 1 && (
        <div className="sheet-pages">
          <Typography variant="h2" component="p">
            {t('lists.sheet.page', { page: read.length + 1, count: pages.length })}
          </Typography>
          <Button variant="outlined" onClick={() => goOn([], undefined)}>
            {t('lists.sheet.leavePage')}
          </Button>
        </div>
      )}
      <PageReading key={read.length} picture={picture} done={goOn} />
    </>
  );
}

interface PageReadingProps {
  readonly picture: Uint8Array;
  readonly done: (texts: Texts, sheet: Blob | undefined) => void;
}

/** From a photo of a sheet to its cells: its corners, its language, then what was not read for sure. */
function PageReading(props: PageReadingProps) {
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
        <LinearProgress aria-label={t('lists.sheet.opening')} />
      ) : (
        <Stage {...props} {...reading} />
      )}
    </div>
  );
}

function Stage({ photo, move, read, again, done }: PageReadingProps & ReturnType<typeof usePhoto>) {
  const { t } = useTranslation();
  const back = () => void again();
  switch (photo.stage) {
    case 'opening':
      return null;
    case 'failed':
      return (
        <Told severity="error" deed={t('lists.sheet.tryAgain')} act={back}>
          {t(`lists.sheet.failed.${photo.while}`)}
        </Told>
      );
    case 'corners':
    case 'reading':
      return <SheetCorners photo={photo} move={move} read={read} cancel={back} />;
    case 'read': {
      const { page, rows } = photo.sheet;
      if (rows.length === 0) {
        return (
          <Told severity="warning" deed={t('lists.sheet.cornersAgain')} act={back}>
            {t('lists.sheet.nothingFound')}
          </Told>
        );
      }
      const takeOver = async (texts: Texts) => done(texts, await asJpeg(page));
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
