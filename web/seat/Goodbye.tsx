import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { takeHomePath } from '#contract/papers';
import type { SeatView } from '#contract/seats';
import { builtOf } from '#core/build/built';
import { type Deed, type Face, faces } from '#core/build/event';
import type { SeatState } from '#core/build/foldSeat';
import { Glyph } from '../ui/Glyph.tsx';
import { BoardPhoto } from './BoardPhoto.tsx';

interface GoodbyeProps {
  readonly view: SeatView;
  readonly state: SeatState;
  readonly report: (deed: Deed) => void;
}

/** How a learner is seen off: what was built, what somebody has checked, what to take home, and how it was. */
export function Goodbye({ view, state, report }: GoodbyeProps) {
  const { t, i18n } = useTranslation();
  const { token = '' } = useParams();
  const { kitName, steps } = view;
  const { parts, joints, checks, checked } = builtOf(steps, state);
  const said = state.feedback;
  const [text, setText] = useState(said?.text ?? '');
  const say = (face: Face) => report({ kind: 'feedback', face, text: text.trim() });
  return (
    <article className="step-card finished">
      <p className="step-count">{kitName}</p>
      <h1>{t('seat.finished')}</h1>
      <p>{t('seat.finishedText')}</p>
      <section aria-labelledby="built-title">
        <h2 id="built-title">{t('seat.goodbye.built')}</h2>
        <ul>
          <li>{t('seat.goodbye.joints', { count: joints })}</li>
          {parts.map(({ family, pieces }) => (
            <li key={family}>
              {t('seat.goodbye.pieces', {
                pieces,
                what: t(`family.${family}.${pieces === 1 ? 'one' : 'many'}`),
              })}
            </li>
          ))}
          {checks > 0 && <li>{t('seat.goodbye.checks', { count: checks })}</li>}
          <li>
            {checked === 0
              ? t('seat.goodbye.nobodyChecked')
              : t('seat.goodbye.checked', { count: checked })}
          </li>
        </ul>
      </section>
      <BoardPhoto token={token} state={state} report={report} />
      <a
        className="main-button as-link"
        href={takeHomePath(token, i18n.language)}
        target="_blank"
        rel="noreferrer"
      >
        {t('seat.goodbye.takeHome')}
      </a>
      <Link className="side-button as-link" to="practice">
        {t('seat.goodbye.practise')}
      </Link>
      <section aria-labelledby="feedback-title">
        <h2 id="feedback-title">{t('seat.goodbye.howWasIt')}</h2>
        <label className="field">
          {t('seat.goodbye.line')}
          <textarea
            rows={2}
            maxLength={500}
            value={text}
            onChange={({ target }) => setText(target.value)}
            onBlur={() => said && said.text !== text.trim() && say(said.face)}
          />
        </label>
        <div className="faces">
          {faces.map((face) => (
            <button
              key={face}
              type="button"
              className="side-button"
              aria-pressed={said?.face === face}
              onClick={() => say(face)}
            >
              <FaceMark face={face} /> {t(`seat.goodbye.face.${face}`)}
            </button>
          ))}
        </div>
        {said && (
          <p role="status">
            <Glyph name="tick" /> {t('seat.goodbye.thanks')}
          </p>
        )}
      </section>
    </article>
  );
}

/** How far the mouth bends: down, straight, up. */
const mouths: Readonly<Record<Face, string>> = {
  1: 'M7 17q5-5 10 0',
  2: 'M7 15.5h10',
  3: 'M7 14q5 5 10 0',
};

const FaceMark = ({ face }: { readonly face: Face }) => (
  <svg
    viewBox="0 0 24 24"
    width="32"
    height="32"
    aria-hidden="true"
    fill="none"
    stroke="currentColor"
    strokeWidth="2"
    strokeLinecap="round"
  >
    <circle cx="12" cy="12" r="10" />
    <path d="M8.5 9v.5M15.5 9v.5" />
    <path d={mouths[face]} />
  </svg>
);
