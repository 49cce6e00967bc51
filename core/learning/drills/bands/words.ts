import type { DrillWords } from '../drill.ts';

export const bandsWords: DrillWords = {
  name: 'Bands and prints',
  aim: 'Read a value from its bands or its print before you pick the part up.',
  lies: {
    straight: 'From left to right: {{bands}}; the wide gap is before the last band on the right.',
    turned: 'From left to right: {{bands}}; the wide gap is after the first band on the left.',
  },
  digit: '{{colour}} {{digit}}',
  because: '{{digits}}, then {{multiplier}}: {{times}}. That is {{value}}.',
  within: 'The band that stands apart is {{colour}}: within {{percent}} %.',
  slip: {
    end: 'You began at the wrong end: the band that stands apart is read last.',
    power: 'The digits are right. The multiplier is not: it says how far the point moves.',
    colour: 'You took {{colour}} for {{other}}. Hold it under a white lamp, or measure.',
  },
  read: {
    ask: 'What is the value of this resistor?',
    item: 'reading {{colour}}',
    names: 'Show the names',
    meter: 'Measure it instead',
    shows: 'The meter shows {{reading}}.',
    route:
      'A meter is as good a way as the bands. The nearest value in the list that is within the tolerance is the one.',
    wrongText: 'Write a value such as 470, 4k7 or 2M2.',
  },
  place: {
    ask: 'Place {{count}} bands for {{value}}, {{percent}} %.',
    empty: '{{count}} empty places for bands, the last one apart.',
    item: {
      ohms: 'values below 100 Ω',
      hundreds: 'hundreds of ohms',
      kilo: 'a few kilohms',
      'ten-kilo': 'tens of kilohms',
      'hundred-kilo': 'hundreds of kilohms',
      mega: 'megohms',
    },
    band: 'Band {{number}}',
    take: 'Take away the last band',
  },
  end: {
    ask: 'At which end do you begin to read?',
    left: 'left',
    right: 'right',
    metal: '{{colour}} is never the first band: it is the tolerance, so it is read last.',
    gap: 'The last band stands apart: {{colour}}, within {{percent}} %.',
    other: 'From the other end it would be a value too, but not one that is usually made.',
    item: { metal: 'the end told by gold or silver', gap: 'the end told by the gap' },
  },
  alike: {
    ask: 'Do these two have the same value?',
    'same-answer': 'the same',
    'different-answer': 'different',
    same: 'Both are {{value}}; one of them may lie the other way round.',
    differ: 'Band {{band}} is {{a}} on one and {{b}} on the other: {{first}} and {{second}}.',
    light: 'In a warm light these two come close. A white lamp or a meter tells.',
    item: '{{a}} from {{b}}',
  },
  two: {
    ask: 'Two readings fit these bands. Which two, and how would you find out? Your list has {{list}}.',
    both: 'From one end it is {{first}}, from the other {{second}}; the gap is hard to see on a small part.',
    listed: 'Only {{value}} is in the list, so that is the one. A meter would tell as well.',
    measure: 'The list does not help here. Only a meter tells.',
    how: {
      meter: 'Measure it',
      list: 'Look which one the list has',
      guess: 'Take the one from the left',
    },
    howAsk: 'How would you find out?',
    told: '{{values}}; {{how}}',
    item: {
      meter: 'two readings, settled by the meter',
      list: 'two readings, settled by the list',
    },
  },
  print: {
    ask: '“{{text}}” stands on {{on}}. What is that in {{unit}}?',
    shows: 'On {{on}} stands “{{text}}”.',
    on: { capacitor: 'a capacitor', chip: 'a chip resistor', trimmer: 'a trimmer' },
    unit: {
      ohm: 'ohms (write 4k7, 220 or 2M2)',
      farad: 'farads (write 100n, 4n7 or 47p)',
    },
    because: {
      'capacitor-code':
        'On a capacitor {{text}} is two digits and the number of zeros, in picofarads: {{value}}.',
      'chip-3':
        'On a chip resistor {{text}} is two digits and the number of zeros, in ohms: {{value}}. An R stands for the point.',
      'chip-4':
        'Four characters are three digits and the number of zeros, in ohms: {{value}}. An R stands for the point.',
      'eia-96':
        'Two digits are the number of the value in E96, the letter is the power of ten: {{value}}. There is a table for it; a meter is quicker.',
      'letter-code': 'The letter stands in place of the point: {{text}} is {{value}}.',
    },
    wrongText: 'Write a value such as 100n, 4n7 or 47p.',
    elsewhere: 'The same {{text}} elsewhere would be {{value}}: look which part it is on.',
    'mixed-up': 'You read it as on another part, where {{text}} is {{value}}.',
    item: {
      'capacitor-code': 'three digits on a capacitor',
      'chip-3': 'three characters on a chip resistor',
      'chip-4': 'four characters on a chip resistor',
      'eia-96': 'two digits and a letter on a chip resistor',
      'letter-code': 'a letter for the point',
    },
  },
};
