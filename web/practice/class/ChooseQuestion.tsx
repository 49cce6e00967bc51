import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import type { PracticeKit } from '#core/learning/drills/drill';
import { exerciseOf, itemsOf, partsOfItem } from '#core/learning/drills/exercise';
import { drills } from '#core/learning/drills/index';
import { saying } from '#core/words/sayings';
import { useShortcuts } from '../../app/shortcuts.ts';
import { ExerciseCard } from '../ExerciseCard.tsx';
import '../../ui/form.css';

export interface Question {
  readonly item: string;
  readonly seed: number;
}

interface ChooseQuestionProps {
  readonly kit: PracticeKit;
  readonly seats: number;
  readonly ask: (question: Question) => void;
}

const anySeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0] ?? 0;

const asked = drills.filter(({ kinds }) => kinds.some(({ isHandsOn }) => !isHandsOn));

/** The next question for everybody: seen here before it goes out. */
export function ChooseQuestion({ kit, seats, ask }: ChooseQuestionProps) {
  const { t } = useTranslation();
  const [drillId, setDrillId] = useState(asked[0]?.id ?? '');
  const items = useMemo(() => {
    const drill = drills.find(({ id }) => id === drillId);
    return drill ? itemsOf(drill, kit).filter((one) => !partsOfItem(one)?.kind.isHandsOn) : [];
  }, [drillId, kit]);
  const [question, setQuestion] = useState<Question>({ item: '', seed: anySeed() });
  const item = items.includes(question.item) ? question.item : (items[0] ?? '');
  const exercise = useMemo(() => exerciseOf(item, question.seed, kit), [item, question.seed, kit]);
  const another = () => setQuestion({ item, seed: anySeed() });
  const send = () => ask({ item, seed: question.seed });
  useShortcuts([
    { key: 'n', does: t('practice.chooseQuestion.anotherOneLikeIt'), run: another },
    { key: 'a', does: t('practice.chooseQuestion.askEverybody'), run: send },
  ]);
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Box className="form-row">
        <TextField
          select
          size="small"
          label={t('practice.chooseQuestion.trainer')}
          value={drillId}
          onChange={({ target }) => setDrillId(target.value)}
          sx={{ minWidth: 200 }}
        >
          {asked.map(({ id }) => (
            <MenuItem key={id} value={id}>
              {t(`drill.${id}.name`)}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          size="small"
          label={t('practice.chooseQuestion.about')}
          value={item}
          onChange={({ target }) => setQuestion({ item: target.value, seed: anySeed() })}
          sx={{ minWidth: 300 }}
        >
          {items.map((one) => {
            const parts = partsOfItem(one);
            return (
              <MenuItem key={one} value={one}>
                {parts && saying(t, parts.kind.name(parts.key))}
              </MenuItem>
            );
          })}
        </TextField>
        <Button color="inherit" variant="outlined" onClick={another}>
          {t('practice.chooseQuestion.anotherOneLikeIt')}
        </Button>
        <Button variant="contained" onClick={send}>
          {t('practice.chooseQuestion.askAllSeats', { seats })}
        </Button>
      </Box>
      {exercise && (
        <>
          <ExerciseCard
            key={`${item} ${question.seed}`}
            exercise={exercise}
            sight="usual"
            given={undefined}
          />
          <p>
            <Trans
              i18nKey="practice.chooseQuestion.theRightAnswer"
              values={{
                saying: saying(
                  t,
                  exercise.kind.tell(exercise.task, exercise.kind.answer(exercise.task)),
                ),
              }}
              components={{ strong: <strong /> }}
            />
          </p>
        </>
      )}
    </Box>
  );
}
