/** The German catalogue: what a learner’s seat says about steps, parts and mistakes. What is not here stays English. */
import { merged } from './merged.ts';
import { moreFamiliesGerman } from './moreFamilies.de.ts';
import { practiceGerman } from './practice.de.ts';
import type { Words } from './words.ts';

const bothWays = 'Beide Richtungen sind richtig.';
const trimTwo = 'Beide Drähte löten, abschneiden.';
const hotMetal =
  'Beide Enden löten. Das Metall ist dick: eine Sekunde länger heizen, aber den Kolben vom Kunststoff fernhalten.';
const reversedBoard =
  'Die ganze Platine bekommt ihre Spannung verkehrt herum; nur eine Schutzdiode kann sie retten.';
const chipSteps =
  'Ein Pad verzinnen, das Teil mit der Pinzette halten und anschmelzen, das andere Ende löten, dann das erste nachlöten.';
const liesFlat = 'Von der Seite schauen: beide Enden liegen flach auf.';
const touchMetal =
  'Zuerst blankes Metall berühren, damit keine statische Ladung durch das Teil geht.';
const onLine = 'Der Ring liegt auf dem Strich der Platine.';
const blocks = 'Sie sperrt oder schließt die Versorgung kurz, je nach Aufgabe.';
const dark =
  'Sie leuchtet nicht. Unter 5 V überlebt sie: herausnehmen und umdrehen. Darüber kann sie Schaden nehmen.';
const toPlus =
  'Langer Draht in das Loch mit dem +. Die flache Stelle am Rand liegt auf der flachen Stelle des Rings.';
const flatToD = 'Die flache Seite zeigt zur geraden Seite des aufgedruckten D.';
const noGain =
  'Nichts wird verstärkt, und das Teil kann zerstört werden. Später sieht man es schlecht, also jetzt schauen.';
const noSwitch =
  'Er schaltet nicht oder ist immer an, weil die Diode in ihm den Strom rückwärts durchlässt. Jetzt schauen.';
const regulatorGone =
  'Der Regler und alles, was er versorgt, kann zerstört werden, sobald die Platine Strom bekommt.';
const readFlat = 'Die Bezeichnung auf der flachen Seite lesen: andere Teile sehen genauso aus.';
const readType = 'Die Bezeichnung lesen: andere Teile sehen genauso aus.';
const spreadThree =
  'Die drei Drähte etwas spreizen und einstecken, bis das Teil etwa 3 mm über der Platine steht.';
const middleThenOuter =
  'Den mittleren Draht löten, schauen, dann die äußeren beiden, mit einer Pause dazwischen. Abschneiden.';
const toWidePart = 'Einstecken, bis der breite Teil der Anschlüsse aufsitzt.';
const middleStraight =
  'Den mittleren Anschluss löten, schauen, ob es gerade steht, dann die anderen. Abschneiden.';
const hotLater =
  'Nach dem Löten ist es heiß, im Betrieb vielleicht auch: den Kühlkörper anschrauben, falls es einen gibt.';
const tabAtLine = 'Die Metallfahne liegt an der Doppellinie des Umrisses.';
const sotPads =
  'Ein Bein auf der einen Seite, zwei auf der anderen: es passt nur so auf seine drei Pads.';
const sotSteps =
  'Ein Pad verzinnen, das Teil mit der Pinzette anschmelzen, schauen, die anderen Beine löten, das erste nachlöten.';
const readCode = 'Den Code mit der Lupe lesen: die Typen sehen gleich aus.';
const handTight = 'Nur handfest: Kunststoff und Platine reißen leicht.';

const seat: Words = {
  family: {
    ...moreFamiliesGerman,
    'resistor-axial': {
      one: 'Widerstand',
      many: 'Widerstände',
      fit: [
        'Die Ringe lesen oder messen und mit dem Bild vergleichen.',
        'Beide Drähte auf den Abstand der Löcher biegen und den Widerstand flach auf die Platine drücken.',
        'Die Platine umdrehen, die Drähte etwas spreizen, damit er hält, beide löten, dann abschneiden.',
      ],
      wayRound: bothWays,
    },
    'resistor-chip': {
      one: 'Chip-Widerstand',
      many: 'Chip-Widerstände',
      fit: ['Den Aufdruck mit der Lupe lesen: er nennt Ohm.', chipSteps, liesFlat],
      wayRound: bothWays,
    },
    'resistor-network': {
      one: 'Widerstandsnetzwerk',
      many: 'Widerstandsnetzwerke',
      fit: [
        'Den Punkt suchen: er zeigt Pin 1.',
        'Pin 1 in das eckige Loch, die Reihe ganz eindrücken.',
        'Einen äußeren Pin löten, ausrichten, den anderen äußeren löten, dann die übrigen.',
      ],
      wayRound: 'Der Punkt zeigt Pin 1: er gehört an das eckige Loch.',
      backwards: 'Alle Werte sind falsch, weil der gemeinsame Pin am falschen Ende liegt.',
    },
    trimmer: {
      one: 'Trimmer',
      many: 'Trimmer',
      fit: [
        'Die drei Pins in das Dreieck der Löcher drücken, bis er gerade sitzt.',
        'Einen Pin löten, schauen, ob er gerade steht, dann die anderen beiden löten.',
        'Die Schraube in die Mitte stellen.',
      ],
      wayRound: 'Die drei Pins stehen im Dreieck: er passt nur in einer Richtung.',
      backwards: 'Mit Gewalt verkehrt herum verbiegen sich die Pins, und er sitzt nicht auf.',
    },
    potentiometer: {
      one: 'Potentiometer',
      many: 'Potentiometer',
      fit: [
        'Die kleine Nase abbrechen, wenn die Platine kein Loch für sie hat.',
        'Die Anschlüsse einstecken, die Achse über den Rand der Platine.',
        'Den mittleren Anschluss löten, schauen, ob es gerade sitzt, dann die anderen.',
      ],
      wayRound: 'Die Achse zeigt über den Rand der Platine.',
      backwards: 'Man kommt nicht heran, oder es dreht falsch herum.',
    },
    'light-resistor': {
      one: 'Fotowiderstand',
      many: 'Fotowiderstände',
      fit: [
        'Etwa 5 mm Draht stehen lassen, damit seine Fläche aus dem Gehäuse schauen kann.',
        'Schnell löten: seine Fläche verträgt keine Hitze. Abschneiden.',
      ],
      wayRound: bothWays,
    },
    thermistor: {
      one: 'Heißleiter',
      many: 'Heißleiter',
      fit: [
        'Der Aufdruck gilt bei 25 °C: vor dem Messen abkühlen lassen.',
        '5 mm Draht stehen lassen, damit er die Luft fühlt und nicht die Platine.',
        trimTwo,
      ],
      wayRound: bothWays,
    },
    'capacitor-ceramic': {
      one: 'Keramikkondensator',
      many: 'Keramikkondensatoren',
      fit: [
        'Die drei Ziffern mit der Lupe lesen und mit dem Bild vergleichen.',
        'Einstecken, bis er knapp über der Platine steht; den Überzug nicht in die Löcher zwängen.',
        trimTwo,
      ],
      wayRound: bothWays,
    },
    'capacitor-multilayer': {
      one: 'Vielschichtkondensator',
      many: 'Vielschichtkondensatoren',
      fit: [
        'Die Ziffern mit der Lupe lesen und mit dem Bild vergleichen.',
        'Einstecken, bis er knapp über der Platine steht.',
        trimTwo,
      ],
      wayRound: bothWays,
    },
    'capacitor-film': {
      one: 'Folienkondensator',
      many: 'Folienkondensatoren',
      fit: ['Einstecken, bis der Becher auf der Platine sitzt.', trimTwo],
      wayRound: bothWays,
    },
    'capacitor-electrolytic': {
      one: 'Elektrolytkondensator',
      many: 'Elektrolytkondensatoren',
      fit: [
        'Den Streifen mit den Minuszeichen suchen: der Draht daneben, der kurze, ist Minus.',
        'Eindrücken, bis der Becher auf der Platine steht.',
        'Einen Draht löten, von der Seite schauen, ob er gerade steht, den anderen löten, abschneiden.',
      ],
      wayRound:
        'Langer Draht in das Loch mit dem +. Der Streifen liegt auf der gefüllten Hälfte des Rings.',
      backwards: 'Er läuft aus, wird heiß und kann platzen. Nie zum Probieren Strom geben.',
    },
    'capacitor-tantalum': {
      one: 'Tantalkondensator',
      many: 'Tantalkondensatoren',
      fit: [
        'Das aufgedruckte Plus suchen: der Draht darunter, der längere, ist Plus.',
        'Einstecken, bis er knapp über der Platine steht.',
        trimTwo,
      ],
      wayRound: 'Pluszeichen und langer Draht gehören an das Loch mit dem +.',
      backwards: 'Er brennt oder platzt, oft mit einer Flamme. Nie zum Probieren Strom geben.',
    },
    'capacitor-chip': {
      one: 'Chip-Kondensator',
      many: 'Chip-Kondensatoren',
      fit: [
        'Er trägt keinen Aufdruck: erst aus dem Streifen nehmen, wenn er eingebaut wird.',
        chipSteps,
        liesFlat,
      ],
      wayRound: bothWays,
    },
    'inductor-axial': {
      one: 'Spule',
      many: 'Spulen',
      fit: [
        'Die Ringe lesen: sie nennen Mikrohenry. Sie sieht wie ein dicker Widerstand aus, also messen: eine Spule hat höchstens ein paar Ohm.',
        'Beide Drähte auf den Abstand der Löcher biegen und flach eindrücken.',
        trimTwo,
      ],
      wayRound: bothWays,
    },
    'inductor-chip': {
      one: 'Chip-Spule',
      many: 'Chip-Spulen',
      fit: [chipSteps, liesFlat],
      wayRound: bothWays,
    },
    crystal: {
      one: 'Quarz',
      many: 'Quarze',
      fit: [
        'Eine Haaresbreite zwischen Metallgehäuse und Platine lassen.',
        'Beide Drähte schnell löten, abschneiden.',
      ],
      wayRound: bothWays,
    },
    resonator: {
      one: 'Keramikresonator',
      many: 'Keramikresonatoren',
      fit: ['Einstecken, bis er knapp über der Platine steht.', 'Die Beine löten, abschneiden.'],
      wayRound: bothWays,
    },
    'diode-axial': {
      one: 'Diode',
      many: 'Dioden',
      fit: [
        'Den Ring an einem Ende suchen.',
        'Beide Drähte biegen, nicht näher als 2 mm am Körper, und flach auf die Platine drücken.',
        'Den Ring noch einmal mit dem Strich vergleichen, dann beide Drähte löten und abschneiden.',
      ],
      wayRound: onLine,
      backwards: blocks,
    },
    'zener-axial': {
      one: 'Z-Diode',
      many: 'Z-Dioden',
      fit: [
        'Die Bezeichnung mit der Lupe lesen: sie sieht wie eine gewöhnliche Diode aus.',
        'Den Ring suchen, beide Drähte biegen, nicht näher als 2 mm am Körper.',
        'Den Ring noch einmal mit dem Strich vergleichen, dann beide Drähte löten und abschneiden.',
      ],
      wayRound: onLine,
      backwards:
        'An ihr fallen 0,7 V ab statt ihrer eigenen Spannung: was sie schützt, bekommt die falsche Versorgung.',
    },
    'diode-melf': {
      one: 'MELF-Diode',
      many: 'MELF-Dioden',
      fit: [
        'Sie rollt: mit der Pinzette festhalten, bis das erste Ende gelötet ist.',
        'Den Ring mit der Lupe suchen; er gehört an den Strich.',
        chipSteps,
      ],
      wayRound: onLine,
      backwards: blocks,
    },
    'diode-chip': {
      one: 'Chip-Diode',
      many: 'Chip-Dioden',
      fit: ['Den Ring mit der Lupe suchen; er gehört an den Strich.', chipSteps],
      wayRound: onLine,
      backwards: blocks,
    },
    'led-5mm': {
      one: 'LED',
      many: 'LEDs',
      fit: [
        'Den langen Draht suchen und die flache Stelle am Rand ertasten.',
        'Den langen Draht in das Loch mit dem + und die LED bis auf die Platine drücken.',
        'Einen Draht löten, schauen, ob sie gerade steht, den anderen schnell löten, abschneiden.',
      ],
      wayRound: toPlus,
      backwards: dark,
    },
    'led-3mm': {
      one: '3-mm-LED',
      many: '3-mm-LEDs',
      fit: [
        'Den langen Draht suchen und die flache Stelle am Rand ertasten; bei 3 mm übersieht man sie leicht.',
        'Den langen Draht in das Loch mit dem + und die LED bis auf die Platine drücken.',
        'Einen Draht löten, schauen, ob sie gerade steht, den anderen schnell löten, abschneiden.',
      ],
      wayRound: toPlus,
      backwards: dark,
    },
    'led-chip': {
      one: 'Chip-LED',
      many: 'Chip-LEDs',
      fit: [
        'Die grüne Marke suchen oder den Pfeil auf der Unterseite: er zeigt zu Minus.',
        chipSteps,
        'Nicht auf die Linse drücken.',
      ],
      wayRound:
        'Die grüne Marke liegt am Strich der Platine. Hat dieses Los eine andere Marke: fragen, oder mit der Diodenprüfung des Messgeräts nachsehen.',
      backwards: dark,
    },
    'led-bar': {
      one: 'LED-Faden',
      many: 'LED-Fäden',
      fit: [
        'Er ist aus Glas: die Drähte nicht nahe an den Enden biegen.',
        'Den langen Draht mit dem Blatt dieses Loses vergleichen, oder die Diodenprüfung des Messgeräts nehmen.',
        'Beide Enden löten, abschneiden.',
      ],
      wayRound:
        'Langer Draht in das Loch mit dem +, wenn das Blatt dieses Loses nichts anderes sagt.',
      backwards: dark,
    },
    'led-rgb': {
      one: 'Dreifarben-LED',
      many: 'Dreifarben-LEDs',
      fit: [
        'Der längste Draht gehört zu allen drei Farben; er ist der zweite neben der flachen Stelle.',
        'Die Drähte vor dem Einstecken spreizen: sie liegen sehr eng.',
        'Jeden zweiten Draht löten, Pause, dann die anderen; nach Brücken schauen.',
      ],
      wayRound:
        'Die flache Stelle am Rand liegt auf der flachen Stelle des Rings; der längste Draht gehört in das eckige Loch.',
      backwards: 'Die Farben sind vertauscht oder bleiben dunkel.',
    },
    'transistor-to92': {
      one: 'Transistor',
      many: 'Transistoren',
      fit: [readFlat, spreadThree, middleThenOuter],
      wayRound: flatToD,
      backwards: noGain,
    },
    'mosfet-to92': {
      one: 'Feldeffekttransistor',
      many: 'Feldeffekttransistoren',
      fit: [touchMetal, readFlat, spreadThree, middleThenOuter],
      wayRound: flatToD,
      backwards: noSwitch,
    },
    'transistor-to220': {
      one: 'Leistungstransistor',
      many: 'Leistungstransistoren',
      fit: [readType, toWidePart, middleStraight, hotLater],
      wayRound: tabAtLine,
      backwards: noGain,
    },
    'mosfet-to220': {
      one: 'Leistungs-Feldeffekttransistor',
      many: 'Leistungs-Feldeffekttransistoren',
      fit: [touchMetal, readType, toWidePart, middleStraight, hotLater],
      wayRound: tabAtLine,
      backwards: noSwitch,
    },
    'transistor-sot23': {
      one: 'Chip-Transistor',
      many: 'Chip-Transistoren',
      fit: [readCode, sotSteps],
      wayRound: sotPads,
      backwards: noGain,
    },
    'mosfet-sot23': {
      one: 'Chip-Feldeffekttransistor',
      many: 'Chip-Feldeffekttransistoren',
      fit: [touchMetal, readCode, sotSteps],
      wayRound: sotPads,
      backwards: noSwitch,
    },
    'regulator-to92': {
      one: 'kleiner Spannungsregler',
      many: 'kleine Spannungsregler',
      fit: [readFlat, spreadThree, middleThenOuter],
      wayRound: flatToD,
      backwards: regulatorGone,
    },
    'regulator-to220': {
      one: 'Spannungsregler',
      many: 'Spannungsregler',
      fit: [readType, toWidePart, middleStraight, hotLater],
      wayRound: tabAtLine,
      backwards: regulatorGone,
    },
    'ic-dip': {
      one: 'Chip',
      many: 'Chips',
      fit: [
        touchMetal,
        'Die Beine stehen zu weit auseinander: jede Reihe gegen den Tisch rollen, bis beide senkrecht stehen.',
        'Schauen, dass jedes Bein über seinem Loch steht, dann mit beiden Daumen gleichmäßig eindrücken.',
      ],
      wayRound:
        'Die Kerbe des Chips liegt über der Kerbe des Umrisses. Steht die Schrift richtig herum, ist Pin 1 unten links.',
      backwards: 'Er wird meist zerstört, sobald die Platine Strom bekommt.',
    },
    'ic-so': {
      one: 'SMD-Chip',
      many: 'SMD-Chips',
      fit: [
        touchMetal,
        'Den Punkt oder die abgeschrägte Seite suchen: dort ist Pin 1, unten links, wenn die Schrift richtig herum steht.',
        'Eine Ecke anheften, ausrichten, die Ecke gegenüber anheften, schauen, dann den Rest mit Flussmittel löten.',
        'Brücken mit sauberer Spitze oder Litze wegnehmen.',
      ],
      wayRound:
        'Der Punkt oder die abgeschrägte Seite ist bei Pin 1; steht die Schrift richtig herum, ist das unten links.',
      backwards: 'Er wird meist zerstört, sobald die Platine Strom bekommt.',
    },
    optocoupler: {
      one: 'Optokoppler',
      many: 'Optokoppler',
      fit: [
        'Den Punkt in einer Ecke suchen: er zeigt Pin 1.',
        'Die Beine am Tisch gerade richten, flach eindrücken.',
        'Zwei gegenüberliegende Ecken löten, schauen, dann die anderen Beine.',
      ],
      wayRound: 'Der Punkt liegt am eckigen Loch, neben der Kerbe des Umrisses.',
      backwards: 'Seine Lampe bleibt dunkel und nichts kommt hinüber; meist überlebt er.',
    },
    'display-digit': {
      one: 'Siebensegmentanzeige',
      many: 'Siebensegmentanzeigen',
      fit: [
        'Den Dezimalpunkt suchen: er ist am Fuß der Ziffer.',
        'Prüfen, dass alle Pins gerade sind, dann eindrücken, bis sie eben aufliegt.',
        'Zwei Pins in gegenüberliegenden Ecken löten, von der Seite prüfen, dann die übrigen.',
      ],
      wayRound: 'Der Dezimalpunkt liegt dort, wo die Platine ihren aufgedruckten Punkt hat.',
      backwards:
        'Falsche Segmente leuchten, oder keines. Zehn Pins auszulöten dauert lange, also jetzt prüfen.',
    },
    'socket-dip': {
      one: 'Chip-Fassung',
      many: 'Chip-Fassungen',
      fit: [
        'Schauen, dass kein Pin unter den Körper gebogen ist, und die Fassung einstecken; der Chip bleibt in der Tüte.',
        'Festkleben, die Platine umdrehen, zwei Pins in gegenüberliegenden Ecken löten.',
        'Schauen, ob sie flach liegt; wenn nicht, eine Ecke schmelzen und drücken. Dann die übrigen Pins löten.',
      ],
      wayRound: 'Die Kerbe der Fassung liegt über der aufgedruckten Kerbe.',
      backwards: 'Die Fassung geht trotzdem, aber der Chip wird später verkehrt eingesetzt.',
    },
    'switch-slide': {
      one: 'Schiebeschalter',
      many: 'Schiebeschalter',
      fit: [
        'Eindrücken, bis der Rahmen auf der Platine sitzt.',
        'Den mittleren Pin löten, schauen, ob er gerade sitzt, dann die äußeren beiden.',
        'Den Hebel bewegen: er muss noch klicken. Zu viel Hitze macht ihn weich.',
      ],
      wayRound: bothWays,
    },
    'switch-toggle': {
      one: 'Kippschalter',
      many: 'Kippschalter',
      fit: [
        'Die Anschlüsse einstecken, bis der Körper auf der Platine sitzt.',
        'Den mittleren Anschluss löten, schauen, ob er gerade sitzt, dann die äußeren beiden; sie brauchen länger Hitze.',
        'Den Hebel bewegen: er muss noch klicken.',
      ],
      wayRound: bothWays,
    },
    'push-button': {
      one: 'Taster',
      many: 'Taster',
      fit: [
        'Die vier Beine in die Löcher drücken, bis er einrastet.',
        'Zwei gegenüberliegende Beine löten, noch einmal eindrücken, die anderen löten.',
      ],
      wayRound:
        'Die Beine passen in einer Richtung; um eine halbe Drehung gedreht ist er derselbe.',
      backwards: 'Um ein Viertel gedreht passt er nicht oder ist immer gedrückt.',
    },
    'switch-chip': {
      one: 'SMD-Taster',
      many: 'SMD-Taster',
      fit: [
        'Ein Bein anheften, schauen, ob er gerade liegt, das gegenüber anheften, dann die anderen beiden.',
        'Kein Flussmittel hineinlaufen lassen.',
      ],
      wayRound:
        'Die Beine treffen die Pads in einer Richtung; um eine halbe Drehung gedreht ist er derselbe.',
      backwards: 'Um ein Viertel gedreht ist er immer gedrückt.',
    },
    'pin-header': {
      one: 'Stiftleiste',
      many: 'Stiftleisten',
      fit: [
        'Die kurzen Enden gehen durch die Platine.',
        'Nur einen Stift löten, die Reihe ausrichten, solange das Lot weich ist, dann die anderen löten.',
        'Keinen Stift mit bloßen Fingern halten: er wird heiß.',
      ],
      wayRound: bothWays,
    },
    'socket-strip': {
      one: 'Buchsenleiste',
      many: 'Buchsenleisten',
      fit: [
        'Eindrücken, bis sie auf der Platine sitzt.',
        'Einen Pin löten, die Reihe ausrichten, solange das Lot weich ist, dann die anderen.',
      ],
      wayRound: bothWays,
    },
    'terminal-block': {
      one: 'Schraubklemme',
      many: 'Schraubklemmen',
      fit: [
        'So drehen, dass man Drähte von außen hineinschieben kann, und flach eindrücken.',
        'Die Pins sind dick: eine Sekunde länger heizen, bis das Lot rundum fließt.',
      ],
      wayRound: 'Die Öffnungen zeigen nach außen, zum Rand der Platine.',
      backwards:
        'Die Drähte gehen nicht hinein, oder Plus und Minus sind vertauscht und die ganze Platine verpolt.',
    },
    jack: {
      one: 'Buchse',
      many: 'Buchsen',
      fit: [
        'Die Öffnung zeigt über den Rand der Platine; flach eindrücken.',
        'Die Anschlüsse sind dick: länger heizen, bis das Lot rundum fließt.',
        'Den Stecker probieren, bevor der letzte Anschluss gelötet wird.',
      ],
      wayRound: 'Die Öffnung zeigt nach außen, über den Rand der Platine.',
      backwards: 'Man kann nichts einstecken.',
    },
    connector: {
      one: 'Stecker mit Nase',
      many: 'Stecker mit Nase',
      fit: [
        'Zunge oder Lücke des Gehäuses mit dem Umriss vergleichen.',
        'Flach eindrücken, einen Pin löten, schauen, dann die anderen.',
      ],
      wayRound: 'Die Lücke des Gehäuses liegt über der Lücke des Umrisses.',
      backwards: 'Der Stecker verbindet alles verkehrt herum.',
    },
    buzzer: {
      one: 'Summer',
      many: 'Summer',
      fit: [
        'Den Aufkleber auf dem Loch lassen, bis die Platine gereinigt ist.',
        'Das + auf dem Deckel oder den längeren Pin suchen und flach eindrücken.',
        'Beide Pins kurz löten.',
      ],
      wayRound: 'Das + auf dem Deckel oder der längere Pin gehört an das Loch mit dem +.',
      backwards: 'Er bleibt stumm oder ist leise und krächzt.',
    },
    speaker: {
      one: 'Lautsprecher',
      many: 'Lautsprecher',
      fit: [
        'An jeden Anschluss einen Draht löten, schnell: der Kunststoff dahinter schmilzt.',
        'Die anderen Enden an die Platine löten.',
      ],
      wayRound: 'Allein sind beide Richtungen richtig; zwei zusammen müssen gleich gepolt sein.',
    },
    'battery-holder': {
      one: 'Batteriehalter',
      many: 'Batteriehalter',
      fit: [
        'Beim Löten keine Zellen darin.',
        'Rot oder + in das Loch mit dem +, Schwarz oder − in das andere.',
        hotMetal,
      ],
      wayRound: 'Rot ist Plus und gehört in das Loch mit dem +.',
      backwards: reversedBoard,
    },
    'coin-holder': {
      one: 'Knopfzellenhalter',
      many: 'Knopfzellenhalter',
      fit: [
        'Beim Löten keine Zelle darin. Das eingeprägte + suchen.',
        'Auf seine Seite der Platine setzen, sodass man an die Öffnung kommt.',
        hotMetal,
      ],
      wayRound: 'Das eingeprägte + liegt über dem aufgedruckten +.',
      backwards: reversedBoard,
    },
    'battery-clip': {
      one: 'Batterieclip',
      many: 'Batterieclips',
      fit: [
        'Beim Löten keine Batterie daran.',
        'Rot in das Loch mit dem +, Schwarz in das andere.',
        'Die Drähte durch die Zugentlastung fädeln, wenn die Platine Löcher dafür hat, dann löten.',
      ],
      wayRound: 'Rot ist Plus und gehört in das Loch mit dem +.',
      backwards: reversedBoard,
    },
    battery: {
      one: 'Batterie',
      many: 'Batterien',
      fit: [
        'Zuerst den Kolben in den Ständer: niemand lötet an einer Platine mit Batterie.',
        'Nachsehen, welche Art es ist: bei einer Rundzelle ist das flache Ende Minus, bei einer Knopfzelle die breite Seite Plus.',
      ],
      wayRound:
        'Plus gehört zum + des Halters oder Clips. Wie Plus gekennzeichnet ist, hängt von der Art der Zelle ab.',
      backwards: reversedBoard,
    },
    'wire-link': {
      one: 'Drahtbrücke',
      many: 'Drahtbrücken',
      fit: [
        'Ein Stück blanken Draht oder ein abgeschnittenes Bein auf den Abstand der Löcher biegen.',
        'Straff und flach ziehen, beide Enden löten, abschneiden.',
      ],
      wayRound: bothWays,
    },
    wire: {
      one: 'Leitung',
      many: 'Leitungen',
      fit: [
        '4 mm abisolieren, die Litzen verdrillen und verzinnen.',
        'Jede Leitung von oben durch ihr eigenes Loch stecken und löten.',
        'Sanft ziehen: sie muss halten.',
      ],
      wayRound: 'Die Farbe jeder Leitung mit dem Namen ihres Lochs vergleichen.',
      backwards: 'Was an den Leitungen hängt, arbeitet verkehrt herum oder gar nicht.',
    },
    screw: { one: 'Schraube', many: 'Schrauben', fit: [handTight] },
    'stand-off': { one: 'Abstandshalter', many: 'Abstandshalter', fit: [handTight] },
    'heat-sink': {
      one: 'Kühlkörper',
      many: 'Kühlkörper',
      fit: [
        'Ein dünner Film Wärmeleitpaste, wenn der Bausatz es sagt.',
        'An sein Teil schrauben, bevor das gelötet wird, damit keine Lötstelle Kraft trägt.',
      ],
      wayRound: 'Der flache Rücken liegt an der Metallfahne des Teils.',
    },
    board: {
      one: 'Platine',
      many: 'Platinen',
      fit: ['Die Seite mit dem Aufdruck ist die Seite der Teile.'],
    },
    other: {
      one: 'Teil',
      many: 'Teile',
      fit: ['Den Kursleiter fragen, wie dieses eingebaut wird.'],
      wayRound: 'Vor dem Löten den Kursleiter fragen, wie herum es gehört.',
    },
  },
  mistake: {
    'wrong-value': {
      name: 'Falscher Wert',
      whatNow:
        'Noch nicht abschneiden. Eine Lötstelle nach der anderen erhitzen, das Teil mit der Zange herausziehen (es ist heiß), dann die Löcher mit Entlötlitze oder Pumpe frei machen.',
    },
    backwards: {
      name: 'Verkehrt herum',
      whatNow:
        'Kein Strom, bis es gedreht ist. Mit der Zange herausnehmen (es ist heiß), Löcher frei machen, richtig herum einsetzen.',
    },
    'wrong-place': {
      name: 'Falscher Platz',
      whatNow:
        'Herausnehmen, bevor es weitergeht: sein eigener Platz ist leer und ein anderer besetzt.',
    },
    bridge: {
      name: 'Lötbrücke',
      whatNow:
        'Eine saubere heiße Spitze zwischen den beiden Stellen durchziehen, oder das Lot mit Litze aufsaugen.',
    },
    'dry-joint': {
      name: 'Kalte Lötstelle',
      whatNow: 'Pad und Draht zwei Sekunden zusammen erhitzen und etwas frisches Lot zugeben.',
    },
    'lead-missed': {
      name: 'Draht nicht durch sein Loch',
      whatNow:
        'Das Teil herausziehen, den Draht gerade biegen und von unten schauen, ob jeder Draht zu sehen ist.',
    },
    'lifted-pad': {
      name: 'Abgelöstes Pad',
      whatNow: 'Nicht weiter heizen. Der Kursleiter zeigt, wie ein Draht das Pad ersetzt.',
    },
    'bent-pin': {
      name: 'Verbogener Pin',
      whatNow:
        'Den Chip mit einem kleinen Schraubendreher flach heraushebeln und den Pin mit der Zange richten.',
    },
    'broken-part': {
      name: 'Teil kaputt',
      whatNow: 'Um Ersatz bitten. Das kaputte zum Zählen in der Tüte lassen.',
    },
    'lost-part': {
      name: 'Teil verloren',
      whatNow: 'Am Boden und in den Ärmeln suchen, dann um Ersatz bitten.',
    },
    'check-failed': {
      name: 'Die Prüfung sagt nein',
      whatNow: 'Kein Strom. Alles lassen, wie es ist, und um Hilfe bitten.',
    },
    'check-skipped': {
      name: 'Zu spät geprüft',
      whatNow: 'Strom aus. Die Prüfung jetzt machen, vor allem anderen.',
    },
  },
  rule: {
    'feet-last': {
      says: 'Abstandsbolzen und ihre Schrauben sind Füße: sie kommen zuletzt.',
      after: 'Die Füße kommen an, wenn alles gelötet ist; bis dahin liegt die Platine flach.',
    },
    'links-first': {
      before:
        'Eine Drahtbrücke liegt flach auf, und andere Teile kommen vielleicht darüber: sie kommt vor {{others}}.',
      after: 'Es kann über einer Drahtbrücke liegen, also kommt zuerst {{others}}.',
    },
    'socket-before-chip': {
      before: 'Der Chip kommt in seine Fassung, also wird zuerst die leere Fassung gelötet.',
      after: 'Er kommt in die Fassung, also ist die Fassung zuerst dran.',
    },
    'holder-tried-first': {
      after: 'Der Batteriehalter ist an seinem Platz probiert, jetzt kann er befestigt werden.',
    },
    'screws-before-solder': {
      before:
        'Die Schrauben ziehen {{others}} flach auf. Nach dem Löten angezogen, würden sie an den Lötstellen reißen.',
      after: 'Er wird jetzt von den Schrauben gehalten, also tragen die Lötstellen keine Kraft.',
    },
    'sink-before-its-part': {
      before:
        'Er wird an {{others}} geschraubt, bevor das gelötet wird: später zöge er an den Lötstellen.',
      after: 'Es ist an seinen Kühlkörper geschraubt, also tragen die Lötstellen keine Kraft.',
    },
    'chips-after-supply': {
      after:
        'Der Chip bleibt draußen, bis die Versorgung geprüft ist: eine falsche Spannung würde ihn zerstören.',
    },
    'battery-last': {
      after:
        'Niemand lötet an einer Platine mit Batterie, also kommen die Zellen, wenn alles andere getan ist.',
    },
    'all-soldered-before-look': { after: 'Alle Lötstellen sind gemacht.' },
    'look-before-measuring': { after: 'Die Lötstellen sind angeschaut.' },
    'supply-before-measuring': { after: 'Die Teile, die die Versorgung hereinbringen, sind da.' },
    'resistance-before-power': {
      after: 'Es gibt keinen Kurzschluss von der Versorgung zur Masse.',
    },
    'power-before-function': { after: 'Die Versorgung dieses Blocks stimmt.' },
    'function-last': { after: 'Alles ist eingebaut.' },
    'covers-pads': {
      before: 'Es kommt vor {{others}}, das über seinen Lötstellen liegen wird.',
      after: 'Es liegt über den Lötstellen von {{others}}, also werden die zuerst gemacht.',
    },
    'under-body': {
      before: 'Es liegt unter {{others}}, also kommt es zuerst.',
      after: 'Es kommt über {{others}}, also ist das zuerst dran.',
    },
    'iron-access': {
      before:
        'Seine Lötstellen liegen so nah an {{others}}, dass der Kolben danach nicht mehr hinkäme.',
      after: 'Es steht so nah an {{others}}, dass der Kolben dort nicht mehr hinkäme.',
    },
    'middle-first': {
      before: 'Es liegt mitten zwischen {{others}}: sind die eingebaut, kommt nichts mehr hin.',
      after: 'Es schließt {{others}} ein, also kommt das in der Mitte zuerst.',
    },
    'surface-before-tall': {
      before: 'Es liegt flach auf: neben {{others}} kämen weder Pinzette noch Kolben hin.',
      after: 'Es ist hoch, also kam zuerst {{others}} auf dieser Seite.',
    },
    'far-side-last': {
      after:
        'Es sitzt auf der anderen Seite, die begonnen wird, wenn die erste fertig ist: bis dahin liegt die Platine flach.',
    },
  },
  style: {
    'lowest-first': {
      before: 'Es ist niedriger als {{others}}, was die Platine hochhalten würde.',
      after: 'Es ist höher als {{others}}, also kommt es danach.',
    },
    'toughest-first': {
      before:
        'Ihm schadet so leicht nichts, also kommt es vor {{others}}: das verderben Hitze oder statische Ladung.',
      after:
        'Hitze oder statische Ladung verderben es, also wartet es, bis {{others}} und Ähnliches eingebaut ist.',
    },
    'by-sheet': {
      before: 'Es steht in der Stückliste vor {{others}}.',
      after: 'Es steht in der Stückliste nach {{others}}.',
    },
    'surface-first': {
      before:
        'Es wird auf die Oberfläche gelötet, solange die Platine flach liegt; {{others}} kommt später.',
      after:
        'Seine Drähte gehen durch die Platine, also kommt es nach {{others}} auf der Oberfläche.',
    },
    'by-block': {
      before: 'Es gehört zu einem früheren Block als {{others}}, und der wird zuerst geprüft.',
      after: 'Sein Block kommt nach dem von {{others}}.',
    },
    'anchors-first': {
      before: 'Hände werden daran drücken und ziehen: es wird gerade gesetzt, vor {{others}}.',
      after: 'Es trägt keine Kraft, also kommt es nach {{others}}.',
    },
  },
  check: {
    'try-holder': {
      name: 'Den Batteriehalter an seinem Platz probieren',
      how: [
        'Den Halter ohne Zellen auf die Platine legen. + und − mit dem Aufdruck vergleichen.',
        'Schauen, ob seine Pins oder Drähte ihre Löcher erreichen und jedes Schraubloch über einem Loch der Platine liegt.',
      ],
      expect: 'Er liegt flach, und alles passt übereinander.',
      otherwise: 'Nichts passend biegen: um Hilfe bitten.',
      why: 'Ein Halter, der falsch herum geschraubt und gelötet ist, lässt sich kaum wieder abnehmen: darum wird er zuerst probiert.',
    },
    look: {
      name: 'Jede Lötstelle anschauen',
      how: [
        'Zellen heraus, Versorgung aus. Die Platine umdrehen, gutes Licht, Lupe.',
        'Reihe für Reihe: ist jede Lötstelle ein kleiner glatter Kegel rund um den Draht? Bleifreies Lot glänzt weniger. Ist Lot zwischen zwei Stellen, oder eine lose Kugel?',
        'Sind alle Drähte abgeschnitten?',
      ],
      expect: 'Jede Lötstelle deckt ihr Loch, und nichts berührt den Nachbarn.',
      otherwise: 'Ausbessern, was sich findet, dann noch einmal schauen.',
      why: 'Alles ist gelötet, und nichts hatte bisher Strom: eine Brücke, die man jetzt sieht, schadet nicht.',
    },
    'supply-resistance': {
      name: 'Von der Versorgung zur Masse messen',
      how: [
        'Nichts ist an die Platine angeschlossen. Das Messgerät auf Ohm stellen, Bereich 2 kΩ.',
        'Eine Spitze an + der Versorgung, die andere an −. Warten, bis die Zahl steht.',
      ],
      expect: 'Die Zahl steigt oder bleibt deutlich über {{least}} Ω.',
      otherwise: 'Etwa ein halbes Ohm ist ein Kurzschluss: kein Strom. Um Hilfe bitten.',
      why: 'Als Nächstes kommt der erste Strom: ein Kurzschluss muss vorher gefunden werden.',
    },
    'first-power': {
      name: 'Erstes Einschalten',
      how: [
        'Den Kolben in den Ständer. Brille auf, Gesicht weg von der Platine.',
        'Die Versorgung anschließen und auf den Strom schauen.',
      ],
      expect: 'Die Spannung liegt an der Platine an, und nichts wird warm oder riecht.',
      otherwise:
        'Sofort abziehen. Zu viel Strom, keiner oder ein heißes Teil zeigt einen Fehler: um Hilfe bitten.',
      why: 'Der Widerstand stimmte, also darf die Platine Strom haben; mit Strombegrenzung bleibt ein Fehler harmlos.',
    },
    function: {
      name: 'Geht es?',
      how: ['Einschalten und probieren, was der Bausatz können soll.'],
      expect: 'Er tut, was er verspricht.',
      otherwise:
        'Ausschalten. Es ist fast immer etwas Einfaches: eine kalte Lötstelle, eine Brücke, ein verdrehtes Teil. Um Hilfe bitten.',
      why: 'Alle Teile sind eingebaut und die Versorgung stimmt: jetzt kann die ganze Platine probiert werden.',
    },
  },
  band: {
    black: 'schwarz',
    brown: 'braun',
    red: 'rot',
    orange: 'orange',
    yellow: 'gelb',
    green: 'grün',
    blue: 'blau',
    violet: 'violett',
    grey: 'grau',
    white: 'weiß',
    gold: 'gold',
    silver: 'silber',
    pink: 'rosa',
  },
  colour: {
    red: 'rot',
    yellow: 'gelb',
    green: 'grün',
    blue: 'blau',
    white: 'weiß',
    orange: 'orange',
  },
  sign: {
    'long-lead': 'langer Draht',
    'short-lead': 'kurzer Draht',
    'longest-lead': 'längster Draht',
    flat: 'flache Stelle am Rand',
    stripe: 'Streifen am Becher',
    band: 'Ring an einem Ende',
    'plus-print': 'aufgedrucktes Plus',
    notch: 'Kerbe an einem Ende',
    dot: 'Punkt in der Ecke',
    bevel: 'abgeschrägte Seite',
    'green-mark': 'grüne Marke oder Pfeil darunter',
    'flat-face': 'flache Seite',
    'metal-tab': 'Metallfahne',
    'single-leg': 'Seite mit einem Bein',
    'three-pins': 'drei Pins',
    'leg-spacing': 'weite und enge Seite der Beine',
    openings: 'Öffnung',
    keyway: 'Lücke im Gehäuse',
    'red-wire': 'roter Draht',
    'black-wire': 'schwarzer Draht',
    cap: 'Kappe',
    'flat-end': 'flaches Ende',
    'print-side': 'bedruckte Seite',
    'decimal-point': 'Dezimalpunkt',
    'dark-segment': 'dunkles Segment am Becher',
    bar: 'Balken an einem Ende',
    'bevelled-corners': 'zwei abgeschrägte Ecken des Fußes',
    'broad-face': 'breite, flache Seite',
    'small-snap': 'kleiner runder Druckknopf',
    'wide-snap': 'weite Krone',
    nub: 'Knopf',
    'rim-tab': 'Nase am Rand',
    lens: 'Seite mit der Linse',
    'cut-corner': 'abgeschnittene Ecke',
    'case-pad': 'Pad, das mit dem Gehäuse verbunden ist',
  },
  board: {
    where: 'Nummer {{fromLeft}} von {{count}} von links, {{area}}',
    beside: 'Nummer {{fromLeft}} von {{count}} von links, {{area}}, {{direction}} {{place}}',
    area: {
      'left-top': 'oben links',
      'middle-top': 'oben in der Mitte',
      'right-top': 'oben rechts',
      'left-middle': 'links',
      'middle-middle': 'in der Mitte',
      'right-middle': 'rechts',
      'left-bottom': 'unten links',
      'middle-bottom': 'unten in der Mitte',
      'right-bottom': 'unten rechts',
    },
    direction: { left: 'links von', right: 'rechts von', above: 'über', below: 'unter' },
    edge: { left: 'links', right: 'rechts', top: 'oben', bottom: 'unten' },
    facing: '{{mark}} nach {{edge}}',
    'over-joints': 'liegt über den Lötstellen von {{places}}',
    'under-joints': 'seine Lötstellen liegen unter {{places}}',
    'over-body': 'liegt über {{places}}',
    'under-body': 'liegt unter {{places}}',
    top: 'Bestückungsseite',
    bottom: 'Lötseite, von unten gesehen (gespiegelt)',
    hole: 'Loch {{hole}}',
    'hole-below': 'Loch {{hole}}, von dieser Seite Spalte {{column}} von links',
  },
  sensitive: {
    heat: 'Lange Hitze verdirbt es: schnell löten, zwischen zwei Stellen abkühlen lassen.',
    static:
      'Statische Ladung verdirbt es: vorher blankes Metall der Bank oder des Ständers berühren.',
  },
  harm: {
    lithium: {
      says: 'Eine Lithiumzelle brennt: nie löten, anstechen, biegen oder kurzschließen, und kein Werkzeug darüberlegen.',
    },
    'high-voltage': {
      says: 'Dieses Teil hat mit einer Spannung zu tun, die verletzen kann. Die Platine unter Strom nie berühren; den ersten Test macht die Kursleitung.',
    },
    laser: { says: 'Nie in den Strahl sehen und ihn auf niemanden richten.' },
    'live-tab': {
      says: 'Die Metallfahne ist nicht Masse: sie darf kein anderes Teil berühren, und ein Kühlkörper braucht eine Isolierscheibe.',
    },
    discharge: {
      says: 'Dieser Bausatz hat oder erzeugt eine gefährliche Spannung: nur die Kursleitung schaltet ein und entlädt, bevor jemand ihn berührt.',
    },
    iron: {
      says: 'Brille auf. Haare und Ärmel zurück. Den Draht halten, den du abschneidest, und den Kolben im Ständer ablegen. Teile bleiben eine Minute heiß.',
    },
    fumes: {
      says: 'Das Gesicht aus dem Rauch halten. Am Platz wird nicht gegessen: Lot kann Blei enthalten, also danach Hände waschen.',
    },
    burst: {
      says: 'Falsch herum kann er platzen, wenn Strom kommt. Vor dem Löten zweimal auf seine Markierung schauen.',
    },
    insert: { says: 'Versorgung aus und Zellen heraus, bevor ein Chip hineinkommt.' },
    fasten: { says: 'Der Kolben im Ständer, weg von deinen Händen.' },
    short: { says: 'Eine Zelle nie kurzschließen und nie an einer löten.' },
    'button-cell': {
      says: 'Knopfzellen von kleinen Kindern fernhalten: eine verschluckte ist ein Notfall.',
    },
    live: { says: 'Niemand lötet an einer Platine unter Strom.' },
    smoke: {
      says: 'Brille auf, Gesicht weg von der Platine. Rauch, Geruch oder etwas Heißes: sofort Versorgung aus, nichts anfassen, Kursleiter rufen.',
    },
    bright: { says: 'Nicht in helle LEDs schauen.' },
  },
  caution: {
    erratum: 'Hier irrt der Bausatz',
    'lot-note': 'Dieses Los ist anders',
    'mix-up': 'Leicht zu verwechseln',
    'mix-up-text':
      'Diese sehen aus wie {{other}} ({{places}}), die schon eingebaut sind. Beide Bilder vergleichen, bevor du eines nimmst.',
    'mix-up-here': 'Jetzt: {{what}}',
    'mix-up-other': 'Schon eingebaut: {{what}}',
  },
  reason: {
    lowest:
      'Mit {{height}} mm liegt nichts Übriges niedriger; {{next}} mit {{nextHeight}} mm würde die Platine hochhalten.',
    tallest: 'Mit {{height}} mm ist es das höchste, also kommt es nach allem Niedrigeren.',
    flattest:
      'Mit {{height}} mm liegt es flacher als {{next}}: so kommen Pinzette und Kolben von allen Seiten hin.',
    'flattest-last':
      'Mit {{height}} mm ist es das höchste der aufgelöteten Teile, also kommt es nach den flacheren.',
    'same-height':
      'Genauso niedrig wie {{before}}, {{height}} mm, aber ein anderer Wert: ein Wert nach dem anderen, damit nichts verwechselt wird.',
    'same-height-other':
      'Genauso niedrig wie {{before}}, {{height}} mm: beides könnte zuerst kommen.',
    'by-hand': 'Dein Kursleiter will es hier, nach {{before}}.',
    'by-hand-first': 'Dein Kursleiter will es hier.',
    'off-board':
      'Leitungen hängen von der Platine und ziehen beim Umdrehen: sie kommen, wenn die Teile eingebaut sind.',
  },
  hold: {
    'bent-leads': 'die Drähte um etwa 45° auseinanderbiegen',
    tape: 'mit hitzefestem Band halten',
    putty: 'mit etwas Knetmasse andrücken',
    'tack-one-pin': 'einen Pin löten, schauen, ob es gerade sitzt, dann die anderen',
    loose: '{{places}} würde beim Umdrehen bis zu {{drop}} mm herausfallen: {{method}}.',
    'loose-one': 'Es würde beim Umdrehen bis zu {{drop}} mm herausfallen: {{method}}.',
  },
  length: {
    bend: '{{places}}: die Drähte auf {{mm}} mm Abstand biegen.',
    raise: '{{places}}: den Körper {{mm}} mm über der Platine lassen und beim Löten so halten.',
    lay: '{{places}}: die Drähte vor dem Löten biegen, so dass der Körper auf der Platine liegt.',
    'cut-link': '{{places}}: den Draht auf {{mm}} mm schneiden.',
    'cut-wire':
      '{{places}}: die Leitung auf {{mm}} mm schneiden und an beiden Enden 5 mm abisolieren.',
  },
  checkForm: {
    ask: {
      ohm: 'Was zeigt das Messgerät, in Ohm?',
      milliampere: 'Welchen Strom zeigt die Versorgung, in mA?',
    },
    example: { ohm: 'etwa 4k7, 220 oder OL', milliampere: 'etwa 12' },
    judge: 'Beurteilen',
    passed: 'Weiter',
    reading: { ohm: '{{amount}} Ω', milliampere: '{{amount}} mA', open: 'offen' },
    finding: {
      right: 'Das stimmt.',
      short:
        'Das ist ein Kurzschluss von der Versorgung zur Masse: kein Strom. Hilfe kommt; inzwischen nach einer Brücke schauen.',
      'nearly-short':
        'Das ist zu wenig: etwas überbrückt die Versorgung oder sitzt verkehrt herum. Kein Strom. Hilfe kommt.',
      'too-much': 'Das ist zu viel. Jetzt ausschalten. Hilfe kommt.',
      'no-current':
        'Es fließt nichts: eine kalte Lötstelle, ein Draht nicht in seinem Loch oder die Versorgung verpolt. Ausschalten. Hilfe kommt.',
    },
    'block-why':
      'Alle Teile des Blocks „{{blocks}}“ sind eingebaut: was dort falsch ist, findet sich jetzt, bevor mehr Teile es verdecken.',
    blocks: 'Das betrifft: {{blocks}}.',
  },
  step: {
    solder: 'Löten: {{what}}',
    insert: 'Einsetzen: {{what}}',
    fasten: 'Festschrauben: {{what}}',
    power: 'Einlegen: {{what}}',
    joints_one: '{{count}} Lötstelle',
    joints_other: '{{count}} Lötstellen',
    pieces_one: '{{count}} Stück',
    pieces_other: '{{count}} Stück',
    minutes: '{{minutes}} min',
    and: 'und',
    note: {
      volt: 'Die Versorgung dieses Bausatzes hat {{volt}} V.',
      'chips-out_one': '{{chips}} ist noch nicht in der Fassung.',
      'chips-out_other': '{{chips}} sind noch nicht in den Fassungen.',
      'no-cells': 'Keine Zellen im Halter.',
      'most-milliampere':
        'Höchstens etwa {{most}} mA sind zu erwarten: aus den Teilen dieses Bausatzes geschätzt.',
      'cells-out-again':
        'Das Labornetzgerät mit seiner Strombegrenzung nehmen, oder die Zellen nur für diese Prüfung einlegen und wieder herausnehmen.',
    },
  },
  seat: {
    seat: 'Platz {{number}}',
    stepOf: 'Schritt {{number}} von {{count}}',
    loading: 'Dein Platz wird geöffnet …',
    cannotOpen: 'Dieser Platz öffnet sich nicht',
    tryAgain: 'Noch einmal versuchen',
    failed: {
      noConnection:
        'Der Rechner des Kurses ist nicht zu erreichen. Schau, ob dieses Gerät im WLAN des Raums ist.',
      wrongLink:
        'Dieser Link führt zu keinem Platz. Scanne den Code auf deiner Tüte noch einmal, oder frag deinen Kursleiter.',
      endedLink:
        'Dieser Link gilt nicht mehr: Der Abend ist vorbei, oder der Platz hat einen neuen Link. Scanne den Code auf deiner Tüte noch einmal, oder frag deinen Kursleiter.',
      tooManyTries:
        'Zu viele falsche Links von diesem Gerät. Warte eine Viertelstunde, oder frag deinen Kursleiter.',
      trouble:
        'Der Rechner des Kurses hat Schwierigkeiten. Nichts ist verloren. Versuch es noch einmal, oder sag es deinem Kursleiter.',
    },
    youBuild: 'Du baust: {{kit}}',
    opensByItself: 'Diese Seite öffnet sich von selbst, wenn der Abend beginnt.',
    keepOpen: 'Lass diese Seite offen: ohne WLAN lässt sie sich nicht wieder öffnen.',
    practiseUntilThen: 'Bis dahin üben',
    saved: 'Gespeichert',
    sending: 'Sende {{count}} …',
    offline: 'Kein Netz. Arbeite weiter: was du tust, bleibt hier und wird später gesendet.',
    offlineWaiting_one:
      'Kein Netz. Arbeite weiter: {{count}} Eintrag bleibt hier und wird später gesendet.',
    offlineWaiting_other:
      'Kein Netz. Arbeite weiter: {{count}} Einträge bleiben hier und werden später gesendet.',
    doNotReload:
      'Lade diese Seite nicht neu und schließe sie nicht, bis das Netz wieder da ist: Sie ließe sich nicht öffnen.',
    places: 'Plätze auf der Platine: {{places}}',
    noPlace: 'kein eigener Platz',
    pictureOnMat: 'Auf deiner Matte',
    onBoard: 'Auf der Platine',
    boardMarkOf: 'Der Aufdruck der Platine für: {{what}}',
    map: 'Wo auf der Platine',
    turnOver: 'Umdrehen',
    turnBack: 'Zurückdrehen',
    wholeBoard: 'Ganze Platine',
    closer: 'Näher',
    moreHeat: '{{places}}: mehr Hitze, länger.',
    heatPlane:
      'Eine Lötstelle hängt hier an einer großen Kupferfläche, die Wärme abzieht. Den Kolben daran lassen, bis das Lot von selbst fließt.',
    heatLarge: 'Das Pad ist groß. Den Kolben daran lassen, bis das Lot rundum fließt.',
    beforeTurning: 'Vor dem Umdrehen der Platine',
    how: 'So geht es',
    wayRound: 'Wie herum',
    thisLot:
      'Wie der Hinweis oben sagt: diese sind aus einem Los mit ungewöhnlichen Marken. Er zählt mehr als alles andere auf dieser Seite.',
    guide: 'Mehr dazu (englisch): {{what}}',
    otherwise: 'Sonst',
    expect: 'Was du sehen solltest',
    why: 'Warum jetzt?',
    cautionLocal: 'Was dein Kursleiter und die Regeln dieses Raums sagen, geht vor.',
    done: 'Fertig',
    checkDone: 'Ja, so ist es',
    checkFailed: 'Nein, ist es nicht',
    back: 'Einen Schritt zurück',
    wrong: 'Etwas ging schief',
    help: 'Um Hilfe bitten',
    helpAsked: 'Hilfe kommt',
    helpAskedAgo_one: 'Vor {{count}} Minute gebeten. Lass alles, wie es ist.',
    helpAskedAgo_other: 'Vor {{count}} Minuten gebeten. Lass alles, wie es ist.',
    helpAskedNow: 'Gerade gebeten. Lass alles, wie es ist.',
    helpWithdraw: 'Nicht mehr nötig',
    whatWrong: 'Was ging schief?',
    whatWrongHint: 'Es passiert allen. Sag es, damit man es richten kann.',
    whichStep: 'Bei welchem Schritt?',
    whichPart: 'Welches Teil?',
    notSure: 'Weiß nicht',
    close: 'Schließen',
    understood: 'Verstanden, weiter',
    takeBack: 'Das war ein Versehen, zurücknehmen',
    finished: 'Deine Platine ist fertig',
    finishedText:
      'Alle Schritte und Prüfungen liegen hinter dir. Ausschalten, den Kolben in den Ständer, Hände waschen vor dem Essen.',
    notSaved:
      'Ein Eintrag konnte nicht gespeichert werden. Er bleibt auf diesem Gerät. Sag deinem Kursleiter, was du sagen wolltest.',
    discard: 'Löschen',
    told: {
      title: 'Dein Kursleiter sagt allen',
      now: 'Es geht um den Schritt, bei dem du bist.',
      ahead: 'Es geht um Schritt {{number}}, der noch vor dir liegt.',
      'to-check':
        'Schritt {{number}} hast du schon gemacht. Lass es, wie es ist: jemand kommt und schaut.',
    },
    wellDone: 'Gut gemacht, sagt dein Kursleiter.',
    bring: 'Nicht in deiner Tüte: frag danach.',
    burn: 'Verbrannt? Kühles fließendes Wasser, 20 Minuten, und sag es sofort deinem Kursleiter.',
    language: 'Sprache',
  },
};

export const german: Words = merged(seat, practiceGerman);
