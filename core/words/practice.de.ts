/** German for practice: the trainers, the joints, the heat bench, and what they name of rules and styles. */
import type { Words } from './words.ts';

const smoothing = 'zum Glätten einer Versorgung';
const timing = 'für Zeiten oder Filter';

export const practiceGerman: Words = {
  drill: {
    plain: '{{text}}',
    list: '{{items}}',
    part: '{{value}} {{name}}',
    bands: {
      name: 'Ringe und Aufdrucke',
      aim: 'Einen Wert an Ringen oder Aufdruck lesen, bevor du das Teil nimmst.',
      lies: {
        straight:
          'Von links nach rechts: {{bands}}; die breite Lücke ist vor dem letzten Ring rechts.',
        turned:
          'Von links nach rechts: {{bands}}; die breite Lücke ist nach dem ersten Ring links.',
      },
      digit: '{{colour}} {{digit}}',
      because: '{{digits}}, dann {{multiplier}}: {{times}}. Das sind {{value}}.',
      within: 'Der Ring mit Abstand ist {{colour}}: auf {{percent}} % genau.',
      slip: {
        end: 'Du hast am falschen Ende begonnen: der Ring mit Abstand wird zuletzt gelesen.',
        power: 'Die Ziffern stimmen. Der Multiplikator nicht: er sagt, wie weit das Komma rückt.',
        colour: 'Du hast {{colour}} für {{other}} gehalten. Unter weißes Licht halten oder messen.',
      },
      read: {
        ask: 'Welchen Wert hat dieser Widerstand?',
        item: '{{colour}} lesen',
        names: 'Namen zeigen',
        meter: 'Lieber messen',
        shows: 'Das Messgerät zeigt {{reading}}.',
        route:
          'Messen ist so gut wie Ringe lesen. Der nächste Wert der Liste innerhalb der Toleranz ist es.',
        wrongText: 'Schreib einen Wert wie 470, 4k7 oder 2M2.',
      },
      place: {
        ask: 'Lege {{count}} Ringe für {{value}}, {{percent}} %.',
        empty: '{{count}} leere Plätze für Ringe, der letzte mit Abstand.',
        item: {
          ohms: 'Werte unter 100 Ω',
          hundreds: 'Hunderte Ohm',
          kilo: 'einige Kiloohm',
          'ten-kilo': 'Zehner Kiloohm',
          'hundred-kilo': 'Hunderte Kiloohm',
          mega: 'Megaohm',
        },
        band: 'Ring {{number}}',
        take: 'Letzten Ring wegnehmen',
      },
      end: {
        ask: 'An welchem Ende beginnst du zu lesen?',
        left: 'links',
        right: 'rechts',
        metal: '{{colour}} ist nie der erste Ring: es ist die Toleranz, also zuletzt.',
        gap: 'Der letzte Ring steht mit Abstand: {{colour}}, auf {{percent}} % genau.',
        other: 'Vom anderen Ende wäre es auch ein Wert, aber keiner, der üblich ist.',
        item: {
          metal: 'das Ende an Gold oder Silber erkennen',
          gap: 'das Ende an der Lücke erkennen',
        },
      },
      alike: {
        ask: 'Haben diese beiden denselben Wert?',
        'same-answer': 'denselben',
        'different-answer': 'verschiedene',
        same: 'Beide haben {{value}}; einer liegt vielleicht andersherum.',
        differ: 'Ring {{band}} ist hier {{a}} und dort {{b}}: {{first}} und {{second}}.',
        light: 'In warmem Licht kommen sich die beiden nahe. Weißes Licht oder Messen hilft.',
        item: '{{a}} von {{b}} unterscheiden',
      },
      two: {
        ask: 'Auf diese Ringe passen zwei Werte. Welche, und wie findest du es heraus? In deiner Liste stehen {{list}}.',
        both: 'Vom einen Ende sind es {{first}}, vom anderen {{second}}; die Lücke ist an kleinen Teilen kaum zu sehen.',
        listed: 'Nur {{value}} steht in der Liste, also ist es das. Messen ginge auch.',
        measure: 'Die Liste hilft hier nicht. Nur Messen sagt es.',
        how: {
          meter: 'Messen',
          list: 'Nachsehen, welcher in der Liste steht',
          guess: 'Den von links nehmen',
        },
        howAsk: 'Wie findest du es heraus?',
        told: '{{values}}; {{how}}',
        item: {
          meter: 'zwei Lesarten, durch Messen entschieden',
          list: 'zwei Lesarten, durch die Liste entschieden',
        },
      },
      print: {
        ask: 'Auf {{on}} steht „{{text}}“. Was ist das in {{unit}}?',
        shows: 'Auf {{on}} steht „{{text}}“.',
        on: {
          capacitor: 'einem Kondensator',
          chip: 'einem Chip-Widerstand',
          trimmer: 'einem Trimmer',
        },
        unit: { ohm: 'Ohm (wie 4k7, 220 oder 2M2)', farad: 'Farad (wie 100n, 4n7 oder 47p)' },
        because: {
          'capacitor-code':
            'Auf einem Kondensator ist {{text}}: zwei Ziffern und die Zahl der Nullen, in Pikofarad: {{value}}.',
          'chip-3':
            'Auf einem Chip-Widerstand ist {{text}}: zwei Ziffern und die Zahl der Nullen, in Ohm: {{value}}. Ein R steht für das Komma.',
          'chip-4':
            'Vier Zeichen sind drei Ziffern und die Zahl der Nullen, in Ohm: {{value}}. Ein R steht für das Komma.',
          'eia-96':
            'Zwei Ziffern sind die Nummer des Werts in E96, der Buchstabe ist die Zehnerpotenz: {{value}}. Dafür gibt es eine Tabelle; Messen geht schneller.',
          'letter-code': 'Der Buchstabe steht an der Stelle des Kommas: {{text}} ist {{value}}.',
        },
        wrongText: 'Schreib einen Wert wie 100n, 4n7 oder 47p.',
        elsewhere: 'Dasselbe {{text}} wäre anderswo {{value}}: schau, auf welchem Teil es steht.',
        'mixed-up': 'Du hast es wie auf einem anderen Teil gelesen, wo {{text}} {{value}} ist.',
        item: {
          'capacitor-code': 'drei Ziffern auf einem Kondensator',
          'chip-3': 'drei Zeichen auf einem Chip-Widerstand',
          'chip-4': 'vier Zeichen auf einem Chip-Widerstand',
          'eia-96': 'zwei Ziffern und ein Buchstabe auf einem Chip-Widerstand',
          'letter-code': 'ein Buchstabe als Komma',
        },
      },
    },
    wayRound: {
      name: 'Wie herum',
      aim: 'Ein Teil an seinen Zeichen richtig herum drehen und seine Löcher von unten finden.',
      sheet:
        'Auf dem Zettel dieser Lieferung steht: {{marks}} am anderen Ende als üblich. Der lange Draht ist trotzdem Plus.',
      note: 'Der Zettel dieser Lieferung: {{text}}',
      level: 'liegen waagrecht',
      upright: 'liegen senkrecht',
      edge: {
        left: 'zeigt nach links',
        right: 'zeigt nach rechts',
        top: 'zeigt nach oben',
        bottom: 'zeigt nach unten',
      },
      mark: {
        flat: 'Die flache Stelle am Rand',
        stripe: 'Der Streifen',
        'flat-face': 'Die flache Seite',
        'metal-tab': 'Das Metall',
        notch: 'Die Kerbe',
        band: 'Der Ring',
        leads: 'Die Drähte',
      },
      printed: {
        flat: 'die flache Stelle des Rings',
        stripe: 'die gefüllte Hälfte des Rings',
        'flat-face': 'die gerade Seite des Umrisses',
        'metal-tab': 'die dicke Linie der Fahne',
        notch: 'die Kerbe',
        band: 'der Strich',
        leads: 'der Umriss',
      },
      'no-fit': 'So reichen die Drähte nicht in ihre Löcher.',
      turn: {
        ask: 'Dreh das Teil ({{part}}), bis es an seinen Platz passt, oder sag, dass es egal ist.',
        print: 'Auf der Platine: {{print}} {{towards}}.',
        hand: '{{mark}} {{towards}}.',
        either: 'es ist egal',
        right: 'richtig herum',
        backwards: 'verkehrt herum',
        askew: 'quer zum Platz',
        item: 'drehen: {{part}}',
        lot: 'eine Lieferung, die anders ist',
        left: 'Nach links drehen',
        rightButton: 'Nach rechts drehen',
        drop: 'So gehört es hinein',
        eitherButton: 'Es ist egal',
        inHand: 'In deiner Hand',
        place: 'Sein Platz auf der Platine',
      },
      hole: {
        'ask-top': '{{part}}: In welches Loch gehört {{lead}}?',
        'ask-bottom':
          '{{part}}: Die Platine liegt auf dem Gesicht. In welches Loch gehört {{lead}}?',
        lead: {
          'long-lead': 'der lange Draht',
          band: 'der Draht am Ring',
          stripe: 'der Draht am Streifen',
          'pin-1': 'Pin 1',
        },
        sign: { plus: 'das Plus', line: 'der Strich', notch: 'die Kerbe' },
        plus: 'Auf der Bestückungsseite: {{sign}} {{towards}}.',
        'seen-top': 'Löcher auf der Bestückungsseite: {{holes}}.',
        'seen-bottom':
          'Löcher auf der Lötseite, wie du sie nach seitlichem Umdrehen siehst: {{holes}}.',
        at: '{{letter}} {{where}}',
        where: {
          'top-left': 'oben links',
          'top-middle': 'oben',
          'top-right': 'oben rechts',
          'middle-left': 'links',
          'middle-middle': 'in der Mitte',
          'middle-right': 'rechts',
          'bottom-left': 'unten links',
          'bottom-middle': 'unten',
          'bottom-right': 'unten rechts',
        },
        is: 'Es ist Loch {{letter}}.',
        mirrored: 'Von unten gesehen tauschen links und rechts; oben und unten bleiben.',
        top: 'Bestückungsseite',
        bottom: 'Lötseite, von unten gesehen',
        'item-top': 'Löcher von oben: {{part}}',
        'item-bottom': 'Löcher von unten: {{part}}',
      },
    },
    order: {
      name: 'Was zuerst',
      aim: 'Die Schritte einer Platine so ordnen, dass nichts im Weg ist.',
      first: {
        ask: 'Ordne diese Schritte einer erfundenen Platine. Der Stil: {{style}}.',
        'ask-own':
          'Ordne diese Schritte deines Bausatzes. Er wird in diesem Stil gelötet: {{style}}.',
        stack: '{{first}}, und was das offen lässt: {{next}}',
        card: '{{number}}: {{says}} {{places}}',
        'by-rule': '„{{before}}“ kommt vor „{{after}}“. {{rule}}',
        'by-style': '„{{before}}“ kommt in diesem Stil vor „{{after}}“.',
        counted: '{{right}} von {{all}} Paaren, auf die es ankommt, stimmen.',
        solution: 'Eine Reihenfolge, die geht: {{steps}}.',
        told: '„{{before}}“ vor „{{after}}“',
        'told-right': 'in der richtigen Reihenfolge',
        'item-style': 'Reihenfolge: {{what}}',
        'item-rule': 'Regel: {{what}}',
        up: 'Früher',
        down: 'Später',
        list: 'Schritte, der erste oben',
        hint: 'Zieh einen Schritt, oder nimm ihn mit der Leertaste und bewege ihn mit den Pfeiltasten.',
      },
      item: {
        'lowest-first': 'das Niedrigste zuerst',
        'toughest-first': 'das Robusteste zuerst',
        'anchors-first': 'das Feste zuerst',
        'socket-before-chip': 'der Sockel vor seinem Chip',
        'chips-after-supply': 'Chips erst nach der Prüfung der Versorgung',
        'holder-tried-first': 'den Halter zuerst anprobieren',
        'look-before-measuring': 'schauen vor dem Messen',
        'resistance-before-power': 'der Widerstand vor dem ersten Strom',
        'links-first': 'Drahtbrücken zuerst',
      },
    },
    joints: {
      name: 'Lötstellen',
      aim: 'Eine gute Lötstelle von einer schlechten unterscheiden und wissen, was zu tun ist.',
      is: '{{name}}: {{looks}}',
      other: '{{name}} sähe so aus: {{looks}}',
      above: 'Von oben',
      section: 'Aufgeschnitten, Lötseite oben',
      what: { ask: 'Was für eine Lötstelle ist das?', item: 'Lötstelle: {{name}}' },
      remedy: {
        ask: 'Was machst du mit dieser Lötstelle?',
        so: 'Also: {{remedy}}.',
        item: 'Abhilfe: {{name}}',
      },
      bridge: {
        ask: 'Finde die Brücke auf dieser Lötseite, oder sag, dass keine da ist.',
        field:
          'Dreißig Lötstellen, Reihen A bis E, Spalten 1 bis 6. Geh von Lücke zu Lücke: jede sagt, wie viel grüne Platine zwischen ihren zwei Lötstellen liegt.',
        gap: {
          open: 'zwischen {{a}} und {{b}}: grüne Platine',
          narrow: 'zwischen {{a}} und {{b}}: ein schmaler grüner Strich',
          shut: 'zwischen {{a}} und {{b}}: kein Grün',
        },
        is: 'Sie ist zwischen {{a}} und {{b}}.',
        'none-is': 'Hier ist keine: um jede Lötstelle ist grüne Platine.',
        how: 'Reihe für Reihe, mit der Lupe und Licht von der Seite. Ein schmaler grüner Strich ist keine Brücke.',
        between: 'zwischen {{a}} und {{b}}',
        none: 'Es ist keine da',
        item: 'eine Brücke finden',
      },
    },
    meter: {
      name: 'Messgerät',
      aim: 'Funktion und Bereich wählen, ablesen und entscheiden, was es bedeutet.',
      shows: 'Das Messgerät zeigt {{shows}}.',
      unit: { ohm: 'Widerstand', farad: 'Kapazität' },
      setting: { diode: 'Diodentest', continuity: 'Durchgang' },
      verdict: {
        right: 'stimmt',
        usable: 'stimmt nicht, geht aber mancherorts',
        'not-this': 'nicht dieses Teil',
      },
      means: {
        right: 'Also stimmt es: innerhalb der Toleranz und des Fehlers des Messgeräts.',
        usable: 'Also außerhalb der Toleranz. Es taugt vielleicht {{for}}, nie {{never}}.',
        'it-is': 'Also nicht dieses Teil: es ist {{part}} aus derselben Liste.',
        'not-this': 'Also nicht dieses Teil, was auch immer darauf steht.',
      },
      measure: {
        ask: 'Stell das Messgerät ein, lies ab und entscheide: {{part}}.',
        list: 'In der Liste steht {{part}}, auf {{percent}} % genau.',
        dial: 'Funktion und Bereich',
        display: 'Anzeige',
        decide: 'Was ist es?',
        range:
          'Der Bereich {{range}} ist der kleinste, in den es passt: er hat die feinsten Stellen.',
        limits:
          'Auf {{percent}} %, und das Messgerät kann {{doubt}} daneben liegen: {{low}} bis {{high}} stimmt. Es zeigt {{reading}}.',
        told: '{{setting}}: {{verdict}}',
        item: '{{unit}}, {{verdict}}',
      },
      diode: {
        ask: 'Diodentest, {{part}}: was schließt du?',
        first: 'rote Spitze links',
        second: 'rote Spitze rechts',
        shows:
          'Rote Spitze am linken Draht, schwarze am rechten: {{first}}. Spitzen getauscht: {{second}}.',
        is: {
          'anode-red': 'ganz; der linke Draht ist Plus',
          'anode-black': 'ganz; der rechte Draht ist Plus',
          short: 'kaputt: leitet in beide Richtungen',
          open: 'kaputt: leitet in keine Richtung',
        },
        why: {
          'anode-red': 'Sie leitet mit der roten Spitze am linken Draht: das ist Plus, die Anode.',
          'anode-black':
            'Sie leitet mit getauschten Spitzen, mit Rot am rechten Draht: das ist Plus, die Anode.',
          short:
            'Fast nichts in beide Richtungen: sie hat einen Kurzschluss. In die Kiste mit Kaputtem.',
          open: 'Überlauf in beide Richtungen: durchgebrannt, oder eine Spitze hat keinen Kontakt. Noch einmal, dann wegwerfen.',
        },
        usual: {
          'diode-axial': 'Eine Siliziumdiode zeigt etwa 0,6 V und andersherum Überlauf.',
          'led-5mm':
            'Eine rote LED zeigt etwa 1,8 V und glimmt ein wenig. Blaue und weiße sind manchem Messgerät zu viel.',
        },
        item: 'Diodentest, {{part}}: {{meaning}}',
      },
      continuity: {
        ask: 'Zwei Nachbarn mit einem Widerstand von {{value}} dazwischen. Kein Strom, nichts angeschlossen. Was schließt du?',
        is: {
          bridge: 'eine Brücke',
          part: 'keine Brücke: das ist der Widerstand',
          apart: 'keine Brücke, und auch kein Widerstand',
        },
        why: {
          bridge: 'Einige Zehntel Ohm zeigen schon die Spitzen allein: Zinn verbindet die beiden.',
          part: 'Das ist der Widerstand dazwischen. Eine Brücke zeigte fast nichts.',
          apart:
            'Nichts leitet: keine Brücke, aber der Widerstand hat auch keinen Kontakt. Sieh seine Lötstellen an.',
        },
        tips: 'Halte zuerst die Spitzen aneinander: dann weißt du, wie nichts auf diesem Gerät aussieht.',
        item: 'Durchgang: {{meaning}}',
      },
      supply: {
        ask: 'Vor dem ersten Strom misst du von der Versorgung nach Masse. Darf Strom kommen?',
        is: {
          power: 'Ja, es darf Strom bekommen',
          short: 'Nein: ein Kurzschluss',
          doubt: 'Nein: zu wenig, etwas überbrückt oder sitzt verkehrt herum',
        },
        why: {
          power: 'Weit über 10 Ω: der erste Strom darf kommen, mit Strombegrenzung.',
          short: 'Unter einem Ohm ist ein Kurzschluss. Such eine Brücke; kein Strom.',
          doubt:
            'Einige Ohm sind kein Kurzschluss, aber zu wenig für eine kleine Platine: such ein Teil, das verkehrt herum sitzt.',
        },
        item: 'Versorgung nach Masse: {{meaning}}',
      },
    },
    heat: {
      name: 'Wärmebank',
      aim: 'Heizen, zuführen, loslassen und sehen, was die Wärme daraus macht. Verdirb hier fünfzig Lötstellen vor der ersten echten.',
      ask: 'Mach eine gute Lötstelle: {{target}}, mit {{alloy}}.',
      melts: '{{alloy}} fließt ab {{celsius}} °C. Pad und Draht müssen beide heißer sein.',
      target: {
        ordinary: 'ein dünner Draht in einem gewöhnlichen Pad',
        'large-pad': 'ein Draht in einem großen Pad',
        'plane-spokes': 'ein Draht in einem Pad, das an vier Stegen an einer Fläche hängt',
        'plane-solid': 'ein Draht in einem Pad, das ganz Fläche ist',
        lug: 'ein dicker Draht an einer Öse',
        'chip-end': 'ein Ende eines Chip-Teils',
        'hot-part': 'ein Draht eines Teils, das nicht heiß werden darf',
      },
      goal: {
        ordinary: 'eine gute Lötstelle auf einem gewöhnlichen Pad',
        'lead-free': 'dasselbe mit bleifreiem Lot',
        spokes: 'ein Pad an einer Fläche, mit Stegen',
        plane: 'ein Pad, das ganz Fläche ist',
        lug: 'ein dicker Draht an einer Öse',
        'hot-part': 'ein Teil, das nicht heiß werden darf',
      },
      none: 'Es ist kein Lot geflossen: es gibt keine Lötstelle.',
      freeItem: 'freie Bank: {{target}}, {{alloy}}',
      burnt: 'eine gute Lötstelle und ein Teil, das zu heiß wurde',
      facts:
        'Der Kolben war {{iron}} s daran. Pad und Draht waren {{both}} s lang beide über {{celsius}} °C; höchstens hatte das Pad {{pad}} °C, der Draht {{lead}} °C.',
      fault: {
        'never-hot':
          'Mit dieser Spitze ({{tip}} mm) bei {{celsius}} °C wird es durch Berühren allein nicht heiß: das Pad kam auf {{pad}} °C. Nimm eine breitere Spitze, oder führe sofort etwas Lot zu, sobald es schmilzt, und warte.',
        'fed-too-soon':
          'Du hast nach {{heated}} s zugeführt. Diese Lötstelle braucht {{needed}} s, bis Pad und Draht beide heiß sind.',
        'fed-on-iron':
          'Das Lot schmolz am Kolben und lief auf kaltes Metall. Führe es auf der anderen Seite zu: dort schmilzt es erst, wenn die Stelle heiß ist.',
        'only-pad':
          'Die Spitze berührte nur das Pad; der Draht kam auf {{lead}} °C. Beide zugleich berühren.',
        'only-lead':
          'Die Spitze berührte nur den Draht; das Pad kam auf {{pad}} °C. Beide zugleich berühren.',
        'too-short':
          'Der Kolben ging, bevor das Lot herumgeflossen war. Eine halbe Sekunde länger bleiben.',
        'too-little': 'Nur {{share}} % des Lots, das diese Stelle braucht. Etwas länger zuführen.',
        'too-much':
          '{{share}} % des Lots, das diese Stelle braucht. Aufhören, wenn der Kegel da ist.',
        moved: 'Du hast sie angesehen, bevor sie fest war. Still halten, bis das Lot erstarrt ist.',
        'pad-burnt':
          'Das Pad hatte zu lange {{pad}} °C und löste sich von der Platine. Kürzer oder weniger heiß.',
        'part-burnt':
          'Das Teil hatte {{body}} °C; es verträgt {{limit}} °C. Kürzer: eine breitere Spitze ist schneller.',
        'flux-gone':
          'Nach {{iron}} s am Kolben war das Flussmittel verbraucht, und es zog sich ein Dorn. Kürzer, oder frisches Flussmittel.',
      },
      not: {
        cold: 'Pad {{pad}} °C, Draht {{lead}} °C: noch nicht',
        one: 'Pad {{pad}} °C, Draht {{lead}} °C: erst eines ist heiß',
        both: 'Pad {{pad}} °C, Draht {{lead}} °C: beide sind heiß, zuführen',
        flowing: 'Pad {{pad}} °C, Draht {{lead}} °C: das Lot fließt',
        freezing: 'das Lot hat {{solder}} °C und ist noch weich: still halten',
        solid: 'das Lot ist fest',
        ready: 'Kolben {{tip}} °C, alles andere kalt',
      },
      iron: 'Kolben daran',
      feed: 'An der Stelle zuführen',
      feedIron: 'Am Kolben zuführen',
      look: 'Ansehen',
      restart: 'Von vorn',
      touch: 'Die Spitze berührt',
      touches: { both: 'Pad und Draht', pad: 'nur das Pad', lead: 'nur den Draht' },
      tip: 'Spitze',
      tipWidth: '{{mm}} mm',
      celsius: 'Temperatur',
      alloy: 'Lot',
      targetLabel: 'Lötstelle',
      latch: 'Einmal drücken für an, einmal für aus',
      sound: 'Ton',
      keys: 'Tasten: i halten für den Kolben, f zum Zuführen, l zum Ansehen.',
      of: { tip: 'Spitze', pad: 'Pad', lead: 'Draht', solder: 'Lot', body: 'Teil' },
      lesson: 'Lektion',
      free: 'Freie Bank',
      lessonLead: 'Ein Ziel nach dem anderen. Nach jedem Versuch steht da, was zu ändern ist.',
      goalOf: 'Ziel {{number}} von {{count}}: {{goal}}',
      tryAgain: 'Noch einmal',
      nextGoal: 'Nächstes Ziel',
      lessonDone: 'Alle Ziele sind erreicht. Die freie Bank hat alles zum Spielen.',
      tries_one: '{{count}} Versuch',
      tries_other: '{{count}} Versuche',
      compare: 'Eine zweite Lötstelle daneben',
      whatIf: 'Was wäre wenn',
      whatIfLead:
        'Sekunden, bis Pad und Draht heiß genug zum Zuführen sind, nach Spitze, Temperatur und Lot.',
      working: 'Wird ausgerechnet …',
      never: 'nicht trocken',
      open: 'Die Wärmebank öffnen',
    },
  },
  joint: {
    good: {
      name: 'Gut',
      looks:
        'Ein kleiner Kegel mit hohlen Seiten. Er bedeckt das Pad ringsum und läuft auf Pad und Draht dünn aus; das Drahtende ist zu sehen.',
      cause: 'Pad und Draht waren zusammen heiß, und das Lot war genug und nicht mehr.',
    },
    disturbed: {
      name: 'Kalt oder gestört',
      looks:
        'Eine graue, raue, klumpige Oberfläche mit einer Falte um den Draht. Sie bedeckt das Pad.',
      cause: 'Es war nicht heiß genug, oder das Teil bewegte sich, während das Lot fest wurde.',
    },
    'pad-not-wetted': {
      name: 'Pad nicht benetzt',
      looks:
        'Das Lot hängt wie ein Tropfen am Draht. Sein unterer Rand ist rund und läuft nicht auf das Pad aus; ringsum ist blankes Kupfer.',
      cause: 'Nur der Draht wurde heiß, oder das Pad ist schmutzig.',
    },
    'lead-not-wetted': {
      name: 'Draht nicht benetzt',
      looks:
        'Das Lot liegt flach auf dem Pad. Zwischen ihm und dem Draht ist ein dunkler Ring; der Draht steht in einem eigenen Loch.',
      cause: 'Nur das Pad wurde heiß, oder der Draht ist angelaufen.',
    },
    'too-little': {
      name: 'Zu wenig Lot',
      looks:
        'Lot nur auf einem Teil des Pads. Neben dem Draht ist das Loch zu sehen; die Oberfläche ist glatt.',
      cause: 'Das Lot wurde zu früh weggenommen.',
    },
    'too-much': {
      name: 'Zu viel Lot',
      looks: 'Eine runde Kugel, die über den Rand des Pads quillt. Der Draht ist nicht zu sehen.',
      cause: 'Es wurde zu lange zugeführt; was darunter ist, lässt sich nicht beurteilen.',
    },
    bridge: {
      name: 'Brücke',
      looks: 'Eine glatte Zunge aus Lot läuft von diesem Pad über die Lücke zum nächsten.',
      cause: 'Zu viel Lot, oder die Spitze berührte beim Weggehen den Nachbarn.',
    },
    spike: {
      name: 'Dorn',
      looks: 'Eine dünne Spitze aus Lot steht neben dem Draht, ausgezogen wie ein Stachel.',
      cause:
        'Das Flussmittel war verbraucht, und die Spitze ging langsam weg, während das Lot fest wurde.',
    },
    pinhole: {
      name: 'Loch',
      looks: 'Ein Kegel, der das Pad bedeckt, mit einem kleinen tiefen Loch in der Seite.',
      cause:
        'Beim Festwerden kochte etwas heraus: Feuchte, Schmutz oder eingeschlossenes Flussmittel.',
    },
    'lifted-pad': {
      name: 'Abgehobenes Pad',
      looks: 'Der Kupferring steht auf einer Seite von der Platine ab; darunter ist sie dunkel.',
      cause: 'Zu lange Hitze, oder Kraft, solange es heiß war.',
    },
    ball: {
      name: 'Lotkugel oder Spritzer',
      looks:
        'Die Lötstelle ist ein hohler Kegel; daneben liegt auf der Platine eine lose Metallperle.',
      cause: 'Spritzendes Flussmittel, oder Lot, das von der Spitze tropfte.',
    },
    'lead-missed': {
      name: 'Draht nicht durchs Loch',
      looks: 'Lot füllt das Loch und ist oben geschlossen. Kein Draht kommt heraus.',
      cause: 'Der Draht wurde unter dem Körper umgebogen, und niemand sah von unten nach.',
    },
    'chip-good': {
      name: 'Gut',
      looks:
        'Ein Block liegt flach auf seinen zwei Pads. An jedem Ende läuft eine kleine hohle Schräge aus Lot vom Pad zur Kappe hinauf.',
      cause: 'Beide Enden waren heiß und bekamen wenig Lot.',
    },
    'stood-up': {
      name: 'Aufgestellt',
      looks: 'Ein Block steht von einem Pad hoch; sein anderes Ende hängt in der Luft.',
      cause: 'Zu viel Lot auf dem ersten Pad, oder ein Ende schmolz lange vor dem anderen.',
    },
    askew: {
      name: 'Schief',
      looks: 'Ein Block liegt schräg über seinen Pads; eine Ecke ragt über den Rand ihres Pads.',
      cause: 'Die Pinzette ließ los, bevor das erste Ende fest war.',
    },
  },
  jointRemedy: {
    leave: 'So lassen',
    'reheat-flux':
      'Flussmittel, dann Pad und Draht zusammen heizen, bis es fließt; still halten, bis es fest ist',
    'add-solder': 'Pad und Draht heizen und ein wenig Lot zugeben',
    braid: 'Was zu viel ist, mit Entlötlitze aufsaugen',
    'drag-bridge': 'Eine saubere heiße Spitze zwischen beiden hindurchziehen, oder Entlötlitze',
    'pull-spike':
      'Etwas Flussmittel und eine saubere Spitze; die Spitze schnell am Draht entlang wegnehmen',
    'wire-repair':
      'Nicht weiter heizen. Der Leiterbahn zum nächsten Pad folgen und mit einem Draht überbrücken',
    'brush-off': 'Abheben oder abbürsten, bevor Strom kommt',
    'take-out': 'Das Teil herausnehmen, den Draht gerade biegen, durch sein Loch stecken',
    'both-ends': 'Flussmittel, beide Enden abwechselnd mit wenig Lot schmelzen und flach andrücken',
  },
  rule: {
    'links-first': { says: 'Drahtbrücken kommen vor dem, was über ihnen liegen kann.' },
    'socket-before-chip': { says: 'Ein Sockel kommt vor seinem Chip.' },
    'holder-tried-first': {
      says: 'Der Batteriehalter wird an seinem Platz anprobiert, bevor er befestigt wird.',
    },
    'screws-before-solder': { says: 'Die Schrauben eines Halters kommen vor seinem Lot.' },
    'sink-before-its-part': {
      says: 'Ein Kühlkörper wird angeschraubt, bevor sein Teil gelötet wird.',
    },
    'chips-after-supply': {
      says: 'Chips bleiben aus ihren Sockeln, bis die Versorgung geprüft ist.',
    },
    'battery-last': { says: 'Niemand lötet an einer Platine mit eingelegter Batterie.' },
    'all-soldered-before-look': {
      says: 'Lötstellen werden angesehen, wenn alle des Blocks gemacht sind.',
    },
    'look-before-measuring': { says: 'Vor dem Messen nach Brücken schauen.' },
    'supply-before-measuring': {
      says: 'Ein Block wird gemessen, wenn die Teile da sind, die die Versorgung bringen.',
    },
    'resistance-before-power': { says: 'Vor dem Strom von der Versorgung nach Masse messen.' },
    'power-before-function': { says: 'Ein Block wird ausprobiert, wenn seine Versorgung stimmt.' },
    'function-last': { says: 'Die Platine wird ausprobiert, wenn alles drin ist.' },
    'covers-pads': { says: 'Ein Pad, das ein späteres Teil verdeckt, wird zuerst gelötet.' },
    'under-body': { says: 'Ein Teil unter einem anderen kommt zuerst.' },
    'iron-access': {
      says: 'Ein Pad wird gelötet, bevor ein hoher Nachbar dem Kolben den Platz nimmt.',
    },
    'middle-first': { says: 'Das Teil in der Mitte kommt vor dem, was es umgibt.' },
    'surface-before-tall': {
      says: 'Oberflächenteile einer Seite kommen vor den hohen Teilen dort.',
    },
    'far-side-last': { says: 'Die andere Seite wird begonnen, wenn diese fertig ist.' },
  },
  style: {
    'lowest-first': {
      name: 'Das Niedrigste zuerst',
      why: 'Umgedreht liegt das niedrigste Teil flach auf der Matte und fällt nicht heraus.',
    },
    'toughest-first': {
      name: 'Das Robusteste zuerst',
      why: 'Was Hitze und statische Ladung verderben können, ist am kürzesten auf der Platine.',
    },
    'by-sheet': {
      name: 'Nach der Liste',
      why: 'Die Schritte folgen der gedruckten Liste Zeile für Zeile: am wenigsten Verwechslungen, und alle finden die Stelle.',
    },
    'surface-first': {
      name: 'Oberflächenteile zuerst',
      why: 'Oberflächenteile brauchen eine flach liegende Platine und Platz für die Pinzette.',
    },
    'by-block': {
      name: 'Block für Block',
      why: 'Jeder Teil der Schaltung wird geprüft, wenn er fertig ist: ein Fehler zeigt sich, wo er gemacht wurde.',
    },
    'anchors-first': {
      name: 'Das Feste zuerst',
      why: 'Buchsen und Schalter am Rand brauchen Kraft und müssen gerade sitzen: sie kommen, solange nichts im Weg ist.',
    },
  },
  usable: {
    'resistor-axial': { for: 'für eine LED oder als Pull-up', never: 'für Teiler oder Zeiten' },
    'capacitor-ceramic': { for: smoothing, never: timing },
    'capacitor-multilayer': { for: smoothing, never: timing },
    'capacitor-film': { for: smoothing, never: timing },
    'capacitor-electrolytic': { for: smoothing, never: 'für Zeiten' },
    'capacitor-chip': { for: smoothing, never: timing },
  },
  seat: {
    practise: 'Für das nächste Mal üben',
    practiseWaiting: 'Wartest du auf etwas? Üb inzwischen',
    heatAbout:
      'Mit dem Kolben dieses Raums etwa {{from}} s, bevor du zuführst; ein gewöhnliches Pad braucht {{ordinary}} s.',
    heatBetween:
      'Mit dem Kolben dieses Raums {{from}} bis {{to}} s, bevor du zuführst; ein gewöhnliches Pad braucht {{ordinary}} s.',
    heatFrom:
      'Mit dem Kolben dieses Raums {{from}} s oder viel länger, bevor du zuführst; ein gewöhnliches Pad braucht {{ordinary}} s. Fließt es nach 8 s nicht, hör auf und frag nach einer breiteren Spitze.',
    heatNever:
      'Durch Berühren allein wird diese Lötstelle mit dem Kolben dieses Raums nicht heiß. Schmilz etwas Lot, wo Spitze, Pad und Draht sich treffen, warte, bis es fließt, und führe dann zu. Fließt es nach 8 s nicht, hör auf und frag nach einer breiteren Spitze.',
  },
  practice: {
    title: 'Üben',
    lead: 'Zehn Minuten vor dem Abend, in einer Pause, zu Hause. Hier geht nichts kaputt.',
    for: 'Für deinen nächsten Bausatz: {{kit}}',
    start: 'Los',
    mixed: 'Von allem etwas',
    mixedAim: 'Was du bald vergisst, was an der Platine schiefging, und etwas Neues.',
    length: 'etwa {{minutes}} min, {{count}} Aufgaben',
    onlyOne: 'Ein Trainer',
    answered_one: '{{count}} beantwortet',
    answered_other: '{{count}} beantwortet',
    due_one: '{{count}} fällig',
    due_other: '{{count}} fällig',
    kept: '{{kept}} von {{items}} sitzen',
    none: 'noch nicht versucht',
    ofCount: '{{number}} von {{count}}',
    stop: 'Hier aufhören',
    backToSeat: 'Zu meiner Platine',
    inWords: 'In Worten',
    answer: 'Das ist meine Antwort',
    next: 'Weiter',
    right: 'Richtig.',
    partly: 'Zum Teil richtig.',
    wrong: 'Nicht ganz.',
    notCounted: 'Nicht gezählt: was es entscheidet, ist mit dem Auge nicht zu sehen.',
    rightWas: 'Richtig wäre: {{answer}}.',
    again: 'Noch einmal, zum Schluss',
    done: 'Das war es',
    score_one: '{{right}} von {{count}} war richtig.',
    score_other: '{{right}} von {{count}} waren richtig.',
    lookAgain: 'Noch einmal anzusehen',
    allRight: 'Nichts ging schief.',
    another: 'Noch eine Runde',
    choose: 'Einen Trainer wählen',
    nothing: 'Mit diesem Bausatz gibt es noch nichts zu üben.',
    sight: {
      label: 'Wie siehst du Farben?',
      usual: 'Wie die meisten',
      'red-green': 'Rot und Grün sehen für mich gleich aus',
      'blue-yellow': 'Blau und Gelb sehen für mich gleich aus',
      unsure: 'Anders als die meisten, oder ich weiß es nicht',
      why: 'Es bleibt auf diesem Gerät. Dann gibt es Farbnamen und ein Messgerät, und nichts zählt, was nicht zu sehen ist.',
    },
    keypad: { value: 'Wert', delete: 'Löschen' },
    pickWhy: 'Deine Antwort',
    round: {
      title: 'Eine Frage an alle',
      open: 'Beantworten',
      later: 'Nicht jetzt',
      given: 'Deine Antwort ist da. Gleich werden die Antworten gezeigt.',
      ended: 'Darum ging es bei der Frage.',
      close: 'Zurück zu meinem Schritt',
    },
  },
};
