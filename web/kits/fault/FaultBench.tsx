import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { BoardOfSeat } from '#contract/faults';
import type { Board } from '#core/board/board';
import { partsByPlace } from '#core/board/pads';
import { type Answer, isSeenAtOnce, testKey } from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import { mustStayOff, nextTests } from '#core/faults/nextTest';
import { together, weightsOfDamage, weightsOfHabit } from '#core/faults/ofThisBoard';
import { ranked, rankedGroups } from '#core/faults/rank';
import { type SeenBefore, weightsOf } from '#core/faults/seenBefore';
import { whileMissing } from '#core/faults/whileMissing';
import type { MistakeId } from '#core/learning/mistakes/ids';
import { shortDesignators } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { answerText, placesOfTest } from '#core/words/faultWords';
import { BoardMap } from '../../ui/board/BoardMap.tsx';
import { useKit } from '../KitFrame.tsx';
import { AskForTest } from './AskForTest.tsx';
import { FirstGlance } from './FirstGlance.tsx';
import { useBenchWork } from './useBenchWork.ts';

// Only of a kit without a board.
const CircuitAtBench = lazy(async () => ({
  default: (await import('./CircuitAtBench.tsx')).CircuitAtBench,
}));
// Only of a board in the room.
const FromSeat = lazy(async () => ({ default: (await import('./FromSeat.tsx')).FromSeat }));

// Once something was entered.
const LikelyFaults = lazy(async () => ({
  default: (await import('./LikelyFaults.tsx')).LikelyFaults,
}));
const SoFar = lazy(async () => ({ default: (await import('./SoFar.tsx')).SoFar }));

interface FaultBenchProps {
  readonly dictionary: FaultDictionary;
  /** Null where none is laid out. */
  readonly board: Board | null;
  readonly parts: readonly Part[];
  /** What the room knows of the board; null where it is nobody’s. */
  readonly known: BoardOfSeat | null;
  /** What earlier builds of the kit have shown; undefined as long as nobody knows. */
  readonly before: SeenBefore | undefined;
  /** Notes at the seat what was found; absent where the board is of no seat. */
  readonly note: ((mistake: MistakeId, place: string, says: string) => void) | undefined;
  /** Whose board it is, for what was entered to be there again. */
  readonly of: string;
}

/** A note at a seat has room for so many letters. */
const mostText = 500;

const nothing: readonly string[] = [];

/** What is seen of one board, what is likely wrong with it, and what to do next. */
export function FaultBench({
  dictionary: ofWhole,
  board,
  parts,
  before,
  known,
  note,
  of,
}: FaultBenchProps) {
  const { t } = useTranslation();
  const { id: kitId } = useKit();
  // Somebody may have built on without telling the seat’s page.
  const [isFinished, setFinished] = useState(false);
  const missing = isFinished ? nothing : (known?.missing ?? nothing);
  const dictionary = useMemo(() => whileMissing(ofWhole, missing), [ofWhole, missing]);
  const byPlace = useMemo(() => partsByPlace(parts), [parts]);
  // What is not fitted yet is drawn faintly.
  const fitted = useMemo(
    () =>
      missing.length === 0
        ? {}
        : { done: new Set([...byPlace.keys()].filter((place) => !missing.includes(place))) },
    [byPlace, missing],
  );
  const work = useBenchWork(dictionary, of);
  const { answers, skipped, danger, begunAt, takeBack, skip, setDanger } = work;
  const [pointed, setPointed] = useState<readonly string[]>();
  const weights = useMemo(
    () =>
      together(
        ...(before ? [weightsOf(before)] : []),
        ...(known
          ? [
              weightsOfHabit(ofWhole, known.habit),
              weightsOfDamage(known.happened, new Set(known.supply)),
            ]
          : []),
      ),
    [before, known, ofWhole],
  );
  const { unknown } = dictionary;
  const all = useMemo(() => ranked(dictionary, answers, weights), [dictionary, answers, weights]);
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

          {known && (
            <Suspense>
              <FromSeat
                {...{ known, missing, dictionary, answers, answer }}
                finish={() => setFinished(true)}
              />
            </Suspense>
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
        {answers.length > 0 && (
          <Suspense>
            <LikelyFaults
              {...{ groups, before }}
              note={found?.note}
              mended={work.mended}
              parts={byPlace}
              point={setPointed}
            />
            <SoFar {...{ dictionary, answers, takeBack }} parts={byPlace} />
          </Suspense>
        )}
        {(answers.length > 0 || skipped.size > 0 || danger) && (
          <Box className="fault-again">
            <Button color="inherit" onClick={again}>
              {t('kits.fault.again')}
            </Button>
          </Box>
        )}
      </div>
      {!board && (
        <div className="fault-board">
          <Suspense>
            <CircuitAtBench {...{ kitId, now }} basis={dictionary.basis} point={setPointed} />
          </Suspense>
        </div>
      )}
      {board && (
        <div className="fault-board">
          <figure>
            <BoardMap board={board} parts={byPlace} side="top" {...{ now, ...fitted }} />
            <figcaption>{t('kits.fault.topView')}</figcaption>
          </figure>
          <figure>
            <BoardMap board={board} parts={byPlace} side="bottom" {...{ now, ...fitted }} />
            <figcaption>{t('kits.fault.bottomView')}</figcaption>
          </figure>
        </div>
      )}
    </div>
  );
}
