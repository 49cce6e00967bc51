import type { Drill, DrillWords } from '../drill.ts';
import { bench } from './bench.ts';

const words: DrillWords = {
  name: 'Heat bench',
  aim: 'Heat, feed, let go, and see what the heat makes of it. Spoil fifty joints here before the first real one.',
  ask: 'Make a good joint: {{target}}, with {{alloy}}.',
  melts: '{{alloy}} flows from {{celsius}} °C on. Pad and lead must both be hotter than that.',
  target: {
    ordinary: 'a thin lead in an ordinary pad',
    'large-pad': 'a lead in a large pad',
    'plane-spokes': 'a lead in a pad connected to a plane by four spokes',
    'plane-solid': 'a lead in a pad that is all plane',
    lug: 'a thick wire on a lug',
    'chip-end': 'one end of a chip part',
    'hot-part': 'a lead of a part that must not get hot',
  },
  goal: {
    ordinary: 'a good joint on an ordinary pad',
    'lead-free': 'the same in lead-free solder',
    spokes: 'a pad on a plane, with spokes',
    plane: 'a pad that is all plane',
    lug: 'a thick wire on a lug',
    'hot-part': 'a part that must not get hot',
  },
  none: 'No solder has flowed: there is no joint.',
  freeItem: 'free bench: {{target}}, {{alloy}}',
  burnt: 'a good joint, and a part that got too hot',
  facts:
    'The iron was on for {{iron}} s. Pad and lead both were above {{celsius}} °C for {{both}} s; at most the pad had {{pad}} °C, the lead {{lead}} °C.',
  fault: {
    'never-hot':
      'With this tip ({{tip}} mm) at {{celsius}} °C touch alone does not get it hot enough: the pad reached {{pad}} °C. Take a broader tip, or feed a little solder as soon as it melts, and wait.',
    'fed-too-soon':
      'You fed after {{heated}} s of heat. This joint needs {{needed}} s until pad and lead both are hot.',
    'fed-on-iron':
      'The solder melted on the iron and ran onto cold metal. Feed at the far side of the joint: it melts there only when the joint is hot.',
    'only-pad': 'The tip touched the pad only; the lead reached {{lead}} °C. Touch both at once.',
    'only-lead': 'The tip touched the lead only; the pad reached {{pad}} °C. Touch both at once.',
    'too-short': 'The iron left before the solder had flowed round. Stay half a second longer.',
    'too-little': 'Only {{share}} % of the solder that this joint takes. Feed a little longer.',
    'too-much':
      '{{share}} % of the solder that this joint takes. Stop feeding when the cone is there.',
    moved: 'It was moved before it was solid. Hold still until the solder has set.',
    'pad-burnt':
      'The pad got {{pad}} °C for too long and let go of the board. Shorter, or less hot.',
    'part-burnt':
      'The part got {{body}} °C; it stands {{limit}} °C. Shorter: a broader tip is quicker.',
    'flux-gone':
      'The flux was used up after {{iron}} s with the iron on, and a thorn was drawn. Shorter, or fresh flux.',
  },
  not: {
    cold: 'pad {{pad}} °C, lead {{lead}} °C: not yet',
    one: 'pad {{pad}} °C, lead {{lead}} °C: only one of them is hot',
    both: 'pad {{pad}} °C, lead {{lead}} °C: both are hot, feed',
    flowing: 'pad {{pad}} °C, lead {{lead}} °C: the solder flows',
    freezing: 'the solder has {{solder}} °C and is still soft: hold still',
    solid: 'the solder is solid',
    ready: 'iron at {{tip}} °C, everything else cold',
  },
  iron: 'Iron on',
  feed: 'Feed at the joint',
  feedIron: 'Feed on the iron',
  look: 'Look at it',
  restart: 'From the beginning',
  touch: 'The tip touches',
  touches: { both: 'pad and lead', pad: 'the pad only', lead: 'the lead only' },
  tip: 'Tip',
  tipWidth: '{{mm}} mm',
  celsius: 'Temperature',
  alloy: 'Solder',
  targetLabel: 'Joint',
  latch: 'Press once for on, once for off',
  sound: 'Sound',
  keys: 'Keys: hold i for the iron, f to feed, l to look.',
  of: { tip: 'tip', pad: 'pad', lead: 'lead', solder: 'solder', body: 'part' },
  lesson: 'Lesson',
  free: 'Free bench',
  lessonLead: 'One goal after the other. After each try it says what to change.',
  goalOf: 'Goal {{number}} of {{count}}: {{goal}}',
  tryAgain: 'Try again',
  nextGoal: 'Next goal',
  lessonDone: 'All goals are reached. The free bench has everything to play with.',
  tries_one: '{{count}} try',
  tries_other: '{{count}} tries',
  compare: 'A second joint beside it',
  whatIf: 'What if',
  whatIfLead: 'Seconds until pad and lead are hot enough to feed, by tip, temperature and solder.',
  working: 'Working it out …',
  never: 'not dry',
  open: 'Open the heat bench',
};

/** Heating, on the model of core/joint/heat. */
export const heat: Drill = { id: 'heat', kinds: [bench], words };
