import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { Link, useLoaderData } from 'react-router';
import { listPeople, type PersonSummary, peopleCsvPath } from '#contract/people';
import { masteryFrom } from '#core/learning/skillEstimates';
import { call } from '../app/call.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { PageHead } from '../ui/PageHead.tsx';
import '../ui/plainTable.css';
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
      <div style={{ overflowX: 'auto' }}>
        <table className="plain plain-fields" aria-label={t('people.peoplePage.people')}>
          <thead>
            <tr>
              <th scope="col">{t('people.peoplePage.name')}</th>
              <th scope="col" className="number">
                {t('people.peoplePage.boards')}
              </th>
              <th scope="col" className="number">
                {t('people.peoplePage.mistakes')}
              </th>
              <th scope="col" className="number">
                {t('people.peoplePage.plan')}
              </th>
              {first.skills.map(({ skill }) => (
                <th key={skill} scope="col">
                  {t(`skill.${skill}.name`)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {people.map(({ id, name, builds, finished, mistakes, pace, skills }) => (
              <tr key={id}>
                <th scope="row">
                  <Link to={`/people/${id}`}>{name}</Link>
                </th>
                <td className="number">{t('people.peoplePage.of', { finished, builds })}</td>
                <td className="mono number">{mistakes}</td>
                <td className="mono number">{pace ? pace.share.toFixed(1) : '–'}</td>
                {skills.map((estimate) => (
                  <td key={estimate.skill}>
                    <SkillBar estimate={estimate} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p>
        {t('people.peoplePage.planIsHowLongTheyTake', { value: Math.round(100 * masteryFrom) })}
      </p>
    </>
  );
}
