import { type Remote, wrap } from 'comlink';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { alloys } from '#core/joint/heat/alloys';
import { isComfortable } from '#core/joint/heat/ready';
import { tips } from '#core/joint/heat/tips';
import type { HeatTask } from '#core/learning/drills/heat/bench';
import { decimal } from '../../ui/decimal.ts';
import type { HeatApi, Way } from './heat.worker.ts';
import type { Iron } from './IronChoice.tsx';

const celsius = [300, 325, 350, 375, 400] as const;

type Table = readonly (readonly (number | null)[])[];

interface WhatIfProps {
  readonly task: HeatTask;
  readonly iron: Iron;
}

/** How long other tips, temperatures and solders would need for the same joint; worked out in the background. */
export function WhatIf({ task: { target, alloy }, iron: { tip } }: WhatIfProps) {
  const { t } = useTranslation();
  const byTip = tips.map(({ id }): Way => ({ tip: id, alloy }));
  const byAlloy = alloys.map(({ id }): Way => ({ tip, alloy: id }));
  const table = useWhatIf(target, [...byTip, ...byAlloy]);
  const rows = [
    ...tips.map(({ id, widthMm }) => ({
      name: t('drill.heat.tipWidth', { mm: widthMm }),
      isNow: id === tip,
    })),
    ...alloys.map(({ id, name }) => ({ name, isNow: id === alloy })),
  ];
  const tableOf = (heading: string, from: number, to: number) => (
    <table className="what-if">
      <thead>
        <tr>
          <th scope="col">{heading}</th>
          {celsius.map((one) => (
            <th key={one} scope="col">
              {t('practice.whatIf.c', { one })}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.slice(from, to).map(({ name, isNow }, row) => (
          <tr key={name}>
            <th scope="row">
              {name} {isNow && '◂'}
            </th>
            {celsius.map((one, column) => (
              <Cell key={one} seconds={table?.[from + row]?.[column] ?? null} />
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
  return (
    <section className="what-if-section" aria-label={t('drill.heat.whatIf')}>
      <h3>{t('drill.heat.whatIf')}</h3>
      <p>{t('drill.heat.whatIfLead')}</p>
      {table ? (
        // biome-ignore lint/a11y/noNoninteractiveTabindex: tables that scroll must be reachable by keys
        <div className="what-if-scroll" tabIndex={0}>
          {tableOf(t('drill.heat.tip'), 0, tips.length)}
          {tableOf(t('drill.heat.alloy'), tips.length, rows.length)}
        </div>
      ) : (
        <p role="status">{t('drill.heat.working')}</p>
      )}
    </section>
  );
}

/** The seconds of each way and temperature; undefined while they are worked out. */
function useWhatIf(target: string, ways: readonly Way[]): Table | undefined {
  const [table, setTable] = useState<Table>();
  const key = JSON.stringify([target, ways]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: `key` stands for what is asked
  useEffect(() => {
    setTable(undefined);
    const worker = new Worker(new URL('./heat.worker.ts', import.meta.url), { type: 'module' });
    const api: Remote<HeatApi> = wrap<HeatApi>(worker);
    void api.whatIf(target, ways, celsius).then(setTable);
    return () => worker.terminate();
  }, [key]);
  return table;
}

function Cell({ seconds }: { readonly seconds: number | null }) {
  const { t } = useTranslation();
  if (seconds === null) return <td className="what-if-never">{t('drill.heat.never')}</td>;
  const isGood = isComfortable(seconds);
  return (
    <td className={isGood ? 'what-if-good' : undefined}>
      {t(`practice.whatIf.${isGood ? 'comfortable' : 'seconds'}`, { seconds: decimal(seconds, 1) })}
    </td>
  );
}
