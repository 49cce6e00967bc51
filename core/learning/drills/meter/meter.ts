import { diodeAxial } from '../../../parts/families/diodes/diode-axial.ts';
import { led5mm } from '../../../parts/families/leds/led-5mm.ts';
import type { Drill, DrillWords } from '../drill.ts';
import { measure } from './measure.ts';
import { continuity, diodeTest, supplyToGround } from './tests.ts';

const words: DrillWords = {
  name: 'Meter',
  aim: 'Choose function and range, read, and decide what the reading means.',
  shows: 'The meter shows {{shows}}.',
  unit: { ohm: 'resistance', farad: 'capacitance' },
  setting: { diode: 'diode test', continuity: 'continuity' },
  verdict: {
    right: 'right',
    usable: 'not right, but usable in places',
    'not-this': 'not this part',
  },
  means: {
    right: 'So it is right: within its tolerance and what the meter may be off.',
    usable: 'So it is out of tolerance. It may do for {{for}}, never for {{never}}.',
    'it-is': 'So it is not this part: it is a {{part}} of the same list.',
    'not-this': 'So it is not this part, whatever the print says.',
  },
  measure: {
    ask: 'Set the meter for this part, read it and decide: {{part}}.',
    list: 'The list says {{part}}, within {{percent}} %.',
    dial: 'Function and range',
    display: 'Display',
    decide: 'What is it?',
    range: 'The range of {{range}} is the smallest that holds it: it has the finest digits.',
    limits:
      'Within {{percent}} %, and the meter may be off by {{doubt}}: {{low}} to {{high}} is right. It shows {{reading}}.',
    told: '{{setting}}: {{verdict}}',
    item: '{{unit}}, {{verdict}}',
  },
  diode: {
    ask: 'Diode test, {{part}}: what do you conclude?',
    first: 'red tip left',
    second: 'red tip right',
    shows:
      'Red tip on the left lead, black on the right one: {{first}}. Tips exchanged: {{second}}.',
    is: {
      'anode-red': 'whole; the left lead is plus',
      'anode-black': 'whole; the right lead is plus',
      short: 'broken: it conducts both ways',
      open: 'broken: it conducts neither way',
    },
    why: {
      'anode-red': 'It conducts with the red tip on the left lead: that is plus, the anode.',
      'anode-black':
        'It conducts with the tips exchanged, with red on the right lead: that is plus, the anode.',
      short: 'Next to nothing both ways: it is shorted. Into the box of broken parts.',
      open: 'Over range both ways: it is burnt through, or a tip has no contact. Try again, then throw it away.',
    },
    usual: {
      [diodeAxial.id]: 'A silicon diode shows some 0.6 V, and over range the other way.',
      [led5mm.id]:
        'A red LED shows some 1.8 V and glows a little. Blue and white ones can be too much for a meter.',
    },
    item: 'diode test on the {{part}}: {{meaning}}',
  },
  continuity: {
    ask: 'Two neighbours with a resistor of {{value}} between them. No power, nothing connected. What do you conclude?',
    is: {
      bridge: 'a bridge',
      part: 'no bridge: that is the resistor',
      apart: 'no bridge, and no resistor either',
    },
    why: {
      bridge: 'Some tenths of an ohm are what the tips alone show: solder joins the two.',
      part: 'That is the resistor between them. A bridge would show next to nothing.',
      apart:
        'Nothing conducts: no bridge, but the resistor has no contact either. Look at its joints.',
    },
    tips: 'Touch the tips together first: then you know what nothing looks like on this meter.',
    item: 'continuity: {{meaning}}',
  },
  supply: {
    ask: 'Before the first power you measure from supply to ground. May it have power?',
    is: {
      power: 'Yes, it may have power',
      short: 'No: it is a short circuit',
      doubt: 'No: too little, something bridges or is turned round',
    },
    why: {
      power: 'Well above 10 Ω: the first power may come, with a current limit.',
      short: 'Below an ohm is a short circuit. Look for a bridge; no power.',
      doubt:
        'A few ohms are no short circuit, but too little for a small board: look for a part turned round.',
    },
    item: 'supply to ground: {{meaning}}',
  },
};

/** The meter, judged by core/inspection and the checks of core/order. */
export const meter: Drill = {
  id: 'meter',
  kinds: [measure, diodeTest, continuity, supplyToGround],
  words,
};
