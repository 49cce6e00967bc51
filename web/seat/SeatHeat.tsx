import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { HeatRoom } from '../practice/heat/HeatRoom.tsx';
import { SeatHead } from './SeatHead.tsx';
import { useRecord } from './useRecord.ts';

/** The heat bench from the link of a seat; tries are recorded like other practice. */
export function SeatHeat() {
  const { t } = useTranslation();
  const record = useRecord();
  return (
    <>
      <SeatHead />
      <main className="bench">
        <div className="practice-top">
          <h1>{t('drill.heat.name')}</h1>
          <Link className="guide-link" to=".." relative="path">
            {t('practice.title')}
          </Link>
        </div>
        <HeatRoom record={record} />
      </main>
    </>
  );
}
