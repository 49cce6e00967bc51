import { Fragment, memo, type ReactNode, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { bodyOf } from '#core/parts/bodyOf';
import { familyOf } from '#core/parts/families/index';
import { holdOf } from '#core/parts/holds';
import { shortDesignators, toleranceLabel } from '#core/parts/label';
import { overridesRule } from '#core/parts/lotNote';
import type { Part } from '#core/parts/part';
import { familyWord, valueWords } from '#core/words/partWords';
import { Glyph } from '../ui/Glyph.tsx';
import { PartMarks } from '../ui/PartMarks.tsx';
import { PartPicture, pictureScale } from '../ui/PartPicture.tsx';
import { polaritySigns } from '../ui/polaritySigns.ts';
import { BulkBar, ChosenBox } from '../ui/TableTools.tsx';
import { useChosenRows } from '../ui/useChosenRows.ts';
import { heldWords } from './changeWords.ts';
import { useLineNotes } from './lineNotes.ts';
import type { TableLine } from './PartsTable.tsx';
import './partsLines.css';

interface PartsLinesProps {
  readonly label: string;
  readonly lines: readonly TableLine[];
  readonly correct?: (line: TableLine) => void;
  /** What can be done with several lines at once; left out where nothing can. */
  readonly deeds?: (chosen: readonly TableLine[], done: () => void) => ReactNode;
}

/** A whole list at a glance: one line a part, what else is known of it on opening. */
export const PartsLines = memo(function PartsLines({
  label,
  lines,
  correct,
  deeds,
}: PartsLinesProps) {
  const { t } = useTranslation();
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
  const chosen = useChosenRows(lines, ({ key }) => key);
  const turn = (key: string) =>
    setOpen((before) => {
      const next = new Set(before);
      if (!next.delete(key)) next.add(key);
      return next;
    });
  return (
    <div className="table-scroll">
      {deeds && chosen.rows.length > 0 && (
        <BulkBar count={chosen.rows.length} clear={chosen.clear}>
          {deeds(chosen.rows, chosen.clear)}
        </BulkBar>
      )}
      <table className="lines" aria-label={label}>
        <thead>
          <tr>
            <th scope="col">
              {deeds && (
                <ChosenBox
                  name={t('ui.dataTable.chooseAll')}
                  isChosen={lines.length > 0 && chosen.rows.length === lines.length}
                  choose={chosen.chooseAll}
                />
              )}{' '}
              {t('kits.partsTable.place')}
            </th>
            <th scope="col" className="number">
              {t('kits.partsTable.pieces')}
            </th>
            <th scope="col">{t('kits.partsTable.looksLike')}</th>
            <th scope="col">{t('kits.partsTable.whatItIs')}</th>
            <th scope="col">{t('kits.partsTable.value')}</th>
            <th scope="col">{t('kits.partsTable.whichWayRound')}</th>
            <th scope="col" className="number">
              {t('kits.partsLines.height')}
            </th>
            <td />
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <Fragment key={line.key}>
              <Line
                line={line}
                isOpen={open.has(line.key)}
                turn={() => turn(line.key)}
                {...(deeds && {
                  isChosen: chosen.has(line),
                  choose: (on: boolean) => chosen.choose(line, on),
                })}
                {...(correct ? { correct } : {})}
              />
              {open.has(line.key) && (
                <Details part={line.part} parts={lines.map(({ part }) => part)} />
              )}
            </Fragment>
          ))}
        </tbody>
      </table>
    </div>
  );
});

interface LineProps {
  readonly line: TableLine;
  readonly isOpen: boolean;
  readonly turn: () => void;
  readonly isChosen?: boolean;
  readonly choose?: (on: boolean) => void;
  readonly correct?: (line: TableLine) => void;
}

function Line({ line, isOpen, turn, isChosen = false, choose, correct }: LineProps) {
  const { t } = useTranslation();
  const { part } = line;
  const family = familyOf(part);
  const places = shortDesignators(part.designators);
  const notes = useLineNotes(line);
  const sign = polaritySigns[family.polarity];
  return (
    <tr>
      <th scope="row" className="mono">
        {choose && (
          <ChosenBox
            name={t('ui.dataTable.choose', { name: places || part.description })}
            isChosen={isChosen}
            choose={choose}
          />
        )}{' '}
        <button type="button" aria-expanded={isOpen} onClick={turn}>
          <Glyph name={isOpen ? 'down' : 'right'} /> {places || part.description}
        </button>
      </th>
      <td className="mono number">{part.quantity}</td>
      <td>
        <PartPicture part={part} pixelsPerMm={pictureScale(part, { width: 84, height: 21 })} />
      </td>
      <td>{t(`family.${family.id}.one`)}</td>
      <td className="mono nowrap">
        {[valueWords(t, part.value) || '–', toleranceLabel(part.value), voltWords(part)]
          .filter(Boolean)
          .join(' ')}
      </td>
      <td className="nowrap">
        <Glyph name={sign.glyph} /> {sign.word}
      </td>
      <td className="mono number nowrap">
        {t('kits.partsTable.mm', { heightMm: bodyOf(family, part).heightMm })}
      </td>
      <td className="lines-end">
        {notes.length > 0 && (
          <span className="flag" title={notes.join(' · ')}>
            <Glyph name="flag" /> {notes[0]}
            {notes.length > 1 && ` +${notes.length - 1}`}
          </span>
        )}
        {correct && (
          <button
            type="button"
            className="correct"
            onClick={() => correct(line)}
            aria-label={t('kits.partsTable.correct2', { places: places || part.description })}
          >
            {t('kits.partsTable.correct')}
          </button>
        )}
      </td>
    </tr>
  );
}

const voltWords = ({ value }: Part): string =>
  value.kind === 'amount' && value.ratedVolt !== undefined ? `${value.ratedVolt} V` : '';

/** Marks, way round, remarks: what a line says on opening. */
interface DetailsProps {
  readonly part: Part;
  readonly parts: readonly Part[];
}

function Details({ part, parts }: DetailsProps) {
  const { t } = useTranslation();
  const hold = holdOf(part, parts);
  const family = familyOf(part);
  const wayRound =
    family.polarity === 'free' || overridesRule(part) ? undefined : familyWord(t, part, 'wayRound');
  return (
    <tr className="lines-open">
      <td colSpan={8}>
        <div>
          <PartMarks part={part} />
          <div>
            {hold && (
              <p>
                {t('kits.partsLines.whatItHolds', {
                  what: hold.isGuess
                    ? t('kits.lineDialog.estimated', { what: heldWords(hold.what) })
                    : heldWords(hold.what),
                })}
              </p>
            )}
            {wayRound && <p>{wayRound}</p>}
            {part.lotNote && <p>{t('kits.partsTable.thisLot', { text: part.lotNote.text })}</p>}
            {part.remarks && <p>“{part.remarks}”</p>}
            <p className="note">
              {t('kits.lineDialog.theListSays', { description: part.description })}
            </p>
          </div>
        </div>
      </td>
    </tr>
  );
}
