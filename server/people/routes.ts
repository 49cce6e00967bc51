import {
  allowOwnPage,
  certificate,
  erasePerson,
  getPerson,
  getRetention,
  listPeople,
  type PersonSummary,
  peopleCsv,
  setRetention,
  statements,
  tryRetention,
} from '#contract/people';
import { stateOfBuild } from '#core/learning/builds';
import { said } from '#core/learning/said';
import { skillIds } from '#core/learning/skills';
import type { LogMemory } from '../builds/logMemory.ts';
import { type StoredBuild, selectBuilds } from '../builds/queries.ts';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound } from '../http/refusal.ts';
import { fileName, sendTable, type TableColumn, tableOf } from '../http/table.ts';
import { isUuid } from '../http/uuid.ts';
import { plannedSteps } from '../kits/plannedSteps.ts';
import { selectKits } from '../kits/queries.ts';
import type { SeatTokens } from '../seats/seatTokens.ts';
import { speak } from '../words/speak.ts';
import { certificatePdf } from './certificate.ts';
import type { Forgetting } from './forgetting.ts';
import { type PlannedKit, personOf, summaryOf } from './people.ts';
import {
  type StoredLearner,
  selectLearner,
  selectLearners,
  selectSeatsOfLearner,
  updateKeepsPage,
} from './queries.ts';
import { statementsOf } from './statements.ts';

/** Learners: what they did, what they can, and what leaves the house about them. */
export function peopleRoutes(
  api: Api,
  db: Database,
  memory: LogMemory,
  forgetting: Forgetting,
  tokens: SeatTokens,
  siteAddress: () => string,
): void {
  const existing = async (id: string): Promise<StoredLearner> => {
    const learner = isUuid(id) ? await selectLearner(db, id) : undefined;
    if (!learner) throw notFound('learner');
    return learner;
  };

  api.serve(listPeople, () => summaries(db, memory));

  api.serve(getPerson, async ({ params }) => {
    const learner = await existing(params.learnerId);
    return personOf(
      learner,
      await selectBuilds(db, memory, { learnerId: learner.id }),
      await kitsToBuild(),
    );
  });

  api.serve(erasePerson, async ({ params }) => {
    await forgetting.erase([await existing(params.learnerId)]);
    return { erased: true };
  });

  api.serve(allowOwnPage, async ({ params, body: { keepsPage } }) => {
    const { id } = await existing(params.learnerId);
    await updateKeepsPage(db, id, keepsPage);
    tokens.changed(keepsPage ? [] : await selectSeatsOfLearner(db, id));
    return { keepsPage };
  });

  api.serve(getRetention, () => forgetting.kept());
  api.serve(tryRetention, ({ body }) => forgetting.tryOut(body.months));
  api.serve(setRetention, ({ body }) => forgetting.set(body.months));

  api.send(peopleCsv, async ({ request, response }) => {
    const speaker = speak(request.query.lang);
    await sendTable(
      response,
      speaker.t('exports.file.people'),
      tableOf(speaker, columns, await summaries(db, memory)),
      'csv',
    );
  });

  api.send(statements, async ({ params, response }) => {
    const { learner, builds } = await buildsOf(params.learnerId);
    response
      .attachment(`${fileName(learner.name)}-xapi.json`)
      .json(statementsOf(learner, builds, siteAddress()));
  });

  api.send(certificate, async ({ params, request, response }) => {
    const { learner, builds } = await buildsOf(params.learnerId);
    const build = builds.find(({ workshopId }) => workshopId === params.workshopId);
    if (!build || stateOfBuild(build).finishedAt === null) {
      throw notFound('finishedBoard');
    }
    response
      .type('application/pdf')
      .send(await certificatePdf(speak(request.query.lang), learner.name, build));
  });

  async function buildsOf(learnerId: string) {
    const learner = await existing(learnerId);
    return { learner, builds: await selectBuilds(db, memory, { learnerId: learner.id }) };
  }

  async function kitsToBuild(): Promise<PlannedKit[]> {
    return (await selectKits(db)).map((kit) => ({
      kitId: kit.id,
      kitName: kit.name,
      steps: plannedSteps(kit),
    }));
  }
}

async function summaries(db: Database, memory: LogMemory): Promise<PersonSummary[]> {
  const byLearner = new Map<string, StoredBuild[]>();
  for (const build of await selectBuilds(db, memory, 'everybody')) {
    if (build.learnerId === null) continue;
    byLearner.set(build.learnerId, [...(byLearner.get(build.learnerId) ?? []), build]);
  }
  return (await selectLearners(db)).map((learner) =>
    summaryOf(learner, byLearner.get(learner.id) ?? []),
  );
}

const columns: readonly TableColumn<PersonSummary>[] = [
  { heading: 'learner', cell: ({ name }) => name },
  { heading: 'builds', cell: ({ builds }) => builds },
  { heading: 'finished', cell: ({ finished }) => finished },
  { heading: 'mistakes', cell: ({ mistakes }) => mistakes },
  { heading: 'timesThePlan', cell: ({ pace }) => (pace ? pace.share.toFixed(2) : '') },
  { heading: 'exercisesAnswered', cell: ({ practised }) => practised },
  { heading: 'stepTimes', cell: ({ pace }) => pace?.count ?? 0 },
  ...skillIds.flatMap((id): TableColumn<PersonSummary>[] => {
    const of = ({ skills }: PersonSummary) => skills.find(({ skill }) => skill === id);
    const skill = said(`skill.${id}.name`);
    return [
      {
        heading: said('exports.chanceRight', { skill }),
        cell: (person) => of(person)?.chance.toFixed(2) ?? '',
      },
      {
        heading: said('exports.seenSteps', { skill }),
        cell: (person) => of(person)?.right.of ?? 0,
      },
    ];
  }),
];
