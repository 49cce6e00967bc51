import LinearProgress from '@mui/material/LinearProgress';
import { lazy, Suspense } from 'react';
import { FileChoice } from './FileChoice.tsx';
import type { ListFile } from './useListFile.ts';

// Comes when somebody brings a photo.
const PhotoReading = lazy(async () => ({
  default: (await import('./photo/PhotoReading.tsx')).PhotoReading,
}));

/** Where a list comes in, and what a photo of one still asks. */
export function ListSource({ file }: { readonly file: ListFile }) {
  return (
    <>
      <FileChoice file={file} />
      {file.pictures.length > 0 && (
        <Suspense fallback={<LinearProgress />}>
          <PhotoReading
            key={file.fileName}
            pages={file.pictures}
            done={(csv, sheet) => file.picturesRead(csv, sheet)}
          />
        </Suspense>
      )}
    </>
  );
}
