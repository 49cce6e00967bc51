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
import { t } from 'i18next';
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
  get ready() {
    return t('people.personPage.isReady');
  },
  get 'with-help'() {
    return t('people.personPage.withSomebodyBeside');
  },
  get 'not-yet'() {
    return t('people.personPage.notYet');
  },
};

/** One learner: skills, what to practise, what they are ready for, and every evening. */
export function PersonPage() {
  const { t } = useTranslation();
  const person = useLoaderData<Person>();
  const [search, choose] = useChoices();
  const shown = search.get('behind');
  const { id, name, skills, ready, evenings, pace } = person;
  return (
    <>
      <PageHead
        title={name}
        facts={[
          t('people.personPage.boards', { finished: person.finished, count: person.builds }),
          t('people.personPage.mistakes', { count: person.mistakes }),
          pace && t('people.personPage.pace', { share: pace.share.toFixed(1), count: pace.count }),
        ]
          .filter(Boolean)
          .join(' · ')}
      >
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button color="inherit" variant="outlined" href={statementsPath(id)}>
            {t('people.personPage.exportLearningRecordsXapi')}
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
        <Box component="section" aria-label={t('people.personPage.skills')}>
          <Typography variant="h2">{t('people.personPage.skills')}</Typography>
          <table className="plain" aria-label={t('people.personPage.skills')}>
            <thead>
              <tr>
                <th scope="col">{t('people.personPage.skill')}</th>
                <th scope="col">{t('people.personPage.chanceThatItIsKnownSteps')}</th>
                <th scope="col" className="number">
                  {t('people.personPage.right')}
                </th>
              </tr>
            </thead>
            <tbody>
              {skills.map((estimate) => (
                <tr key={estimate.skill}>
                  <th scope="row">{t(`skill.${estimate.skill}.name`)}</th>
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
                        {t('people.personPage.ofTo', {
                          count: estimate.right.count,
                          of: estimate.right.of,
                          value: Math.round(100 * estimate.right.low),
                          value2: Math.round(100 * estimate.right.high),
                        })}
                      </Button>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p>{t('people.personPage.byBayesianKnowledgeTracingOverThe')}</p>
        </Box>
        <Box component="section" aria-label={t('people.personPage.howSkillsGrew')}>
          <Typography variant="h2">{t('people.personPage.howTheyGrew')}</Typography>
          <SkillCourse skills={skills} />
        </Box>
      </Box>
      {shown && <Behind person={person} skill={shown} />}
      <Box
        component="section"
        aria-label={t('people.personPage.readyFor')}
        sx={{ mb: 4, maxWidth: 1000 }}
      >
        <Typography variant="h2">{t('people.personPage.readyFor')}</Typography>
        <table className="plain" aria-label={t('people.personPage.readyFor')}>
          <thead>
            <tr>
              <th scope="col">{t('people.personPage.kit')}</th>
              <th scope="col" className="number">
                {t('people.personPage.mistakesToExpect')}
              </th>
              <th scope="col">{t('people.personPage.ready')}</th>
              <th scope="col">{t('people.personPage.practiseBeforeIt')}</th>
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
                <td>
                  {practise[0]
                    ? t(`skill.${practise[0]}.practise`)
                    : t('people.personPage.nothingInParticular')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Box>
      <Practised person={person} />
      <Typography variant="h2">{t('people.personPage.evenings')}</Typography>
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
  const { t, i18n } = useTranslation();
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
            {[
              t('people.personPage.seatOfSteps', {
                kit: build.kitName,
                seat: build.seatNumber,
                when: dateAndTime(build.startsAt),
                done: Object.keys(state.doneAt).length,
                count: steps.length,
              }),
              state.praises.length > 0 &&
                t('people.personPage.praised', { count: state.praises.length }),
            ]
              .filter(Boolean)
              .join(' · ')}
          </Box>
        </Box>
        {state.finishedAt !== null && (
          <Button
            color="inherit"
            variant="outlined"
            href={certificatePath(learnerId, workshopId, i18n.language)}
            target="_blank"
            sx={{ alignSelf: 'start' }}
          >
            {t('people.personPage.certificate')}
          </Button>
        )}
      </Box>
      <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5 }}>
        {state.mistakes.map((mistake) => (
          <li key={mistake.eventId}>
            <strong>{t(`mistake.${mistake.mistake}.name`)}</strong>{' '}
            {mistake.designator && <span className="mono">{mistake.designator}</span>}
            {t(foundWords(mistake), {
              made: numberOf(mistake.madeAtStepId),
              found: numberOf(mistake.foundAtStepId),
              cause: t(`mistake.${mistake.mistake}.cause`),
            })}
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
  const { t } = useTranslation();
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
        label={t('people.personPage.mayKeepAPageOfTheir')}
      />
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
    </Box>
  );
}

function Erase({ person: { id, name } }: { readonly person: Person }) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const navigate = useNavigate();
  const { enqueueSnackbar } = useSnackbar();
  const erase = async () => {
    await call(erasePerson, { params: { learnerId: id } });
    await navigate('/people');
    enqueueSnackbar(t('people.personPage.theNameIsGoneWhatWas'));
  };
  return (
    <>
      <Button color="inherit" onClick={() => setOpen(true)}>
        {t('people.personPage.erase')}
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="erase-title">
        <DialogTitle id="erase-title">{t('people.personPage.erase2', { name })}</DialogTitle>
        <DialogContent>{t('people.personPage.theNameGoesFromEverySeat')}</DialogContent>
        <DialogActions>
          <Button color="inherit" onClick={() => setOpen(false)}>
            {t('people.personPage.keep')}
          </Button>
          <Button variant="contained" onClick={() => void erase()}>
            {t('people.personPage.eraseTheName')}
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}

/** Found where it was made, at another step, or at the end. */
const foundWords = ({ foundAtStepId, madeAtStepId }: PersonBuild['state']['mistakes'][number]) =>
  foundAtStepId === madeAtStepId
    ? 'people.personPage.foundAtOnce'
    : foundAtStepId === null
      ? 'people.personPage.foundAtEnd'
      : 'people.personPage.foundLater';
