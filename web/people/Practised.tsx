import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useMemo } from 'react';
import { useTranslation } from 'react-i18next';
import type { Person } from '#contract/people';
import { partsOfItem } from '#core/learning/drills/exercise';
import { practiceSummary } from '#core/learning/practice/summary';
import type { Share } from '#core/learning/shares';
import { saying } from '#core/words/sayings';
import { useChoices } from '../app/useChoices.ts';
import { dateAndTime } from '../ui/clock.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
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
        <DataTable
          name={t('people.practised.practice')}
          columns={columnsOf(t, shown, (drillId) => choose({ practice: drillId }))}
          rows={summary}
          keyOf={({ drillId }) => drillId}
        />
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
                  {t(`people.practised.judged.${judged(isRight)}`)}:{' '}
                  {parts ? saying(t, parts.kind.name(parts.key)) : item}, {dateAndTime(at)}
                </li>
              );
            })}
        </Box>
      )}
    </Box>
  );
}

const judged = (isRight: boolean | null) =>
  isRight === null ? 'not-counted' : isRight ? 'right' : 'wrong';

type Practised = ReturnType<typeof practiceSummary>[number];

const columnsOf = (
  t: TFunction,
  shown: string | null,
  show: (drillId: string | undefined) => void,
): readonly Column<Practised>[] => [
  {
    id: 'trainer',
    head: t('people.practised.trainer'),
    isName: true,
    by: ({ drillId }) => t(`drill.${drillId}.name`),
    cell: ({ drillId }) => t(`drill.${drillId}.name`),
  },
  {
    id: 'answered',
    head: t('people.practised.answered'),
    isNumber: true,
    by: ({ answered }) => answered,
    cell: ({ drillId, answered }) =>
      answered > 0 && (
        <Button
          size="small"
          aria-expanded={shown === drillId}
          onClick={() => show(shown === drillId ? undefined : drillId)}
        >
          {answered}
        </Button>
      ),
  },
  {
    id: 'right',
    head: t('people.practised.right'),
    isNumber: true,
    look: () => 'mono',
    by: ({ right }) => ratio(right),
    cell: ({ right }) => percent(right),
  },
  {
    id: 'lately',
    head: t('people.practised.ofTheLastTen'),
    isNumber: true,
    look: () => 'mono',
    by: ({ lately }) => ratio(lately),
    cell: ({ lately }) => percent(lately),
  },
  {
    id: 'known',
    head: t('people.practised.known'),
    isNumber: true,
    look: () => 'mono',
    by: ({ kept }) => kept,
    cell: ({ kept, items }) => items > 0 && t('people.practised.of', { kept, items }),
  },
  {
    id: 'due',
    head: t('people.practised.due'),
    isNumber: true,
    look: () => 'mono',
    by: ({ due }) => due,
    cell: ({ due }) => due > 0 && due,
  },
  {
    id: 'last',
    head: t('people.practised.last'),
    by: ({ lastAt }) => lastAt,
    cell: ({ lastAt }) => lastAt && dateAndTime(lastAt),
  },
];

const ratio = ({ count, of }: Share): number | null => (of === 0 ? null : count / of);

const percent = ({ count, of }: Share): string =>
  of === 0 ? '' : `${Math.round((100 * count) / of)} %`;
