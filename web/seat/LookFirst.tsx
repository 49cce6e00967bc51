import { useEffect, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { keptLookFirst } from '#contract/keptKinds';
import { getLookFirst } from '#contract/seats';
import { partsByPlace } from '#core/board/pads';
import { mistakeAtLook } from '#core/faults/kinds/traits';
import type { LookFirst as Look } from '#core/faults/lookFirst';
import { lookText } from '#core/words/faultWords';
import { call } from '../app/call.ts';
import { orKept } from '../app/kept.ts';
import { Glyph } from '../ui/Glyph.tsx';
import { LookMap } from './LookMap.tsx';
import { useOpenSeat } from './Seat.tsx';
import { SeatHead } from './SeatHead.tsx';
import { useSeatState } from './useSeatState.ts';

/** So many looks are one round (common practice): from there on a helper with a meter is faster. */
const aRound = 5;

/** Where a learner looks on a board that does not work, before anything is measured. */
export function LookFirst() {
  const { t } = useTranslation();
  const { token = '' } = useParams();
  const { view, log } = useOpenSeat();
  const { steps, seatId, board } = view;
  const { state } = useSeatState();
  const [looks, setLooks] = useState<readonly Look[] | 'unknown'>();
  const [at, setAt] = useState(0);
  const [round, setRound] = useState(aRound);
  const [found, setFound] = useState<string>();

  useEffect(() => {
    orKept(keptLookFirst, `look.${token}`, () => call(getLookFirst, { params: { token } }))
      .then(({ data }) => setLooks(data))
      .catch(() => setLooks('unknown'));
  }, [token]);

  const parts = useMemo(
    () => partsByPlace(steps.flatMap((step) => (step.kind === 'check' ? [] : step.parts))),
    [steps],
  );
  const stepOf = (place: string) =>
    steps.find(
      (step) =>
        step.kind !== 'check' &&
        step.parts.some(({ designators }) => designators.includes(place)) &&
        state.doneAt[step.id] !== undefined,
    );
  const here =
    looks && looks !== 'unknown'
      ? // What is no part is copper: it is there from the beginning.
        looks.filter(({ place }) => !parts.has(place) || stepOf(place))
      : [];
  const last = Math.min(round, here.length);
  const look = at < last ? here[at] : undefined;
  const next = () => {
    setFound(undefined);
    setAt(at + 1);
    scrollTo({ top: 0 });
  };
  const stepId = state.currentStepId ?? steps.at(-1)?.id ?? '';
  const wrong = () => {
    const mistake = look && mistakeAtLook(look.at);
    const of = look && stepOf(look.place);
    const event =
      mistake && of
        ? log.report(seatId, { kind: 'mistake', stepId: of.id, mistake, designator: look.place })
        : undefined;
    setFound(event?.id ?? '');
  };
  const askForHelp = () => {
    const places = here.slice(0, at + 1).map(({ place }) => place);
    const text = t('seat.lookFirst.says', { places: [...new Set(places)].join(', ') }).slice(
      0,
      200,
    );
    log.report(seatId, { kind: 'help-asked', stepId, about: 'question', text });
  };
  const help = (
    <button
      type="button"
      className="side-button"
      disabled={state.help !== null}
      onClick={askForHelp}
    >
      <Glyph name="hand" /> {t(state.help ? 'seat.helpAsked' : 'seat.help')}
    </button>
  );
  const mistake = look && mistakeAtLook(look.at);
  return (
    <>
      <SeatHead />
      <main className="bench">
        <div className="practice-top">
          <h1>{t('seat.lookFirst.title')}</h1>
          <Link className="guide-link" to={`/seat/${encodeURIComponent(token)}`}>
            {t('seat.lookFirst.back')}
          </Link>
        </div>
        {looks === undefined && <p role="status">{t('seat.loading')}</p>}
        {looks === 'unknown' && <p role="status">{t('seat.lookFirst.unknown')}</p>}
        {looks && looks !== 'unknown' && here.length === 0 && (
          <p role="status">{t('seat.lookFirst.nothing')}</p>
        )}
        {look && (
          <article className="step-card" aria-labelledby="look-asks">
            <p>{t('seat.lookFirst.off')}</p>
            <p className="step-count">
              {t('seat.lookFirst.ofCount', { number: at + 1, count: last })}
            </p>
            <h2 id="look-asks">{lookText(t, look, parts)}</h2>
            {board && <LookMap board={board} parts={parts} look={look} />}
            {found === undefined ? (
              <div className="choices">
                <button type="button" className="main-button" onClick={next}>
                  <Glyph name="tick" /> {t('seat.lookFirst.right')}
                </button>
                <button type="button" className="side-button" onClick={wrong}>
                  <Glyph name="cross" /> {t('seat.lookFirst.wrong')}
                </button>
                <button type="button" className="side-button" onClick={next}>
                  {t('seat.lookFirst.unsure')}
                </button>
              </div>
            ) : (
              <>
                <p role="status">
                  {mistake ? t(`mistake.${mistake}.whatNow`) : t('seat.lookFirst.askSomebody')}
                </p>
                <p>{t('seat.lookFirst.again')}</p>
                <div className="choices">
                  <Link className="main-button as-link" to={`/seat/${encodeURIComponent(token)}`}>
                    {t('seat.lookFirst.works')}
                  </Link>
                  <button type="button" className="side-button" onClick={next}>
                    {t('seat.lookFirst.on')}
                  </button>
                  {help}
                  {found !== '' && (
                    <button
                      type="button"
                      className="text-button"
                      onClick={() => {
                        log.report(seatId, { kind: 'undo', undoes: found });
                        setFound(undefined);
                      }}
                    >
                      {t('seat.takeBack')}
                    </button>
                  )}
                </div>
              </>
            )}
          </article>
        )}
        {here.length > 0 && !look && (
          <article className="step-card">
            <p role="status">{t('seat.lookFirst.done', { count: last })}</p>
            <div className="choices">
              {help}
              {here.length > round && (
                <button
                  type="button"
                  className="side-button"
                  onClick={() => setRound(round + aRound)}
                >
                  {t('seat.lookFirst.more')}
                </button>
              )}
            </div>
          </article>
        )}
      </main>
    </>
  );
}
