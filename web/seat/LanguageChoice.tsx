import { useTranslation } from 'react-i18next';
import { choose, type Language, languages } from './languages.ts';

/** The learner’s own language; it stays on the device. */
export function LanguageChoice() {
  const { t, i18n } = useTranslation();
  return (
    <select
      className="language"
      aria-label={t('seat.language')}
      value={i18n.language}
      onChange={({ target }) => void choose(target.value as Language)}
    >
      {languages.map(({ id, name }) => (
        <option key={id} value={id} lang={id}>
          {name}
        </option>
      ))}
    </select>
  );
}
