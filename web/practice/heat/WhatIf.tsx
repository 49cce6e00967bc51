import { type Remote, wrap } from 'comlink';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { tips } from '#core/joint/heat/tips';
import type { HeatTask } from '#core/learning/drills/heat/bench';
import type { HeatApi } from './heat.worker.ts';
import type { Iron } from './IronChoice.tsx';

const celsius = [300, 325, 350, 375, 400] as const;
/** As long as a hand is steady and the pad bears it (common practice). */
const comfortable = [0.8, 4] as const;

type Table = readonly (readonly (number | null)[])[];

interface WhatIfProps {
  readonly task: HeatTask;
  readonly iron: Iron;
}

/** How long other tips and temperatures would need for the same joint; worked out in the background. */
export function WhatIf({ task: { target, alloy }, iron }: WhatIfProps) {
  const { t } = useTranslation();
  const [table, setTable] = useState<Table>();
  useEffect(() => {
    setTable(undefined);
    const worker = new Worker(new URL('./heat.worker.ts', import.meta.url), { type: 'module' });
    const api: Remote<HeatApi> = wrap<HeatApi>(worker);
    void api.whatIf(target, alloy, celsius).then(setTable);
    return () => worker.terminate();
  }, [target, alloy]);
  return (
    <section className="what-if-section" aria-label={t('drill.heat.whatIf')}>
      <h3>{t('drill.heat.whatIf')}</h3>
      <p>{t('drill.heat.whatIfLead')}</p>
      {table ? (
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a table that scrolls must be reachable by keys
        <div className="what-if-scroll" tabIndex={0}>
          <table className="what-if">
            <thead>
              <tr>
                <th scope="col">{t('drill.heat.tip')}</th>
                {celsius.map((one) => (
                  <th key={one} scope="col">
                    {one} °C
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {tips.map(({ id, widthMm }, row) => (
                <tr key={id}>
                  <th scope="row">
                    {t('drill.heat.tipWidth', { mm: widthMm })} {id === iron.tip && '◂'}
                  </th>
                  {celsius.map((one, column) => (
                    <Cell key={one} seconds={table[row]?.[column] ?? null} />
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      ) : (
        <p role="status">{t('drill.heat.working')}</p>
      )}
    </section>
  );
}

function Cell({ seconds }: { readonly seconds: number | null }) {
  const { t } = useTranslation();
  if (seconds === null) return <td className="what-if-never">{t('drill.heat.never')}</td>;
  const isGood = seconds >= comfortable[0] && seconds <= comfortable[1];
  return (
    <td className={isGood ? 'what-if-good' : undefined}>
      {seconds.toFixed(1)} s{isGood && ' ✓'}
    </td>
  );
}
