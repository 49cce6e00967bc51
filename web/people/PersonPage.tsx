import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import {
  Link,
  type LoaderFunctionArgs,
  useLoaderData,
  useNavigate,
  useRevalidator,
} from 'react-router';
import {
  allowOwnPage,
  certificatePath,
  erasePerson,
  getPerson,
  type Person,
  type PersonBuild,
  statementsPath,
} from '#contract/people';
import type { Readiness } from '#core/learning/skillEstimates';
import { skillWords } from '#core/learning/skills';
import { readingWords } from '#core/words/orderWords';
import { stepTitle } from '#core/words/partWords';
import { call } from '../app/call.ts';
import { ink } from '../app/tokens.ts';
import { useChoices } from '../app/useChoices.ts';
import { useSave } from '../app/useSave.ts';
import { dateAndTime } from '../ui/clock.ts';
import { PageHead } from '../ui/PageHead.tsx';
import '../ui/plainTable.css';
import { Behind } from './Behind.tsx';
import { Practised } from './Practised.tsx';
import { SkillBar } from './SkillBar.tsx';
import { SkillCourse } from './SkillCourse.tsx';

export const loadPerson = ({ params }: LoaderFunctionArgs) =>
  call(getPerson, { params: { learnerId: String(params.learnerId) } });

const readyWords: Readonly<Record<Readiness, string>> = {
  ready: 'ready',
  'with-help': 'with somebody beside',
  'not-yet': 'not yet',
};

/** One learner: skills, what to practise, what they are ready for, and every evening. */
export function PersonPage() {
  const person = useLoaderData<Person>();
  const [search, choose] = useChoices();
  const shown = search.get('behind');
  const { id, name, skills, ready, evenings, pace } = person;
  return (
    <>
      <PageHead
        title={name}
        facts={`${person.finished} of ${person.builds} boards finished · ${person.mistakes} mistakes${pace ? ` · ${pace.share.toFixed(1)} times the plan, from ${pace.count} steps` : ''}`}
      >
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button color="inherit" variant="outlined" href={statementsPath(id)}>
            Export learning records (xAPI)
          </Button>
          <Erase person={person} />
        </Box>
      </PageHead>
      <OwnPage key={id} person={person} />
      <Box
        sx={{
          display: 'grid',
          gap: 4,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
          mb: 4,
        }}
      >
        <Box component="section" aria-label="Skills">
          <Typography variant="h2">Skills</Typography>
          <table className="plain" aria-label="Skills">
            <thead>
              <tr>
                <th scope="col">Skill</th>
                <th scope="col">Chance that it is known, steps and exercises seen</th>
                <th scope="col" className="number">
                  Right
                </th>
              </tr>
            </thead>
            <tbody>
              {skills.map((estimate) => (
                <tr key={estimate.skill}>
                  <th scope="row">{skillWords[estimate.skill].name}</th>
                  <td>
                    <SkillBar estimate={estimate} wide />
                  </td>
                  <td className="number">
                    {estimate.right.of > 0 && (
                      <Button
                        size="small"
                        aria-expanded={shown === estimate.skill}
                        onClick={() =>
                          choose({
                            behind: shown === estimate.skill ? undefined : estimate.skill,
                          })
                        }
                      >
                        {estimate.right.count} of {estimate.right.of} (
                        {Math.round(100 * estimate.right.low)} to{' '}
                        {Math.round(100 * estimate.right.high)} %)
                      </Button>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p>
            By Bayesian knowledge tracing over the steps and exercises that ask for each skill. In
            brackets the range in which the share of right ones lies in nineteen cases of twenty.
          </p>
        </Box>
        <Box component="section" aria-label="How skills grew">
          <Typography variant="h2">How they grew</Typography>
          <SkillCourse skills={skills} />
        </Box>
      </Box>
      {shown && <Behind person={person} skill={shown} />}
      <Box component="section" aria-label="Ready for" sx={{ mb: 4, maxWidth: 1000 }}>
        <Typography variant="h2">Ready for</Typography>
        <table className="plain" aria-label="Ready for">
          <thead>
            <tr>
              <th scope="col">Kit</th>
              <th scope="col" className="number">
                Mistakes to expect
              </th>
              <th scope="col">Ready</th>
              <th scope="col">Practise before it</th>
            </tr>
          </thead>
          <tbody>
            {ready.map(({ kitId, kitName, expected, readiness, practise }) => (
              <tr key={kitId}>
                <th scope="row">
                  <Link to={`/kits/${kitId}`}>{kitName}</Link>
                </th>
                <td className="mono number">{expected.toFixed(1)}</td>
                <td>{readyWords[readiness]}</td>
                <td>{practise[0] ? skillWords[practise[0]].practise : 'nothing in particular'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Box>
      <Practised person={person} />
      <Typography variant="h2">Evenings</Typography>
      {evenings.map((build) => (
        <Evening key={build.workshopId} learnerId={id} build={build} />
      ))}
    </>
  );
}

function Evening({
  learnerId,
  build,
}: {
  readonly learnerId: string;
  readonly build: PersonBuild;
}) {
  const { t } = useTranslation();
  const { state, steps, workshopId } = build;
  const numberOf = (stepId: string | null) => steps.findIndex(({ id }) => id === stepId) + 1;
  return (
    <Box
      component="section"
      aria-label={build.workshopTitle}
      sx={{ borderTop: `1px solid ${ink('line')}`, py: 1.5, maxWidth: 1000 }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, flexWrap: 'wrap' }}>
        <Box>
          <Link to={`/workshops/${workshopId}/wrap-up`}>
            <strong>{build.workshopTitle}</strong>
          </Link>
          <Box sx={{ color: ink('faded') }}>
            {build.kitName} · seat {build.seatNumber} · {dateAndTime(build.startsAt)} ·{' '}
            {Object.keys(state.doneAt).length} of {steps.length} steps
            {state.praises.length > 0 && ` · praised ${state.praises.length} times`}
          </Box>
        </Box>
        {state.finishedAt !== null && (
          <Button
            color="inherit"
            variant="outlined"
            href={certificatePath(learnerId, workshopId)}
            target="_blank"
            sx={{ alignSelf: 'start' }}
          >
            Certificate
          </Button>
        )}
      </Box>
      <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5 }}>
        {state.mistakes.map((mistake) => (
          <li key={mistake.eventId}>
            <strong>{t(`mistake.${mistake.mistake}.name`)}</strong>{' '}
            {mistake.designator && <span className="mono">{mistake.designator}</span>}, made at step{' '}
            {numberOf(mistake.madeAtStepId)}
            {mistake.foundAtStepId !== mistake.madeAtStepId &&
              `, found at ${mistake.foundAtStepId === null ? 'the end' : `step ${numberOf(mistake.foundAtStepId)}`}`}
            . {t(`mistake.${mistake.mistake}.cause`)}
          </li>
        ))}
        {state.readings.map((reading) => {
          const step = steps.find(({ id }) => id === reading.stepId);
          if (step?.kind !== 'check') return null;
          return (
            <li key={reading.eventId}>
              {stepTitle(t, step)}: {readingWords(t, step, reading.amount)}
            </li>
          );
        })}
      </Box>
    </Box>
  );
}

/** Whether the learner's link is a page of their own. */
function OwnPage({ person: { id, keepsPage } }: { readonly person: Person }) {
  const { revalidate } = useRevalidator();
  const { run, saving, refusal } = useSave();
  const allow = (allowed: boolean) =>
    void run(async () => {
      await call(allowOwnPage, { params: { learnerId: id }, body: { keepsPage: allowed } });
      await revalidate();
    });
  return (
    <Box sx={{ mb: 2 }}>
      <FormControlLabel
        control={
          <Checkbox
            checked={keepsPage}
            disabled={saving}
            onChange={({ target }) => allow(target.checked)}
          />
        }
        label="May keep a page of their own: the links of their seats show all their evenings, and do not end"
      />
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
    </Box>
  );
}

function Erase({ person: { id, name } }: { readonly person: Person }) {
  const [open, setOpen] = useState(false);
  const navigate = useNavigate();
  const { enqueueSnackbar } = useSnackbar();
  const erase = async () => {
    await call(erasePerson, { params: { learnerId: id } });
    await navigate('/people');
    enqueueSnackbar('The name is gone. What was counted stays without it.');
  };
  return (
    <>
      <Button color="inherit" onClick={() => setOpen(true)}>
        Erase …
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="erase-title">
        <DialogTitle id="erase-title">Erase {name}?</DialogTitle>
        <DialogContent>
          The name goes from every seat, list, checklist and message, and from the disk, for good:
          this cannot be undone. Their links end. Steps and mistakes stay in the counts of kits and
          workshops, without a name. Backups that were made before still hold the name. Export the
          learning records first if they are wanted.
        </DialogContent>
        <DialogActions>
          <Button color="inherit" onClick={() => setOpen(false)}>
            Keep
          </Button>
          <Button variant="contained" onClick={() => void erase()}>
            Erase the name
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
