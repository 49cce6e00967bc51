import { t } from 'i18next';
import { memo } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { KitLine } from '#contract/kits';
import { bodyOf, chipSizeCodeOf } from '#core/parts/bodyOf';
import { familyOf } from '#core/parts/families/index';
import { flagsOf } from '#core/parts/flags';
import { shortDesignators, toleranceLabel } from '#core/parts/label';
import { overridesRule } from '#core/parts/lotNote';
import { packageOf } from '#core/parts/packages/packageOf';
import type { Part } from '#core/parts/part';
import type { Doubt } from '#core/partslist/confidence';
import { familyWord, valueWords } from '#core/words/partWords';
import { saying } from '#core/words/sayings';
import { Glyph } from '../ui/Glyph.tsx';
import { PartMarks } from '../ui/PartMarks.tsx';
import { PartPicture, pictureScale } from '../ui/PartPicture.tsx';
import { polaritySigns } from '../ui/polaritySigns.ts';
import './parts.css';

export interface TableLine extends KitLine {
  readonly key: string;
  /** Row of the file, before it is taken over. */
  readonly row?: number;
}

interface PartsTableProps {
  readonly label: string;
  readonly lines: readonly TableLine[];
  readonly correct?: (line: TableLine) => void;
}

/** Every line of a parts list as it was read: what it is, how it looks, its marks, which way round, how high. */
export const PartsTable = memo(function PartsTable({ label, lines, correct }: PartsTableProps) {
  const { t } = useTranslation();
  const withRows = lines.some(({ row }) => row !== undefined);
  const className = ['parts', withRows && 'with-row', correct && 'with-correct']
    .filter(Boolean)
    .join(' ');
  return (
    <div className="parts-scroll">
      <table className={className} aria-label={label}>
        <thead>
          <tr>
            {withRows && <th scope="col">{t('kits.partsTable.row')}</th>}
            <th scope="col">{t('kits.partsTable.place')}</th>
            <th scope="col" className="number">
              {t('kits.partsTable.pieces')}
            </th>
            <th scope="col">{t('kits.partsTable.whatItIs')}</th>
            <th scope="col">{t('kits.partsTable.value')}</th>
            <th scope="col">{t('kits.partsTable.looksLike')}</th>
            <th scope="col">{t('kits.partsTable.marks')}</th>
            <th scope="col">{t('kits.partsTable.whichWayRound')}</th>
            <th scope="col" className="number">
              {t('kits.partsTable.joints')}
            </th>
            <th scope="col" className="number">
              {t('kits.partsTable.bodyHeight')}
            </th>
            {correct && (
              <th scope="col">
                <span className="visually-hidden">{t('kits.partsTable.correct')}</span>
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <PartRow
              key={line.key}
              line={line}
              withRow={withRows}
              {...(correct ? { correct } : {})}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
});

interface PartRowProps {
  readonly line: TableLine;
  readonly withRow: boolean;
  readonly correct?: (line: TableLine) => void;
}

const PartRow = memo(function PartRow({ line, withRow, correct }: PartRowProps) {
  const { t } = useTranslation();
  const { row, part } = line;
  const family = familyOf(part);
  const places = shortDesignators(part.designators);
  return (
    <tr>
      {withRow && (
        <td className="mono row" data-head={t('kits.partsTable.row')}>
          {row}
        </td>
      )}
      <td className="mono nowrap place">{places || '–'}</td>
      <td className="mono number pieces" data-head={t('kits.partsTable.pieces')}>
        {part.quantity}
      </td>
      <td className="what">
        <Link to={`/guide/${family.id}`}>{t(`family.${family.id}.one`)}</Link>
        <Flags line={line} />
        {part.remarks && <span className="remark">“{part.remarks}”</span>}
      </td>
      <td className="mono value">
        {valueWords(t, part.value) || '–'}
        <Details part={part} />
        <DoubtFlag line={line} doubt="value" />
      </td>
      <td className="look">
        <PartPicture part={part} pixelsPerMm={pictureScale(part, { width: 150, height: 70 })} />
      </td>
      <td className="marks">
        <PartMarks part={part} />
        <DoubtFlag line={line} doubt="pins" />
      </td>
      <td className="way">
        <strong>
          <Glyph name={polaritySigns[family.polarity].glyph} />{' '}
          {polaritySigns[family.polarity].word}
        </strong>
        {family.polarity !== 'free' &&
          !overridesRule(part) &&
          ` ${familyWord(t, part, 'wayRound') ?? ''}`}
        {part.lotNote && (
          <span className="flag">{t('kits.partsTable.thisLot', { text: part.lotNote.text })}</span>
        )}
      </td>
      <td className="mono number joints" data-head={t('kits.partsTable.joints')}>
        {family.joints(part) * part.quantity || '–'}
      </td>
      <td className="mono number nowrap height" data-head={t('kits.partsTable.bodyHeight')}>
        {t('kits.partsTable.mm', { heightMm: bodyOf(family, part).heightMm })}
        <Body part={part} />
        <DoubtFlag line={line} doubt="package" />
      </td>
      {correct && (
        <td className="do">
          <button
            type="button"
            className="correct"
            onClick={() => correct(line)}
            aria-label={t('kits.partsTable.correct2', { places: places || part.description })}
          >
            {t('kits.partsTable.correct')}
          </button>
        </td>
      )}
    </tr>
  );
});

function Details({ part }: { readonly part: Part }) {
  const { value } = part;
  const volt = value.kind === 'amount' ? value.ratedVolt : undefined;
  const details = [
    toleranceLabel(value),
    volt === undefined ? '' : `${volt} V`,
    familyOf(part).comesInSizes ? chipSizeCodeOf(part) : '',
  ].filter(Boolean);
  return details.length === 0 ? null : (
    <span style={{ display: 'block', color: 'var(--faded)' }}>{details.join(' · ')}</span>
  );
}

const bodyWords = {
  said: '',
  list: '',
  get type() {
    return t('kits.partsTable.usualForThisType');
  },
  get usual() {
    return t('kits.partsTable.estimated');
  },
  get family() {
    return t('kits.partsTable.estimated');
  },
};

/** Which body it is drawn in, and how that is known. */
function Body({ part }: { readonly part: Part }) {
  const family = familyOf(part);
  if (family.mount !== 'through' && family.mount !== 'surface') return null;
  const found = packageOf(family, part);
  const words = [found?.package.name, bodyWords[found?.from ?? 'family']].filter(Boolean);
  return words.length === 0 ? null : <span className="body-from">{words.join(', ')}</span>;
}

const doubtNotes: Readonly<Record<Doubt, string>> = {
  get family() {
    return t('kits.partsTable.kindNotSure');
  },
  get value() {
    return t('kits.partsTable.checkTheValueOrType');
  },
  get package() {
    return t('kits.partsTable.checkTheBody');
  },
  get pins() {
    return t('kits.partsTable.compareTheSheetLeadsAndPins');
  },
};

/** A doubt of the reading, beside what is doubtful. */
function DoubtFlag({ line, doubt }: { readonly line: KitLine; readonly doubt: Doubt }) {
  if (!line.doubts?.includes(doubt)) return null;
  return (
    <span className="flag">
      <Glyph name="flag" /> {doubtNotes[doubt]}
    </span>
  );
}

/** What the instructor should look at, each with its sign. */
function Flags({ line: { part, confidence, doubts } }: { readonly line: KitLine }) {
  const { t } = useTranslation();
  // Of a list from before doubts were told apart, only that there is one is known.
  const unsure = confidence === 'unsure' && (doubts === undefined || doubts.includes('family'));
  const notes = [
    ...(part.supply === 'in-kit' ? [] : [t(`kits.partsTable.supply.${part.supply}`)]),
    ...(confidence === 'unknown' ? [t('kits.partsTable.notRecognised')] : []),
    ...(unsure ? [t('kits.partsTable.readButNotSure')] : []),
    ...flagsOf(part).map(({ says }) => saying(t, says)),
    ...(part.lotNote ? [t('kits.partsTable.thisLotIsDifferent')] : []),
  ];
  return notes.map((note) => (
    <span key={note} className="flag">
      <Glyph name="flag" /> {note}
    </span>
  ));
}
