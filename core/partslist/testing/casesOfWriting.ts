import { type Case, c } from './case.ts';

/** How lines are written rather than what they name; common practice. */
export const casesOfWriting: Readonly<Record<string, readonly Case[]>> = {
  // The print of the flat body beside the number of the standing one.
  'in another body than its number': [
    c('1N4007 M7', 'D4', 'diode-axial', '1N4007', { doubts: ['package'] }),
    c('SS8550 Y2', 'Q40', 'transistor-to92', 'SS8550', { doubts: ['package'] }),
    c('SS34', 'D3', 'diode-chip', 'SS34', { doubts: ['package'] }),
    c('SS34 SMA', 'D3', 'diode-chip', 'SS34'),
    c('SS54', 'D4', 'diode-chip', 'SS54', { doubts: ['package'] }),
  ],
  // A clip is no battery, whatever it clips onto.
  'what cells go into': [
    c('Batterieclip 9V-Block', 'BT1', 'battery-clip'),
    c('Batterijhouder 3x AA', 'BAT1', 'battery-holder', '', { body: '3 x AA' }),
    c('Battery holder 2xAA', 'B1', 'battery-holder', '', { body: '2 x AA' }),
    c('9-V-Clip', 'BT1', 'battery-clip'),
    c('AA cell 1.5 V', 'B1', 'round-cell', 'AA'),
  ],
  // Of one at the mains X2 is the class (IEC 60384-14); behind a value it says how many there are.
  'X2 and x2': [
    c('100nF X2', 'C1', 'capacitor-film', '100 nF'),
    c('0.1uF 275VAC X2', 'C1', 'capacitor-film', '100 nF', { volt: 275 }),
    c('100nF MKP X2 275V~', 'C1', 'capacitor-film', '100 nF', { volt: 275 }),
    c('470uF x2', 'C1', 'capacitor-electrolytic', '470 µF'),
  ],
  'plurals in other languages': [
    c('Widerstände 10 kΩ', 'R1', 'resistor-axial', '10 kΩ'),
    c('résistances 4k7', 'R1', 'resistor-axial', '4.7 kΩ'),
    c('condensadores cerámicos 22pF', 'C1', 'capacitor-ceramic', '22 pF'),
    c('pulsadores', 'S1', 'push-button'),
    c('separadores de nylon M3x10', 'H1', 'stand-off-nylon'),
    c('Elkos 100µF 16V', 'C1', 'capacitor-electrolytic', '100 µF', { volt: 16 }),
    c('Schraubklemmen 2-polig', 'K1', 'terminal-block', '', { pins: 2 }),
    // “turns” are no “turn” of a trimmer: a coil of air is none that is drawn here.
    c('coil 4.5 turns', 'L1', 'inductor-axial', '', { doubts: ['family'] }),
  ],
  'a resistor’s place and its film, without its name': [
    c('Metallfilm 100k 1%', 'R1', 'resistor-axial', '100 kΩ'),
    c('carbon film 10R', 'R2', 'resistor-axial', '10 Ω'),
    c('couche carbone 1,5 kΩ', 'R3', 'resistor-axial', '1.5 kΩ'),
    c('Fixed resistor 270 Ω', 'R4', 'resistor-axial', '270 Ω'),
    c('quarkish 10k', 'R5', 'resistor-axial', '10 kΩ', { doubts: ['family'] }),
  ],
  'the value of another part in the same line': [
    c('LED green 3mm, 1k', 'LED1', 'led-3mm', 'green', { doubts: ['family'] }),
    c('LED 3 mm blau, RV = 2k2', 'LED1', 'led-3mm', 'blue', { doubts: ['family'] }),
  ],
  // Whatever is left in letters that no word here is written in may make another part of it.
  'what is left of another script': [
    c('保险丝座 5*20', 'F1', 'fuse-holder'),
    c('DC插座 5.5*2.1', 'DC1', 'jack'),
    c('保险丝 1A', 'F1', 'fuse', '1A'),
    c('保险丝帽', 'F1', 'fuse', '', { doubts: ['family'] }),
    c('резистор 10k', 'R1', 'resistor-axial', '10 kΩ', { doubts: ['family'] }),
  ],
  'the print behind the value': [c('47nF (473) ceramic', 'C1', 'capacitor-ceramic', '47 nF')],
  'a shop’s positions': [
    c('CONN IC DIP SOCKET 28POS TIN', 'XU1', 'socket-dip', '', { pins: 28 }),
    c('Conn header 40POS 2.54mm', 'J1', 'pin-header', '', { pins: 40 }),
    c('IC-voet 18 pens', 'IC1', 'socket-dip', '', { pins: 18 }),
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
  // IEC 60062, in the order in which they are read out.
  'bands and nothing else': [
    c('brown black orange gold', 'R1', 'resistor-axial', '10 kΩ'),
    c('resistencia rojo rojo marrón dorado', 'R5', 'resistor-axial', '220 Ω'),
    c('Widerstand gelb-violett-schwarz-braun-braun', 'R6', 'resistor-axial', '4.7 kΩ'),
    c('Widerstand br-sw-rt-go', 'R7', 'resistor-axial', '1 kΩ'),
    // From the other end only.
    c('gold red red red resistor', 'R8', 'resistor-axial', '2.2 kΩ', { doubts: ['value'] }),
  ],
  'bands that say another value': [
    c('resistor 1k brown black red gold', 'R2', 'resistor-axial', '1 kΩ'),
    c('resistor 1k brown black orange gold', 'R3', 'resistor-axial', '1 kΩ', { doubts: ['value'] }),
  ],
  'tapers on both sides': [
    c('B1KC potentiometer', 'VR2', 'potentiometer', '1 kΩ'),
    c('pot W20K', 'VR3', 'potentiometer', '20 kΩ'),
    c('pot A100K 16mm', 'VR4', 'potentiometer', '100 kΩ'),
  ],
  'plugs and boards with any number of pins': [
    c('3.5mm stereo jack', 'J1', 'jack', '', { doubts: ['pins'] }),
    c('USB-Buchse Typ B', 'K1', 'jack', '', { doubts: ['pins'] }),
    c('DC jack 2.1mm centre negative', 'J2', 'jack'),
    c('module ESP-12F', 'U2', 'module', '', { doubts: ['pins'] }),
    c('Stiftleiste', 'J5', 'pin-header', '', { doubts: ['pins'] }),
  ],
  // The number of a slide switch begins as that of a diode does.
  'numbers that begin like another': [
    c('SS12D00', 'S1', 'switch-slide'),
    c('slide switch SS12D00G4', 'S2', 'switch-slide'),
  ],
  // Footprints of assembly houses.
  'a size that touches its letter': [
    c('4.7k R0603', 'R1', 'resistor-chip', '4.7 kΩ', { body: '0603' }),
    c('0R R0805', 'R2', 'resistor-chip', '0 Ω', { body: '0805' }),
    c('100nF C0603', 'C3', 'capacitor-chip', '100 nF', { body: '0603' }),
    c('LED-Green LED0805', 'D1', 'led-chip', 'green', { body: '0805' }),
  ],
  // The chip, and not its socket.
  'what comes with its socket': [
    c('ATmega8A-PU with 28 pin narrow socket', 'IC1', 'ic-dip', 'ATmega8A-PU'),
  ],
  'one of two, or another build of it': [
    c('CR2032 + holder', '', 'coin-holder', '', { doubts: ['family'] }),
    c('CR2032 holder', 'BT1', 'coin-holder'),
    c('push button 12mm round', 'S1', 'push-button', '', { doubts: ['family'] }),
    c('push button 6x6x5', 'S2', 'push-button'),
  ],
  'megohms with a taper': [c('1MA pot', 'RV1', 'potentiometer', '1 MΩ')],
  // What comes with a part names another one: the part stands before it.
  'with something else': [
    c('LM317T with heatsink and mica kit', 'IC1', 'regulator-to220', 'LM317T', {
      doubts: ['family'],
    }),
    c('Fuse 1A T 5x20 with PCB clips', 'F1', 'fuse', '1A', { doubts: ['family'] }),
    c('Fuse 500 mA slow 5x20', 'F2', 'fuse', '500 mA'),
    c('tact switch with LED', 'S3', 'push-button', '', { doubts: ['family'] }),
  ],
  'a number of pins in front of P': [
    c('network resistor 10K 9P', 'RN1', 'resistor-network', '10 kΩ', { pins: 9 }),
    c('IC socket 20P', 'XU1', 'socket-dip', '', { pins: 20 }),
    c('Base 16 pines', 'U1', 'socket-dip', '', { pins: 16 }),
    c('IC socket', 'XU2', 'socket-dip', '', { doubts: ['pins'] }),
    c('capacitor ceramic 22P', 'C1', 'capacitor-ceramic', '22 pF'),
  ],
  'volts behind a stroke': [
    c('Elko 470u/25', 'C4', 'capacitor-electrolytic', '470 µF', { volt: 25 }),
    c('ceramic 104/50', 'C5', 'capacitor-ceramic', '100 nF', { volt: 50 }),
  ],
  'watts before the value': [c('cement resistor 5W0R22J', 'R3', 'resistor-axial', '0.22 Ω')],
  'colours as suppliers shorten them': [
    c('LED YEL 3MM DIFFUSED', 'D13', 'led-3mm', 'yellow'),
    c('LED GRN 5MM', 'D19', 'led-5mm', 'green'),
    c('LED WHT 5MM CLEAR', 'D20', 'led-5mm', 'white'),
  ],
  'sockets that nobody counts': [
    c('Jack', 'J1', 'jack', '', { doubts: ['pins'] }),
    c('DC005 5.5x2.1', 'J2', 'jack', ''),
    c('DC jack 2.1mm', 'J3', 'jack', ''),
  ],
  // Names of footprints by IPC-7351, from memory of it.
  'footprints by the standard': [
    c('Resistor 10K RESC1608X50N', 'R1', 'resistor-chip', '10 kΩ', { body: '0603' }),
    c('Capacitor 0.1uF CAPC2012X90N', 'C1', 'capacitor-chip', '100 nF', { body: '0805' }),
    c('LED red LEDC1608X80N', 'D1', 'led-chip', 'red', { body: '0603' }),
    c('Tantalum 10uF/10V CAPMP3216X180N', 'C3', 'capacitor-tantalum-chip', '10 µF', { volt: 10 }),
    c('Crystal 12MHz HC49SMD', 'Y1', 'crystal', '12 MHz', { doubts: ['package'] }),
  ],
  'turns where a value is expected': [
    c('coil 5 windingen 1mm draad op 8mm boor', 'L1', 'coil-air', '', { doubts: ['family'] }),
  ],
  'sensors in a row of pins': [
    c('Sensor DHT22 SIP-4', 'S1', 'module', '', { pins: 4, doubts: ['family'] }),
    c('10k SIP-9', 'RN1', 'resistor-network', '10 kΩ', { pins: 9 }),
  ],
  'bodies that are drawn for no such part': [
    c('crystal 16MHz 3225', 'Y1', 'crystal', '16 MHz', { doubts: ['package'] }),
    c('fuse holder (inline)', 'F1', 'fuse-holder', '', { doubts: ['family'] }),
  ],
  'beads of ferrite': [
    c('600R@100MHz 0603', 'FB1', 'inductor-chip', '', { body: '0603', doubts: ['value'] }),
    c('Ferrite bead', 'FB2', 'inductor-axial', '', { doubts: ['family'] }),
  ],
  'lights by their long French name': [
    c('Diodes électroluminescentes rouge 3 mm', 'D1', 'led-3mm', 'red'),
  ],
  // Multilayer ones with wires begin where discs end (common practice).
  'ceramic, too large for a disc': [
    c('1uF 50V ceramic radial', 'C1', 'capacitor-ceramic', '1 µF', {
      volt: 50,
      doubts: ['family'],
    }),
    c('ceramic 470nF', 'C2', 'capacitor-ceramic', '470 nF', { doubts: ['family'] }),
    c('ceramic 100nF', 'C3', 'capacitor-ceramic', '100 nF'),
    c('ceramic multilayer 1uF', 'C4', 'capacitor-multilayer', '1 µF'),
  ],
  'volts behind a cross': [
    c('Capacitor electrolítico 1000uF x 16V', 'C2', 'capacitor-electrolytic', '1000 µF', {
      volt: 16,
    }),
  ],
  'sockets that are for chips': [
    c('Base para CI 40 pines', 'IC1', 'socket-dip', '', { pins: 40 }),
    c('Zócalo para CI 8 pines', 'IC2', 'socket-dip', '', { pins: 8 }),
    c('Socket for IC 14 pin', 'IC3', 'socket-dip', '', { pins: 14 }),
    c('Sockel für IC 16-polig', 'IC4', 'socket-dip', '', { pins: 16 }),
  ],
  'rows and columns of pins': [
    c('Header 5X2', 'JP1', 'pin-header', '', { pins: 10 }),
    c('Header 5X2 Header, 5-Pin, Dual row', 'JP1', 'pin-header', '', { pins: 10 }),
    c('pin header 10 pin dual row', 'JP2', 'pin-header', '', { pins: 10 }),
    c('pin header 1x06', 'JP3', 'pin-header', '', { pins: 6 }),
  ],
  // Numbers that come in cans come in plastic as well.
  'metal, of a number that comes in plastic': [
    c('2N2222A metálico', 'Q1', 'transistor-to92', '2N2222A', {
      doubts: ['family', 'package', 'pins'],
    }),
  ],
  // Codes of tantalum cases in hundredths of an inch (EIA 535; from memory).
  'moulded tantalums by their code in inches': [
    c('CAP TANT 10UF 16V 10% 1411', 'C3', 'capacitor-tantalum-chip', '10 µF', {
      body: 'tantalum case B',
      volt: 16,
    }),
    c('CAP TANT 47UF 10V 2312', 'C4', 'capacitor-tantalum-chip', '47 µF', {
      body: 'tantalum case C',
      volt: 10,
    }),
  ],
  'two numbers that are no rows of pins': [
    c('Transformateur 2x12 V 5 VA', 'TR1', 'transformer', '', { doubts: ['pins'] }),
    c('0R22 5W Keramik', 'R4', 'resistor-axial', '0.22 Ω', {
      body: '5 W cement',
      doubts: ['family'],
    }),
  ],
  'buttons by their height': [
    c('Printtaster 6x6 h=9.5mm', 'S1', 'push-button', '', { body: '6 x 6 x 9.5 mm' }),
    c('push button 6x6 mm, height 7', 'S2', 'push-button', '', {
      body: '6 x 6 x 7 mm',
      doubts: ['family'],
    }),
    c('push to on switch 4 pin', 'S3', 'push-button'),
  ],
  'units of another script': [
    c('Resistor 10 кОм', 'R1', 'resistor-axial', '', { doubts: ['family', 'value'] }),
  ],
  'what parts a value from what follows it': [
    c('100u 6V3 Elko', 'C11', 'capacitor-electrolytic', '100 µF', { volt: 6.3 }),
    c('resistor 10K ohm, 1/4W, +/-5%', 'R1', 'resistor-axial', '10 kΩ'),
    c('色环电感 100uH', 'L1', 'inductor-axial', '100 µH'),
    c('capacitor 4.7 nano', 'C1', 'capacitor-ceramic', '4.7 nF', { doubts: ['family'] }),
    c('28 pin base', 'IC1', 'socket-dip', '', { pins: 28 }),
    c('Condensateur plastique 0,22µF', 'C2', 'capacitor-film', '220 nF'),
  ],
  'electrolytics that lie': [
    c('Elco 1000uF 16V liggend', 'C2', 'capacitor-electrolytic', '1000 µF', {
      doubts: ['package'],
    }),
    c('Elektrolytkondensator 100uF liegend', 'C3', 'capacitor-electrolytic', '100 µF', {
      doubts: ['package'],
    }),
  ],
  'a size behind a socket': [
    c('Mono jack socket 3.5mm', 'J1', 'jack', '', { doubts: ['pins'] }),
    c('IC socket 14', 'IC1', 'socket-dip', '', { pins: 14 }),
  ],
  'a number and the name of its symbol': [
    c('LM7809_TO220', 'U2', 'regulator-to220', 'LM7809', { body: 'TO-220' }),
  ],
};
