import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import type { Person } from '#contract/people';
import type { SkillEstimate } from '#core/learning/skillEstimates';
import { useChoices } from '../app/useChoices.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { SkillBar } from './SkillBar.tsx';

/** What is thought of each skill; a press on the figures shows the steps behind it. */
export function Skills({ skills }: Pick<Person, 'skills'>) {
  const { t } = useTranslation();
  const [search, choose] = useChoices();
  return (
    <Box component="section" aria-label={t('people.personPage.skills')}>
      <Typography variant="h2">{t('people.personPage.skills')}</Typography>
      <DataTable
        name={t('people.personPage.skills')}
        columns={columnsOf(t, search.get('behind'), (behind) => choose({ behind }))}
        rows={skills}
        keyOf={({ skill }) => skill}
      />
      <p>{t('people.personPage.inBrackets')}</p>
      <details>
        <summary>{t('people.personPage.howWorkedOut')}</summary>
        <p>{t('people.personPage.model')}</p>
      </details>
    </Box>
  );
}

const columnsOf = (
  t: TFunction,
  shown: string | null,
  show: (skill: string | undefined) => void,
): readonly Column<SkillEstimate>[] => [
  {
    id: 'skill',
    head: t('people.personPage.skill'),
    isName: true,
    by: ({ skill }) => t(`skill.${skill}.name`),
    cell: ({ skill }) => t(`skill.${skill}.name`),
  },
  {
    id: 'chance',
    head: t('people.personPage.chanceThatItIsKnownSteps'),
    by: ({ chance }) => chance,
    cell: (estimate) => <SkillBar estimate={estimate} wide />,
  },
  {
    id: 'confirmed',
    head: t('people.personPage.confirmed'),
    isNumber: true,
    by: ({ confirmed }) => confirmed,
    cell: ({ confirmed }) => confirmed,
  },
  {
    id: 'right',
    head: t('people.personPage.right'),
    isNumber: true,
    by: ({ right: { count, of } }) => (of === 0 ? null : count / of),
    cell: ({ skill, right, lately }) =>
      right.of > 0 && (
        <Button
          size="small"
          sx={{ textAlign: 'end', maxWidth: 190, whiteSpace: 'normal' }}
          aria-expanded={shown === skill}
          onClick={() => show(shown === skill ? undefined : skill)}
        >
          {t('people.personPage.ofTo', {
            lately: lately.count,
            ofLate: lately.of,
            count: right.count,
            of: right.of,
          })}
        </Button>
      ),
  },
];
