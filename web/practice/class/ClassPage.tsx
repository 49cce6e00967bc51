import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { v7 as newRoundId } from 'uuid';
import { kitOfSteps } from '#core/learning/practice/kitOfSteps';
import { useShortcuts } from '../../app/shortcuts.ts';
import { ink } from '../../app/tokens.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { seatName } from '../../workshops/floor/floorSeat.ts';
import { ExerciseCard } from '../ExerciseCard.tsx';
import { ChooseQuestion, type Question } from './ChooseQuestion.tsx';
import { Distribution } from './Distribution.tsx';
import { toldAnswer } from './toldAnswer.ts';
import { type Asked, useClass } from './useClass.ts';

/** One question for all seats at once: choose it, see the answers come in, show what was answered. */
export function ClassPage() {
  const { t } = useTranslation();
  const { workshop, log, asked } = useClass();
  const [isChoosing, setChoosing] = useState(asked === undefined);
  const { seats } = workshop;
  const seatIds = seats.map(({ id }) => id);
  const ask = ({ item, seed }: Question) => {
    const round = newRoundId();
    log.reportTogether(seatIds, { kind: 'round-started', round, item, seed });
    setChoosing(false);
  };
  const end = () => {
    if (!asked || asked.round.endedAt !== null) return;
    log.reportTogether(seatIds, { kind: 'round-ended', round: asked.round.id });
  };
  const hasEnded = asked?.round.endedAt !== null;
  useShortcuts(
    isChoosing
      ? []
      : [
          { key: 'x', does: t('practice.classPage.showTheAnswers'), run: end },
          { key: 'q', does: t('practice.classPage.nextQuestion'), run: () => setChoosing(true) },
        ],
  );
  return (
    <>
      <PageHead title={t('practice.classPage.aQuestionForEverybody')} facts={workshop.title}>
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button
            color="inherit"
            variant="outlined"
            component={Link}
            to={`/workshops/${workshop.id}/floor`}
          >
            {t('practice.classPage.toTheFloor')}
          </Button>
          <Button
            color="inherit"
            variant="outlined"
            component={Link}
            to={`/practice/class/${workshop.id}/screen`}
            target="_blank"
          >
            {t('practice.classPage.forTheProjector')}
          </Button>
        </Box>
      </PageHead>
      {isChoosing || !asked ? (
        <ChooseQuestion kit={kitOfSteps(workshop)} seats={seats.length} ask={ask} />
      ) : (
        <Box
          sx={{
            display: 'grid',
            gap: 4,
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
          }}
        >
          <Box>
            <ExerciseCard
              key={asked.round.id}
              exercise={asked.exercise}
              sight="usual"
              given={undefined}
            />
          </Box>
          <Box>
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mb: 2 }}>
              <Typography variant="h2" role="status" sx={{ flex: 1 }}>
                {t('practice.classPage.ofHaveAnswered', {
                  answered: asked.answered,
                  count: seats.length,
                })}
              </Typography>
              {hasEnded ? (
                <Button variant="contained" onClick={() => setChoosing(true)}>
                  {t('practice.classPage.nextQuestion')}
                </Button>
              ) : (
                <>
                  <Button color="inherit" variant="outlined" onClick={() => setChoosing(true)}>
                    {t('practice.classPage.anotherQuestion')}
                  </Button>
                  <Button variant="contained" onClick={end}>
                    {t('practice.classPage.showTheAnswers')}
                  </Button>
                </>
              )}
            </Box>
            <SeatAnswers asked={asked} />
            {hasEnded && (
              <Distribution
                exercise={asked.exercise}
                tallies={asked.tallies}
                of={asked.seats.length}
              />
            )}
          </Box>
        </Box>
      )}
    </>
  );
}

/** Who has answered what, as it comes in; for the instructor’s eyes. */
function SeatAnswers({ asked: { seats, exercise } }: { readonly asked: Asked }) {
  const { t } = useTranslation();
  return (
    <Box
      component="ul"
      aria-label={t('practice.classPage.seats')}
      sx={{
        listStyle: 'none',
        m: 0,
        mb: 3,
        p: 0,
        display: 'grid',
        gap: 0.75,
        gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))',
      }}
    >
      {seats.map(({ seat, answer }) => (
        <Box
          component="li"
          key={seat.id}
          sx={{
            border: `1px solid ${ink(answer ? 'faded' : 'line')}`,
            background: ink(answer ? 'sheet' : 'paper'),
            px: 1.25,
            py: 0.75,
          }}
        >
          <strong>{seatName(seat)}</strong>
          <Box sx={{ color: answer ? ink('ink') : ink('faded') }}>
            {answer ? (
              <>
                <Glyph
                  name={answer.isRight ? 'tick' : answer.isRight === null ? 'ring' : 'cross'}
                />{' '}
                {toldAnswer(t, exercise, answer.answer)}
              </>
            ) : (
              '…'
            )}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
