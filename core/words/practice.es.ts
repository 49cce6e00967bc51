/** Spanish for practice: the trainers, the joints, the heat bench, and what they name of rules and styles. */
import type { Words } from './words.ts';

const smoothing = 'para filtrar una alimentación';
const timing = 'para tiempos o filtros';

export const practiceSpanish: Words = {
  drill: {
    plain: '{{text}}',
    list: '{{items}}',
    part: '{{name}} {{value}}',
    bands: {
      name: 'Franjas y marcas',
      aim: 'Lee un valor por sus franjas o su marca antes de coger el componente.',
      lies: {
        straight:
          'De izquierda a derecha: {{bands}}; el hueco ancho está antes de la última franja, a la derecha.',
        turned:
          'De izquierda a derecha: {{bands}}; el hueco ancho está tras la primera franja, a la izquierda.',
      },
      digit: '{{colour}} {{digit}}',
      because: '{{digits}}, luego {{multiplier}}: {{times}}. Son {{value}}.',
      within: 'La franja separada es {{colour}}: ±{{percent}} %.',
      slip: {
        end: 'Empezaste por el extremo equivocado: la franja separada se lee la última.',
        power: 'Las cifras están bien. El multiplicador no: dice cuánto se corre la coma.',
        colour: 'Tomaste {{colour}} por {{other}}. Míralo con luz blanca o mídelo.',
      },
      read: {
        ask: '¿Qué valor tiene esta resistencia?',
        item: 'leer {{colour}}',
        names: 'Mostrar los nombres',
        meter: 'Mejor medir',
        shows: 'El medidor marca {{reading}}.',
        route:
          'Medir vale tanto como leer las franjas. Es el valor más cercano de la lista dentro de la tolerancia.',
        wrongText: 'Escribe un valor como 470, 4k7 o 2M2.',
      },
      place: {
        ask: 'Pon {{count}} franjas para {{value}}, {{percent}} %.',
        empty: '{{count}} sitios vacíos para franjas, el último separado.',
        item: {
          ohms: 'valores de menos de 100 Ω',
          hundreds: 'cientos de ohmios',
          kilo: 'unos kiloohmios',
          'ten-kilo': 'decenas de kiloohmios',
          'hundred-kilo': 'cientos de kiloohmios',
          mega: 'megaohmios',
        },
        band: 'Franja {{number}}',
        take: 'Quitar la última franja',
      },
      end: {
        ask: '¿Por qué extremo empiezas a leer?',
        left: 'izquierda',
        right: 'derecha',
        metal: '{{colour}} nunca es la primera franja: es la tolerancia, se lee al final.',
        gap: 'La última franja está separada: {{colour}}, ±{{percent}} %.',
        other: 'Desde el otro extremo también sería un valor, pero no uno habitual.',
        item: {
          metal: 'el extremo, por el oro o la plata',
          gap: 'el extremo, por el hueco',
        },
      },
      alike: {
        ask: '¿Tienen estas dos el mismo valor?',
        'same-answer': 'el mismo',
        'different-answer': 'distinto',
        same: 'Las dos son de {{value}}; quizá una está al revés.',
        differ: 'La franja {{band}} es {{a}} en una y {{b}} en la otra: {{first}} y {{second}}.',
        light: 'Con luz cálida estos dos se parecen. La luz blanca o el medidor lo aclaran.',
        item: 'distinguir {{a}} de {{b}}',
      },
      two: {
        ask: 'Dos lecturas encajan con estas franjas. ¿Cuáles, y cómo lo averiguarías? En tu lista hay {{list}}.',
        both: 'Desde un extremo son {{first}}, desde el otro {{second}}; en una pieza pequeña el hueco apenas se ve.',
        listed: 'En la lista solo está {{value}}, así que es esa. Medir también valdría.',
        measure: 'Aquí la lista no ayuda. Solo el medidor lo dice.',
        how: {
          meter: 'Medirla',
          list: 'Mirar cuál está en la lista',
          guess: 'Tomar la de la izquierda',
        },
        howAsk: '¿Cómo lo averiguarías?',
        told: '{{values}}; {{how}}',
        item: {
          meter: 'dos lecturas, resueltas midiendo',
          list: 'dos lecturas, resueltas con la lista',
        },
      },
      print: {
        ask: 'En {{on}} pone «{{text}}». ¿Cuánto es en {{unit}}?',
        shows: 'En {{on}} pone «{{text}}».',
        on: {
          capacitor: 'un condensador',
          chip: 'una resistencia chip',
          trimmer: 'un potenciómetro de ajuste',
        },
        unit: {
          ohm: 'ohmios (como 4k7, 220 o 2M2)',
          farad: 'faradios (como 100n, 4n7 o 47p)',
        },
        because: {
          'capacitor-code':
            'En un condensador, {{text}} son dos cifras y el número de ceros, en picofaradios: {{value}}.',
          'chip-3':
            'En una resistencia chip, {{text}} son dos cifras y el número de ceros, en ohmios: {{value}}. Una R hace de coma.',
          'chip-4':
            'Cuatro signos son tres cifras y el número de ceros, en ohmios: {{value}}. Una R hace de coma.',
          'eia-96':
            'Dos cifras son el número del valor en E96 y la letra la potencia de diez: {{value}}. Hay una tabla; medir es más rápido.',
          'letter-code': 'La letra va en el sitio de la coma: {{text}} es {{value}}.',
        },
        wrongText: 'Escribe un valor como 100n, 4n7 o 47p.',
        elsewhere: 'El mismo {{text}} en otro sitio sería {{value}}: mira en qué componente está.',
        'mixed-up': 'Lo leíste como en otro componente, donde {{text}} es {{value}}.',
        item: {
          'capacitor-code': 'tres cifras en un condensador',
          'chip-3': 'tres signos en una resistencia chip',
          'chip-4': 'cuatro signos en una resistencia chip',
          'eia-96': 'dos cifras y una letra en una resistencia chip',
          'letter-code': 'una letra como coma',
        },
      },
    },
    wayRound: {
      name: 'En qué sentido',
      aim: 'Gira un componente por sus marcas y encuentra sus agujeros desde abajo.',
      sheet:
        'La hoja de este lote dice: {{marks}} en el extremo contrario al habitual. La patilla larga sigue siendo el más.',
      note: 'La nota de este lote: {{text}}',
      level: 'están en horizontal',
      upright: 'están en vertical',
      edge: {
        left: 'mira a la izquierda',
        right: 'mira a la derecha',
        top: 'mira hacia arriba',
        bottom: 'mira hacia abajo',
      },
      mark: {
        flat: 'El canto plano',
        stripe: 'La franja',
        'flat-face': 'La cara plana',
        'metal-tab': 'El metal',
        notch: 'La muesca',
        band: 'La franja',
        leads: 'Las patillas',
      },
      printed: {
        flat: 'el lado plano del círculo',
        stripe: 'la mitad rellena del círculo',
        'flat-face': 'el lado recto del contorno',
        'metal-tab': 'la línea gruesa de la aleta',
        notch: 'la muesca',
        band: 'la línea',
        leads: 'el contorno',
      },
      'no-fit': 'Así las patillas no llegan a sus agujeros.',
      turn: {
        ask: 'Gira el componente ({{part}}) hasta que entre en su sitio, o di que da igual.',
        print: 'En la placa, {{print}} {{towards}}.',
        hand: '{{mark}} {{towards}}.',
        either: 'da igual',
        right: 'en el sentido correcto',
        backwards: 'al revés',
        askew: 'atravesado',
        item: 'girar: {{part}}',
        lot: 'un lote distinto',
        left: 'Girar a la izquierda',
        rightButton: 'Girar a la derecha',
        drop: 'Así entra',
        eitherButton: 'Da igual',
        inHand: 'En tu mano',
        place: 'Su sitio en la placa',
      },
      hole: {
        'ask-top': '{{part}}: ¿en qué agujero va {{lead}}?',
        'ask-bottom': '{{part}}: la placa está boca abajo. ¿En qué agujero va {{lead}}?',
        lead: {
          'long-lead': 'la patilla larga',
          band: 'la patilla de la franja',
          stripe: 'la patilla de la banda',
          'pin-1': 'la patilla 1',
        },
        sign: { plus: 'el más', line: 'la línea', notch: 'la muesca' },
        plus: 'En la cara de componentes {{sign}} {{towards}}.',
        'seen-top': 'Agujeros en la cara de componentes: {{holes}}.',
        'seen-bottom':
          'Agujeros en la cara de soldadura, tal como los ves al dar la vuelta de lado: {{holes}}.',
        at: '{{letter}} {{where}}',
        where: {
          'top-left': 'arriba a la izquierda',
          'top-middle': 'arriba',
          'top-right': 'arriba a la derecha',
          'middle-left': 'a la izquierda',
          'middle-middle': 'en el centro',
          'middle-right': 'a la derecha',
          'bottom-left': 'abajo a la izquierda',
          'bottom-middle': 'abajo',
          'bottom-right': 'abajo a la derecha',
        },
        is: 'Es el agujero {{letter}}.',
        mirrored: 'Desde abajo se cambian izquierda y derecha; arriba y abajo quedan igual.',
        top: 'Cara de componentes',
        bottom: 'Cara de soldadura, vista desde abajo',
        'item-top': 'agujeros desde arriba: {{part}}',
        'item-bottom': 'agujeros desde abajo: {{part}}',
      },
    },
    order: {
      name: 'Qué va primero',
      aim: 'Ordena los pasos de una placa de modo que nada estorbe.',
      first: {
        ask: 'Ordena estos pasos de una placa inventada. El estilo: {{style}}.',
        'ask-own': 'Ordena estos pasos de tu kit. Se suelda con este estilo: {{style}}.',
        stack: '{{first}}, y lo que eso deja abierto: {{next}}',
        card: '{{number}}: {{says}} {{places}}',
        'by-rule': '«{{before}}» va antes de «{{after}}». {{rule}}',
        'by-style': 'En este estilo «{{before}}» va antes de «{{after}}».',
        counted: '{{right}} de {{all}} parejas que importan están en orden.',
        solution: 'Un orden que vale: {{steps}}.',
        told: '«{{before}}» antes de «{{after}}»',
        'told-right': 'en orden',
        'item-style': 'orden: {{what}}',
        'item-rule': 'regla: {{what}}',
        up: 'Antes',
        down: 'Después',
        list: 'Pasos, el primero arriba',
        hint: 'Arrastra un paso, o tómalo con la barra espaciadora y muévelo con las flechas.',
      },
      item: {
        'lowest-first': 'lo más bajo primero',
        'toughest-first': 'lo más resistente primero',
        'anchors-first': 'lo firme primero',
        'socket-before-chip': 'el zócalo antes que su chip',
        'chips-after-supply': 'los chips tras comprobar la alimentación',
        'holder-tried-first': 'probar antes el portapilas',
        'look-before-measuring': 'mirar antes de medir',
        'resistance-before-power': 'la resistencia antes de la primera corriente',
        'links-first': 'los puentes primero',
      },
    },
    joints: {
      name: 'Soldaduras',
      aim: 'Distingue una soldadura buena de una mala y sabe qué hacer con ella.',
      is: '{{name}}: {{looks}}',
      other: '{{name}} se vería así: {{looks}}',
      above: 'Desde arriba',
      section: 'Cortada, cara de soldadura arriba',
      what: { ask: '¿Qué soldadura es esta?', item: 'soldadura: {{name}}' },
      remedy: {
        ask: '¿Qué haces con esta soldadura?',
        so: 'Así que: {{remedy}}.',
        item: 'remedio: {{name}}',
      },
      bridge: {
        ask: 'Encuentra el puente en esta cara de soldadura, o di que no hay.',
        field:
          'Treinta soldaduras, filas A a E y columnas 1 a 6. Ve de hueco en hueco: cada uno dice cuánta placa verde hay entre sus dos soldaduras.',
        gap: {
          open: 'entre {{a}} y {{b}}: placa verde',
          narrow: 'entre {{a}} y {{b}}: una línea verde estrecha',
          shut: 'entre {{a}} y {{b}}: nada de verde',
        },
        is: 'Está entre {{a}} y {{b}}.',
        'none-is': 'Aquí no hay ninguno: cada soldadura tiene placa verde alrededor.',
        how: 'Fila a fila, con lupa y luz de lado. Una línea verde estrecha no es un puente.',
        between: 'entre {{a}} y {{b}}',
        none: 'No hay ninguno',
        item: 'encontrar un puente',
      },
    },
    meter: {
      name: 'Medidor',
      aim: 'Elige función y escala, lee y decide qué significa la lectura.',
      shows: 'El medidor marca {{shows}}.',
      unit: { ohm: 'resistencia', farad: 'capacidad' },
      setting: { diode: 'prueba de diodos', continuity: 'continuidad' },
      verdict: {
        right: 'correcto',
        usable: 'no es correcto, pero vale en algunos sitios',
        'not-this': 'no es este componente',
      },
      means: {
        right: 'Así que es correcto: dentro de su tolerancia y de lo que puede fallar el medidor.',
        usable: 'Así que está fuera de tolerancia. Puede valer {{for}}, nunca {{never}}.',
        'it-is': 'Así que no es este componente: es {{part}} de la misma lista.',
        'not-this': 'Así que no es este componente, diga lo que diga la marca.',
      },
      measure: {
        ask: 'Ajusta el medidor para este componente, lee y decide: {{part}}.',
        list: 'La lista dice {{part}}, ±{{percent}} %.',
        dial: 'Función y escala',
        display: 'Pantalla',
        decide: '¿Qué es?',
        range: 'La escala de {{range}} es la menor en la que cabe: tiene las cifras más finas.',
        limits:
          '±{{percent}} %, y el medidor puede fallar en {{doubt}}: de {{low}} a {{high}} es correcto. Marca {{reading}}.',
        told: '{{setting}}: {{verdict}}',
        item: '{{unit}}, {{verdict}}',
      },
      diode: {
        ask: 'Prueba de diodos, {{part}}: ¿qué concluyes?',
        first: 'punta roja a la izquierda',
        second: 'punta roja a la derecha',
        shows:
          'Punta roja en la patilla izquierda, negra en la derecha: {{first}}. Puntas cambiadas: {{second}}.',
        is: {
          'anode-red': 'entero; la patilla izquierda es el más',
          'anode-black': 'entero; la patilla derecha es el más',
          short: 'roto: conduce en los dos sentidos',
          open: 'roto: no conduce en ningún sentido',
        },
        why: {
          'anode-red':
            'Conduce con la punta roja en la patilla izquierda: esa es el más, el ánodo.',
          'anode-black':
            'Conduce con las puntas cambiadas, con la roja en la patilla derecha: esa es el más, el ánodo.',
          short: 'Casi nada en los dos sentidos: está en cortocircuito. A la caja de los rotos.',
          open: 'Fuera de escala en los dos sentidos: está quemado, o una punta no hace contacto. Prueba otra vez y luego tíralo.',
        },
        usual: {
          'diode-axial': 'Un diodo de silicio marca unos 0,6 V, y fuera de escala al revés.',
          'led-5mm':
            'Un LED rojo marca unos 1,8 V y brilla un poco. Los azules y blancos pueden ser demasiado para un medidor.',
        },
        item: 'prueba de diodos, {{part}}: {{meaning}}',
      },
      continuity: {
        ask: 'Dos vecinos con una resistencia de {{value}} entre ellos. Sin corriente, nada conectado. ¿Qué concluyes?',
        is: {
          bridge: 'un puente',
          part: 'no hay puente: es la resistencia',
          apart: 'no hay puente, y tampoco resistencia',
        },
        why: {
          bridge: 'Unas décimas de ohmio las marcan ya las puntas solas: el estaño une a los dos.',
          part: 'Es la resistencia que hay entre ellos. Un puente marcaría casi nada.',
          apart:
            'Nada conduce: no hay puente, pero la resistencia tampoco hace contacto. Mira sus soldaduras.',
        },
        tips: 'Junta primero las puntas: así sabes qué aspecto tiene la nada en este medidor.',
        item: 'continuidad: {{meaning}}',
      },
      supply: {
        ask: 'Antes de la primera corriente mides de la alimentación a masa. ¿Puede recibir corriente?',
        is: {
          power: 'Sí, puede recibir corriente',
          short: 'No: es un cortocircuito',
          doubt: 'No: es muy poco, algo hace puente o está al revés',
        },
        why: {
          power: 'Muy por encima de 10 Ω: puede llegar la primera corriente, con límite.',
          short: 'Menos de un ohmio es un cortocircuito. Busca un puente; sin corriente.',
          doubt:
            'Unos ohmios no son un cortocircuito, pero es poco para una placa pequeña: busca un componente al revés.',
        },
        item: 'alimentación a masa: {{meaning}}',
      },
    },
    heat: {
      name: 'Banco de calor',
      aim: 'Calienta, aporta, suelta, y mira qué hace el calor. Estropea aquí cincuenta soldaduras antes de la primera de verdad.',
      ask: 'Haz una buena soldadura: {{target}}, con {{alloy}}.',
      melts:
        '{{alloy}} fluye a partir de {{celsius}} °C. El pad y la patilla deben estar más calientes.',
      target: {
        ordinary: 'una patilla fina en un pad normal',
        'large-pad': 'una patilla en un pad grande',
        'plane-spokes': 'una patilla en un pad unido a un plano por cuatro radios',
        'plane-solid': 'una patilla en un pad que es todo plano',
        lug: 'un cable grueso en un terminal',
        'chip-end': 'un extremo de un componente chip',
        'hot-part': 'una patilla de un componente que no debe calentarse',
      },
      goal: {
        ordinary: 'una buena soldadura en un pad normal',
        'lead-free': 'lo mismo con estaño sin plomo',
        spokes: 'un pad en un plano, con radios',
        plane: 'un pad que es todo plano',
        lug: 'un cable grueso en un terminal',
        'hot-part': 'un componente que no debe calentarse',
      },
      none: 'No ha fluido estaño: no hay soldadura.',
      freeItem: 'banco libre: {{target}}, {{alloy}}',
      burnt: 'una buena soldadura y un componente demasiado caliente',
      facts:
        'El soldador estuvo {{iron}} s. Pad y patilla estuvieron los dos {{both}} s por encima de {{celsius}} °C; como máximo el pad llegó a {{pad}} °C y la patilla a {{lead}} °C.',
      fault: {
        'never-hot':
          'Con esta punta ({{tip}} mm) a {{celsius}} °C no se calienta bastante solo con tocar: el pad llegó a {{pad}} °C. Usa una punta más ancha, o aporta un poco de estaño en cuanto se funda y espera.',
        'fed-too-soon':
          'Aportaste tras {{heated}} s de calor. Esta soldadura necesita {{needed}} s hasta que pad y patilla están calientes.',
        'fed-on-iron':
          'El estaño se fundió en el soldador y corrió sobre metal frío. Aporta por el otro lado: allí solo se funde cuando la unión está caliente.',
        'only-pad':
          'La punta tocó solo el pad; la patilla llegó a {{lead}} °C. Toca los dos a la vez.',
        'only-lead':
          'La punta tocó solo la patilla; el pad llegó a {{pad}} °C. Toca los dos a la vez.',
        'too-short':
          'El soldador se fue antes de que el estaño fluyera alrededor. Quédate medio segundo más.',
        'too-little':
          'Solo el {{share}} % del estaño que necesita esta soldadura. Aporta un poco más.',
        'too-much':
          'El {{share}} % del estaño que necesita esta soldadura. Para cuando esté el cono.',
        moved:
          'La miraste antes de que estuviera sólida. Quieto hasta que el estaño se haya solidificado.',
        'pad-burnt':
          'El pad estuvo demasiado tiempo a {{pad}} °C y se soltó de la placa. Menos tiempo o menos calor.',
        'part-burnt':
          'El componente llegó a {{body}} °C; aguanta {{limit}} °C. Menos tiempo: una punta más ancha es más rápida.',
        'flux-gone':
          'Tras {{iron}} s con el soldador el fundente se acabó y salió una espina. Menos tiempo, o fundente nuevo.',
      },
      not: {
        cold: 'pad {{pad}} °C, patilla {{lead}} °C: todavía no',
        one: 'pad {{pad}} °C, patilla {{lead}} °C: solo uno está caliente',
        both: 'pad {{pad}} °C, patilla {{lead}} °C: los dos calientes, aporta',
        flowing: 'pad {{pad}} °C, patilla {{lead}} °C: el estaño fluye',
        freezing: 'el estaño está a {{solder}} °C y aún blando: quieto',
        solid: 'el estaño está sólido',
        ready: 'soldador a {{tip}} °C, todo lo demás frío',
      },
      iron: 'Soldador puesto',
      feed: 'Aportar en la unión',
      feedIron: 'Aportar en el soldador',
      look: 'Mirarla',
      restart: 'Desde el principio',
      touch: 'La punta toca',
      touches: { both: 'pad y patilla', pad: 'solo el pad', lead: 'solo la patilla' },
      tip: 'Punta',
      tipWidth: '{{mm}} mm',
      celsius: 'Temperatura',
      alloy: 'Estaño',
      targetLabel: 'Soldadura',
      latch: 'Pulsar una vez para poner, otra para quitar',
      sound: 'Sonido',
      keys: 'Teclas: mantén i para el soldador, f para aportar, l para mirar.',
      of: { tip: 'punta', pad: 'pad', lead: 'patilla', solder: 'estaño', body: 'componente' },
      lesson: 'Lección',
      free: 'Banco libre',
      lessonLead: 'Una meta tras otra. Tras cada intento dice qué cambiar.',
      goalOf: 'Meta {{number}} de {{count}}: {{goal}}',
      tryAgain: 'Otra vez',
      nextGoal: 'Siguiente meta',
      lessonDone: 'Todas las metas están logradas. En el banco libre hay de todo para jugar.',
      tries_one: '{{count}} intento',
      tries_other: '{{count}} intentos',
      compare: 'Una segunda soldadura al lado',
      whatIf: 'Qué pasaría',
      whatIfLead:
        'Segundos hasta que pad y patilla están bastante calientes para aportar, por punta, temperatura y estaño.',
      working: 'Calculando …',
      never: 'no en seco',
      open: 'Abrir el banco de calor',
    },
  },
  joint: {
    good: {
      name: 'Buena',
      looks:
        'Un cono pequeño de lados cóncavos. Cubre el pad por completo y acaba fino en pad y patilla; se ve la punta de la patilla.',
      cause: 'Pad y patilla estaban calientes a la vez, y el estaño fue el justo.',
    },
    disturbed: {
      name: 'Fría o movida',
      looks:
        'Una superficie gris, áspera y grumosa, con un pliegue alrededor de la patilla. Cubre el pad.',
      cause:
        'No estaba bastante caliente, o el componente se movió mientras el estaño se endurecía.',
    },
    'pad-not-wetted': {
      name: 'No moja el pad',
      looks:
        'El estaño cuelga de la patilla como una gota. Su borde inferior es redondo y no se extiende por el pad; alrededor hay cobre desnudo.',
      cause: 'Solo se calentó la patilla, o el pad está sucio.',
    },
    'lead-not-wetted': {
      name: 'No moja la patilla',
      looks:
        'El estaño está plano sobre el pad. Entre él y la patilla hay un anillo oscuro; la patilla está en un agujero propio.',
      cause: 'Solo se calentó el pad, o la patilla está oxidada.',
    },
    'too-little': {
      name: 'Poco estaño',
      looks:
        'Estaño solo en una parte del pad. Junto a la patilla se ve el agujero; la superficie es lisa.',
      cause: 'El estaño se retiró demasiado pronto.',
    },
    'too-much': {
      name: 'Demasiado estaño',
      looks: 'Una bola redonda que rebosa el borde del pad. La patilla no se ve.',
      cause: 'Se aportó demasiado tiempo; lo que hay debajo no se puede juzgar.',
    },
    bridge: {
      name: 'Puente',
      looks: 'Una lengua lisa de estaño va de este pad, por encima del hueco, al siguiente.',
      cause: 'Demasiado estaño, o la punta tocó al vecino al irse.',
    },
    spike: {
      name: 'Espina',
      looks: 'Una punta fina de estaño se levanta junto a la patilla, estirada como un pincho.',
      cause: 'El fundente se acabó y la punta se fue despacio, mientras el estaño se endurecía.',
    },
    pinhole: {
      name: 'Poro',
      looks: 'Un cono que cubre el pad, con un agujerito hondo en un lado.',
      cause: 'Algo salió hirviendo al endurecerse: humedad, suciedad o fundente atrapado.',
    },
    'lifted-pad': {
      name: 'Pad levantado o quemado',
      looks: 'El anillo de cobre se separa de la placa por un lado; debajo la placa está oscura.',
      cause: 'Calor demasiado tiempo, o fuerza mientras estaba caliente.',
    },
    ball: {
      name: 'Bolita o salpicadura',
      looks:
        'La soldadura es un cono cóncavo; a su lado, sobre la placa, hay una perla suelta de metal.',
      cause: 'Fundente que salpica, o estaño que goteó de la punta.',
    },
    'lead-missed': {
      name: 'Patilla fuera de su agujero',
      looks: 'El estaño llena el agujero y está cerrado por arriba. No sale ninguna patilla.',
      cause: 'La patilla se dobló bajo el cuerpo, y nadie miró desde abajo.',
    },
    'chip-good': {
      name: 'Buena',
      looks:
        'Un bloque está plano sobre sus dos pads. En cada extremo una pequeña rampa cóncava de estaño sube del pad a su tapa.',
      cause: 'Los dos extremos estaban calientes y llevaban poco estaño.',
    },
    'stood-up': {
      name: 'Levantado',
      looks: 'Un bloque se levanta de un pad; su otro extremo queda en el aire.',
      cause: 'Demasiado estaño en el primer pad, o un extremo se fundió mucho antes que el otro.',
    },
    askew: {
      name: 'Torcido',
      looks: 'Un bloque cruza sus pads en ángulo; una esquina sobresale del borde de su pad.',
      cause: 'Las pinzas soltaron antes de que el primer extremo estuviera sólido.',
    },
  },
  jointRemedy: {
    leave: 'Dejarla como está',
    'reheat-flux':
      'Fundente, y calentar pad y patilla juntos hasta que fluya; quieto hasta que esté sólida',
    'add-solder': 'Calentar pad y patilla y añadir un poco de estaño',
    braid: 'Absorber lo que sobra con malla',
    'drag-bridge': 'Pasar una punta limpia y caliente entre los dos, o usar malla',
    'pull-spike':
      'Un poco de fundente y la punta limpia; retirarla rápido a lo largo de la patilla',
    'wire-repair':
      'Dejar de calentar. Seguir la pista hasta el siguiente pad y unirlo con un cable',
    'brush-off': 'Quitarla o cepillarla antes de dar corriente',
    'take-out': 'Sacar el componente, enderezar la patilla, meterla por su agujero',
    'both-ends': 'Fundente, fundir los dos extremos por turnos con poco estaño y apretarlo plano',
  },
  rule: {
    'links-first': { says: 'Los puentes van antes de lo que puede pasar por encima.' },
    'socket-before-chip': { says: 'Un zócalo va antes que su chip.' },
    'holder-tried-first': { says: 'El portapilas se prueba en su sitio antes de fijarlo.' },
    'screws-before-solder': { says: 'Los tornillos de un soporte van antes que su estaño.' },
    'sink-before-its-part': { says: 'Un disipador se atornilla antes de soldar su componente.' },
    'chips-after-supply': {
      says: 'Los chips quedan fuera de sus zócalos hasta comprobar la alimentación.',
    },
    'battery-last': { says: 'Nadie suelda en una placa con la pila puesta.' },
    'all-soldered-before-look': {
      says: 'Las soldaduras se miran cuando están hechas todas las del bloque.',
    },
    'look-before-measuring': { says: 'Busca puentes antes de medir.' },
    'supply-before-measuring': {
      says: 'Un bloque se mide cuando están los componentes que traen la alimentación.',
    },
    'resistance-before-power': { says: 'Mide de la alimentación a masa antes de dar corriente.' },
    'power-before-function': { says: 'Un bloque se prueba cuando su alimentación es correcta.' },
    'function-last': { says: 'La placa se prueba cuando está todo puesto.' },
    'covers-pads': { says: 'Un pad que tapará un componente posterior se suelda antes.' },
    'under-body': { says: 'Un componente bajo otro va primero.' },
    'iron-access': {
      says: 'Un pad se suelda antes de que un vecino alto quite el sitio al soldador.',
    },
    'middle-first': { says: 'El componente del centro va antes que los que lo rodean.' },
    'surface-before-tall': {
      says: 'Los componentes de superficie de una cara van antes que los altos de esa cara.',
    },
    'far-side-last': { says: 'La otra cara se empieza cuando esta está terminada.' },
  },
  style: {
    'lowest-first': {
      name: 'Lo más bajo primero',
      why: 'Al darle la vuelta, lo más bajo queda plano sobre el tapete y no se cae.',
    },
    'toughest-first': {
      name: 'Lo más resistente primero',
      why: 'Lo que el calor y la estática estropean está el menor tiempo posible en la placa.',
    },
    'by-sheet': {
      name: 'Según la hoja',
      why: 'Los pasos siguen la lista impresa línea a línea: menos confusiones, y todos encuentran el sitio.',
    },
    'surface-first': {
      name: 'Superficie primero',
      why: 'Los componentes de superficie necesitan una placa plana y sitio para las pinzas.',
    },
    'by-block': {
      name: 'Bloque a bloque',
      why: 'Cada parte del circuito se prueba cuando está completa: un fallo aparece donde se hizo.',
    },
    'anchors-first': {
      name: 'Lo firme primero',
      why: 'Los conectores e interruptores del borde necesitan fuerza y quedar rectos: van mientras nada estorba.',
    },
  },
  usable: {
    'resistor-axial': { for: 'para un LED o un pull-up', never: 'para un divisor o tiempos' },
    'capacitor-ceramic': { for: smoothing, never: timing },
    'capacitor-multilayer': { for: smoothing, never: timing },
    'capacitor-film': { for: smoothing, never: timing },
    'capacitor-electrolytic': { for: smoothing, never: 'para tiempos' },
    'capacitor-chip': { for: smoothing, never: timing },
  },
  seat: {
    practise: 'Practicar para la próxima',
    practiseWaiting: '¿Esperas algo? Practica mientras',
    heatAbout:
      'Con el soldador de esta sala unos {{from}} s antes de aportar; un pad normal necesita {{ordinary}} s.',
    heatBetween:
      'Con el soldador de esta sala de {{from}} a {{to}} s antes de aportar; un pad normal necesita {{ordinary}} s.',
    heatFrom:
      'Con el soldador de esta sala {{from}} s o mucho más antes de aportar; un pad normal necesita {{ordinary}} s. Si a los 8 s no fluye, para y pide una punta más ancha.',
    heatNever:
      'Solo con tocar, el soldador de esta sala no calienta bastante esta unión. Funde un poco de estaño donde se juntan punta, pad y patilla, espera a que fluya y aporta después. Si a los 8 s no fluye, para y pide una punta más ancha.',
  },
  practice: {
    title: 'Práctica',
    lead: 'Diez minutos antes de la sesión, en una pausa, en casa. Aquí no se rompe nada.',
    for: 'Para tu próximo kit: {{kit}}',
    start: 'Empezar',
    mixed: 'Un poco de todo',
    mixedAim: 'Lo que estás a punto de olvidar, lo que salió mal en la placa, y algo nuevo.',
    length: 'unos {{minutes}} min, {{count}} ejercicios',
    onlyOne: 'Un solo entrenador',
    answered_one: '{{count}} respondido',
    answered_other: '{{count}} respondidos',
    due_one: '{{count}} pendiente',
    due_other: '{{count}} pendientes',
    kept: '{{kept}} de {{items}} aprendidos',
    none: 'sin probar',
    ofCount: '{{number}} de {{count}}',
    stop: 'Parar aquí',
    backToSeat: 'A mi placa',
    inWords: 'Con palabras',
    answer: 'Esa es mi respuesta',
    next: 'Siguiente',
    right: 'Correcto.',
    partly: 'Correcto en parte.',
    wrong: 'No del todo.',
    notCounted: 'No cuenta: lo que lo decide no se puede ver a ojo.',
    rightWas: 'Lo correcto sería: {{answer}}.',
    again: 'Otra vez, al final',
    done: 'Eso era todo',
    score_one: '{{right}} de {{count}} correcto.',
    score_other: '{{right}} de {{count}} correctos.',
    lookAgain: 'Para volver a mirar',
    allRight: 'No salió mal nada.',
    another: 'Otra ronda',
    choose: 'Elegir un entrenador',
    nothing: 'Con este kit todavía no hay nada que practicar.',
    sight: {
      label: '¿Cómo ves los colores?',
      usual: 'Como la mayoría',
      'red-green': 'El rojo y el verde me parecen iguales',
      'blue-yellow': 'El azul y el amarillo me parecen iguales',
      unsure: 'No como la mayoría, o no lo sé',
      why: 'Se queda en este aparato. Entonces se ofrecen los nombres y un medidor, y no cuenta nada que no se pueda ver.',
    },
    keypad: { value: 'Valor', delete: 'Borrar' },
    pickWhy: 'Tu respuesta',
    round: {
      title: 'Una pregunta para todos',
      open: 'Responder',
      later: 'Ahora no',
      given: 'Tu respuesta ha llegado. Enseguida se muestran las respuestas.',
      ended: 'De esto trataba la pregunta.',
      close: 'Volver a mi paso',
    },
  },
};
