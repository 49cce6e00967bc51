import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { addressOf } from '#contract/endpoint';
import {
  type KitPicturePurpose,
  kitPicturePurposes,
  pictureFile,
  putKitPicture,
  removeKitPicture,
} from '#contract/pictures';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { smallPicture } from '../ui/picture/smallPicture.ts';
import { useKit } from './KitFrame.tsx';

/** The pictures of a kit: the one on its card, and the sheet that its list was read from. */
export function KitPictures() {
  const { t } = useTranslation();
  return (
    <section aria-labelledby="pictures">
      <Typography variant="h2" id="pictures" sx={{ mb: 1 }}>
        {t('kits.pictures.title')}
      </Typography>
      <Box sx={{ display: 'grid', gap: 3 }}>
        {kitPicturePurposes.map((purpose) => (
          <KitPicture key={purpose} purpose={purpose} />
        ))}
      </Box>
    </section>
  );
}

function KitPicture({ purpose }: { readonly purpose: KitPicturePurpose }) {
  const { t } = useTranslation();
  const { id: kitId, about } = useKit();
  const { revalidate } = useRevalidator();
  const { run, refusal, saving } = useSave();
  const kept = about.pictures[purpose];
  const [chosen, setChosen] = useState<string>();
  const [alt, setAlt] = useState(kept?.alt ?? '');
  const [isUnreadable, setUnreadable] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const params = { kitId, purpose };

  const choose = async (file: File | undefined) => {
    if (!file) return;
    try {
      setChosen((await smallPicture(file)).image);
      setUnreadable(false);
    } catch {
      setUnreadable(true);
    }
  };
  const keep = () =>
    run(async () => {
      await call(putKitPicture, { params, body: { image: chosen ?? '', alt } });
      setChosen(undefined);
      await revalidate();
    });
  const remove = () =>
    run(async () => {
      await call(removeKitPicture, { params });
      await revalidate();
    });
  const address = chosen ?? (kept && addressOf(pictureFile, { hash: kept.hash }));
  return (
    <Box sx={{ display: 'grid', gap: 1, justifyItems: 'start' }}>
      <Typography component="h3" sx={{ fontWeight: 650 }}>
        {t(`kits.pictures.purpose.${purpose}`)}
      </Typography>
      {address ? (
        <img
          className="kit-shown"
          src={address}
          alt={alt || t(`kits.pictures.purpose.${purpose}`)}
        />
      ) : (
        <Typography sx={{ color: 'text.secondary' }}>
          {t(`kits.pictures.none.${purpose}`)}
        </Typography>
      )}
      <input
        ref={input}
        type="file"
        hidden
        accept="image/*"
        aria-label={t(`kits.pictures.purpose.${purpose}`)}
        onChange={({ target }) => {
          void choose(target.files?.[0]);
          target.value = '';
        }}
      />
      {chosen && (
        <TextField
          fullWidth
          size="small"
          label={t('kits.pictures.alt')}
          value={alt}
          onChange={({ target }) => setAlt(target.value)}
        />
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {chosen && (
          <Button variant="contained" loading={saving} onClick={() => void keep()}>
            {t('kits.pictures.keep')}
          </Button>
        )}
        <Button
          variant="outlined"
          color="inherit"
          onClick={() => input.current?.click()}
          aria-label={t('kits.pictures.chooseFor', { what: t(`kits.pictures.purpose.${purpose}`) })}
        >
          {t(address ? 'kits.pictures.another' : 'kits.pictures.choose')}
        </Button>
        {kept && !chosen && (
          <Button
            variant="outlined"
            color="inherit"
            loading={saving}
            onClick={() => void remove()}
            aria-label={t('kits.pictures.removeFor', {
              what: t(`kits.pictures.purpose.${purpose}`),
            })}
          >
            {t('kits.pictures.remove')}
          </Button>
        )}
      </Box>
      {isUnreadable && <Alert severity="error">{t('lists.sheet.failed.opening')}</Alert>}
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
    </Box>
  );
}
