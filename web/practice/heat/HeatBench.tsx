import { type PointerEvent, useEffect, useId, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Hands, HeatSetup } from '#core/joint/heat/model';
import type { Try } from '#core/joint/heat/run';
import { statusWords } from '#core/learning/drills/heat/status';
import { saying } from '#core/words/sayings';
import { useLatest } from '../../app/useLatest.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { HeatChart } from './HeatChart.tsx';
import { HeatPicture } from './HeatPicture.tsx';
import { useHeat } from './useHeat.ts';
import { useHiss } from './useHiss.ts';
import './heat.css';
import { decimal } from '../../ui/decimal.ts';

interface HeatBenchProps {
  /** One joint, or two beside each other under the same hands. */
  readonly setups: readonly HeatSetup[];
  /** The board is picked up and looked at: what was done at each joint. */
  readonly done: (tries: readonly Try[]) => void;
}

const touchable = ['both', 'pad', 'lead'] as const;
type Touch = (typeof touchable)[number];

/** Keys that are held down, and what they do. */
const held = { i: 'iron', f: 'joint', g: 'feedIron' } as const;
type Held = (typeof held)[keyof typeof held];

/** Iron and solder in the learner's hands. */
export function HeatBench({ setups, done }: HeatBenchProps) {
  const { t } = useTranslation();
  const id = useId();
  const { shown, hasBegun, hands, use, look, begin } = useHeat(setups);
  const [touch, setTouch] = useState<Touch>('both');
  const [latches, setLatches] = useState(false);
  const [hasSound, setSound] = useState(false);
  const [first] = setups;
  const [state] = shown.states;
  const flux = state?.flux ?? 1;
  const lastFlux = useRef(flux);
  useHiss(hasSound, Math.max(0, (lastFlux.current - flux) * 40));
  useEffect(() => {
    lastFlux.current = flux;
  });

  const on: Readonly<Record<Held, boolean>> = {
    iron: hands.iron !== 'away',
    joint: hands.feed === 'joint',
    feedIron: hands.feed === 'iron',
  };
  const change = (what: Held, isOn: boolean): Partial<Hands> => {
    if (what === 'iron') return { iron: isOn ? touch : 'away' };
    return { feed: isOn ? (what === 'joint' ? 'joint' : 'iron') : 'none' };
  };
  const press = (what: Held) => use(change(what, latches ? !on[what] : true));
  const release = (what: Held) => {
    if (!latches) use(change(what, false));
  };
  const finish = async () => done(await look());

  const acts = useLatest({ press, release, finish });
  useEffect(() => {
    const heldBy = (event: KeyboardEvent): Held | undefined => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target))
        return undefined;
      return held[event.key as keyof typeof held];
    };
    const down = (event: KeyboardEvent) => {
      const what = heldBy(event);
      if (what && !event.repeat) acts.current.press(what);
      if (event.key === 'l' && !isTyping(event.target)) void acts.current.finish();
    };
    const up = (event: KeyboardEvent) => {
      const what = heldBy(event);
      if (what) acts.current.release(what);
    };
    addEventListener('keydown', down);
    addEventListener('keyup', up);
    return () => {
      removeEventListener('keydown', down);
      removeEventListener('keyup', up);
    };
  }, [acts]);

  if (!first || !state) return null;
  const words = saying(t, statusWords(first, state, hands));
  const holder = (what: Held, name: string, key: string) => (
    <button
      type="button"
      className={what === 'iron' ? 'drill-main heat-hold' : 'drill-side heat-hold'}
      aria-pressed={on[what]}
      onPointerDown={(event: PointerEvent<HTMLButtonElement>) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        press(what);
      }}
      onPointerUp={() => release(what)}
      onPointerCancel={() => release(what)}
      onKeyDown={(event) => {
        if (event.key !== ' ' && event.key !== 'Enter') return;
        event.preventDefault();
        if (!event.repeat) press(what);
      }}
      onKeyUp={(event) => {
        if (event.key === ' ' || event.key === 'Enter') release(what);
      }}
      onContextMenu={(event) => event.preventDefault()}
    >
      {name}{' '}
      <span className="drill-key" aria-hidden="true">
        {key}
      </span>
    </button>
  );
  return (
    <div className="heat">
      <div className={setups.length > 1 ? 'heat-two' : 'heat-one'}>
        {setups.map((setup, index) => {
          const at = shown.states[index];
          if (!at) return null;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: a joint is its place on the bench
            <div key={index} className="heat-joint">
              <HeatPicture setup={setup} state={at} hands={hands} />
              <HeatChart setup={setup} ms={shown.ms} state={at} />
            </div>
          );
        })}
      </div>
      <p className="heat-status" aria-hidden="true">
        <strong>{t('practice.heatBench.s', { ms: decimal(shown.ms / 1000, 1) })}</strong> · {words}
      </p>
      <Spoken words={words} ms={shown.ms} />
      <div className="drill-row">
        {holder('iron', t('drill.heat.iron'), 'i')}
        {holder('joint', t('drill.heat.feed'), 'f')}
        {holder('feedIron', t('drill.heat.feedIron'), 'g')}
      </div>
      <div className="drill-row">
        <button type="button" className="drill-side" onClick={begin} disabled={!hasBegun}>
          <Glyph name="back" /> {t('drill.heat.restart')}
        </button>
        <button
          type="button"
          className="drill-main"
          disabled={!hasBegun}
          onClick={() => void finish()}
        >
          {t('drill.heat.look')}{' '}
          <span className="drill-key" aria-hidden="true">
            {t('practice.heatBench.l')}
          </span>
        </button>
      </div>
      <div className="heat-settings">
        <label htmlFor={`${id}-touch`}>{t('drill.heat.touch')}</label>
        <select
          id={`${id}-touch`}
          value={touch}
          onChange={({ target }) => {
            const next = target.value as Touch;
            setTouch(next);
            if (on.iron) use({ iron: next });
          }}
        >
          {touchable.map((one) => (
            <option key={one} value={one}>
              {t(`drill.heat.touches.${one}`)}
            </option>
          ))}
        </select>
        <label>
          <input
            type="checkbox"
            checked={latches}
            onChange={({ target }) => setLatches(target.checked)}
          />{' '}
          {t('drill.heat.latch')}
        </label>
        <label>
          <input
            type="checkbox"
            checked={hasSound}
            onChange={({ target }) => setSound(target.checked)}
          />{' '}
          {t('drill.heat.sound')}
        </label>
        <span className="heat-keys">{t('drill.heat.keys')}</span>
      </div>
    </div>
  );
}

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && ['TEXTAREA', 'SELECT'].includes(target.tagName);

/** Once a second is as often as a voice can follow. */
function Spoken({ words, ms }: { readonly words: string; readonly ms: number }) {
  const [said, setSaid] = useState('');
  const second = Math.floor(ms / 1000);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is true at the full second is said
  useEffect(() => {
    if (second > 0) setSaid(words);
  }, [second]);
  return (
    <p className="unseen" role="status">
      {said}
    </p>
  );
}
