import { useId, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { partsByPlace } from '#core/board/pads';
import { placesOf } from '#core/faults/benchTests';
import { faultKey } from '#core/faults/fault';
import { faultSaid, placedSaid } from '#core/faults/faultSaid';
import { type Hidden, showing } from '#core/learning/drills/faults/hidden';
import { saying, written } from '#core/words/sayings';

interface NameFaultProps {
  readonly task: Hidden;
  /** Takes the key of the fault that it is said to be. */
  readonly name: (named: string) => void;
}

/** What is wrong: first where, then what. */
export function NameFault({ task, name }: NameFaultProps) {
  const { t } = useTranslation();
  const id = useId();
  const parts = useMemo(() => partsByPlace(task.parts), [task]);
  const byPlace = useMemo(() => {
    const found = new Map<string, ReturnType<typeof showing>[number]['fault'][]>();
    for (const { fault } of showing(task)) {
      for (const place of placesOf({ fault })) {
        found.set(place, [...(found.get(place) ?? []), fault]);
      }
    }
    return found;
  }, [task]);
  const places = [...byPlace.keys()].sort((a, b) => a.localeCompare(b, 'en', { numeric: true }));
  const [place, setPlace] = useState('');
  const [named, setNamed] = useState('');
  const here = byPlace.get(place) ?? [];
  const isNamed = here.some((fault) => faultKey(fault) === named);
  return (
    <fieldset className="fault-drill-do">
      <legend>{t('drill.faults.find.name')}</legend>
      <label htmlFor={`${id}-place`}>{t('drill.faults.find.at')}</label>
      <select id={`${id}-place`} value={place} onChange={({ target }) => setPlace(target.value)}>
        <option value="">{t('drill.faults.find.choose')}</option>
        {places.map((one) => (
          <option key={one} value={one}>
            {written(t, placedSaid(one, parts))}
          </option>
        ))}
      </select>
      {here.length > 0 && (
        <>
          <label htmlFor={`${id}-what`}>{t('drill.faults.find.what')}</label>
          <select
            id={`${id}-what`}
            value={isNamed ? named : ''}
            onChange={({ target }) => setNamed(target.value)}
          >
            <option value="">{t('drill.faults.find.choose')}</option>
            {here.map((fault) => (
              <option key={faultKey(fault)} value={faultKey(fault)}>
                {saying(t, faultSaid(fault, parts))}
              </option>
            ))}
          </select>
        </>
      )}
      <button type="button" className="drill-main" disabled={!isNamed} onClick={() => name(named)}>
        {t('drill.faults.find.thatIsIt')}
      </button>
    </fieldset>
  );
}
