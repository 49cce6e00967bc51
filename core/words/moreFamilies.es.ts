/** Spanish words for families, from lights and switches to cells and fixings; the older ones are in `es`. */
export const moreFamiliesSpanish = {
  'capacitor-can-chip': {
    one: 'condensador electrolítico SMD',
    many: 'condensadores electrolíticos SMD',
    fit: [
      'Busca el segmento oscuro de arriba: ese lado es el menos. Las dos esquinas cortadas de la base están en el más.',
      'Estaña un pad, pega la pieza con las pinzas, comprueba que quede plana, suelda la otra patilla y repasa la primera.',
    ],
    wayRound:
      'El segmento oscuro queda lejos del + impreso. Las esquinas cortadas quedan junto al +.',
    backwards:
      'Pierde líquido, se calienta y puede reventar. No conectes nunca la placa para probar.',
  },
  'capacitor-tantalum-chip': {
    one: 'condensador de tántalo SMD',
    many: 'condensadores de tántalo SMD',
    fit: [
      'Busca la barra de un extremo: en esta pieza la barra es el más.',
      'Estaña un pad, pega la pieza con las pinzas, comprueba que quede plana, suelda el otro extremo y repasa el primero.',
    ],
    wayRound: 'La barra es el más: va al pad marcado con + o con una barra.',
    backwards:
      'Puede arder o reventar al primer encendido. No conectes nunca la placa para probar.',
  },
  'capacitor-trimmer': {
    one: 'condensador ajustable',
    many: 'condensadores ajustables',
    fit: [
      'Mételo hasta que quede plano. El lado unido al tornillo suele ir a masa: mira la hoja.',
      'Suelda una patilla, míralo y suelda la otra. Calienta poco: su plástico se funde.',
      'Gira el tornillo solo con una herramienta de plástico, después de la prueba.',
    ],
    wayRound:
      'Funciona de las dos maneras. Con el lado del tornillo a masa, la herramienta influye menos.',
  },
  'bridge-rectifier': {
    one: 'puente rectificador',
    many: 'puentes rectificadores',
    fit: [
      'Busca el + y los dos ~ impresos en la pieza. La patilla más larga es el más.',
      'Abre las cuatro patillas hasta los agujeros y mételo, unos milímetros por encima de la placa.',
      'Suelda una patilla, comprueba que el + esté en el + y suelda las demás. Corta.',
    ],
    wayRound:
      'El + impreso y la patilla más larga van al agujero marcado +. Los dos ~ van a los agujeros marcados ~.',
    backwards: 'Cortocircuita la alimentación: se calienta mucho al instante.',
  },
  'display-matrix': {
    one: 'matriz de LED',
    many: 'matrices de LED',
    fit: [
      'Busca el lado con el texto impreso y la patilla 1 que indica la hoja: filas y columnas están mezcladas.',
      'Comprueba que todas las patillas estén rectas y métela hasta que quede plana.',
      'Suelda dos patillas en esquinas opuestas, mírala de lado y suelda las demás.',
    ],
    wayRound: 'El lado impreso queda donde la placa o la hoja tienen la patilla 1.',
    backwards:
      'Se encienden puntos equivocados, o ninguno. Desoldar dieciséis patillas lleva mucho tiempo: míralo ahora.',
  },
  'led-two-colour': {
    one: 'LED de dos colores',
    many: 'LED de dos colores',
    fit: [
      'Busca la patilla más larga: con tres patillas es común a los dos colores. Con dos, el color cambia con el sentido.',
      'Abre las patillas hasta los agujeros y mete el LED hasta donde dice la hoja.',
      'Suelda la patilla del medio, míralo y suelda rápido las otras. Corta.',
    ],
    wayRound:
      'La patilla más larga va al agujero del medio. El canto plano queda en el canto plano del círculo impreso.',
    backwards: 'Los colores se intercambian, o uno se queda apagado.',
  },
  'led-infrared': {
    one: 'LED infrarrojo',
    many: 'LED infrarrojos',
    fit: [
      'Busca la patilla larga y el canto plano. Un fototransistor es igual por fuera: lee la bolsa.',
      'Mete la patilla larga en el agujero marcado + y empuja el LED hasta la placa.',
      'Suelda una patilla, comprueba que esté recto, suelda rápido la otra y corta.',
    ],
    wayRound:
      'La patilla larga va al agujero marcado +. El canto plano queda en el canto plano del círculo impreso.',
    backwards: 'No emite nada. Por encima de unos 5 V puede dañarse.',
  },
  'led-power': {
    one: 'LED de potencia',
    many: 'LED de potencia',
    fit: [
      'Busca el + junto a los pads: la prueba de diodos del multímetro lo aclara.',
      'Fíjalo antes al disipador, con pasta o lámina térmica: sin él se quema en segundos.',
      'Estaña los pads y suelda los cables. El metal se lleva el calor: dale más tiempo.',
    ],
    wayRound: 'El cable del + va al pad marcado +.',
    backwards: 'No se enciende. Por encima de unos 5 V puede dañarse.',
  },
  'led-addressable': {
    one: 'LED direccionable',
    many: 'LED direccionables',
    fit: [
      'Busca la esquina cortada, en la pieza y en la placa.',
      'Fija una patilla, enderézalo, suelda la opuesta y luego las demás. Calienta poco.',
      'Cada LED pasa los datos al siguiente: uno girado apaga todos los que vienen detrás.',
    ],
    wayRound:
      'La esquina cortada queda en la esquina cortada impresa. Los fabricantes difieren en qué patilla marca: compara la hoja.',
    backwards:
      'Ese LED y los siguientes quedan apagados, o recibe la alimentación invertida y muere.',
  },
  'infrared-receiver': {
    one: 'receptor infrarrojo',
    many: 'receptores infrarrojos',
    fit: [
      'Busca el lado de la lente y compara las tres patillas con la hoja: cada fabricante las ordena a su manera.',
      'Mételo hasta donde dice la hoja; quizá se dobla para mirar fuera de la caja.',
      'Suelda la patilla del medio, míralo y suelda las otras. Corta.',
    ],
    wayRound: 'El lado de la lente mira hacia donde lo muestra el contorno de la placa.',
    backwards: 'Recibe la alimentación invertida: se calienta y muere.',
  },
  phototransistor: {
    one: 'fototransistor',
    many: 'fototransistores',
    fit: [
      'Parece un LED transparente: lee la bolsa. Sus patillas no siguen la regla de los LED.',
      'Compara la hoja: qué patilla es el colector o, en un fotodiodo, el cátodo.',
      'Suelda una patilla, comprueba que esté recto, suelda rápido la otra y corta.',
    ],
    wayRound:
      'El canto plano queda en el canto plano del círculo impreso. Compara la hoja: la longitud de las patillas dice otra cosa que en un LED.',
    backwards: 'No ve la luz: nada reacciona.',
  },
  'transistor-can': {
    one: 'transistor de cápsula metálica',
    many: 'transistores de cápsula metálica',
    fit: [
      'Busca la pestaña del borde: está junto al emisor.',
      'Abre las tres patillas hasta sus agujeros y mételo hasta unos milímetros por encima de la placa.',
      'Suelda una patilla, míralo y suelda las otras con una pausa. Corta.',
    ],
    wayRound: 'La pestaña del borde queda en la pestaña impresa.',
    backwards: 'No amplifica nada y puede destruirse. Después cuesta verlo: míralo ahora.',
  },
  'triac-to220': {
    one: 'triac o tiristor',
    many: 'triacs o tiristores',
    fit: [
      'Lee el tipo: los transistores y reguladores son iguales por fuera.',
      'Mételo hasta que la parte ancha de las patillas haga tope.',
      'Suelda la patilla del medio, comprueba que esté recto y suelda las otras. Corta.',
    ],
    wayRound: 'La aleta metálica queda en la línea doble del contorno.',
    backwards:
      'Se queda apagado o siempre encendido. En un circuito de red es peligroso: para y pregunta.',
  },
  'triac-to92': {
    one: 'triac o tiristor pequeño',
    many: 'triacs o tiristores pequeños',
    fit: [
      'Lee el tipo: los transistores y reguladores son iguales por fuera.',
      'Mételo hasta que quede unos 3 mm por encima de la placa.',
      'Suelda la patilla del medio, comprueba que esté recto y suelda las otras. Corta.',
    ],
    wayRound: 'La cara plana queda en el lado recto de la D impresa.',
    backwards:
      'Se queda apagado o siempre encendido. En un circuito de red es peligroso: para y pregunta.',
  },
  'chip-to92': {
    one: 'chip pequeño de tres patillas',
    many: 'chips pequeños de tres patillas',
    fit: [
      'Lee el tipo en la cara plana: los transistores son iguales por fuera.',
      'Abre un poco las tres patillas y mételo hasta unos 3 mm por encima de la placa.',
      'Suelda la patilla del medio, míralo y suelda las otras con una pausa. Corta.',
    ],
    wayRound: 'La cara plana queda en el lado recto de la D impresa.',
    backwards: 'Recibe la alimentación invertida: se calienta y suele morir.',
  },
  'chip-power': {
    one: 'chip de potencia',
    many: 'chips de potencia',
    fit: [
      'Sus patillas salen en dos filas: no dobles ninguna y comprueba cada una sobre su agujero.',
      'Si lleva disipador, atorníllalo antes, con aislante donde lo diga la hoja.',
      'Suelda una patilla, comprueba que esté recto y suelda las demás. Corta.',
    ],
    wayRound: 'La aleta metálica queda en la línea doble del contorno.',
    backwards: 'Suele destruirse en cuanto la placa recibe corriente.',
  },
  'chip-row': {
    one: 'chip de una fila de patillas',
    many: 'chips de una fila de patillas',
    fit: [
      'Busca la patilla 1: en la esquina cortada o el punto.',
      'Comprueba que cada patilla esté sobre su agujero y mételo.',
      'Suelda una patilla, comprueba que esté recto y suelda las demás.',
    ],
    wayRound: 'La esquina cortada o el punto queda en el agujero cuadrado.',
    backwards: 'Suele destruirse en cuanto la placa recibe corriente.',
  },
  relay: {
    one: 'relé',
    many: 'relés',
    fit: [
      'Lee la tensión de la bobina en la tapa: debe ser la de la hoja.',
      'Mételo hasta que quede plano; sus patillas solo entran de una manera.',
      'Suelda dos patillas en esquinas opuestas, comprueba que quede plano y suelda las demás.',
    ],
    wayRound: 'Sus patillas solo entran de una manera.',
  },
  fuse: {
    one: 'fusible',
    many: 'fusibles',
    fit: [
      'Lee la corriente en el casquillo: debe ser la de la hoja, nunca más.',
      'Con portafusibles se mete después de soldar; con patillas se suelda como una resistencia.',
    ],
    wayRound: 'De las dos maneras está bien.',
  },
  'fuse-holder': {
    one: 'portafusibles',
    many: 'portafusibles',
    fit: [
      'Mete un momento el fusible para alinear las dos pinzas y sácalo otra vez.',
      'Suelda los dos extremos. El metal es grueso: calienta un poco más.',
    ],
    wayRound: 'De las dos maneras está bien; los topes de las pinzas sueltas miran hacia fuera.',
  },
  microphone: {
    one: 'micrófono',
    many: 'micrófonos',
    fit: [
      'Mira su parte de atrás: el pad unido a la carcasa es el menos.',
      'Ponlo en su sitio y suelda poco tiempo: el calor lo estropea.',
    ],
    wayRound: 'El pad unido a la carcasa va al agujero marcado −.',
    backwards: 'No oye nada; suele sobrevivir.',
  },
  'rotary-encoder': {
    one: 'codificador rotatorio',
    many: 'codificadores rotatorios',
    fit: [
      'Endereza sus patillas; hay tres en un lado y dos en el otro.',
      'Mételo hasta que encaje y suelda también las pestañas metálicas: ellas aguantan la fuerza.',
    ],
    wayRound: 'Sus patillas solo entran de una manera.',
  },
  varistor: {
    one: 'varistor',
    many: 'varistores',
    fit: [
      'Lee el código de tensión: los condensadores se parecen mucho.',
      'Mételo, suelda las dos patillas y corta.',
    ],
    wayRound: 'De las dos maneras está bien.',
  },
  'inductor-radial': {
    one: 'bobina vertical',
    many: 'bobinas verticales',
    fit: [
      'Lee el código de arriba: indica microhenrios. Parece un electrolítico pequeño sin franja.',
      'Métela, suelda las dos patillas y corta.',
    ],
    wayRound: 'De las dos maneras está bien.',
  },
  transformer: {
    one: 'transformador',
    many: 'transformadores',
    fit: [
      'Busca el punto o la patilla 1: los dos lados se parecen.',
      'Mételo hasta que quede plano, suelda dos patillas opuestas, míralo y suelda las demás.',
      'Puede sacar una tensión peligrosa de una pila: sigue a tu instructor.',
    ],
    wayRound: 'El punto, o la patilla 1 de la hoja, queda en el agujero cuadrado.',
    backwards:
      'El devanado equivocado recibe la alimentación: puede crear alta tensión donde no toca, o quemarse.',
  },
  'reed-switch': {
    one: 'interruptor reed',
    many: 'interruptores reed',
    fit: [
      'Sujeta la patilla con los alicates entre el vidrio y el doblez: el vidrio se rompe fácilmente.',
      'Dobla a 3 mm del vidrio, déjalo plano, suelda las dos patillas y corta.',
    ],
    wayRound: 'De las dos maneras está bien.',
  },
  'tilt-switch': {
    one: 'interruptor de inclinación',
    many: 'interruptores de inclinación',
    fit: [
      'Comprueba de qué tipo es: una bola rueda y suena; una gota de mercurio en vidrio no debe usarse en un curso.',
      'Ponlo como muestra la hoja, de pie o tumbado, suelda poco tiempo las dos patillas y corta.',
    ],
    wayRound: 'De las dos maneras está bien; importa si va de pie o tumbado.',
  },
  'switch-dip': {
    one: 'interruptor DIP',
    many: 'interruptores DIP',
    fit: [
      'El lado con «ON» mira hacia donde está impreso en la placa.',
      'Mételo, suelda dos esquinas opuestas, comprueba que quede plano y suelda las demás. Calienta poco.',
    ],
    wayRound: 'El lado con «ON» mira hacia donde está impreso en la placa.',
  },
  motor: {
    one: 'motor',
    many: 'motores',
    fit: [
      'Retuerce y estaña los extremos de sus cables.',
      'Pasa cada cable por su agujero y suéldalo; déjalos cortos para que el eje no los atrape.',
    ],
    wayRound: 'El cable rojo va al agujero marcado +.',
    backwards: 'Gira al revés.',
  },
  module: {
    one: 'módulo',
    many: 'módulos',
    fit: [
      'Compara los nombres de sus pines con la placa: + y − no están igual en todos los módulos.',
      'Mételo con los pines rectos, o primero su tira de zócalo.',
      'Suelda un pin, comprueba que quede plano y suelda los demás.',
    ],
    wayRound: 'Los nombres de sus pines son los de la placa.',
    backwards: 'Suele morir en cuanto la placa recibe corriente.',
  },
  'neon-lamp': {
    one: 'lámpara de neón',
    many: 'lámparas de neón',
    fit: [
      'Dobla las patillas lejos del vidrio.',
      'Suelda las dos patillas y corta. Necesita una tensión que puede herir: la prueba la hace tu instructor.',
    ],
    wayRound: 'De las dos maneras está bien.',
  },
  'nixie-tube': {
    one: 'tubo nixie',
    many: 'tubos nixie',
    fit: [
      'Busca la patilla que la hoja llama ánodo: suele tener el pie blanco.',
      'Corta las patillas escalonadas para que entren una tras otra.',
      'Necesita unos 170 V: la prueba la hace tu instructor.',
    ],
    wayRound: 'Las cifras miran al frente; el ánodo va a su agujero.',
    backwards: 'Se encienden cifras equivocadas, o ninguna. No lo toques: tiene alta tensión.',
  },
  'flash-tube': {
    one: 'tubo de flash',
    many: 'tubos de flash',
    fit: [
      'Sujétalo por los extremos, con los dedos limpios o un paño.',
      'Busca el extremo con + o punto rojo, dobla las patillas lejos del vidrio, suelda y corta.',
      'Su condensador guarda una carga mortal después de apagar: la prueba la hace tu instructor.',
    ],
    wayRound: 'El extremo con + o punto rojo va al agujero marcado +.',
    backwards: 'No destella o se gasta pronto.',
  },
  lamp: {
    one: 'bombilla',
    many: 'bombillas',
    fit: [
      'Sujétala por el metal y dobla las patillas lejos del vidrio.',
      'Suelda las dos patillas y corta. Se calienta cuando está encendida.',
    ],
    wayRound: 'De las dos maneras está bien.',
  },
  'laser-diode': {
    one: 'láser',
    many: 'láseres',
    fit: [
      'Lee su clase y potencia: en un curso solo clase 1 o 2, hasta 1 mW.',
      'Toca antes un metal desnudo: la electricidad estática lo mata.',
      'Suelda sus cables con el haz tapado; no mires nunca dentro ni apuntes a nadie.',
    ],
    wayRound: 'El cable rojo va al agujero marcado +; con otros colores compara la hoja.',
    backwards: 'Suele morir al instante.',
  },
  'coin-cell': {
    one: 'pila de botón',
    many: 'pilas de botón',
    fit: [
      'Deja antes el soldador en su soporte: nadie suelda en una placa con pila.',
      'La cara ancha y plana con el + es el más; la cara pequeña y saliente es el menos.',
      'Métela con el + donde lo muestra el portapilas. No sueldes nunca a una pila.',
    ],
    wayRound: 'La cara ancha, marcada +, mira al muelle o al + del portapilas.',
    backwards:
      'Toda la placa recibe la alimentación invertida; solo un diodo de protección puede salvarla.',
  },
  'block-9v': {
    one: 'pila de 9 V',
    many: 'pilas de 9 V',
    fit: [
      'Deja antes el soldador en su soporte: nadie suelda en una placa con pila.',
      'El broche pequeño y redondo es el más; la corona ancha es el menos: acerca el conector antes de apretar.',
      'Conéctala solo en la prueba. Al revés hace contacto un instante, y eso puede bastar.',
    ],
    wayRound:
      'El broche pequeño, el más, entra en el hueco ancho del conector; la corona, el menos, en el pequeño.',
    backwards:
      'La placa recibe la alimentación invertida un instante: solo un diodo de protección puede salvarla.',
  },
  'round-cell': {
    one: 'pila cilíndrica',
    many: 'pilas cilíndricas',
    fit: [
      'Deja antes el soldador en su soporte: nadie suelda en una placa con pila.',
      'Pon cada pila con su extremo plano contra el muelle.',
    ],
    wayRound: 'El extremo plano de cada pila, el menos, aprieta el muelle; el botón es el más.',
    backwards:
      'Toda la placa recibe la alimentación invertida; solo un diodo de protección puede salvarla.',
  },
  'lithium-cell': {
    one: 'celda de litio',
    many: 'celdas de litio',
    fit: [
      'Deja antes el soldador en su soporte: nadie suelda en una placa con pila.',
      'No la sueldes, pinches, dobles ni cortocircuites nunca. No uses una hinchada o dañada.',
      'Mide su conector con el multímetro antes de enchufarla: los fabricantes ponen el más en lados distintos.',
      'Se carga solo con su cargador y nunca sin vigilancia.',
    ],
    wayRound: 'Mídela: el más de su conector va al + de la placa.',
    backwards:
      'Toda la placa recibe la alimentación invertida, con una corriente que quema pistas y puede incendiar la celda.',
  },
  insulator: {
    one: 'aislante',
    many: 'aislantes',
    fit: [
      'Va entre la aleta metálica y el disipador; el casquillo separa el tornillo de la aleta.',
      'Mide después entre aleta y disipador: sin contacto.',
    ],
  },
  'stand-off-nylon': {
    one: 'separador de nailon',
    many: 'separadores de nailon',
    fit: ['Apriétalo solo a mano: su rosca se pasa fácilmente.'],
  },
  'screw-nylon': {
    one: 'tornillo de nailon',
    many: 'tornillos de nailon',
    fit: ['Apriétalo solo a mano: la cabeza se rompe fácilmente.'],
  },
  'regulator-sot': {
    one: 'regulador SMD',
    many: 'reguladores SMD',
    fit: [
      'Lee el texto con una lupa: la misma cápsula existe para 3,3 V, 5 V y ajustable.',
      'Pega primero el lado ancho: necesita más calor. Luego suelda las tres patillas.',
    ],
    wayRound: 'El lado ancho queda en el pad ancho: solo entra de una manera.',
    backwards:
      'El regulador y todo lo que alimenta puede destruirse en cuanto la placa recibe corriente.',
  },
};
