import { useTranslation } from 'react-i18next';
import type { PersonBuild } from '#contract/people';
import { hastySteps } from '#core/pace/learnt/hasty';

/** That steps were tapped faster than hands can work, where any were: they show nothing. */
export function Hasty({ build: { steps, state } }: { readonly build: PersonBuild }) {
  const { t } = useTranslation();
  const count = hastySteps(steps, state).size;
  return count > 0 && <p>{t('people.personPage.hasty', { count })}</p>;
}
