import { type Case, c } from './case.ts';

/** What tunes a radio, as the sheets of such kits call it; common practice. */
export const casesOfRadios: Readonly<Record<string, readonly Case[]>> = {
  'coils without a core': [
    c('4 turns 0.8mm enamelled wire on 5mm drill', 'L1', 'coil-air'),
    c('Luftspule 5 Wdg. 1mm CuL', 'L2', 'coil-air'),
    c('air core coil 100nH', 'L3', 'coil-air', '100 nH'),
    c('hollow coil 6T 3.5mm', 'L4', 'coil-air'),
    c('5 Windungen Kupferlackdraht', 'L5', 'coil-air'),
    // Turns alone are those of a screw as well.
    c('trimmer 25 turns 10k', 'VR1', 'trimmer', '10 kΩ'),
  ],
  'aerials of ferrite': [
    c('Ferrite rod with coil', 'L1', 'antenna-rod', '', { doubts: ['pins'] }),
    c('Ferritantenne 10x60 mm', 'L2', 'antenna-rod', '', { doubts: ['pins'] }),
    c('antenna coil', 'L3', 'antenna-rod', '', { doubts: ['pins'] }),
  ],
  'capacitors that are turned': [
    c('variable capacitor 223P', 'VC1', 'capacitor-tuning', '223P', { doubts: ['pins'] }),
    c('Drehko 2x265 pF', 'C2', 'capacitor-tuning', '', { doubts: ['pins'] }),
    c('tuning capacitor 365pF', 'VC3', 'capacitor-tuning', '', { doubts: ['pins'] }),
    c('trimmer capacitor 30pF', 'VC4', 'capacitor-trimmer', '30 pF'),
  ],
};
