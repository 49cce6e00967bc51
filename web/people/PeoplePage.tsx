import Button from '@mui/material/Button';
import { Link, useLoaderData } from 'react-router';
import { listPeople, type PersonSummary, peopleCsvPath } from '#contract/people';
import { masteryFrom } from '#core/learning/skillEstimates';
import { skillWords } from '#core/learning/skills';
import { call } from '../app/call.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { PageHead } from '../ui/PageHead.tsx';
import '../ui/plainTable.css';
import { SkillBar } from './SkillBar.tsx';

export const loadPeople = () => call(listPeople, {});

/** Everybody who has built something, with what is thought of their skills. */
export function PeoplePage() {
  const people = useLoaderData<readonly PersonSummary[]>();
  const first = people[0];
  if (!first) {
    return (
      <>
        <PageHead title="People" />
        <EmptyState
          title="Nobody yet"
          text="People come from the names at the seats of a workshop. What they do there is found here."
        >
          <Button variant="contained" component={Link} to="/workshops/new">
            Plan a workshop
          </Button>
        </EmptyState>
      </>
    );
  }
  return (
    <>
      <PageHead
        title="People"
        facts="From the logs of their builds; nothing else is known of them."
      >
        <Button color="inherit" variant="outlined" href={peopleCsvPath}>
          Export as CSV
        </Button>
      </PageHead>
      <div style={{ overflowX: 'auto' }}>
        <table className="plain plain-fields" aria-label="People">
          <thead>
            <tr>
              <th scope="col">Name</th>
              <th scope="col" className="number">
                Boards
              </th>
              <th scope="col" className="number">
                Mistakes
              </th>
              <th scope="col" className="number">
                × plan
              </th>
              {first.skills.map(({ skill }) => (
                <th key={skill} scope="col">
                  {skillWords[skill].name}
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
                <td className="number">
                  {finished} of {builds}
                </td>
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
        “× plan” is how long they take against the minutes of the plan. A bar is the chance that the
        skill is known; from {Math.round(100 * masteryFrom)} % on it is taken as known, with a tick.
        The number beside it counts the steps that have shown something.
      </p>
    </>
  );
}
