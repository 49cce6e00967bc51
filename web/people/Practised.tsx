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
    <Box component="section" aria-label="Practice" sx={{ mb: 4, maxWidth: 1000 }}>
      <Typography variant="h2">Practice</Typography>
      {practice.length === 0 ? (
        <p>
          Nothing yet. Practice opens from the seat’s own link; what went wrong at the board comes
          first there.
        </p>
      ) : (
        <table className="plain" aria-label="Practice">
          <thead>
            <tr>
              <th scope="col">Trainer</th>
              <th scope="col" className="number">
                Answered
              </th>
              <th scope="col" className="number">
                Right
              </th>
              <th scope="col" className="number">
                Of the last ten
              </th>
              <th scope="col" className="number">
                Known
              </th>
              <th scope="col" className="number">
                Due
              </th>
              <th scope="col">Last</th>
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
                <td className="mono number">{items > 0 && `${kept} of ${items}`}</td>
                <td className="mono number">{due > 0 && due}</td>
                <td>{lastAt && dateAndTime(lastAt)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {shown && (
        <Box component="ol" aria-label="Answers" sx={{ pl: 4 }}>
          {practice
            .filter(({ item }) => item.startsWith(`${shown}.`))
            .map(({ eventId, item, isRight, at }) => {
              const parts = partsOfItem(item);
              return (
                <li key={eventId}>
                  <Glyph name={isRight === null ? 'ring' : isRight ? 'tick' : 'cross'} />{' '}
                  {isRight === null ? 'not counted' : isRight ? 'right' : 'wrong'}:{' '}
                  {parts ? saying(t, parts.kind.name(parts.key)) : item}, {dateAndTime(at)}
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
