/** How well skills are foretold, on made-up learners whose truth is known. */
import { loadCore } from './core.mjs';

const learners = 600;
/** Others than those that any prior was chosen with. */
const firstSeed = 20_000;

export async function benchSkills() {
  const { judgedModels } = await loadCore('learning/testing/judgedModels.ts');
  const models = judgedModels(firstSeed, learners);
  const of = ({ logLoss, calibrationError }) =>
    `log loss ${logLoss.toFixed(3)}, calibration error ${calibrationError.toFixed(3)}`;
  console.log(
    `skills of ${learners} made-up learners, whether the next step really goes right: ability as it is followed ${of(models.ability)}; knowledge tracing ${of(models.tracing)}; the raw share ${of(models.rawShare)}`,
  );
}
