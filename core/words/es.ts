/** The Spanish catalogue: what a learner’s seat says about steps, parts and mistakes. What is not here stays English. */
import { merged } from './merged.ts';
import { moreFamiliesSpanish } from './moreFamilies.es.ts';
import { practiceSpanish } from './practice.es.ts';
import type { Words } from './words.ts';

const bothWays = 'Da igual el sentido.';
const trimTwo = 'Suelda las dos patillas y corta.';
const hotMetal =
  'Suelda los dos extremos. El metal es grueso: dale un segundo más, pero aparta el soldador del plástico.';
const reversedBoard =
  'Toda la placa recibe la alimentación al revés; solo un diodo de protección puede salvarla.';
const chipSteps =
  'Estaña un pad, sujeta el componente con las pinzas, fúndelo encima, suelda el otro extremo y repasa el primero.';
const liesFlat = 'Mira de lado: los dos extremos apoyan planos.';
const touchMetal = 'Toca antes metal desnudo, para que no pase carga estática por el componente.';
const onLine = 'La franja queda sobre la línea impresa en la placa.';
const blocks = 'Bloquea o cortocircuita la alimentación, según su función.';
const dark =
  'No se enciende. Por debajo de 5 V sobrevive: sácalo y dale la vuelta. Por encima puede dañarse.';
const toPlus =
  'La patilla larga en el agujero marcado +. El canto plano queda sobre el lado plano del círculo.';
const flatToD = 'La cara plana mira al lado recto de la D impresa.';
const noGain = 'No amplifica nada y puede destruirse. Luego se ve mal, así que mira ahora.';
const noSwitch =
  'No conmuta o está siempre encendido, porque su diodo interno deja pasar la corriente al revés. Mira ahora.';
const regulatorGone =
  'El regulador y todo lo que alimenta pueden destruirse en cuanto la placa reciba corriente.';
const readFlat = 'Lee el tipo en la cara plana: otros componentes son iguales por fuera.';
const readType = 'Lee el tipo: otros componentes son iguales por fuera.';
const spreadThree =
  'Separa un poco las tres patillas e introdúcelo hasta que quede unos 3 mm por encima de la placa.';
const middleThenOuter =
  'Suelda la patilla central, mira, luego las dos de fuera con una pausa entre ellas. Corta.';
const toWidePart = 'Introdúcelo hasta que la parte ancha de las patillas haga tope.';
const middleStraight = 'Suelda la patilla central, mira si está derecho, luego las otras. Corta.';
const hotLater =
  'Queda caliente tras soldar, y quizá también al funcionar: atornilla el disipador si lo hay.';
const tabAtLine = 'La aleta metálica queda en la línea doble del contorno.';
const sotPads = 'Una patilla a un lado, dos al otro: solo encaja de una forma en sus tres pads.';
const sotSteps =
  'Estaña un pad, funde el componente encima con las pinzas, mira, suelda las otras patillas y repasa la primera.';
const readCode = 'Lee el código con la lupa: los tipos se parecen.';
const handTight = 'Solo con la mano: el plástico y la placa se rajan con facilidad.';

const seat: Words = {
  family: {
    ...moreFamiliesSpanish,
    'resistor-axial': {
      one: 'resistencia',
      many: 'resistencias',
      fit: [
        'Lee las bandas, o mide, y compara con la imagen.',
        'Dobla las dos patillas a la distancia de los agujeros y apoya la resistencia plana en la placa.',
        'Da la vuelta a la placa, separa un poco las patillas para que no se caiga, suelda las dos y corta.',
      ],
      wayRound: bothWays,
    },
    'resistor-chip': {
      one: 'resistencia SMD',
      many: 'resistencias SMD',
      fit: ['Lee el código con la lupa: indica ohmios.', chipSteps, liesFlat],
      wayRound: bothWays,
    },
    'resistor-network': {
      one: 'red de resistencias',
      many: 'redes de resistencias',
      fit: [
        'Busca el punto: marca la patilla 1.',
        'La patilla 1 en el agujero cuadrado; empuja la fila hasta el fondo.',
        'Suelda una patilla del extremo, endereza, suelda la del otro extremo y luego las demás.',
      ],
      wayRound: 'El punto marca la patilla 1: va al agujero cuadrado.',
      backwards:
        'Todos los valores son erróneos, porque la patilla común queda en el extremo equivocado.',
    },
    trimmer: {
      one: 'potenciómetro de ajuste',
      many: 'potenciómetros de ajuste',
      fit: [
        'Empuja sus tres patillas en el triángulo de agujeros hasta que quede recto.',
        'Suelda una patilla, mira si está derecho y suelda las otras dos.',
        'Pon el tornillo a mitad de recorrido.',
      ],
      wayRound: 'Sus tres patillas forman un triángulo: solo entra de una forma.',
      backwards: 'A la fuerza se doblan las patillas y no llega a apoyar.',
    },
    potentiometer: {
      one: 'potenciómetro',
      many: 'potenciómetros',
      fit: [
        'Rompe la pequeña pestaña si la placa no tiene agujero para ella.',
        'Mete sus terminales, con el eje por encima del borde de la placa.',
        'Suelda el terminal central, mira si está recto y luego los otros.',
      ],
      wayRound: 'El eje mira hacia fuera, por el borde de la placa.',
      backwards: 'No se llega a él, o gira al revés.',
    },
    'light-resistor': {
      one: 'fotorresistencia',
      many: 'fotorresistencias',
      fit: [
        'Deja unos 5 mm de patilla, para que su cara pueda asomar por la caja.',
        'Suelda deprisa: su cara no soporta el calor. Corta.',
      ],
      wayRound: bothWays,
    },
    thermistor: {
      one: 'termistor',
      many: 'termistores',
      fit: [
        'El código da el valor a 25 °C: deja que se enfríe antes de medirlo.',
        'Deja 5 mm de patilla, para que note el aire y no la placa.',
        trimTwo,
      ],
      wayRound: bothWays,
    },
    'capacitor-ceramic': {
      one: 'condensador cerámico',
      many: 'condensadores cerámicos',
      fit: [
        'Lee las tres cifras con la lupa y compara con la imagen.',
        'Introdúcelo hasta que quede justo por encima de la placa; no fuerces el recubrimiento en los agujeros.',
        trimTwo,
      ],
      wayRound: bothWays,
    },
    'capacitor-multilayer': {
      one: 'condensador multicapa',
      many: 'condensadores multicapa',
      fit: [
        'Lee sus cifras con la lupa y compara con la imagen.',
        'Introdúcelo hasta que quede justo por encima de la placa.',
        trimTwo,
      ],
      wayRound: bothWays,
    },
    'capacitor-film': {
      one: 'condensador de película',
      many: 'condensadores de película',
      fit: ['Introdúcelo hasta que la caja apoye en la placa.', trimTwo],
      wayRound: bothWays,
    },
    'capacitor-electrolytic': {
      one: 'condensador electrolítico',
      many: 'condensadores electrolíticos',
      fit: [
        'Busca la franja con los signos menos: la patilla a su lado, la corta, es el menos.',
        'Empújalo hasta que el bote apoye en la placa.',
        'Suelda una patilla, mira de lado si está derecho, suelda la otra y corta.',
      ],
      wayRound:
        'La patilla larga en el agujero marcado +. La franja queda sobre la mitad rellena del círculo.',
      backwards: 'Pierde líquido, se calienta y puede reventar. Nunca des corriente para probarlo.',
    },
    'capacitor-tantalum': {
      one: 'condensador de tántalo',
      many: 'condensadores de tántalo',
      fit: [
        'Busca el signo más impreso: la patilla de debajo, la más larga, es el más.',
        'Introdúcelo hasta que quede justo por encima de la placa.',
        trimTwo,
      ],
      wayRound: 'El signo más y la patilla larga van al agujero marcado +.',
      backwards: 'Arde o revienta, a menudo con llama. Nunca des corriente para probarlo.',
    },
    'capacitor-chip': {
      one: 'condensador SMD',
      many: 'condensadores SMD',
      fit: ['No lleva nada impreso: sácalo de su tira solo al montarlo.', chipSteps, liesFlat],
      wayRound: bothWays,
    },
    'inductor-axial': {
      one: 'bobina',
      many: 'bobinas',
      fit: [
        'Lee las bandas: indican microhenrios. Parece una resistencia gruesa, así que mide: una bobina tiene unos pocos ohmios como mucho.',
        'Dobla las dos patillas a la distancia de los agujeros y apóyala plana.',
        trimTwo,
      ],
      wayRound: bothWays,
    },
    'inductor-chip': {
      one: 'bobina SMD',
      many: 'bobinas SMD',
      fit: [chipSteps, liesFlat],
      wayRound: bothWays,
    },
    crystal: {
      one: 'cristal de cuarzo',
      many: 'cristales de cuarzo',
      fit: [
        'Deja el grosor de un pelo entre el bote metálico y la placa.',
        'Suelda las dos patillas deprisa y corta.',
      ],
      wayRound: bothWays,
    },
    resonator: {
      one: 'resonador cerámico',
      many: 'resonadores cerámicos',
      fit: [
        'Introdúcelo hasta que quede justo por encima de la placa.',
        'Suelda las patillas y corta.',
      ],
      wayRound: bothWays,
    },
    'diode-axial': {
      one: 'diodo',
      many: 'diodos',
      fit: [
        'Busca la franja en un extremo del cuerpo.',
        'Dobla las dos patillas, a no menos de 2 mm del cuerpo, y apóyalo plano en la placa.',
        'Compara otra vez la franja con la línea, suelda las dos patillas y corta.',
      ],
      wayRound: onLine,
      backwards: blocks,
    },
    'zener-axial': {
      one: 'diodo zéner',
      many: 'diodos zéner',
      fit: [
        'Lee el tipo con la lupa: es igual que un diodo de señal.',
        'Busca la franja y dobla las dos patillas, a no menos de 2 mm del cuerpo.',
        'Compara otra vez la franja con la línea, suelda las dos patillas y corta.',
      ],
      wayRound: onLine,
      backwards:
        'Cae 0,7 V en vez de su propia tensión: lo que protege recibe una alimentación errónea.',
    },
    'diode-melf': {
      one: 'diodo MELF',
      many: 'diodos MELF',
      fit: [
        'Rueda: sujétalo con las pinzas hasta soldar el primer extremo.',
        'Busca la franja con la lupa; va a la línea.',
        chipSteps,
      ],
      wayRound: onLine,
      backwards: blocks,
    },
    'diode-chip': {
      one: 'diodo SMD',
      many: 'diodos SMD',
      fit: ['Busca la franja con la lupa; va a la línea.', chipSteps],
      wayRound: onLine,
      backwards: blocks,
    },
    'led-5mm': {
      one: 'LED',
      many: 'LED',
      fit: [
        'Busca la patilla larga y palpa el canto plano.',
        'Mete la patilla larga en el agujero marcado + y empuja el LED hasta la placa.',
        'Suelda una patilla, mira si está derecho, suelda la otra deprisa y corta.',
      ],
      wayRound: toPlus,
      backwards: dark,
    },
    'led-3mm': {
      one: 'LED de 3 mm',
      many: 'LED de 3 mm',
      fit: [
        'Busca la patilla larga y palpa el canto plano; en 3 mm es fácil no notarlo.',
        'Mete la patilla larga en el agujero marcado + y empuja el LED hasta la placa.',
        'Suelda una patilla, mira si está derecho, suelda la otra deprisa y corta.',
      ],
      wayRound: toPlus,
      backwards: dark,
    },
    'led-chip': {
      one: 'LED SMD',
      many: 'LED SMD',
      fit: [
        'Busca la marca verde, o la flecha por debajo: apunta al menos.',
        chipSteps,
        'No aprietes la lente.',
      ],
      wayRound:
        'La marca verde queda en la línea impresa. Si el lote lleva otra marca, pregunta o usa la prueba de diodos del medidor.',
      backwards: dark,
    },
    'led-bar': {
      one: 'LED de filamento',
      many: 'LED de filamento',
      fit: [
        'Es de vidrio: no dobles las patillas cerca de los extremos.',
        'Compara la patilla larga con la hoja de este lote, o usa la prueba de diodos del medidor.',
        'Suelda los dos extremos y corta.',
      ],
      wayRound:
        'La patilla larga en el agujero marcado +, si la hoja de este lote no dice otra cosa.',
      backwards: dark,
    },
    'led-rgb': {
      one: 'LED de tres colores',
      many: 'LED de tres colores',
      fit: [
        'La patilla más larga es común a los tres colores; es la segunda desde el canto plano.',
        'Separa las patillas antes de meterlas: están muy juntas.',
        'Suelda una patilla sí y una no, descansa, luego las otras; busca puentes.',
      ],
      wayRound:
        'El canto plano queda sobre el lado plano del círculo; la patilla más larga va al agujero cuadrado.',
      backwards: 'Los colores se cambian o quedan apagados.',
    },
    'transistor-to92': {
      one: 'transistor',
      many: 'transistores',
      fit: [readFlat, spreadThree, middleThenOuter],
      wayRound: flatToD,
      backwards: noGain,
    },
    'mosfet-to92': {
      one: 'transistor de efecto campo',
      many: 'transistores de efecto campo',
      fit: [touchMetal, readFlat, spreadThree, middleThenOuter],
      wayRound: flatToD,
      backwards: noSwitch,
    },
    'transistor-to220': {
      one: 'transistor de potencia',
      many: 'transistores de potencia',
      fit: [readType, toWidePart, middleStraight, hotLater],
      wayRound: tabAtLine,
      backwards: noGain,
    },
    'mosfet-to220': {
      one: 'transistor de efecto campo de potencia',
      many: 'transistores de efecto campo de potencia',
      fit: [touchMetal, readType, toWidePart, middleStraight, hotLater],
      wayRound: tabAtLine,
      backwards: noSwitch,
    },
    'transistor-sot23': {
      one: 'transistor SMD',
      many: 'transistores SMD',
      fit: [readCode, sotSteps],
      wayRound: sotPads,
      backwards: noGain,
    },
    'mosfet-sot23': {
      one: 'transistor de efecto campo SMD',
      many: 'transistores de efecto campo SMD',
      fit: [touchMetal, readCode, sotSteps],
      wayRound: sotPads,
      backwards: noSwitch,
    },
    'regulator-to92': {
      one: 'regulador pequeño',
      many: 'reguladores pequeños',
      fit: [readFlat, spreadThree, middleThenOuter],
      wayRound: flatToD,
      backwards: regulatorGone,
    },
    'regulator-to220': {
      one: 'regulador',
      many: 'reguladores',
      fit: [readType, toWidePart, middleStraight, hotLater],
      wayRound: tabAtLine,
      backwards: regulatorGone,
    },
    'ic-dip': {
      one: 'chip',
      many: 'chips',
      fit: [
        touchMetal,
        'Sus patillas están demasiado abiertas: apoya cada fila contra la mesa hasta que ambas queden rectas.',
        'Mira que cada patilla esté sobre su agujero y aprieta por igual con los dos pulgares.',
      ],
      wayRound:
        'La muesca del chip queda sobre la muesca del contorno. Con el texto derecho, la patilla 1 está abajo a la izquierda.',
      backwards: 'Suele destruirse en cuanto la placa recibe corriente.',
    },
    'ic-so': {
      one: 'chip SMD',
      many: 'chips SMD',
      fit: [
        touchMetal,
        'Busca el punto o el lado biselado: ahí está la patilla 1, abajo a la izquierda con el texto derecho.',
        'Fija una esquina, endereza, fija la esquina opuesta, mira y suelda el resto con fundente.',
        'Quita los puentes con la punta limpia o con malla.',
      ],
      wayRound:
        'El punto, o el lado biselado, está en la patilla 1; con el texto derecho, abajo a la izquierda.',
      backwards: 'Suele destruirse en cuanto la placa recibe corriente.',
    },
    optocoupler: {
      one: 'optoacoplador',
      many: 'optoacopladores',
      fit: [
        'Busca el punto en una esquina: marca la patilla 1.',
        'Endereza las patillas en la mesa y empújalo plano.',
        'Suelda dos esquinas opuestas, mira, luego las demás patillas.',
      ],
      wayRound: 'El punto queda en el agujero cuadrado, junto a la muesca del contorno.',
      backwards: 'Su lámpara no luce y nada pasa; suele sobrevivir.',
    },
    'display-digit': {
      one: 'display de siete segmentos',
      many: 'displays de siete segmentos',
      fit: [
        'Busca el punto decimal: está al pie de la cifra.',
        'Comprueba que todas las patillas estén rectas y mételo hasta que quede plano.',
        'Suelda dos patillas en esquinas opuestas, míralo de lado y luego suelda las demás.',
      ],
      wayRound: 'El punto decimal queda donde la placa tiene su punto impreso.',
      backwards:
        'Se encienden segmentos equivocados, o ninguno. Desoldar diez patillas lleva mucho tiempo: míralo ahora.',
    },
    'socket-dip': {
      one: 'zócalo',
      many: 'zócalos',
      fit: [
        'Mira que ninguna patilla esté doblada debajo y mete el zócalo; el chip se queda en la bolsa.',
        'Sujétalo con cinta, da la vuelta a la placa y suelda dos patillas en esquinas opuestas.',
        'Mira si apoya plano; si no, funde una esquina y aprieta. Luego suelda las demás.',
      ],
      wayRound: 'La muesca del zócalo queda sobre la muesca impresa.',
      backwards: 'El zócalo funciona igual, pero luego el chip se pondrá al revés.',
    },
    'switch-slide': {
      one: 'interruptor deslizante',
      many: 'interruptores deslizantes',
      fit: [
        'Empújalo hasta que el marco apoye en la placa.',
        'Suelda la patilla central, mira si está recto, luego las dos de fuera.',
        'Mueve la palanca: debe seguir haciendo clic. Demasiado calor la ablanda.',
      ],
      wayRound: bothWays,
    },
    'switch-toggle': {
      one: 'interruptor de palanca',
      many: 'interruptores de palanca',
      fit: [
        'Mete sus terminales hasta que el cuerpo apoye en la placa.',
        'Suelda el terminal central, mira si está recto, luego los dos de fuera; necesitan más calor.',
        'Mueve la palanca: debe seguir haciendo clic.',
      ],
      wayRound: bothWays,
    },
    'push-button': {
      one: 'pulsador',
      many: 'pulsadores',
      fit: [
        'Aprieta sus cuatro patillas en los agujeros hasta que encaje.',
        'Suelda dos patillas opuestas, apriétalo otra vez, suelda las otras.',
      ],
      wayRound: 'Sus patillas encajan en un sentido; girado media vuelta es lo mismo.',
      backwards: 'Girado un cuarto no encaja, o queda siempre pulsado.',
    },
    'switch-chip': {
      one: 'pulsador SMD',
      many: 'pulsadores SMD',
      fit: [
        'Fija una patilla, mira si está recto, fija la opuesta y luego las otras dos.',
        'Que no le entre fundente.',
      ],
      wayRound:
        'Sus patillas coinciden con los pads en un sentido; girado media vuelta es lo mismo.',
      backwards: 'Girado un cuarto queda siempre pulsado.',
    },
    'pin-header': {
      one: 'tira de pines',
      many: 'tiras de pines',
      fit: [
        'Los extremos cortos atraviesan la placa.',
        'Suelda un solo pin, endereza la fila con el estaño blando y suelda los demás.',
        'No sujetes un pin con los dedos: se calienta.',
      ],
      wayRound: bothWays,
    },
    'socket-strip': {
      one: 'tira hembra',
      many: 'tiras hembra',
      fit: [
        'Empújala hasta que apoye en la placa.',
        'Suelda un pin, endereza la fila con el estaño blando, luego los demás.',
      ],
      wayRound: bothWays,
    },
    'terminal-block': {
      one: 'borna',
      many: 'bornas',
      fit: [
        'Gírala para poder meter los cables desde fuera de la placa y apriétala plana.',
        'Sus patillas son gruesas: mantén el soldador un segundo más hasta que el estaño corra alrededor.',
      ],
      wayRound: 'Las bocas miran hacia fuera, al borde de la placa.',
      backwards: 'Los cables no entran, o se cambian más y menos y toda la placa queda al revés.',
    },
    jack: {
      one: 'conector de clavija',
      many: 'conectores de clavija',
      fit: [
        'Su boca mira por el borde de la placa; apriétalo plano.',
        'Sus terminales son gruesos: calienta más hasta que el estaño corra alrededor.',
        'Prueba la clavija antes de soldar el último terminal.',
      ],
      wayRound: 'La boca mira hacia fuera, por el borde de la placa.',
      backwards: 'No se puede enchufar nada.',
    },
    connector: {
      one: 'conector con guía',
      many: 'conectores con guía',
      fit: [
        'Compara la lengüeta o el hueco de su carcasa con el contorno.',
        'Apriétalo plano, suelda una patilla, mira, luego las demás.',
      ],
      wayRound: 'El hueco de su carcasa queda sobre el hueco del contorno.',
      backwards: 'El enchufe lo conecta todo al revés.',
    },
    buzzer: {
      one: 'zumbador',
      many: 'zumbadores',
      fit: [
        'Deja la pegatina del agujero hasta que la placa esté limpia.',
        'Busca el + de la tapa, o la patilla más larga, y empújalo plano.',
        'Suelda las dos patillas, brevemente.',
      ],
      wayRound: 'El + de la tapa, o la patilla más larga, va al agujero marcado +.',
      backwards: 'Se queda mudo, o suena bajo y ronco.',
    },
    speaker: {
      one: 'altavoz',
      many: 'altavoces',
      fit: [
        'Suelda un cable a cada terminal, deprisa: el plástico de detrás se funde.',
        'Suelda los otros extremos a la placa.',
      ],
      wayRound: 'Uno solo, da igual; dos juntos deben coincidir.',
    },
    'battery-holder': {
      one: 'portapilas',
      many: 'portapilas',
      fit: [
        'Sin pilas mientras sueldas.',
        'Rojo o + al agujero marcado +, negro o − al otro.',
        hotMetal,
      ],
      wayRound: 'El rojo es el más y va al agujero marcado +.',
      backwards: reversedBoard,
    },
    'coin-holder': {
      one: 'portapilas de botón',
      many: 'portapilas de botón',
      fit: [
        'Sin pila mientras sueldas. Busca el + moldeado.',
        'Ponlo en su lado de la placa de modo que se llegue a la abertura.',
        hotMetal,
      ],
      wayRound: 'El + moldeado queda sobre el + impreso en la placa.',
      backwards: reversedBoard,
    },
    'battery-clip': {
      one: 'clip de pila',
      many: 'clips de pila',
      fit: [
        'Sin pila mientras sueldas.',
        'Rojo al agujero marcado +, negro al otro.',
        'Pasa los cables por los agujeros de sujeción, si la placa los tiene, y suelda.',
      ],
      wayRound: 'El rojo es el más y va al agujero marcado +.',
      backwards: reversedBoard,
    },
    battery: {
      one: 'pila',
      many: 'pilas',
      fit: [
        'Deja antes el soldador en su soporte: nadie suelda en una placa con pila.',
        'Mira de qué tipo es: en una pila cilíndrica el extremo plano es el menos; en una de botón la cara ancha es el más.',
      ],
      wayRound:
        'El más va al + del portapilas o del conector. Cómo se marca depende del tipo de pila.',
      backwards: reversedBoard,
    },
    'wire-link': {
      one: 'puente de hilo',
      many: 'puentes de hilo',
      fit: [
        'Dobla un trozo de hilo desnudo, o una patilla cortada, a la distancia de los agujeros.',
        'Tira de él hasta que quede tenso y plano, suelda los dos extremos y corta.',
      ],
      wayRound: bothWays,
    },
    wire: {
      one: 'cable',
      many: 'cables',
      fit: [
        'Pela 4 mm, retuerce los hilos y estáñalos.',
        'Pasa cada cable por su agujero desde arriba y suéldalo.',
        'Tira con suavidad: debe aguantar.',
      ],
      wayRound: 'Compara el color de cada cable con el nombre de su agujero.',
      backwards: 'Lo que cuelga de los cables funciona al revés, o no funciona.',
    },
    screw: { one: 'tornillo', many: 'tornillos', fit: [handTight] },
    'stand-off': { one: 'separador', many: 'separadores', fit: [handTight] },
    'heat-sink': {
      one: 'disipador',
      many: 'disipadores',
      fit: [
        'Una capa fina de pasta térmica, si el kit lo dice.',
        'Atorníllalo a su componente antes de soldarlo, para que ninguna soldadura soporte fuerza.',
      ],
      wayRound: 'Su dorso plano apoya en la aleta metálica del componente.',
    },
    board: {
      one: 'placa',
      many: 'placas',
      fit: ['El lado impreso es el lado de los componentes.'],
    },
    other: {
      one: 'componente',
      many: 'componentes',
      fit: ['Pregunta a tu instructor cómo se monta este.'],
      wayRound: 'Pregunta a tu instructor en qué sentido va antes de soldar.',
    },
  },
  mistake: {
    'wrong-value': {
      name: 'Valor equivocado',
      whatNow:
        'No cortes aún. Calienta una soldadura tras otra, saca el componente con alicates (está caliente) y despeja los agujeros con malla o bomba desoldadora.',
    },
    backwards: {
      name: 'Al revés',
      whatNow: 'Sin corriente hasta girarlo. Sácalo, despeja los agujeros y ponlo en su sentido.',
    },
    'wrong-place': {
      name: 'Sitio equivocado',
      whatNow: 'Sácalo antes de seguir: su sitio está vacío y otro está ocupado.',
    },
    bridge: {
      name: 'Puente de estaño',
      whatNow:
        'Pasa una punta limpia y caliente entre las dos soldaduras, o absorbe el estaño con malla.',
    },
    'dry-joint': {
      name: 'Soldadura fría',
      whatNow: 'Calienta pad y patilla a la vez dos segundos y añade un poco de estaño nuevo.',
    },
    'lead-missed': {
      name: 'Patilla fuera de su agujero',
      whatNow: 'Saca el componente, endereza la patilla y mira por debajo que se vean todas.',
    },
    'lifted-pad': {
      name: 'Pad levantado',
      whatNow: 'Deja de calentar. Tu instructor enseña cómo un hilo sustituye al pad.',
    },
    'bent-pin': {
      name: 'Patilla doblada',
      whatNow:
        'Saca el chip recto con un destornillador pequeño y endereza la patilla con alicates.',
    },
    'broken-part': {
      name: 'Componente roto',
      whatNow: 'Pide un repuesto. Guarda el roto en la bolsa para el recuento.',
    },
    'lost-part': {
      name: 'Componente perdido',
      whatNow: 'Mira por el suelo y en las mangas, y pide un repuesto.',
    },
    'check-failed': {
      name: 'La comprobación dice que no',
      whatNow: 'Sin corriente. Déjalo todo como está y pide ayuda.',
    },
    'check-skipped': {
      name: 'Comprobado tarde',
      whatNow: 'Quita la corriente. Haz la comprobación ahora, antes que nada.',
    },
  },
  rule: {
    'feet-last': {
      says: 'Los separadores y sus tornillos son patas: van al final.',
      after:
        'Las patas van al final, cuando todo está soldado; hasta entonces la placa queda plana.',
    },
    'links-first': {
      before:
        'Un puente de hilo queda plano y otros componentes pueden ir encima: va antes que {{others}}.',
      after: 'Puede quedar sobre un puente de hilo, así que antes va {{others}}.',
    },
    'socket-before-chip': {
      before: 'El chip va en su zócalo, así que primero se suelda el zócalo vacío.',
      after: 'Va en el zócalo, así que el zócalo va primero.',
    },
    'holder-tried-first': { after: 'El portapilas se ha probado en su sitio; ya se puede fijar.' },
    'screws-before-solder': {
      before:
        'Los tornillos asientan {{others}}. Apretados tras soldar, tirarían de las soldaduras.',
      after: 'Ahora lo sujetan sus tornillos, y las soldaduras no soportan fuerza.',
    },
    'sink-before-its-part': {
      before: 'Se atornilla a {{others}} antes de soldarlo: después tiraría de las soldaduras.',
      after: 'Está atornillado a su disipador, y las soldaduras no soportan fuerza.',
    },
    'chips-after-supply': {
      after:
        'El chip queda fuera del zócalo hasta comprobar la alimentación: una tensión errónea lo destruiría.',
    },
    'battery-last': {
      after: 'Nadie suelda en una placa con pila: las pilas van cuando todo lo demás está hecho.',
    },
    'all-soldered-before-look': { after: 'Todas las soldaduras están hechas.' },
    'look-before-measuring': { after: 'Ya se han mirado las soldaduras.' },
    'supply-before-measuring': { after: 'Ya están los componentes que traen la alimentación.' },
    'resistance-before-power': { after: 'No hay cortocircuito entre alimentación y masa.' },
    'power-before-function': { after: 'La alimentación de este bloque es correcta.' },
    'function-last': { after: 'Está todo montado.' },
    'covers-pads': {
      before: 'Va antes que {{others}}, que tapará sus soldaduras.',
      after: 'Tapa las soldaduras de {{others}}, así que esas se hacen primero.',
    },
    'under-body': {
      before: 'Queda debajo de {{others}}, así que va primero.',
      after: 'Va encima de {{others}}, así que eso va primero.',
    },
    'iron-access': {
      before: 'Sus soldaduras están tan cerca de {{others}} que después no entraría el soldador.',
      after: 'Está tan cerca de {{others}} que el soldador ya no llegaría a esas soldaduras.',
    },
    'middle-first': {
      before: 'Queda en medio de {{others}}: con eso puesto, ya no se llega.',
      after: 'Encierra {{others}}, así que lo de en medio va primero.',
    },
    'surface-before-tall': {
      before:
        'Queda plano en la placa: junto a {{others}} no llegarían ni las pinzas ni el soldador.',
      after: 'Es alto, así que {{others}} de este lado fue primero.',
    },
    'far-side-last': {
      after:
        'Va en el otro lado, que se empieza al acabar el primero: hasta entonces la placa apoya plana.',
    },
  },
  style: {
    'lowest-first': {
      before: 'Es más bajo que {{others}}, que levantaría la placa.',
      after: 'Es más alto que {{others}}, así que va después.',
    },
    'toughest-first': {
      before:
        'Poco le hace daño, así que va antes que {{others}}, que el calor o la estática pueden estropear.',
      after: 'El calor o la estática pueden estropearlo, así que espera a {{others}} y similares.',
    },
    'by-sheet': {
      before: 'Está antes que {{others}} en la lista.',
      after: 'Está después de {{others}} en la lista.',
    },
    'surface-first': {
      before: 'Se suelda en la superficie mientras la placa apoya plana; {{others}} va después.',
      after: 'Sus patillas atraviesan la placa, así que va después de {{others}}.',
    },
    'by-block': {
      before: 'Pertenece a un bloque anterior a {{others}}, que se comprueba primero.',
      after: 'Su bloque va después del de {{others}}.',
    },
    'anchors-first': {
      before: 'Las manos empujarán y tirarán de él: se pone derecho primero, antes que {{others}}.',
      after: 'No soporta fuerza, así que va después de {{others}}.',
    },
  },
  check: {
    'try-holder': {
      name: 'Probar el portapilas en su sitio',
      how: [
        'Pon el portapilas sobre la placa, sin pilas. Compara + y − con lo impreso.',
        'Mira que sus patillas o cables lleguen a sus agujeros y que cada agujero de tornillo coincida.',
      ],
      expect: 'Apoya plano y todo coincide.',
      otherwise: 'No dobles nada para que encaje: pide ayuda.',
      why: 'Un portapilas atornillado y soldado al revés apenas se puede quitar: por eso se prueba antes.',
    },
    look: {
      name: 'Mirar cada soldadura',
      how: [
        'Pilas fuera, alimentación apagada. Da la vuelta a la placa, con buena luz y lupa.',
        'Fila por fila: ¿es cada soldadura un pequeño cono liso alrededor de la patilla? El estaño sin plomo brilla menos. ¿Hay estaño entre dos, o una bola suelta?',
        '¿Están cortadas todas las patillas?',
      ],
      expect: 'Cada soldadura cubre su agujero y ninguna toca a su vecina.',
      otherwise: 'Arregla lo que hayas visto y mira otra vez.',
      why: 'Todo está soldado y nada ha tenido corriente: un puente que se ve ahora no hace daño.',
    },
    'supply-resistance': {
      name: 'Medir de la alimentación a masa',
      how: [
        'Nada conectado a la placa. Pon el medidor en ohmios, escala de 2 kΩ.',
        'Una punta en el + de la alimentación, la otra en el −. Espera a que el número se pare.',
      ],
      expect: 'El número sube o queda muy por encima de {{least}} Ω.',
      otherwise: 'Medio ohmio es un cortocircuito: sin corriente. Pide ayuda.',
      why: 'Ahora viene la primera corriente: un cortocircuito hay que encontrarlo antes.',
    },
    'first-power': {
      name: 'Primer encendido',
      how: [
        'Deja el soldador en su soporte. Gafas puestas y la cara lejos de la placa.',
        'Conecta la alimentación y mira la corriente.',
      ],
      expect: 'La tensión llega a la placa y nada se calienta ni huele.',
      otherwise:
        'Desconecta enseguida. Demasiada corriente, ninguna o algo caliente indica un fallo: pide ayuda.',
      why: 'La resistencia era correcta, así que la placa puede tener corriente; con límite, un fallo no hace daño.',
    },
    function: {
      name: '¿Funciona?',
      how: ['Enciende y prueba lo que el kit debe hacer.'],
      expect: 'Hace lo que promete.',
      otherwise:
        'Apaga. Casi siempre es algo sencillo: una soldadura fría, un puente, un componente girado. Pide ayuda.',
      why: 'Está todo montado y la alimentación es correcta: ya se puede probar la placa entera.',
    },
  },
  band: {
    black: 'negro',
    brown: 'marrón',
    red: 'rojo',
    orange: 'naranja',
    yellow: 'amarillo',
    green: 'verde',
    blue: 'azul',
    violet: 'violeta',
    grey: 'gris',
    white: 'blanco',
    gold: 'oro',
    silver: 'plata',
    pink: 'rosa',
  },
  colour: {
    red: 'rojo',
    yellow: 'amarillo',
    green: 'verde',
    blue: 'azul',
    white: 'blanco',
    orange: 'naranja',
  },
  sign: {
    'long-lead': 'patilla larga',
    'short-lead': 'patilla corta',
    'longest-lead': 'patilla más larga',
    flat: 'canto plano',
    stripe: 'franja del bote',
    band: 'franja en un extremo',
    'plus-print': 'signo más impreso',
    notch: 'muesca en un extremo',
    dot: 'punto en la esquina',
    bevel: 'lado biselado',
    'green-mark': 'marca verde, o la flecha de debajo',
    'flat-face': 'cara plana',
    'metal-tab': 'aleta metálica',
    'single-leg': 'lado con una patilla',
    'three-pins': 'tres patillas',
    'leg-spacing': 'lado ancho y estrecho de las patillas',
    openings: 'boca',
    keyway: 'hueco de la carcasa',
    'red-wire': 'cable rojo',
    'black-wire': 'cable negro',
    cap: 'tapa',
    'flat-end': 'extremo plano',
    'print-side': 'lado impreso',
    'decimal-point': 'punto decimal',
    'dark-segment': 'segmento oscuro del bote',
    bar: 'barra en un extremo',
    'bevelled-corners': 'dos esquinas cortadas de la base',
    'broad-face': 'cara ancha y plana',
    'small-snap': 'broche pequeño y redondo',
    'wide-snap': 'corona ancha',
    nub: 'botón',
    'rim-tab': 'pestaña del borde',
    lens: 'lado de la lente',
    'cut-corner': 'esquina cortada',
    'case-pad': 'pad unido a la carcasa',
  },
  board: {
    where: 'número {{fromLeft}} de {{count}} desde la izquierda, {{area}}',
    beside:
      'número {{fromLeft}} de {{count}} desde la izquierda, {{area}}, {{direction}} {{place}}',
    area: {
      'left-top': 'arriba a la izquierda',
      'middle-top': 'arriba en el centro',
      'right-top': 'arriba a la derecha',
      'left-middle': 'a la izquierda',
      'middle-middle': 'en el centro',
      'right-middle': 'a la derecha',
      'left-bottom': 'abajo a la izquierda',
      'middle-bottom': 'abajo en el centro',
      'right-bottom': 'abajo a la derecha',
    },
    direction: {
      left: 'a la izquierda de',
      right: 'a la derecha de',
      above: 'encima de',
      below: 'debajo de',
    },
    edge: { left: 'la izquierda', right: 'la derecha', top: 'arriba', bottom: 'abajo' },
    facing: '{{mark}} hacia {{edge}}',
    'over-joints': 'queda sobre las soldaduras de {{places}}',
    'under-joints': 'sus soldaduras quedan bajo {{places}}',
    'over-body': 'queda sobre {{places}}',
    'under-body': 'queda bajo {{places}}',
    top: 'Lado de componentes',
    bottom: 'Lado de soldadura, visto desde abajo (reflejado)',
    hole: 'agujero {{hole}}',
    'hole-below': 'agujero {{hole}}, columna {{column}} desde la izquierda tal como lo ves',
  },
  sensitive: {
    heat: 'El calor prolongado lo estropea: suelda deprisa y deja que se enfríe entre dos soldaduras.',
    static: 'La estática lo estropea: toca antes metal desnudo de la mesa o del soporte.',
  },
  harm: {
    lithium: {
      says: 'Una celda de litio arde: no la sueldes, pinches, dobles ni cortocircuites, y no pongas herramientas encima.',
    },
    'high-voltage': {
      says: 'Esta pieza trabaja con una tensión que puede herir. No toques nunca la placa encendida; la primera prueba la hace tu instructor.',
    },
    laser: { says: 'No mires nunca el haz ni apuntes a nadie.' },
    'live-tab': {
      says: 'Su aleta metálica no es masa: no debe tocar otra pieza, y un disipador necesita un aislante.',
    },
    discharge: {
      says: 'Este kit tiene o crea una tensión peligrosa: solo tu instructor lo enciende y lo descarga antes de que alguien lo toque.',
    },
    iron: {
      says: 'Gafas puestas. Pelo y mangas recogidos. Sujeta la patilla que cortas y deja el soldador en su soporte. Los componentes siguen calientes un minuto.',
    },
    fumes: {
      says: 'Aparta la cara del humo. En el puesto no se come: el estaño puede llevar plomo, así que lávate las manos después.',
    },
    burst: {
      says: 'Al revés puede reventar cuando llega la corriente. Mira dos veces su marca antes de soldar.',
    },
    insert: { says: 'Alimentación apagada y pilas fuera antes de poner un chip.' },
    fasten: { says: 'El soldador en su soporte, lejos de tus manos.' },
    short: { says: 'Nunca cortocircuites una pila ni sueldes en ella.' },
    'button-cell': {
      says: 'Las pilas de botón, lejos de niños pequeños: tragarse una es una emergencia.',
    },
    live: { says: 'Nadie suelda en una placa con corriente.' },
    smoke: {
      says: 'Gafas puestas y la cara lejos de la placa. Humo, olor o algo caliente: apaga enseguida, no toques nada y llama a tu instructor.',
    },
    bright: { says: 'No mires a los LED brillantes.' },
  },
  caution: {
    erratum: 'Aquí el kit se equivoca',
    'lot-note': 'Este lote es distinto',
    'mix-up': 'Fácil de confundir',
    'mix-up-text':
      'Se parecen a {{other}} ({{places}}), que ya has montado. Compara las dos imágenes antes de coger uno.',
    'mix-up-here': 'Ahora: {{what}}',
    'mix-up-other': 'Ya montado: {{what}}',
  },
  reason: {
    lowest:
      'Con {{height}} mm sobre la placa, nada de lo que queda es más bajo; {{next}} con {{nextHeight}} mm levantaría la placa.',
    tallest: 'Mide {{height}} mm, lo más alto de todo, así que va después de lo más bajo.',
    flattest:
      'Con {{height}} mm es más plano que {{next}}: así llegan pinzas y soldador por todos lados.',
    'flattest-last':
      'Con {{height}} mm es lo más alto de la superficie, así que va tras lo más plano.',
    'same-height':
      'Igual de bajo que {{before}}, {{height}} mm, pero de otro valor: un valor cada vez, para no confundirlos.',
    'same-height-other':
      'Igual de bajo que {{before}}, {{height}} mm: cualquiera podría ir primero.',
    'by-hand': 'Tu instructor lo quiere aquí, después de {{before}}.',
    'by-hand-first': 'Tu instructor lo quiere aquí.',
    'off-board':
      'Los cables cuelgan de la placa y tiran al darle la vuelta: van cuando lo demás está montado.',
  },
  hold: {
    'bent-leads': 'separa las patillas unos 45°',
    tape: 'sujeta con cinta resistente al calor',
    putty: 'sujeta con un poco de masilla',
    'tack-one-pin': 'suelda una patilla, mira si está recto, luego las demás',
    loose: '{{places}} se caería hasta {{drop}} mm al dar la vuelta a la placa: {{method}}.',
    'loose-one': 'Se caería hasta {{drop}} mm al dar la vuelta a la placa: {{method}}.',
  },
  length: {
    bend: '{{places}}: dobla las patillas a {{mm}} mm.',
    raise: '{{places}}: deja el cuerpo a {{mm}} mm de la placa y sujétalo así mientras sueldas.',
    lay: '{{places}}: dobla las patillas antes de soldar, de modo que el cuerpo quede tumbado en la placa.',
    'cut-link': '{{places}}: corta el hilo a {{mm}} mm.',
    'cut-wire': '{{places}}: corta el cable a {{mm}} mm y pela 5 mm en cada extremo.',
  },
  checkForm: {
    ask: {
      ohm: '¿Qué marca el medidor, en ohmios?',
      milliampere: '¿Qué corriente marca la fuente, en mA?',
    },
    example: { ohm: 'por ejemplo 4k7, 220 u OL', milliampere: 'por ejemplo 12' },
    judge: 'Valorar',
    passed: 'Seguir',
    reading: { ohm: '{{amount}} Ω', milliampere: '{{amount}} mA', open: 'abierto' },
    finding: {
      right: 'Es correcto.',
      short:
        'Es un cortocircuito de la alimentación a masa: sin corriente. Viene ayuda; busca un puente mientras tanto.',
      'nearly-short':
        'Es demasiado poco: algo puentea la alimentación o está al revés. Sin corriente. Viene ayuda.',
      'too-much': 'Es demasiado. Apaga ahora. Viene ayuda.',
      'no-current':
        'No pasa nada: una soldadura fría, una patilla fuera de su agujero o la alimentación al revés. Apaga. Viene ayuda.',
    },
    'block-why':
      'Está todo el bloque «{{blocks}}»: lo que falle ahí se encuentra ahora, antes de que más componentes lo tapen.',
    blocks: 'Se trata de: {{blocks}}.',
  },
  step: {
    solder: 'Soldar: {{what}}',
    insert: 'Insertar: {{what}}',
    fasten: 'Atornillar: {{what}}',
    power: 'Poner: {{what}}',
    joints_one: '{{count}} soldadura',
    joints_many: '{{count}} soldaduras',
    joints_other: '{{count}} soldaduras',
    pieces_one: '{{count}} pieza',
    pieces_many: '{{count}} piezas',
    pieces_other: '{{count}} piezas',
    minutes: '{{minutes}} min',
    and: 'y',
    note: {
      volt: 'La alimentación de este kit es de {{volt}} V.',
      'chips-out_one': '{{chips}} aún no está en su zócalo.',
      'chips-out_many': '{{chips}} aún no están en sus zócalos.',
      'chips-out_other': '{{chips}} aún no están en sus zócalos.',
      'no-cells': 'Sin pilas en el portapilas.',
      'most-milliampere':
        'Se esperan como mucho unos {{most}} mA: estimado por las piezas de este kit.',
      'cells-out-again':
        'Usa la fuente con límite de corriente, o pon las pilas solo para esta comprobación y quítalas otra vez.',
    },
  },
  seat: {
    seat: 'Puesto {{number}}',
    stepOf: 'Paso {{number}} de {{count}}',
    loading: 'Abriendo tu puesto …',
    cannotOpen: 'Este puesto no se abre',
    tryAgain: 'Probar otra vez',
    failed: {
      noConnection:
        'No se llega al ordenador del taller. Mira si este dispositivo está en la wifi de la sala.',
      wrongLink:
        'Este enlace no lleva a ningún puesto. Escanea otra vez el código de tu bolsa, o pide el enlace a tu instructor.',
      endedLink:
        'Este enlace ya no vale: el taller terminó, o el puesto tiene un enlace nuevo. Escanea otra vez el código de tu bolsa, o pregunta a tu instructor.',
      tooManyTries:
        'Demasiados enlaces erróneos desde este dispositivo. Espera un cuarto de hora, o pregunta a tu instructor.',
      trouble:
        'El ordenador del taller tiene problemas. No se ha perdido nada. Prueba otra vez, o díselo a tu instructor.',
    },
    youBuild: 'Montas: {{kit}}',
    opensByItself: 'Esta página se abre sola cuando empieza el taller.',
    keepOpen: 'Deja esta página abierta: sin wifi no se puede volver a abrir.',
    practiseUntilThen: 'Practica mientras tanto',
    saved: 'Guardado',
    sending: 'Enviando {{count}} …',
    offline: 'Sin red. Sigue trabajando: lo que haces se guarda aquí y se envía después.',
    offlineWaiting_one:
      'Sin red. Sigue trabajando: {{count}} entrada se guarda aquí y se envía después.',
    offlineWaiting_many:
      'Sin red. Sigue trabajando: {{count}} entradas se guardan aquí y se envían después.',
    offlineWaiting_other:
      'Sin red. Sigue trabajando: {{count}} entradas se guardan aquí y se envían después.',
    doNotReload: 'No recargues ni cierres esta página hasta que vuelva la red: no se podría abrir.',
    places: 'Sitios en la placa: {{places}}',
    noPlace: 'sin sitio propio',
    pictureOnMat: 'En tu mesa',
    onBoard: 'En la placa',
    boardMarkOf: 'Lo impreso en la placa para: {{what}}',
    map: 'Dónde en la placa',
    turnOver: 'Dar la vuelta',
    turnBack: 'Volver',
    wholeBoard: 'Placa entera',
    closer: 'Más cerca',
    moreHeat: '{{places}}: más calor, más tiempo.',
    heatPlane:
      'Aquí una soldadura está unida a una gran superficie de cobre que se lleva el calor. Mantén el soldador hasta que el estaño corra solo.',
    heatLarge: 'El pad es grande. Mantén el soldador hasta que el estaño corra alrededor.',
    beforeTurning: 'Antes de dar la vuelta a la placa',
    how: 'Cómo',
    wayRound: 'En qué sentido',
    thisLot:
      'Como dice la nota de arriba: son de un lote con marcas poco comunes. Cuenta más que todo lo demás de esta página.',
    guide: 'Más (en inglés): {{what}}',
    otherwise: 'Si no',
    expect: 'Lo que deberías ver',
    why: '¿Por qué ahora?',
    cautionLocal: 'Lo que digan tu instructor y las reglas de esta sala va primero.',
    done: 'Hecho',
    checkDone: 'Sí, así es',
    checkFailed: 'No, no es así',
    back: 'Un paso atrás',
    wrong: 'Algo ha salido mal',
    help: 'Pedir ayuda',
    helpAsked: 'Viene ayuda',
    helpAskedAgo_one: 'La pediste hace {{count}} minuto. Déjalo todo como está.',
    helpAskedAgo_many: 'La pediste hace {{count}} minutos. Déjalo todo como está.',
    helpAskedAgo_other: 'La pediste hace {{count}} minutos. Déjalo todo como está.',
    helpAskedNow: 'La acabas de pedir. Déjalo todo como está.',
    helpWithdraw: 'Ya no hace falta',
    whatWrong: '¿Qué ha salido mal?',
    whatWrongHint: 'Le pasa a todo el mundo. Dilo, para poder arreglarlo.',
    whichStep: '¿En qué paso?',
    whichPart: '¿Qué componente?',
    notSure: 'No lo sé',
    close: 'Cerrar',
    understood: 'Entendido, seguir',
    takeBack: 'Ha sido un desliz, retirarlo',
    finished: 'Tu placa está hecha',
    finishedText:
      'Has hecho todos los pasos y comprobaciones. Apaga, deja el soldador en su soporte y lávate las manos antes de comer.',
    notSaved:
      'Una entrada no se ha podido guardar. Se queda en este dispositivo. Dile a tu instructor lo que querías decir.',
    discard: 'Borrar',
    told: {
      title: 'Tu instructor dice a todos',
      now: 'Es sobre el paso en el que estás.',
      ahead: 'Es sobre el paso {{number}}, que aún tienes por delante.',
      'to-check': 'Ya has hecho el paso {{number}}. Déjalo como está: alguien viene a mirarlo.',
    },
    wellDone: 'Bien hecho, dice tu instructor.',
    bring: 'No está en tu bolsa: pídelo.',
    burn: '¿Te has quemado? Agua corriente fresca 20 minutos, y avisa ya a tu instructor.',
    language: 'Idioma',
  },
};

export const spanish: Words = merged(seat, practiceSpanish);
