import { inMetalCase } from './metalCase.ts';

export const transistorTo3 = inMetalCase({
  id: 'transistor-to3',
  job: 'transistor',
  letters: ['Q', 'T', 'TR', 'VT'],
  kinds: ['npn', 'pnp'],
  print: '2N3055',
  one: 'power transistor in a metal case',
  many: 'power transistors in metal cases',
});
