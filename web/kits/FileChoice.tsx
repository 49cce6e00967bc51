import UploadFile from '@mui/icons-material/UploadFileOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { type DragEvent, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { saying } from '#core/words/sayings';
import { ink } from '../app/tokens.ts';
import type { PartsListFile } from './usePartsListFile.ts';

/** Where the file comes in: chosen or dropped. */
export function FileChoice({ file }: { readonly file: PartsListFile }) {
  const { t } = useTranslation();
  const tryAs = file.problem?.tryAs;
  const input = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    const [dropped] = event.dataTransfer.files;
    if (dropped) file.choose(dropped);
  };
  return (
    <section aria-labelledby="choose">
      <Typography variant="h2" id="choose" sx={{ mb: 1 }}>
        {t('kits.fileChoice.n1ChooseTheFile')}
      </Typography>
      <Box
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={drop}
        sx={{
          border: `2px dashed ${ink(over ? 'copper' : 'faded')}`,
          background: over ? ink('copperSoft') : 'transparent',
          p: 2,
          display: 'flex',
          gap: 2,
          alignItems: 'center',
          flexWrap: 'wrap',
        }}
      >
        <Button
          variant={file.open ? 'outlined' : 'contained'}
          startIcon={<UploadFile />}
          onClick={() => input.current?.click()}
        >
          {file.fileName
            ? t('kits.fileChoice.chooseAnotherFile')
            : t('kits.fileChoice.chooseACsvFile')}
        </Button>
        <input
          ref={input}
          type="file"
          hidden
          accept=".csv,.tsv,.txt,text/csv"
          aria-label={t('kits.fileChoice.partsListFile')}
          onChange={({ target }) => {
            const [chosen] = target.files ?? [];
            if (chosen) file.choose(chosen);
            // The same file, corrected, can be chosen again.
            target.value = '';
          }}
        />
        <Typography>{file.fileName ?? t('kits.fileChoice.orDropItHere')}</Typography>
      </Box>
      {file.problem && (
        <Alert
          severity="error"
          sx={{ mt: 1 }}
          action={
            tryAs && (
              <Button color="inherit" onClick={() => file.readAs(tryAs)}>
                {t('kits.fileChoice.readAsWesternEuropean')}
              </Button>
            )
          }
        >
          {saying(t, file.problem.message)}
        </Alert>
      )}
    </section>
  );
}
