import { useTranslation } from 'react-i18next';
import { NavLink } from 'react-router';

/** The three ways into the guide. */
export function GuideTabs() {
  const { t } = useTranslation();
  return (
    <nav className="guide-tabs" aria-label={t('guide.guideTabs.guide')}>
      <NavLink to="/guide" end>
        {t('guide.guideTabs.kindsOfParts')}
      </NavLink>
      <NavLink to="/guide/types">{t('guide.guideTabs.typeNumbers')}</NavLink>
      <NavLink to="/guide/bodies">{t('guide.guideTabs.bodies')}</NavLink>
      <NavLink to="/guide/words">{t('guide.guideTabs.words')}</NavLink>
    </nav>
  );
}
