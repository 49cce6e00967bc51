import { type Case, c } from './case.ts';

/** How lines are written rather than what they name; common practice. */
export const casesOfWriting: Readonly<Record<string, readonly Case[]>> = {
  // The print of the flat body beside the number of the standing one.
  'in another body than its number': [
    c('1N4007 M7', 'D4', 'diode-axial', '1N4007', { doubts: ['package'] }),
    c('SS8550 Y2', 'Q40', 'transistor-to92', 'SS8550', { doubts: ['package'] }),
    c('SS34', 'D3', 'diode-chip', 'SS34', { doubts: ['package'] }),
    c('SS34 SMA', 'D3', 'diode-chip', 'SS34'),
  ],
  'units written out': [
    c('carbon film resistor 10 kilohm', 'R1', 'resistor-axial', '10 kΩ'),
    c('resistencia 330 ohmios 1/4 W', 'R2', 'resistor-axial', '330 Ω'),
    c('resistencia 4,7 kiloohmios', 'R3', 'resistor-axial', '4.7 kΩ'),
    c('Widerstand 1 Megaohm', 'R4', 'resistor-axial', '1 MΩ'),
    c('Elko 10 Mikrofarad 16 V', 'C1', 'capacitor-electrolytic', '10 µF', { volt: 16 }),
    c('condensador cerámico 22 picofaradios', 'C2', 'capacitor-ceramic', '22 pF'),
    c('Drossel 100 Mikrohenry', 'L1', 'inductor-axial', '100 µH'),
    c('cristal 16 megahercios', 'X1', 'crystal', '16 MHz'),
    c('500KB', 'RV2', 'potentiometer', '500 kΩ'),
    c('10kA log pot', 'RV3', 'potentiometer', '10 kΩ'),
  ],
  'as people of other countries write': [
    c('LED weiß 5mm superhell', 'D14', 'led-5mm', 'white'),
    c('LED warmweiß 5mm', 'D15', 'led-5mm', 'white'),
    c('Gehäusefuß', 'H3', 'rubber-foot', ''),
    c('Resistencia 1 kΩ (marrón, negro, rojo)', 'R1', 'resistor-axial', '1 kΩ'),
    c('10k (brown black orange)', 'R5', 'resistor-axial', '10 kΩ'),
    c('4k7 gelb-violett-rot', 'R6', 'resistor-axial', '4.7 kΩ'),
    c('Cristal 8 MHz', 'X1', 'crystal', '8 MHz'),
    c('1 N 4001', 'D7', 'diode-axial', '1N4001'),
    c('BC549C TO92', 'V1', 'transistor-to92', 'BC549C'),
    c('5mm red diffused', 'LED1', 'led-5mm', 'red'),
  ],
};
