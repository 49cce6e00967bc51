import Button from '@mui/material/Button';
import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import { Link, useLoaderData } from 'react-router';
import { listPeople, type PersonSummary, peopleCsvPath } from '#contract/people';
import { knownFrom } from '#core/learning/ability';
import { call } from '../app/call.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { decimal } from '../ui/decimal.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { PageHead } from '../ui/PageHead.tsx';
import { SkillBar } from './SkillBar.tsx';

export const loadPeople = () => call(listPeople, {});

/** Everybody who has built something, with what is thought of their skills. */
export function PeoplePage() {
  const { t, i18n } = useTranslation();
  const people = useLoaderData<readonly PersonSummary[]>();
  const first = people[0];
  if (!first) {
    return (
      <>
        <PageHead title={t('people.peoplePage.people')} />
        <EmptyState
          title={t('people.peoplePage.nobodyYet')}
          text={t('people.peoplePage.peopleComeFromTheNamesAt')}
        >
          <Button variant="contained" component={Link} to="/workshops/new">
            {t('people.peoplePage.planAWorkshop')}
          </Button>
        </EmptyState>
      </>
    );
  }
  return (
    <>
      <PageHead
        title={t('people.peoplePage.people')}
        facts={t('people.peoplePage.fromTheLogsOfTheirBuilds')}
      >
        <Button color="inherit" variant="outlined" href={peopleCsvPath(i18n.language)}>
          {t('people.peoplePage.exportAsCsv')}
        </Button>
      </PageHead>
      <DataTable
        name={t('people.peoplePage.people')}
        columns={columnsOf(t, first)}
        rows={people}
        keyOf={({ id }) => id}
        keptAs="people"
        find={{
          label: t('people.peoplePage.findAName'),
          wordsOf: ({ name }) => name,
          none: t('people.peoplePage.nobodyIsCalledThat'),
        }}
      />
      <p>{t('people.peoplePage.planIsHowLongTheyTake', { value: Math.round(100 * knownFrom) })}</p>
    </>
  );
}

const columnsOf = (t: TFunction, { skills }: PersonSummary): readonly Column<PersonSummary>[] => [
  {
    id: 'name',
    head: t('people.peoplePage.name'),
    isName: true,
    by: ({ name }) => name,
    cell: ({ id, name }) => <Link to={`/people/${id}`}>{name}</Link>,
  },
  {
    id: 'boards',
    canBeHidden: true,
    head: t('people.peoplePage.boards'),
    isNumber: true,
    by: ({ finished }) => finished,
    cell: ({ finished, builds }) => t('people.peoplePage.of', { finished, builds }),
  },
  {
    id: 'mistakes',
    canBeHidden: true,
    head: t('people.peoplePage.mistakes'),
    isNumber: true,
    look: () => 'mono',
    by: ({ mistakes }) => mistakes,
    cell: ({ mistakes }) => mistakes,
  },
  {
    id: 'plan',
    canBeHidden: true,
    head: t('people.peoplePage.plan'),
    isNumber: true,
    look: () => 'mono',
    by: ({ pace }) => pace?.share ?? null,
    cell: ({ pace }) =>
      pace ? t('people.peoplePage.share', { share: decimal(pace.share, 1) }) : '–',
  },
  ...skills.map(({ skill }, index) => ({
    id: skill,
    canBeHidden: true as const,
    head: t(`skill.${skill}.name`),
    by: (person: PersonSummary) => person.skills[index]?.chance ?? null,
    cell: (person: PersonSummary) => {
      const estimate = person.skills[index];
      return estimate && <SkillBar estimate={estimate} />;
    },
  })),
];
