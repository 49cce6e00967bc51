import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { useTranslation } from 'react-i18next';
import type { Person } from '#contract/people';
import { partsOfItem } from '#core/learning/drills/exercise';
import { practiceSummary } from '#core/learning/practice/summary';
import type { Share } from '#core/learning/shares';
import { saying } from '#core/words/sayings';
import { useChoices } from '../app/useChoices.ts';
import { dateAndTime } from '../ui/clock.ts';
import { Glyph } from '../ui/Glyph.tsx';

/** What a learner has practised, trainer by trainer, with the answers behind each figure. */
export function Practised({ person: { practice, weaknesses } }: { readonly person: Person }) {
  const { t } = useTranslation();
  const [search, choose] = useChoices();
  const shown = search.get('practice');
  const summary = useMemo(
    () => practiceSummary(practice, weaknesses, new Date()),
    [practice, weaknesses],
  );
  return (
    <Box
      component="section"
      aria-label={t('people.practised.practice')}
      sx={{ mb: 4, maxWidth: 1000 }}
    >
      <Typography variant="h2">{t('people.practised.practice')}</Typography>
      {practice.length === 0 ? (
        <p>{t('people.practised.nothingYetPracticeOpensFromThe')}</p>
      ) : (
        <table className="plain" aria-label={t('people.practised.practice')}>
          <thead>
            <tr>
              <th scope="col">{t('people.practised.trainer')}</th>
              <th scope="col" className="number">
                {t('people.practised.answered')}
              </th>
              <th scope="col" className="number">
                {t('people.practised.right')}
              </th>
              <th scope="col" className="number">
                {t('people.practised.ofTheLastTen')}
              </th>
              <th scope="col" className="number">
                {t('people.practised.known')}
              </th>
              <th scope="col" className="number">
                {t('people.practised.due')}
              </th>
              <th scope="col">{t('people.practised.last')}</th>
            </tr>
          </thead>
          <tbody>
            {summary.map(({ drillId, answered, right, lately, items, kept, due, lastAt }) => (
              <tr key={drillId}>
                <th scope="row">{t(`drill.${drillId}.name`)}</th>
                <td className="number">
                  {answered > 0 && (
                    <Button
                      size="small"
                      aria-expanded={shown === drillId}
                      onClick={() => choose({ practice: shown === drillId ? undefined : drillId })}
                    >
                      {answered}
                    </Button>
                  )}
                </td>
                <td className="mono number">{percent(right)}</td>
                <td className="mono number">{percent(lately)}</td>
                <td className="mono number">
                  {items > 0 && t('people.practised.of', { kept, items })}
                </td>
                <td className="mono number">{due > 0 && due}</td>
                <td>{lastAt && dateAndTime(lastAt)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {shown && (
        <Box component="ol" aria-label={t('people.practised.answers')} sx={{ pl: 4 }}>
          {practice
            .filter(({ item }) => item.startsWith(`${shown}.`))
            .map(({ eventId, item, isRight, at }) => {
              const parts = partsOfItem(item);
              return (
                <li key={eventId}>
                  <Glyph name={isRight === null ? 'ring' : isRight ? 'tick' : 'cross'} />{' '}
                  {isRight === null
                    ? t('people.practised.notCounted')
                    : isRight
                      ? 'right'
                      : 'wrong'}
                  : {parts ? saying(t, parts.kind.name(parts.key)) : item}, {dateAndTime(at)}
                </li>
              );
            })}
        </Box>
      )}
    </Box>
  );
}

const percent = ({ count, of }: Share): string =>
  of === 0 ? '' : `${Math.round((100 * count) / of)} %`;
