import { useTranslation } from 'react-i18next';
import { offeredLanguages, type Reader, rememberLanguage } from '../app/languages.ts';
import { speak } from '../app/words.ts';
import './language.css';

/** The language of who reads here; it stays on the device. Seat and staff choose apart. */
export function LanguageChoice({ reader }: { readonly reader: Reader }) {
  const { t, i18n } = useTranslation();
  return (
    <select
      className="language"
      aria-label={t('ui.language')}
      value={i18n.language}
      onChange={({ target }) => {
        const id = target.value;
        rememberLanguage(reader, id);
        void speak(id);
      }}
    >
      {offeredLanguages.map(({ id, name }) => (
        <option key={id} value={id} lang={id}>
          {name}
        </option>
      ))}
    </select>
  );
}
