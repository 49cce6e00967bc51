import { useId } from 'react';
import { useTranslation } from 'react-i18next';
import { type Sight, sights } from '#core/learning/drills/drill';
import { drills } from '#core/learning/drills/index';
import type { DrillSummary } from '#core/learning/practice/summary';
import { Glyph } from '../../ui/Glyph.tsx';
import '../practice.css';

interface TrainersProps {
  readonly sight: Sight;
  readonly say: (sight: Sight) => void;
  /** How far the learner is; leave out where nobody in particular practises. */
  readonly summary?: readonly DrillSummary[] | undefined;
  /** What a session of everything would be. */
  readonly mixed: { readonly minutes: number; readonly count: number };
  /** Begins with one drill, or with all. */
  readonly start: (drillId?: string) => void;
}

/** What can be practised, and how it stands. */
export function Trainers({ sight, say, summary, mixed, start }: TrainersProps) {
  const { t } = useTranslation();
  const id = useId();
  return (
    <>
      <section className="trainer trainer-mixed">
        <h2>{t('practice.mixed')}</h2>
        <p>{t('practice.mixedAim')}</p>
        {mixed.count === 0 ? (
          <p>{t('practice.nothing')}</p>
        ) : (
          <button type="button" className="drill-main" onClick={() => start()}>
            {t('practice.start')}: {t('practice.length', mixed)}
          </button>
        )}
      </section>
      <h2 className="trainer-title">{t('practice.onlyOne')}</h2>
      <ul className="trainers">
        {drills.map((drill) => (
          <li key={drill.id} className="trainer">
            <h3>{t(`drill.${drill.id}.name`)}</h3>
            <p>{t(`drill.${drill.id}.aim`)}</p>
            <Standing summary={summary?.find(({ drillId }) => drillId === drill.id)} />
            <button
              type="button"
              className="drill-side"
              aria-label={`${t('practice.start')}: ${t(`drill.${drill.id}.name`)}`}
              onClick={() => start(drill.id)}
            >
              {t('practice.start')}
            </button>
          </li>
        ))}
      </ul>
      <div className="drill-sight">
        <label htmlFor={id}>{t('practice.sight.label')}</label>
        <select id={id} value={sight} onChange={({ target }) => say(target.value as Sight)}>
          {sights.map((one) => (
            <option key={one} value={one}>
              {t(`practice.sight.${one}`)}
            </option>
          ))}
        </select>
        <p>{t('practice.sight.why')}</p>
      </div>
    </>
  );
}

function Standing({ summary }: { readonly summary: DrillSummary | undefined }) {
  const { t } = useTranslation();
  if (!summary) return null;
  const { answered, items, kept, due } = summary;
  if (items === 0) return <p className="trainer-standing">{t('practice.none')}</p>;
  return (
    <p className="trainer-standing">
      {t('practice.answered', { count: answered })} · {t('practice.kept', { kept, items })}
      {due > 0 && (
        <>
          {' · '}
          <strong>
            <Glyph name="diamond" /> {t('practice.due', { count: due })}
          </strong>
        </>
      )}
    </p>
  );
}
