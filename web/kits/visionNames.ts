import type { Vision } from '#core/bands/vision';

export const visionNames: Readonly<Record<Vision, string>> = {
  normal: 'normal sight',
  protan: 'red-blind sight (protan)',
  deutan: 'green-blind sight (deutan)',
  tritan: 'blue-blind sight (tritan)',
  'warm-light': 'normal sight by a warm lamp',
};
