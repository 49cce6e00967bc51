/** The trainers in English, with the joints that only they show; a page loads them when it opens a trainer. */
import { jointClasses } from '../joint/classes.ts';
import { remedyWords } from '../joint/remedies.ts';
import { drills } from '../learning/drills/index.ts';
import { keyed } from './keyed.ts';

export const drillsEnglish = {
  drill: {
    ...keyed(drills),
    plain: '{{text}}',
    list: '{{items}}',
    part: '{{value}} {{name}}',
  },
  joint: keyed(jointClasses),
  jointRemedy: remedyWords,
};
