import { useTranslation } from 'react-i18next';
import { StepRow, type StepsProps } from './StepRow.tsx';

/** Steps that are moved by their buttons. */
export function PlainSteps({ rows }: Pick<StepsProps, 'rows'>) {
  const { t } = useTranslation();
  return (
    <ol className="drill-steps" aria-label={t('drill.order.first.list')}>
      {rows.map((row) => (
        <StepRow key={row.card.key} {...row} />
      ))}
    </ol>
  );
}
