import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Person } from '#contract/people';
import type { Readiness } from '#core/learning/skillEstimates';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { decimal } from '../ui/decimal.ts';

/** Which kits somebody can build next, and what to practise before. */
export function ReadyFor({ ready }: Pick<Person, 'ready'>) {
  const { t } = useTranslation();
  return (
    <Box
      component="section"
      aria-label={t('people.personPage.readyFor')}
      sx={{ mb: 4, maxWidth: 1000 }}
    >
      <Typography variant="h2">{t('people.personPage.readyFor')}</Typography>
      <div className="table-scroll">
        <DataTable
          name={t('people.personPage.readyFor')}
          columns={columnsOf(t)}
          rows={ready}
          keyOf={({ kitId }) => kitId}
        />
      </div>
    </Box>
  );
}

const readyWords = (t: TFunction): Readonly<Record<Readiness, string>> => ({
  ready: t('people.personPage.isReady'),
  'with-help': t('people.personPage.withSomebodyBeside'),
  'not-yet': t('people.personPage.notYet'),
});

const columnsOf = (t: TFunction): readonly Column<Person['ready'][number]>[] => [
  {
    id: 'kit',
    head: t('people.personPage.kit'),
    isName: true,
    by: ({ kitName }) => kitName,
    cell: ({ kitId, kitName }) => <Link to={`/kits/${kitId}`}>{kitName}</Link>,
  },
  {
    id: 'expected',
    head: t('people.personPage.mistakesToExpect'),
    isNumber: true,
    by: ({ expected }) => expected,
    cell: ({ expected, from, to }) =>
      t('people.personPage.expectedFromTo', {
        expected: decimal(expected, 1),
        from: Math.round(from),
        to: Math.round(to),
      }),
  },
  {
    id: 'ready',
    head: t('people.personPage.ready'),
    cell: ({ readiness }) => readyWords(t)[readiness],
  },
  {
    id: 'practise',
    head: t('people.personPage.practiseBeforeIt'),
    cell: ({ practise: [first] }) =>
      first ? t(`skill.${first}.practise`) : t('people.personPage.nothingInParticular'),
  },
];
