import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { addressOf } from '#contract/endpoint';
import { pictureFile } from '#contract/pictures';
import type { SeatView } from '#contract/seats';
import { type BagLine, bagOf } from '#core/build/bag';
import type { Deed } from '#core/build/event';
import type { SeatState } from '#core/build/foldSeat';
import { type Sight, sights } from '#core/learning/drills/drill';
import { twoAtOnePhone } from '#core/order/ironFirst';
import { partName } from '#core/words/partWords';
import { useSight } from '../practice/useSight.ts';
import { Glyph } from '../ui/Glyph.tsx';
import { PartPicture, pictureScale } from '../ui/PartPicture.tsx';
import { TextSizeChoice } from './TextSizeChoice.tsx';

interface HelloProps {
  readonly view: SeatView;
  readonly state: SeatState;
  readonly report: (deed: Deed) => void;
}

const room = { width: 110, height: 56 };

/** How a learner is met: what is built, glasses, and whether everything is in the bag; then the first step. */
export function Hello({ view, state, report }: HelloProps) {
  const { t } = useTranslation();
  const { name, kitName, kitDescription, kitPicture, partner, steps } = view;
  const [sight, say] = useSight();
  const [found, setFound] = useState<readonly number[]>([]);
  const bag = bagOf(steps);
  const missingAt = ({ part, stepId }: BagLine) =>
    state.missing.find(
      (one) => one.stepId === stepId && one.designators.join() === places(part).join(),
    );
  const tellMissing = (line: BagLine) => {
    const told = missingAt(line);
    if (told) {
      report({ kind: 'undo', undoes: told.eventId });
      return;
    }
    const { stepId, part } = line;
    report({ kind: 'part-missing', stepId, designators: places(part) });
    if (!state.help) report({ kind: 'help-asked', stepId, about: 'lost' });
  };
  return (
    <>
      <h1>{name === '' ? t('seat.hello.title') : t('seat.hello.titleNamed', { name })}</h1>
      <p>
        {t('seat.youBuild', { kit: kitName })}
        {partner !== null && ` ${t('seat.hello.partner', { name: partner })}`}
        {twoAtOnePhone(name) && ` ${t('seat.hello.share')}`}
      </p>
      {kitPicture && (
        <img
          className="hello-picture"
          src={addressOf(pictureFile, { hash: kitPicture.hash })}
          alt={kitPicture.alt || kitName}
        />
      )}
      {kitDescription !== '' && <p className="own-text">{kitDescription}</p>}
      <section className="help-box">
        <h2>{t('seat.hello.first')}</h2>
        <ul>
          <li>{t('seat.hello.glasses')}</li>
          <li>{t('seat.hello.hair')}</li>
          <li>{t('seat.hello.hot')}</li>
        </ul>
      </section>
      <TextSizeChoice />
      <label className="field">
        {t('seat.hello.sight.label')}
        <select value={sight} onChange={({ target }) => say(target.value as Sight)}>
          {sights.map((one) => (
            <option key={one} value={one}>
              {t(`seat.hello.sight.${one}`)}
            </option>
          ))}
        </select>
      </label>
      {bag.length > 0 && (
        <section aria-labelledby="bag-title">
          <h2 id="bag-title">{t('seat.hello.bag')}</h2>
          <p>{t('seat.hello.bagHelp')}</p>
          <ul className="bag">
            {bag.map((line, index) => {
              const { part, pieces } = line;
              const isMissing = missingAt(line) !== undefined;
              return (
                <li key={`${line.stepId} ${places(part).join()}`}>
                  <label>
                    <input
                      type="checkbox"
                      checked={found.includes(index)}
                      disabled={isMissing}
                      onChange={({ target }) =>
                        setFound((all) =>
                          target.checked ? [...all, index] : all.filter((one) => one !== index),
                        )
                      }
                    />
                    <span className="bag-picture">
                      <PartPicture part={part} pixelsPerMm={pictureScale(part, room)} />
                    </span>
                    <span>
                      <strong>{pieces} ×</strong> {partName(t, part)}
                    </span>
                  </label>
                  <button
                    type="button"
                    className="side-button"
                    aria-pressed={isMissing}
                    aria-label={t('seat.hello.missingOf', { part: partName(t, part) })}
                    onClick={() => tellMissing(line)}
                  >
                    <Glyph name={isMissing ? 'tick' : 'warn'} />{' '}
                    {t(isMissing ? 'seat.hello.isTold' : 'seat.hello.missing')}
                  </button>
                </li>
              );
            })}
          </ul>
        </section>
      )}
    </>
  );
}

/** What a line is told by: its places; a line without any by what it is called. */
const places = (part: BagLine['part']): readonly string[] =>
  part.designators.length > 0 ? part.designators : [part.description.slice(0, 20)];
