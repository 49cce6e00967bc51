import { inMetalCase } from './metalCase.ts';

export const regulatorTo3 = inMetalCase({
  id: 'regulator-to3',
  job: 'regulator',
  letters: ['VR', 'Q', 'U', 'IC'],
  kinds: [
    'positive-regulator',
    'negative-regulator',
    'adjustable-regulator',
    'adjustable-negative-regulator',
  ],
  print: 'LM317K',
  one: 'regulator in a metal case',
  many: 'regulators in metal cases',
});
