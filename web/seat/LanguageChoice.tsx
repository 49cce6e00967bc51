import { useTranslation } from 'react-i18next';
import { type Language, languages, rememberLanguage } from '../app/languages.ts';
import { speak } from '../app/words.ts';

/** The learner’s own language; it stays on the device. */
export function LanguageChoice() {
  const { t, i18n } = useTranslation();
  return (
    <select
      className="language"
      aria-label={t('seat.language')}
      value={i18n.language}
      onChange={({ target }) => {
        const id = target.value as Language;
        rememberLanguage('seat', id);
        void speak(id);
      }}
    >
      {languages.map(({ id, name }) => (
        <option key={id} value={id} lang={id}>
          {name}
        </option>
      ))}
    </select>
  );
}
