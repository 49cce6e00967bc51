import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Board } from '#core/board/board';
import { partsByPlace } from '#core/board/pads';
import { type Answer, isSeenAtOnce, testKey } from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import { mustStayOff, nextTests } from '#core/faults/nextTest';
import { ranked, rankedGroups } from '#core/faults/rank';
import { type SeenBefore, weightsOf } from '#core/faults/seenBefore';
import type { MistakeId } from '#core/learning/mistakes/ids';
import { shortDesignators } from '#core/parts/label';
import { answerText, placesOfTest } from '#core/words/faultWords';
import { BoardMap } from '../../ui/board/BoardMap.tsx';
import { useKit } from '../KitFrame.tsx';
import { AskForTest } from './AskForTest.tsx';
import { FirstGlance } from './FirstGlance.tsx';
import { LikelyFaults } from './LikelyFaults.tsx';
import { SoFar } from './SoFar.tsx';
import { useBenchWork } from './useBenchWork.ts';

interface FaultBenchProps {
  readonly dictionary: FaultDictionary;
  readonly board: Board;
  /** What earlier builds of the kit have shown; undefined as long as nobody knows. */
  readonly before: SeenBefore | undefined;
  /** Notes at the seat what was found; absent where the board is of no seat. */
  readonly note: ((mistake: MistakeId, place: string, says: string) => void) | undefined;
  /** Whose board it is, for what was entered to be there again. */
  readonly of: string;
}

/** A note at a seat has room for so many letters. */
const mostText = 500;

/** What is seen of one board, what is likely wrong with it, and what to do next. */
export function FaultBench({ dictionary, board, before, note, of }: FaultBenchProps) {
  const { t } = useTranslation();
  const { lines } = useKit();
  const work = useBenchWork(dictionary, of);
  const { answers, skipped, danger, begunAt, takeBack, skip, setDanger } = work;
  const [pointed, setPointed] = useState<readonly string[]>();
  const byPlace = useMemo(() => partsByPlace(lines.map(({ part }) => part)), [lines]);
  const { unknown } = dictionary;
  const all = useMemo(
    () => ranked(dictionary, answers, before && weightsOf(before)),
    [dictionary, answers, before],
  );
  const groups = useMemo(() => rankedGroups(dictionary, all), [dictionary, all]);
  const proposed = useMemo(
    () =>
      nextTests(dictionary, all, answers, danger).filter(
        ({ test }) => !skipped.has(testKey(test)) && !isSeenAtOnce(dictionary, test),
      ),
    [dictionary, all, answers, danger, skipped],
  );
  const [best] = proposed;
  const now = new Set(pointed ?? (best ? placesOfTest(dictionary, best.test) : []));

  const answer = (given: readonly Answer[]) => {
    work.answer(given);
    setPointed(undefined);
  };
  const again = () => {
    work.again();
    setPointed(undefined);
  };
  const found = note && {
    note: (mistake: MistakeId, place: string, what: string) => {
      const minutes = Math.max(1, Math.round((Date.now() - Date.parse(begunAt ?? '')) / 60_000));
      const readings = answers.map((one) => answerText(t, dictionary, one)).join(', ');
      again();
      note(
        mistake,
        place,
        t('kits.fault.noteText', { what, minutes, readings }).slice(0, mostText),
      );
    },
  };

  return (
    <div className="fault-page">
      <div className="fault-talk">
        <div>
          {unknown.length > 0 && (
            <Alert severity="info">
              {t('kits.fault.unknown', { places: shortDesignators(unknown) })}
            </Alert>
          )}

          {work.wasFound && <Alert severity="info">{t('kits.fault.goesOn')}</Alert>}
          <FirstGlance
            {...{ dictionary, answers, answer, takeBack, danger, setDanger }}
            parts={byPlace}
          />
        </div>
        {best && (
          <AskForTest
            key={testKey(best.test)}
            {...{ dictionary, groups, answers, answer, skip }}
            proposed={best}
            others={proposed.slice(1)}
            staysOff={mustStayOff(dictionary, all, danger)}
            parts={byPlace}
          />
        )}
        <LikelyFaults
          {...{ groups, answers, before }}
          note={found?.note}
          mended={work.mended}
          parts={byPlace}
          point={setPointed}
        />
        <SoFar {...{ dictionary, answers, takeBack }} parts={byPlace} />
        {(answers.length > 0 || skipped.size > 0 || danger) && (
          <Box className="fault-again">
            <Button color="inherit" onClick={again}>
              {t('kits.fault.again')}
            </Button>
          </Box>
        )}
      </div>
      <div className="fault-board">
        <figure>
          <BoardMap board={board} parts={byPlace} side="top" now={now} />
          <figcaption>{t('kits.fault.topView')}</figcaption>
        </figure>
        <figure>
          <BoardMap board={board} parts={byPlace} side="bottom" now={now} />
          <figcaption>{t('kits.fault.bottomView')}</figcaption>
        </figure>
      </div>
    </div>
  );
}
