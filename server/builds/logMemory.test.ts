import { describe, expect, it } from 'vitest';
import { stateOfBuild } from '#core/learning/builds';
import { makeWorkshop, sent, testServer } from '../testing/testServer.ts';
import { LogMemory } from './logMemory.ts';
import { selectBuilds } from './queries.ts';

describe('logs that were read lately', () => {
  it('are all there, also where more are asked for than are kept', async () => {
    const server = await testServer();
    const workshop = await makeWorkshop(server, ['Tern', 'Skua', 'Knot']);
    const [step] = workshop.steps;
    for (const { id, token } of workshop.seats) {
      const events = [sent(id, { kind: 'step-done', stepId: step?.id ?? '' })];
      await server.instructor.post(`/api/seats/${token}/events`).send({ events }).expect(200);
    }
    const memory = new LogMemory(2);
    const ids = workshop.seats.map(({ id }) => id);
    for (let time = 0; time < 3; time += 1) {
      const logs = await memory.logsOf(server.db, ids);
      expect(ids.map((id) => logs.get(id)?.board.length)).toEqual([1, 1, 1]);
    }
  });

  it('seats where nothing was logged begin at the first step of their own plan', async () => {
    const server = await testServer();
    const one = await makeWorkshop(server, ['Tern']);
    await server.db.query(
      `update workshop set steps = jsonb_set(steps, '{list}', jsonb_build_array(steps -> 'list' -> 1))`,
    );
    await makeWorkshop(server, ['Tern']);
    const builds = await selectBuilds(server.db, new LogMemory(), 'everybody');
    expect(builds.map((build) => stateOfBuild(build).currentStepId)).toEqual([
      one.steps[1]?.id,
      one.steps[0]?.id,
    ]);
  });
});
