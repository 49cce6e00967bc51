import { useTranslation } from 'react-i18next';

export function Finished({ kitName }: { readonly kitName: string }) {
  const { t } = useTranslation();
  return (
    <article className="step-card finished">
      <p className="step-count">{kitName}</p>
      <h1>{t('seat.finished')}</h1>
      <p>{t('seat.finishedText')}</p>
    </article>
  );
}
