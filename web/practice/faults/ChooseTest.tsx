import { useId, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { partsByPlace } from '#core/board/pads';
import {
  type BenchTest,
  isSeenAtOnce,
  needsPower,
  testKey,
  testsOf,
} from '#core/faults/benchTests';
import { testSaid } from '#core/faults/faultSaid';
import type { Hidden } from '#core/learning/drills/faults/hidden';
import { saying } from '#core/words/sayings';

interface ChooseTestProps {
  readonly task: Hidden;
  readonly made: readonly BenchTest[];
  readonly make: (test: BenchTest) => void;
}

/** What hands, eyes and the meter can do, by what one takes for it. */
const tools = {
  eyes: ['look'],
  finger: ['touch'],
  stand: ['sense'],
  volts: ['volt'],
  current: ['current'],
  ohms: ['ohm', 'across'],
  beep: ['joint', 'apart'],
} as const satisfies Readonly<Record<string, readonly BenchTest['kind'][]>>;
type Tool = keyof typeof tools;

const isOf = (tool: Tool, { kind }: BenchTest) =>
  (tools[tool] as readonly BenchTest['kind'][]).includes(kind);

/** What is done next on a board: first with what, then where. */
export function ChooseTest({ task, made, make }: ChooseTestProps) {
  const { t } = useTranslation();
  const id = useId();
  const [tool, setTool] = useState<Tool>('eyes');
  const [chosen, setChosen] = useState('');
  const parts = useMemo(() => partsByPlace(task.parts), [task]);
  const left = useMemo(() => {
    const keys = new Set(made.map(testKey));
    const ways = new Set<string>();
    return testsOf(task.faults).filter((test) => {
      if (isSeenAtOnce(task.faults, test) || keys.has(testKey(test))) return false;
      if (test.kind !== 'sense') return true;
      // One way to stand shows everything that lights and sounds.
      const way = JSON.stringify(task.faults.points.senses[test.sense]?.when);
      return !ways.has(way) && Boolean(ways.add(way));
    });
  }, [task, made]);
  const here = left.filter((test) => isOf(tool, test));
  const test = here.find((one) => testKey(one) === chosen) ?? here[0];
  return (
    <fieldset className="fault-drill-do">
      <legend>{t('drill.faults.find.do')}</legend>
      <div className="drill-row">
        {(Object.keys(tools) as Tool[])
          .filter((one) => left.some((test) => isOf(one, test)))
          .map((one) => (
            <button
              key={one}
              type="button"
              className="drill-side"
              aria-pressed={one === tool}
              onClick={() => setTool(one)}
            >
              {t(`drill.faults.tool.${one}`)}
            </button>
          ))}
      </div>
      {test && (
        <>
          <label htmlFor={id}>{t('drill.faults.find.where')}</label>
          <select id={id} value={testKey(test)} onChange={({ target }) => setChosen(target.value)}>
            {here.map((one) => (
              <option key={testKey(one)} value={testKey(one)}>
                {saying(t, testSaid(task.faults, one, parts))}
              </option>
            ))}
          </select>
          <p>{t(`drill.faults.find.${needsPower(test) ? 'powered' : 'unpowered'}`)}</p>
          <button type="button" className="drill-side" onClick={() => make(test)}>
            {t('drill.faults.find.doIt')}
          </button>
        </>
      )}
    </fieldset>
  );
}
