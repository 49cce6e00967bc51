/** German words for families, from lights and switches to cells and fixings; the older ones are in `de`. */
export const moreFamiliesGerman = {
  'capacitor-can-chip': {
    one: 'SMD-Elko',
    many: 'SMD-Elkos',
    fit: [
      'Das dunkle Segment oben suchen: diese Seite ist Minus. Die zwei abgeschrägten Ecken des Fußes sind bei Plus.',
      'Ein Pad verzinnen, das Teil mit der Pinzette anschmelzen, prüfen, dass es flach aufliegt, das andere Bein löten, dann das erste nachlöten.',
    ],
    wayRound:
      'Das dunkle Segment zeigt vom aufgedruckten + weg. Die abgeschrägten Ecken liegen beim +.',
    backwards:
      'Er wird undicht und heiß, und der Becher kann platzen. Die Platine nie zum Ausprobieren einschalten.',
  },
  'capacitor-tantalum-chip': {
    one: 'SMD-Tantalkondensator',
    many: 'SMD-Tantalkondensatoren',
    fit: [
      'Den Balken an einem Ende suchen: bei diesem Teil ist der Balken Plus.',
      'Ein Pad verzinnen, das Teil mit der Pinzette anschmelzen, prüfen, dass es flach aufliegt, das andere Ende löten, dann das erste nachlöten.',
    ],
    wayRound: 'Der Balken ist Plus: er gehört zum Pad mit + oder Balken.',
    backwards:
      'Er kann beim ersten Einschalten brennen oder platzen, mit Flamme. Die Platine nie zum Ausprobieren einschalten.',
  },
  'capacitor-trimmer': {
    one: 'Trimmkondensator',
    many: 'Trimmkondensatoren',
    fit: [
      'Eindrücken, bis er eben aufliegt. Die Seite an der Schraube gehört meist an Masse: Blatt ansehen.',
      'Einen Anschluss löten, prüfen, dann den anderen. Kurz heizen: sein Kunststoff schmilzt.',
      'Seine Schraube nur mit einem Werkzeug aus Kunststoff drehen, nach dem Test.',
    ],
    wayRound: 'Beide Richtungen gehen. Mit der Schraubenseite an Masse stört das Werkzeug weniger.',
  },
  'bridge-rectifier': {
    one: 'Brückengleichrichter',
    many: 'Brückengleichrichter',
    fit: [
      'Das + und die zwei ~ auf dem Teil suchen. Der längste Anschluss ist Plus.',
      'Die vier Anschlüsse zu den Löchern spreizen und einstecken, einige Millimeter über der Platine.',
      'Einen Anschluss löten, prüfen, dass + bei + ist, dann die anderen. Abschneiden.',
    ],
    wayRound:
      'Das + auf dem Teil und der längste Anschluss gehören in das Loch mit dem +. Die zwei ~ gehören zu den Löchern mit ~.',
    backwards: 'Er schließt die Versorgung kurz: er und die Quelle werden sofort sehr heiß.',
  },
  'display-matrix': {
    one: 'LED-Matrix',
    many: 'LED-Matrizen',
    fit: [
      'Die Seite mit dem Aufdruck suchen und den Pin 1, den das Datenblatt nennt: Zeilen und Spalten sind gemischt.',
      'Prüfen, dass alle Pins gerade sind, dann eindrücken, bis sie eben aufliegt.',
      'Zwei Pins in gegenüberliegenden Ecken löten, von der Seite prüfen, dann die übrigen.',
    ],
    wayRound: 'Die Seite mit dem Aufdruck liegt dort, wo Platine oder Datenblatt Pin 1 haben.',
    backwards:
      'Falsche Punkte leuchten, oder keiner. Sechzehn Pins auszulöten dauert lange, also jetzt prüfen.',
  },
  'led-two-colour': {
    one: 'zweifarbige LED',
    many: 'zweifarbige LEDs',
    fit: [
      'Den längsten Draht suchen: bei drei Drähten gehört er beiden Farben. Bei zwei Drähten wechselt die Farbe mit der Richtung.',
      'Die Drähte zu den Löchern spreizen und die LED so weit eindrücken, wie das Blatt sagt.',
      'Den mittleren Draht löten, prüfen, dann die anderen schnell. Abschneiden.',
    ],
    wayRound:
      'Der längste Draht gehört in das mittlere Loch. Die flache Stelle am Rand liegt an der flachen Stelle des Rings.',
    backwards: 'Die Farben tauschen ihre Plätze, oder eine bleibt dunkel.',
  },
  'led-infrared': {
    one: 'Infrarot-LED',
    many: 'Infrarot-LEDs',
    fit: [
      'Den langen Draht suchen und die flache Stelle am Rand fühlen. Ein Fototransistor sieht genauso aus: die Tüte lesen.',
      'Den langen Draht in das Loch mit dem + stecken und die LED bis zur Platine eindrücken.',
      'Einen Draht löten, prüfen, dass sie gerade sitzt, den anderen schnell löten, abschneiden.',
    ],
    wayRound:
      'Langer Draht in das Loch mit dem +. Die flache Stelle am Rand liegt an der flachen Stelle des Rings.',
    backwards: 'Sie sendet nichts. Über etwa 5 V kann sie Schaden nehmen.',
  },
  'led-power': {
    one: 'Hochleistungs-LED',
    many: 'Hochleistungs-LEDs',
    fit: [
      'Das + neben den Pads suchen: der Diodentest des Messgeräts klärt es.',
      'Zuerst auf dem Kühlkörper befestigen, mit Wärmeleitpaste oder Pad: ohne ihn verbrennt sie in Sekunden.',
      'Die Pads verzinnen, dann die Drähte anlöten. Das Metall zieht die Wärme weg: länger heizen.',
    ],
    wayRound: 'Der Draht von + gehört zum Pad mit dem +.',
    backwards: 'Sie leuchtet nicht. Über etwa 5 V kann sie Schaden nehmen.',
  },
  'led-addressable': {
    one: 'adressierbare LED',
    many: 'adressierbare LEDs',
    fit: [
      'Die abgeschnittene Ecke suchen, am Teil und auf der Platine.',
      'Ein Bein anheften, gerade rücken, dann das gegenüberliegende und die übrigen löten. Kurz heizen.',
      'Jede LED reicht die Daten weiter: eine verdrehte macht alle hinter ihr dunkel.',
    ],
    wayRound:
      'Die abgeschnittene Ecke liegt an der aufgedruckten. Hersteller unterscheiden sich, welcher Pin dort ist: Blatt vergleichen.',
    backwards:
      'Sie und alle dahinter bleiben dunkel, oder ihre Versorgung ist verkehrt und sie stirbt.',
  },
  'infrared-receiver': {
    one: 'Infrarotempfänger',
    many: 'Infrarotempfänger',
    fit: [
      'Die Seite mit der Linse suchen und die drei Beine mit dem Blatt vergleichen: Hersteller ordnen sie verschieden.',
      'So weit einstecken, wie das Blatt sagt; vielleicht wird er umgebogen, um aus dem Gehäuse zu schauen.',
      'Das mittlere Bein löten, prüfen, dann die äußeren. Abschneiden.',
    ],
    wayRound: 'Die Seite mit der Linse zeigt dorthin, wo der Umriss auf der Platine sie hat.',
    backwards: 'Seine Versorgung ist verkehrt: er wird heiß und stirbt.',
  },
  phototransistor: {
    one: 'Fototransistor',
    many: 'Fototransistoren',
    fit: [
      'Er sieht aus wie eine klare LED: die Tüte lesen. Seine Drähte folgen nicht der Regel von LEDs.',
      'Das Datenblatt vergleichen: welcher Draht ist der Kollektor, bei einer Fotodiode die Kathode.',
      'Einen Draht löten, prüfen, dass er gerade sitzt, den anderen schnell löten, abschneiden.',
    ],
    wayRound:
      'Die flache Stelle am Rand liegt an der flachen Stelle des Rings. Blatt vergleichen: die Länge der Drähte sagt anderes als bei einer LED.',
    backwards: 'Er sieht kein Licht: nichts reagiert.',
  },
  'transistor-can': {
    one: 'Transistor im Metallgehäuse',
    many: 'Transistoren im Metallgehäuse',
    fit: [
      'Die kleine Nase am Rand suchen: sie ist neben dem Emitter.',
      'Die drei Drähte zu ihren Löchern spreizen und einstecken, bis er einige Millimeter über der Platine sitzt.',
      'Einen Draht löten, prüfen, dann die anderen mit einer Pause dazwischen. Abschneiden.',
    ],
    wayRound: 'Die Nase am Rand liegt an der aufgedruckten Nase.',
    backwards:
      'Nichts wird verstärkt, und das Teil kann zerstört werden. Später sieht man es schlecht, also jetzt prüfen.',
  },
  'triac-to220': {
    one: 'Triac oder Thyristor',
    many: 'Triacs oder Thyristoren',
    fit: [
      'Die Bezeichnung lesen: Transistoren und Regler sehen genauso aus.',
      'Einstecken, bis der breite Teil der Anschlüsse aufsitzt.',
      'Den mittleren Anschluss löten, prüfen, dass es gerade sitzt, dann die anderen. Abschneiden.',
    ],
    wayRound: 'Die Metallfahne liegt an der Doppellinie des Umrisses.',
    backwards:
      'Er bleibt aus oder ist immer an. In einer Netzschaltung ist das gefährlich: aufhören und fragen.',
  },
  'triac-to92': {
    one: 'kleiner Triac oder Thyristor',
    many: 'kleine Triacs oder Thyristoren',
    fit: [
      'Die Bezeichnung lesen: Transistoren und Regler sehen genauso aus.',
      'Einstecken, bis das Teil etwa 3 mm über der Platine sitzt.',
      'Den mittleren Anschluss löten, prüfen, dass es gerade sitzt, dann die anderen. Abschneiden.',
    ],
    wayRound: 'Die flache Seite liegt an der geraden Seite des aufgedruckten D.',
    backwards:
      'Er bleibt aus oder ist immer an. In einer Netzschaltung ist das gefährlich: aufhören und fragen.',
  },
  'chip-to92': {
    one: 'kleines IC mit drei Beinen',
    many: 'kleine ICs mit drei Beinen',
    fit: [
      'Die Bezeichnung auf der flachen Seite lesen: Transistoren sehen genauso aus.',
      'Die drei Beine etwas spreizen und einstecken, bis es etwa 3 mm über der Platine sitzt.',
      'Das mittlere Bein löten, prüfen, dann die äußeren, mit einer Pause dazwischen. Abschneiden.',
    ],
    wayRound: 'Die flache Seite liegt an der geraden Seite des aufgedruckten D.',
    backwards: 'Seine Versorgung ist verkehrt: es wird heiß und stirbt meistens.',
  },
  'chip-power': {
    one: 'Leistungs-IC',
    many: 'Leistungs-ICs',
    fit: [
      'Seine Beine stehen in zwei Reihen: keines verbiegen, jedes über seinem Loch prüfen.',
      'Hat es einen Kühlkörper, den zuerst anschrauben, mit Isolierscheibe, wo das Blatt es sagt.',
      'Ein Bein löten, prüfen, dass es gerade sitzt, dann die anderen. Abschneiden.',
    ],
    wayRound: 'Die Metallfahne liegt an der Doppellinie des Umrisses.',
    backwards: 'Es wird meist zerstört, sobald die Platine Strom bekommt.',
  },
  'chip-row': {
    one: 'IC mit einer Reihe Beine',
    many: 'ICs mit einer Reihe Beine',
    fit: [
      'Pin 1 suchen: an der abgeschnittenen Ecke oder am Punkt.',
      'Prüfen, dass jedes Bein über seinem Loch ist, dann eindrücken.',
      'Ein Bein löten, prüfen, dass es gerade sitzt, dann die anderen.',
    ],
    wayRound: 'Die abgeschnittene Ecke oder der Punkt liegt am eckigen Loch.',
    backwards: 'Es wird meist zerstört, sobald die Platine Strom bekommt.',
  },
  relay: {
    one: 'Relais',
    many: 'Relais',
    fit: [
      'Die Spulenspannung auf dem Deckel lesen: sie muss die des Blattes sein.',
      'Eindrücken, bis es flach aufliegt; seine Pins passen nur in einer Richtung.',
      'Zwei Pins in gegenüberliegenden Ecken löten, prüfen, dass es flach liegt, dann die anderen.',
    ],
    wayRound: 'Seine Pins passen nur in einer Richtung.',
  },
  fuse: {
    one: 'Sicherung',
    many: 'Sicherungen',
    fit: [
      'Den Strom auf der Kappe lesen: er muss der des Blattes sein, nie mehr.',
      'Mit Halter wird sie nach dem Löten eingesteckt; mit Drähten wird sie wie ein Widerstand gelötet.',
    ],
    wayRound: 'Beide Richtungen sind richtig.',
  },
  'fuse-holder': {
    one: 'Sicherungshalter',
    many: 'Sicherungshalter',
    fit: [
      'Die Sicherung kurz einstecken, damit beide Klemmen fluchten, dann wieder herausnehmen.',
      'Beide Enden löten. Das Metall ist dick: etwas länger heizen.',
    ],
    wayRound: 'Beide Richtungen sind richtig; die Anschläge loser Klemmen zeigen nach außen.',
  },
  microphone: {
    one: 'Mikrofon',
    many: 'Mikrofone',
    fit: [
      'Die Rückseite ansehen: das Pad, das mit dem Gehäuse verbunden ist, ist Minus.',
      'Einsetzen und kurz löten: Hitze verdirbt es.',
    ],
    wayRound: 'Das Pad am Gehäuse gehört in das Loch mit dem −.',
    backwards: 'Es hört nichts; meist überlebt es.',
  },
  'rotary-encoder': {
    one: 'Drehgeber',
    many: 'Drehgeber',
    fit: [
      'Die Pins gerade biegen; drei sind auf einer Seite, zwei auf der anderen.',
      'Eindrücken, bis er einrastet; auch die Metallzungen löten: sie nehmen die Kraft auf.',
    ],
    wayRound: 'Seine Pins passen nur in einer Richtung.',
  },
  varistor: {
    one: 'Varistor',
    many: 'Varistoren',
    fit: [
      'Den Spannungscode lesen: Kondensatoren sehen ähnlich aus.',
      'Einstecken, beide Drähte löten, abschneiden.',
    ],
    wayRound: 'Beide Richtungen sind richtig.',
  },
  'inductor-radial': {
    one: 'stehende Drossel',
    many: 'stehende Drosseln',
    fit: [
      'Den Code oben lesen: er nennt Mikrohenry. Sie sieht aus wie ein kleiner Elko ohne Streifen.',
      'Einstecken, beide Drähte löten, abschneiden.',
    ],
    wayRound: 'Beide Richtungen sind richtig.',
  },
  transformer: {
    one: 'Transformator',
    many: 'Transformatoren',
    fit: [
      'Den Punkt oder Pin 1 suchen: beide Seiten sehen gleich aus.',
      'Eindrücken, bis er flach aufliegt, zwei gegenüberliegende Pins löten, prüfen, dann die übrigen.',
      'Er kann aus einer Batterie eine gefährliche Spannung machen: der Anleitung der Kursleitung folgen.',
    ],
    wayRound: 'Der Punkt oder Pin 1 des Blattes liegt am eckigen Loch.',
    backwards:
      'Die falsche Wicklung bekommt die Versorgung: wo keine hingehört, kann Hochspannung entstehen, oder sie verbrennt.',
  },
  'reed-switch': {
    one: 'Reedkontakt',
    many: 'Reedkontakte',
    fit: [
      'Den Draht zwischen Glas und Biegung mit der Zange halten: das Glas bricht leicht.',
      '3 mm vom Glas entfernt biegen, flach legen, beide Drähte löten, abschneiden.',
    ],
    wayRound: 'Beide Richtungen sind richtig.',
  },
  'tilt-switch': {
    one: 'Neigungsschalter',
    many: 'Neigungsschalter',
    fit: [
      'Prüfen, welche Art es ist: eine Kugel rollt und klickt; eine Quecksilberperle im Glas gehört nicht in einen Kurs.',
      'So einsetzen, wie das Blatt es zeigt, stehend oder liegend, beide Drähte kurz löten, abschneiden.',
    ],
    wayRound: 'Beide Richtungen sind richtig; stehend oder liegend ist wichtig.',
  },
  'switch-dip': {
    one: 'DIP-Schalter',
    many: 'DIP-Schalter',
    fit: [
      'Die Seite mit „ON“ zeigt dorthin, wo sie aufgedruckt ist.',
      'Eindrücken, zwei gegenüberliegende Ecken löten, prüfen, dass er flach liegt, dann die übrigen. Kurz heizen.',
    ],
    wayRound: 'Die Seite mit „ON“ zeigt dorthin, wo sie aufgedruckt ist.',
  },
  motor: {
    one: 'Motor',
    many: 'Motoren',
    fit: [
      'Die Enden der Drähte verdrillen und verzinnen.',
      'Jeden Draht durch sein Loch stecken und löten; kurz genug lassen, dass sie die Welle nicht fängt.',
    ],
    wayRound: 'Der rote Draht gehört in das Loch mit dem +.',
    backwards: 'Er dreht andersherum.',
  },
  module: {
    one: 'Modul',
    many: 'Module',
    fit: [
      'Die Namen an seinen Pins mit der Platine vergleichen: + und − sind nicht bei jedem Modul am selben Platz.',
      'Mit geraden Pins einsetzen, oder zuerst seine Buchsenleiste.',
      'Einen Pin löten, prüfen, dass es eben sitzt, dann die anderen.',
    ],
    wayRound: 'Die Namen an seinen Pins sind die auf der Platine.',
    backwards: 'Es stirbt meistens, sobald die Platine Strom bekommt.',
  },
  'neon-lamp': {
    one: 'Glimmlampe',
    many: 'Glimmlampen',
    fit: [
      'Die Drähte nicht direkt am Glas biegen.',
      'Beide Drähte löten, abschneiden. Sie braucht eine Spannung, die verletzen kann: den Test macht die Kursleitung.',
    ],
    wayRound: 'Beide Richtungen sind richtig.',
  },
  'nixie-tube': {
    one: 'Nixie-Röhre',
    many: 'Nixie-Röhren',
    fit: [
      'Den Draht suchen, den das Blatt Anode nennt: er hat oft einen weißen Fuß.',
      'Die Drähte stufenweise kürzen, damit sie nacheinander hineingehen.',
      'Sie braucht etwa 170 V: den Test macht die Kursleitung.',
    ],
    wayRound: 'Die Ziffern zeigen nach vorn; die Anode gehört in ihr Loch.',
    backwards: 'Falsche Ziffern leuchten, oder keine. Nicht berühren: sie hat eine hohe Spannung.',
  },
  'flash-tube': {
    one: 'Blitzröhre',
    many: 'Blitzröhren',
    fit: [
      'An den Enden halten, mit sauberen Fingern oder einem Tuch.',
      'Das Ende mit + oder rotem Punkt suchen, die Drähte weg vom Glas biegen, löten, abschneiden.',
      'Ihr Kondensator behält nach dem Ausschalten eine tödliche Ladung: den Test macht die Kursleitung.',
    ],
    wayRound: 'Das Ende mit + oder rotem Punkt gehört in das Loch mit dem +.',
    backwards: 'Sie blitzt nicht oder verschleißt schnell.',
  },
  lamp: {
    one: 'Glühlampe',
    many: 'Glühlampen',
    fit: [
      'Am Metall halten, die Drähte weg vom Glas biegen.',
      'Beide Drähte löten, abschneiden. Sie wird im Betrieb heiß.',
    ],
    wayRound: 'Beide Richtungen sind richtig.',
  },
  'laser-diode': {
    one: 'Laser',
    many: 'Laser',
    fit: [
      'Klasse und Leistung lesen: nur Klasse 1 oder 2, bis 1 mW, gehört in einen Kurs.',
      'Zuerst blankes Metall berühren: eine statische Ladung zerstört ihn.',
      'Die Drähte bei verdecktem Strahl anlöten; nie hineinsehen und auf niemanden richten.',
    ],
    wayRound:
      'Der rote Draht gehört in das Loch mit dem +; bei anderen Farben das Blatt vergleichen.',
    backwards: 'Er stirbt meistens sofort.',
  },
  'coin-cell': {
    one: 'Knopfzelle',
    many: 'Knopfzellen',
    fit: [
      'Zuerst den Kolben in den Ständer: niemand lötet an einer Platine mit Batterie.',
      'Die breite, flache Seite mit dem + ist Plus; die kleinere, erhabene Seite ist Minus.',
      'Einschieben, das + dorthin, wo der Halter es zeigt. Nie an einer Zelle löten.',
    ],
    wayRound: 'Die breite, flache Seite mit dem + liegt an der Feder oder am + des Halters.',
    backwards:
      'Die ganze Platine bekommt ihre Spannung verkehrt herum; nur eine Schutzdiode kann sie retten.',
  },
  'block-9v': {
    one: '9-V-Block',
    many: '9-V-Blöcke',
    fit: [
      'Zuerst den Kolben in den Ständer: niemand lötet an einer Platine mit Batterie.',
      'Der kleine, runde Druckknopf ist Plus, die weitere Krone ist Minus: den Clip vor dem Andrücken daneben halten.',
      'Erst bei der Prüfung anstecken. Verkehrt herum berührt er kurz, und das kann reichen.',
    ],
    wayRound:
      'Der kleine runde Knopf, Plus, gehört in die weite Fassung des Clips; die weite Krone, Minus, in die kleine.',
    backwards:
      'Die Platine bekommt ihre Spannung einen Moment verkehrt herum: nur eine Schutzdiode kann sie retten.',
  },
  'round-cell': {
    one: 'Rundzelle',
    many: 'Rundzellen',
    fit: [
      'Zuerst den Kolben in den Ständer: niemand lötet an einer Platine mit Batterie.',
      'Jede Zelle mit dem flachen Ende an die Feder legen.',
    ],
    wayRound: 'Das flache Ende jeder Zelle, Minus, drückt auf die Feder; der Knopf ist Plus.',
    backwards:
      'Die ganze Platine bekommt ihre Spannung verkehrt herum; nur eine Schutzdiode kann sie retten.',
  },
  'lithium-cell': {
    one: 'Lithiumzelle',
    many: 'Lithiumzellen',
    fit: [
      'Zuerst den Kolben in den Ständer: niemand lötet an einer Platine mit Batterie.',
      'Nie löten, anstechen, biegen oder kurzschließen. Keine aufgeblähte oder beschädigte benutzen.',
      'Den Stecker vor dem Einstecken mit dem Messgerät prüfen: Hersteller haben Plus auf verschiedenen Seiten.',
      'Nur mit ihrem eigenen Lader laden, nie unbeaufsichtigt.',
    ],
    wayRound: 'Messen: Plus ihres Steckers gehört zum + der Platine.',
    backwards:
      'Die ganze Platine bekommt ihre Spannung verkehrt herum, mit einem Strom, der Leiterbahnen verbrennt und die Zelle entzünden kann.',
  },
  insulator: {
    one: 'Isolierscheibe',
    many: 'Isolierscheiben',
    fit: [
      'Sie gehört zwischen Metallfahne und Kühlkörper; die Buchse hält die Schraube von der Fahne fern.',
      'Danach zwischen Fahne und Kühlkörper messen: keine Verbindung.',
    ],
  },
  'stand-off-nylon': {
    one: 'Abstandsbolzen aus Nylon',
    many: 'Abstandsbolzen aus Nylon',
    fit: ['Nur handfest: sein Gewinde reißt leicht aus.'],
  },
  'screw-nylon': {
    one: 'Nylonschraube',
    many: 'Nylonschrauben',
    fit: ['Nur handfest: ihr Kopf reißt leicht ab.'],
  },
  'regulator-sot': {
    one: 'SMD-Regler',
    many: 'SMD-Regler',
    fit: [
      'Den Aufdruck mit der Lupe lesen: dasselbe Gehäuse gibt es für 3,3 V, 5 V und einstellbar.',
      'Zuerst die breite Seite anschmelzen: sie braucht mehr Wärme. Dann die drei Beine löten.',
    ],
    wayRound: 'Die breite Seite liegt am breiten Pad: er passt nur in einer Richtung.',
    backwards:
      'Der Regler und alles, was er versorgt, kann zerstört werden, sobald die Platine Strom bekommt.',
  },
};
