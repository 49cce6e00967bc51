/** What staff and the guide read and a learner at the bench does not: it is loaded with their pages. */
import { proposalWords } from '../learning/proposals.ts';
import { skillWords } from '../learning/skills.ts';
import { remedyWords } from '../mixups/remedyWords.ts';
import { swaps } from '../mixups/swap.ts';
import { experienceWords } from '../pace/experience.ts';
import { checklistItems } from '../safety/checklist.ts';
import { glossary } from './glossary.ts';
import { keyed } from './keyed.ts';

export const staffEnglish = {
  swap: Object.fromEntries(swaps.map(({ id, words }) => [id, words])),
  remedy: remedyWords,
  checklist: Object.fromEntries(checklistItems.map(({ id, says, why }) => [id, { says, why }])),
  skill: skillWords,
  proposal: proposalWords,
  experience: experienceWords,
  glossary: keyed(glossary),
  meaning: {
    plus: 'plus (+)',
    minus: 'minus (−)',
    anode: 'anode, plus (+)',
    cathode: 'cathode, minus (−)',
    common: 'the lead common to all',
    'pin-1': 'pin 1',
    outline: 'turned like the outline on the board',
    outwards: 'outwards, over the edge of the board',
    'one-way': 'fits one way only',
    top: 'the side of the parts',
  },
  print: {
    'capacitor-code': 'two digits and the number of zeros, in picofarads',
    'chip-3': 'two digits and the number of zeros, in ohms',
    'chip-4': 'three digits and the number of zeros, in ohms',
    'eia-96': 'number of the value in E96 and a letter for the power of ten',
    'letter-code': 'the letter stands in place of the point',
    value: 'the value written out',
    volt: 'the highest voltage',
    type: 'the type number',
  },
  lead: {
    emitter: 'emitter',
    base: 'base',
    collector: 'collector',
    source: 'source',
    gate: 'gate',
    drain: 'drain',
    input: 'input',
    output: 'output',
    ground: 'ground',
    adjust: 'adjust',
  },
  order: {
    between: 'Here {{after}} comes before {{before}}.',
    link: '{{from}} before {{to}} ({{says}})',
    contradiction: 'Rules contradict each other: {{links}}.',
    'left-out': 'Left out here: {{from}} before {{to}}.',
  },
  visit: {
    hurt_zero: 'HURT: asked for help just now',
    hurt_one: 'HURT: asked for help {{count}} min ago',
    hurt_other: 'HURT: asked for help {{count}} min ago',
    asked_zero: 'asked for help just now',
    asked_one: 'asked for help {{count}} min ago',
    asked_other: 'asked for help {{count}} min ago',
    'on-hold_zero': 'on hold since just now: a check failed',
    'on-hold_one': 'on hold for {{count}} min: a check failed',
    'on-hold_other': 'on hold for {{count}} min: a check failed',
    'failed-check_zero': 'a check failed just now',
    'failed-check_one': 'a check failed {{count}} min ago',
    'failed-check_other': 'a check failed {{count}} min ago',
    'told-too-late': 'to be checked: {{text}}',
    reversed: '{{place}} is in backwards: go before its leads are cut or it gets power',
    'reversed-part': 'a part is in backwards: go before its leads are cut or it gets power',
    'about-to-power': 'about to switch it on for the first time',
    'about-to-put-cells': 'about to put the cells in',
    'about-to-insert': 'about to insert a chip',
    silent: 'nothing heard for {{minutes}} min; this step rarely takes over {{long}} min',
    unlikely: 'chance to finish tonight: {{chance}}',
    chance: {
      under: 'under {{percent}} %',
      over: 'over {{percent}} %',
      about: '{{percent}} %',
    },
  },
  flag: {
    'no-value': 'The value is missing.',
    'no-colour': 'No colour is given.',
    'no-series':
      '{{value}} is in no preferred series (E3 to E192); the nearest of E24 is {{near}}. Is it a typing error?',
  },
};
