import { describe, expect, it } from 'vitest';
import { inEnglish } from '../learning/testing/spoken.ts';
import { readSheet } from './testing/readSheet.ts';

// Sheets in the manner of what drawing programs, shops and teachers hand out; what each line is, is common practice.
describe('whole sheets', () => {
  it('with a title, a running number, footprints, parts not fitted and notes', () => {
    const { lines, problems, headingLine, mapping } = readSheet(`Blinky Board v2,,,,
Parts list,,,,
,,,,
Item,Ref Des,Qty,Value,Footprint,DNP,Notes
1,"R1,2,5",3,4k7,R_Axial_DIN0207_L6.3mm_D2.5mm_P10.16mm_Horizontal,,pull ups
2,C1,1,100nF,C_Disc_D5.0mm_W2.5mm_P5.00mm,,
3,C2,1,100uF/16V,CP_Radial_D6.3mm_P2.50mm,,smoothing
4,D1,1,1N4007,D_DO-41_SOD81_P10.16mm_Horizontal,,
5,Q1,1,BC547,TO-92_Inline,,
6,U1,1,NE555P,DIP-8_W7.62mm,,
7,J1,1,Conn_01x06,PinHeader_1x06_P2.54mm_Vertical,,
8,R9,1,10k,R_0805_2012Metric,DNP,
9,R8,1,10k,R_0805_2012Metric,,
10,D2,1,LED,LED_D5.0mm,,red one
`);
    expect(headingLine).toBe(4);
    expect(Object.values(mapping)).not.toContain(0);
    expect(lines).toEqual([
      'R1 R2 R5 | resistor-axial | 4.7 kΩ',
      'C1 | capacitor-ceramic | 100 nF',
      'C2 | capacitor-electrolytic | 100 µF',
      'D1 | diode-axial | 1N4007',
      'Q1 | transistor-to92 | BC547',
      'U1 | ic-dip | NE555P',
      'J1 | pin-header',
      'R8 | resistor-chip | 10 kΩ',
      'D2 | led-5mm | red',
    ]);
    expect(problems.map(({ message }) => inEnglish(message))).toEqual([
      'R9: marked as not fitted, so left out.',
    ]);
  });

  it('in German, with a socket that shares its chip’s place', () => {
    const { lines, problems } = readSheet(`Stückliste;;
Pos;Menge;Bezeichnung;Bauteil;Bemerkung
1;2 St.;Widerstand 10 kΩ 1%;R1 bis R2;
2;1 Stück;Elko 470µF 25V;C1;stehend
3;3 Stück;Transistor BC 337;T1-T3;
4;1;IC-Fassung 16-polig;(IC1);
5;1;CD4026;IC1;
6;1;Siebensegmentanzeige gemeinsame Kathode;DIS1;
7;1;Taster 6x6x7;S1;
8;4;Abstandsbolzen M3x10;;
9;1;Spannungsregler 7805;IC2;
`);
    expect(lines).toEqual([
      'R1 R2 | resistor-axial | 10 kΩ',
      'C1 | capacitor-electrolytic | 470 µF',
      'T1 T2 T3 | transistor-to92 | BC337',
      'IC1 | socket-dip',
      'IC1 | ic-dip | CD4026',
      'DIS1 | display-digit | value?',
      'S1 | push-button',
      '4 x | stand-off',
      'IC2 | regulator-to220 | 7805',
    ]);
    expect(problems.map(({ severity }) => severity)).toEqual(['warning']);
  });

  it('in French', () => {
    expect(
      readSheet(`Quantité,Repère,Désignation,Valeur
2 ea,R1 à R2,résistance,2k2
1,C1,condensateur chimique,220µF 25V
1,C2,condensateur céramique,104
1,D1,diode électroluminescente rouge 5mm,
1,Q1,transistor,2N3906
x2,S1 S2,bouton poussoir,
1,BT1,pile CR2032,
1,U1,circuit intégré,LM358N
1,RV1,potentiomètre ajustable,47k
`).lines,
    ).toEqual([
      'R1 R2 | resistor-axial | 2.2 kΩ',
      'C1 | capacitor-electrolytic | 220 µF',
      'C2 | capacitor-ceramic | 100 nF',
      'D1 | led-5mm | red',
      'Q1 | transistor-to92 | 2N3906',
      'S1 S2 | push-button',
      'BT1 | coin-cell | CR2032',
      'U1 | ic-dip | LM358N',
      'RV1 | trimmer | 47 kΩ',
    ]);
  });

  it('in Spanish', () => {
    expect(
      readSheet(`Cant,Referencia,Componente,Valor
2,"R1 a R2",resistencia,1k5
1,C1,condensador electrolítico,47uF 50V
1,D1,diodo zener 5V1,
1,LED1,LED verde 5 mm,
1,IC1,circuito integrado,4093
1,MIC1,micrófono electret,
1,Q2,MOSFET IRF540N,
`).lines,
    ).toEqual([
      'R1 R2 | resistor-axial | 1.5 kΩ',
      'C1 | capacitor-electrolytic | 47 µF',
      'D1 | zener-axial | 5V1',
      'LED1 | led-5mm | green',
      'IC1 | ic-dip | 4093',
      'MIC1 | microphone',
      'Q2 | mosfet-to220 | IRF540N',
    ]);
  });

  it('without any headings, and what no kit can hold is refused', () => {
    const { lines, problems, headingLine } = readSheet(`R1\t1\t10k\t0.25W
R2\t1\t4R7\t1W
C2\t1\t.047\tfilm
Y1\t1\t16.000\tcrystal
L1\t1\t471\tinductor
L2\t1\t100 H\tinductor
Y2\t1\t11 Hz\tcrystal
`);
    expect(headingLine).toBe(0);
    expect(lines).toEqual([
      'R1 | resistor-axial | 10 kΩ',
      'R2 | resistor-axial | 4.7 Ω',
      'C2 | capacitor-film | 47 nF',
      'Y1 | crystal | 16 MHz',
      'L1 | inductor-axial | 470 µH',
    ]);
    expect(problems.map(({ line, message }) => [line, inEnglish(message).slice(0, 16)])).toEqual([
      [6, '“100 H” cannot b'],
      [7, '“11 Hz” cannot b'],
    ]);
  });

  it('whose headings a person has pointed out', () => {
    const text = 'Kit of the club\nx,y,z\nRef,Part,Qty\nR1,resistor 1k,1\n';
    expect(readSheet(text).lines).toEqual(['R1 | resistor-axial | 1 kΩ']);
    expect(readSheet(text, 3).lines).toEqual(['R1 | resistor-axial | 1 kΩ']);
  });
});
