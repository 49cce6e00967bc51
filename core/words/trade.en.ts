/**
 * The trade in English: everything that a step, a part or a mistake says to a learner. It is put together from the
 * definition records, so that a new family, check, rule or mistake brings its own words; another language is an object
 * of the same shape.
 */

import { bandColourNames } from '../bands/colours.ts';
import { mistakes } from '../learning/mistakes/index.ts';
import { checks } from '../order/checks/index.ts';
import { hardRules } from '../order/rules/index.ts';
import { styles } from '../order/styles/index.ts';
import { families } from '../parts/families/index.ts';
import { signWords } from '../parts/signs/index.ts';
import { harms } from '../safety/harms.ts';
import { keyed } from './keyed.ts';

const colourNames = {
  red: 'red',
  yellow: 'yellow',
  green: 'green',
  blue: 'blue',
  white: 'white',
  orange: 'orange',
};

export const tradeEnglish = {
  family: keyed(families),
  mistake: keyed(mistakes),
  harm: keyed(harms),
  rule: keyed(hardRules),
  style: keyed(styles),
  check: keyed(checks),
  usable: Object.fromEntries(
    families.flatMap(({ id, usable }) => (usable ? [[id, usable.words]] : [])),
  ),
  band: Object.fromEntries(bandColourNames.map((name) => [name, name])),
  colour: colourNames,
  // Adjectives have forms of their own in most languages: a red LED, two red LEDs.
  name: {
    value: '{{value}}',
    amount: '{{value}} {{name}}',
    type: '{{value}} {{name}}',
    colour: '{{colour}} {{name}}',
    pins_one: '{{words}}, {{count}} pin',
    pins_other: '{{words}}, {{count}} pins',
    one: colourNames,
    many: colourNames,
  },
  sign: signWords,
  board: {
    beside: '{{area}}, {{direction}} {{place}}',
    onBoard: '{{board}}: {{where}}',
    'in-socket': 'in the socket {{place}}',
    // By the ordinal forms of a language (CLDR).
    nth: {
      one: '{{number}}st',
      two: '{{number}}nd',
      few: '{{number}}rd',
      other: '{{number}}th',
    },
    row: {
      top: 'top row, {{nth}} from the left ({{count}} {{what}})',
      middle: 'middle row, {{nth}} from the left ({{count}} {{what}})',
      bottom: 'bottom row, {{nth}} from the left ({{count}} {{what}})',
    },
    column: {
      left: 'left column, {{nth}} from the top ({{count}} {{what}})',
      middle: 'middle column, {{nth}} from the top ({{count}} {{what}})',
      right: 'right column, {{nth}} from the top ({{count}} {{what}})',
    },
    'in-block': 'block of {{what}}, {{row}} row from the top, {{column}} from the left',
    counted: '{{says}} (number {{fromLeft}} of {{count}} parts from the left edge)',
    area: {
      'left-top': 'in the upper left',
      'middle-top': 'in the upper middle',
      'right-top': 'in the upper right',
      'left-middle': 'at the left',
      'middle-middle': 'in the middle',
      'right-middle': 'at the right',
      'left-bottom': 'in the lower left',
      'middle-bottom': 'in the lower middle',
      'right-bottom': 'in the lower right',
    },
    direction: { left: 'left of', right: 'right of', above: 'above', below: 'below' },
    edge: { left: 'the left', right: 'the right', top: 'the top', bottom: 'the bottom' },
    facing: '{{mark}} towards {{edge}}',
    'over-joints': 'lies over the joints of {{places}}',
    'under-joints': 'its joints lie under {{places}}',
    'over-body': 'lies over {{places}}',
    'under-body': 'lies under {{places}}',
    top: 'Component side',
    bottom: 'Solder side, seen from below (mirrored)',
    hole: 'hole {{hole}}',
    'hole-below': 'hole {{hole}}, column {{column}} from the left as you see it',
  },
  sensitive: {
    heat: 'Spoiled by long heat: solder quickly, and let it cool between two joints.',
    static:
      'Spoiled by static: touch bare metal of the bench or the iron’s stand before you pick it up.',
  },
  caution: {
    erratum: 'The kit is wrong here',
    'lot-note': 'This batch is different',
    'mix-up': 'Easily mixed up',
    'mix-up-text':
      'These look like {{other}} ({{places}}), which you have fitted already. Compare both pictures before you take one.',
    'mix-up-here': 'Now: {{what}}',
    'mix-up-other': 'Fitted already: {{what}}',
  },
  reason: {
    lowest:
      'The lowest parts left come first ({{height}} mm). If {{next}} at {{nextHeight}} mm went in before, they would drop out when you turn the board.',
    tallest:
      'It stands {{height}} mm high, the tallest of all, so it comes after everything lower.',
    flattest:
      'At {{height}} mm it lies flatter than {{next}}: so tweezers and iron get at it from every side.',
    'flattest-last':
      'At {{height}} mm it is the tallest of the surface parts, so it comes when the flatter ones are in.',
    'same-height':
      'Just as low as {{before}}, {{height}} mm, but another value: one value at a time, so that they are not mixed up.',
    'same-height-other': 'Just as low as {{before}}, {{height}} mm: either could come first.',
    'by-hand': 'Your instructor wants it here, after {{before}}.',
    'by-hand-first': 'Your instructor wants it here.',
    'off-board':
      'Wires hang off the board and pull at it when it is turned. So they come when the parts are in.',
  },
  hold: {
    'bent-leads': 'bend the leads apart by about 45°',
    tape: 'hold it with heat-proof tape',
    putty: 'press it on with a little putty',
    'tack-one-pin': 'solder one pin, check that it sits straight, then the others',
    loose: '{{places}} would drop by up to {{drop}} mm when the board is turned: {{method}}.',
    'loose-one': 'It would drop by up to {{drop}} mm when the board is turned: {{method}}.',
  },
  length: {
    bend: '{{places}}: bend the leads {{mm}} mm apart.',
    raise:
      '{{places}}: leave the body {{mm}} mm above the board, and hold it there while you solder.',
    lay: '{{places}}: bend the leads before you solder, so that the body lies on the board.',
    'cut-link': '{{places}}: cut the wire to {{mm}} mm.',
    'cut-wire': '{{places}}: cut the wire to {{mm}} mm and strip 5 mm at each end.',
  },
  checkForm: {
    ask: {
      ohm: 'What does the meter show, in ohms?',
      milliampere: 'What current is shown, in mA?',
      volt: 'What does the meter show, in volts?',
      hertz: 'What frequency is shown, in hertz?',
    },
    example: {
      ohm: 'such as 4k7, 220 or OL',
      milliampere: 'such as 12',
      volt: 'such as 4.98',
      hertz: 'such as 1.2 kHz',
    },
    measureAt: 'Measure {{at}}. Right is {{range}}.',
    range: {
      both: '{{least}} to {{most}}',
      least: '{{least}} or more',
      most: '{{most}} or less',
    },
    judge: 'Check my reading',
    passed: 'Go on',
    reading: {
      ohm: '{{amount}} Ω',
      milliampere: '{{amount}} mA',
      volt: '{{amount}} V',
      hertz: '{{amount}} Hz',
      open: 'open',
    },
    finding: {
      right: 'That is right.',
      short:
        'That is a short circuit from supply to ground: no power. You are on your instructor’s list; look for a bridge meanwhile.',
      'nearly-short':
        'That is too little: something bridges the supply or sits the wrong way round. No power. You are on your instructor’s list.',
      'too-much': 'That is too much. Switch off now. You are on your instructor’s list.',
      'no-current':
        'Nothing flows: a dry joint, a lead not through its hole or the supply turned round. Switch off. You are on your instructor’s list.',
      'too-low':
        'That is less than it should be. Leave everything as it is. You are on your instructor’s list.',
      'too-high':
        'That is more than it should be. Leave everything as it is. You are on your instructor’s list.',
    },
    'block-why':
      'All parts of the block “{{blocks}}” are in: what is wrong there is found now, before more parts hide it.',
    short: {
      right: 'right',
      short: 'a short circuit',
      'nearly-short': 'too little',
      'too-much': 'too much',
      'no-current': 'nothing flows',
      'too-low': 'below the range',
      'too-high': 'above the range',
    },
    blocks: 'This is about: {{blocks}}.',
  },
  figure: {
    pin: '{{place}}, pin {{number}}',
    lead: '{{place}} ({{lead}})',
    range: {
      open: 'open (OL)',
      orMore: '{{least}} or more',
      about: 'about {{usual}}',
      both: '{{least}} to {{most}}',
    },
  },
  step: {
    // By which texts that people wrote are chosen (ISO 639-1).
    tongue: 'en',
    own: 'Own step',
    repeat: { times: '{{times}} times', onJig: '{{times}} times, on this jig: {{jig}}' },
    sort: { work: 'Work', check: 'Check', talk: 'Talk', break: 'Break' },
    solder: 'Solder the {{what}}',
    insert: 'Put in the {{what}}',
    fasten: 'Fit the {{what}}',
    fastenFor: 'Fit the {{what}} for {{places}}',
    power: 'Put in the {{what}}',
    powerOnWires: 'Solder the wires of the {{what}}',
    cellOnWires: [
      'Nothing is soldered after this: its wires are live.',
      'Cover the bare end of one wire with tape while you solder the other.',
      'Check which wire is plus with a meter before you solder it.',
      'Never solder to the cell itself. A plug in between is safer: then solder the plug’s wires, and plug it in last.',
    ],
    mounting: {
      raised: [
        'Put a spacer or folded card {{mm}} mm high under it.',
        'Solder one lead, check that it sits straight, then the others.',
      ],
      'bent-over': [
        'Hold the leads with pliers 2 mm from the body and bend them there.',
        'Solder one lead, check that it sits straight, then the others.',
      ],
    },
    joints_one: '{{count}} joint',
    joints_other: '{{count}} joints',
    pieces_one: '{{count}} piece',
    pieces_other: '{{count}} pieces',
    minutes: '{{minutes}} min',
    and: 'and',
    note: {
      volt: 'The supply of this kit is {{volt}} V.',
      'chips-out_one': '{{chips}} is not in its socket yet.',
      'chips-out_other': '{{chips}} are not in their sockets yet.',
      'no-cells': 'No cells in the holder.',
      'most-milliampere': 'Expect at most about {{most}} mA: estimated from the parts of this kit.',
      'good-boards': 'A good board shows {{range}} here.',
      settles_one: 'The number climbs for about a second: capacitors charge.',
      settles_other: 'The number climbs for about {{count}} seconds: capacitors charge.',
      'current-limit': 'Set the current limit of the supply to {{most}} mA.',
      'cells-out-again':
        'Use the bench supply with its current limit. Or put the cells in for this check only, and take them out again.',
    },
  },
};
