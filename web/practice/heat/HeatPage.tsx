import { useTranslation } from 'react-i18next';
import { PageHead } from '../../ui/PageHead.tsx';
import { HeatRoom } from './HeatRoom.tsx';

/** The heat bench on the instructor’s side: to show it to a room. Nothing is recorded. */
export function HeatPage() {
  const { t } = useTranslation();
  return (
    <>
      <PageHead
        title={t('practice.heatPage.heatBench')}
        facts={t('practice.heatPage.aJointOnARealHeating')}
      />
      <HeatRoom record={() => undefined} />
    </>
  );
}
