import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { offeredLanguages } from '../app/languages.ts';
import { useChoices } from '../app/useChoices.ts';

/** In which language papers are printed: that of the page, until another is chosen for a group that reads another. */
export function usePaperLanguage(): string {
  const { i18n } = useTranslation();
  const [search] = useChoices();
  const asked = search.get('in');
  return offeredLanguages.find(({ id }) => id === asked)?.id ?? i18n.language;
}

/** The choice of it. */
export function PaperLanguage() {
  const { t } = useTranslation();
  const [, choose] = useChoices();
  return (
    <TextField
      select
      size="small"
      label={t('app.paperLanguage.languageOfThePapers')}
      value={usePaperLanguage()}
      onChange={({ target }) => choose({ in: target.value })}
      sx={{ minWidth: 200 }}
    >
      {offeredLanguages.map(({ id, name }) => (
        <MenuItem key={id} value={id} lang={id}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
