import PhotoCamera from '@mui/icons-material/PhotoCameraOutlined';
import UploadFile from '@mui/icons-material/UploadFileOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { type ChangeEvent, type DragEvent, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { saying } from '#core/words/sayings';
import './lists.css';
import { ink } from '../app/tokens.ts';
import type { ListFile } from './useListFile.ts';

/** Where the list comes in: chosen, dropped or pasted. */
export function FileChoice({ file }: { readonly file: ListFile }) {
  const { t } = useTranslation();
  const tryAs = file.problem?.tryAs;
  const input = useRef<HTMLInputElement>(null);
  const camera = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const take = ({ target }: ChangeEvent<HTMLInputElement>) => {
    const [chosen] = target.files ?? [];
    if (chosen) file.choose(chosen);
    // The same file, corrected, can be chosen again.
    target.value = '';
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    const [dropped] = event.dataTransfer.files;
    if (dropped) file.choose(dropped);
  };
  return (
    <section aria-labelledby="choose">
      <Typography variant="h2" id="choose" sx={{ mb: 1 }}>
        {t('lists.fileChoice.n1ChooseTheFile')}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
        }}
      >
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
            display: 'grid',
            gap: 1,
            justifyItems: 'start',
            alignContent: 'center',
          }}
        >
          <Button
            variant={file.isOpen || file.pictures.length > 0 ? 'outlined' : 'contained'}
            startIcon={<UploadFile />}
            onClick={() => input.current?.click()}
          >
            {file.fileName
              ? t('lists.fileChoice.chooseAnotherFile')
              : t('lists.fileChoice.chooseACsvFile')}
          </Button>
          <Button
            variant="outlined"
            startIcon={<PhotoCamera />}
            onClick={() => camera.current?.click()}
          >
            {t('lists.fileChoice.takeAPhoto')}
          </Button>
          <input
            ref={camera}
            type="file"
            hidden
            accept="image/*"
            capture="environment"
            aria-label={t('lists.fileChoice.photoOfTheSheet')}
            onChange={take}
          />
          <input
            ref={input}
            type="file"
            hidden
            accept=".csv,.tsv,.txt,.xlsx,.ods,.pdf,.ozzet-kit,text/csv,image/*"
            aria-label={t('lists.fileChoice.partsListFile')}
            onChange={take}
          />
          <Typography>{file.fileName ?? t('lists.fileChoice.orDropItHere')}</Typography>
          <Typography sx={{ color: 'text.secondary' }}>
            {t('lists.fileChoice.whatCanBeRead')}
          </Typography>
        </Box>
        {file.pictures.length === 0 && <Pasting paste={file.paste} />}
      </Box>
      {file.sheets.length > 1 && (
        <TextField
          select
          size="small"
          label={t('lists.fileChoice.sheet')}
          value={file.sheet}
          onChange={({ target }) => file.chooseSheet(Number(target.value))}
          sx={{ mt: 2, minWidth: 220 }}
        >
          {file.sheets.map(({ name, rows }, index) => (
            <MenuItem key={name} value={index}>
              {t('lists.fileChoice.sheetWithRows', { name, count: rows.length })}
            </MenuItem>
          ))}
        </TextField>
      )}
      {file.beside.length > 0 && (
        <details className="beside-the-table">
          <summary>{t('lists.fileChoice.linesLeftOut', { count: file.beside.length })}</summary>
          {file.beside.map((line, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a line is known by its place
            <p key={index} className="beside-line">
              {line}
            </p>
          ))}
        </details>
      )}
      {file.problem && (
        <Alert
          severity="error"
          sx={{ mt: 1 }}
          action={
            tryAs && (
              <Button color="inherit" onClick={() => file.readAs(tryAs)}>
                {t('lists.fileChoice.readAsWesternEuropean')}
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

/** A list out of the clipboard, or typed: read when it is pasted. */
function Pasting({ paste }: { readonly paste: (text: string) => void }) {
  const { t } = useTranslation();
  const [text, setText] = useState('');
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() !== '') paste(text);
      }}
      sx={{ display: 'grid', gap: 1, justifyItems: 'start' }}
    >
      <TextField
        multiline
        fullWidth
        minRows={4}
        maxRows={12}
        label={t('lists.fileChoice.pasteTheList')}
        placeholder={t('lists.fileChoice.pasteExample')}
        value={text}
        onChange={({ target }) => setText(target.value)}
        onPaste={(event) => {
          // Into an empty field a whole list is pasted: nothing more needs to be pressed.
          if (text !== '') return;
          event.preventDefault();
          const pasted = event.clipboardData.getData('text/plain');
          setText(pasted);
          if (pasted.trim() !== '') paste(pasted);
        }}
      />
      <Button type="submit" variant="outlined" disabled={text.trim() === ''}>
        {t('lists.fileChoice.readTheList')}
      </Button>
    </Box>
  );
}
