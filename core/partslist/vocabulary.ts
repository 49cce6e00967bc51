import { calledWords } from '../parts/families/called.ts';
import { families } from '../parts/families/index.ts';
import { namesOf } from './names.ts';
import { plain } from './plain.ts';

/**
 * Words beside the name of a part that make no other part of it: materials, forms, colours, makes and manners, in the
 * languages of lists (common practice). What stands here is looked over; any other word beside a name is a doubt.
 */
const neutral = `
metal metall carbon kohle film schicht metallschicht kohleschicht radial axial liegend stehend vertical horizontal
standard mini miniature micro small large klein gross kleine grosse low high profile normal simple single double dual
precision power leistung bleifrei lead-free rohs through-hole thru hole tht smd smt chip round rund square rectangular
red green blue yellow white orange black brown grey gray violet purple clear transparent diffused diffus klar hell
ultrahell superhell bright ultra super warm cold kalt warmweiss rot gelb grun blau weiss schwarz braun grau rote rotes
gelbe grune blaue weisse rouge vert verte bleu bleue jaune blanc blanche noir rojo roja verde azul amarillo amarilla
blanco blanca negro negra naranja rood rode groen geel blauw wit zwart active passive aktiv passiv with without und and
the for mit ohne con sin avec sans met zonder type typ tipo part bauteil composant component komponente piece pieces
stuck wert value valor valeur volt watt ohm ohms kohm mohm tolerance toleranz colour color farbe screw male female
straight gerade angled gewinkelt pitch raster pins polig polarised polarized polarisiert polarise polarizado
nonpolar generic usual any various assorted new spare extra kit set board platine placa print printed panel mount
socket plug buchse stecker connector terminal header strip block holder box case halter gehause housing contact
contacts kontakt kontakte switch schalter button taster tactile momentary slide push toggle rocker spdt dpdt spst
um ein aus on off resistor widerstand capacitor kondensator transistor diode diodo diodes led leds rectifier
gleichrichter schottky zener silicon silizium germanium signal universal general purpose fast npn pnp mosfet jfet
channel kanal amplifier verstarker timer regulator spannungsregler voltage spannung positive negative fixed
adjustable-regulator cmos ttl logic gate counter driver opamp dual-inline inline dip dil soic electrolytic elko
ceramic keramik disc scheibe multilayer polyester mylar tantal tantalum crystal quarz quartz oscillator audio
piezo buzzer summer speaker lautsprecher battery batterie pile pila clip snap cell coin button lithium alkaline
rechargeable akku wire cable draht litze jumper isolated insulated bare tinned flexible stranded solid
potentiometer poti linear log logarithmic mono stereo trimmer preset cermet multiturn turn turns lin shaft
thermistor sensor light photo temperature relay relais coil spule spulen inductor drossel choke ferrite toroid
common cathode anode gemeinsame gemeinsam kathode katode catodo anodo comun commune
heat sink kuhlkorper stand standoff spacer bolt nuts washer nylon plastic kunststoff brass messing
de du des la le les el los las un une una von der die das den dem par per pour para por en of
`;

const vocabulary: ReadonlySet<string> = new Set([
  ...neutral.split(/\s+/).map(plain),
  ...families.flatMap((family) =>
    [...calledWords(family), ...namesOf(family)].flatMap((word) => word.split(/[\s-]+/)),
  ),
]);

/** Behind the name of a part they make something of it that is none: an LED housing, a battery lid (common practice). */
const accessories: ReadonlySet<string> = new Set(
  `housing gehause lid deckel cap caps kappe cover abdeckung bezel lens linse clip bracket winkel panel washer
  knob knopf glue grille tapa carcasa`.split(/\s+/),
);

/** Two words written as one: “Metallfilm”. */
const isCompound = (token: string): boolean =>
  Array.from({ length: Math.max(0, token.length - 5) }, (_, index) => index + 3).some(
    (at) => vocabulary.has(token.slice(0, at)) && vocabulary.has(token.slice(at)),
  );

/** A word of letters that says something nobody here knows. */
const isUnknown = (token: string): boolean =>
  /^[a-z]{4,}(?:-[a-z]+)*$/.test(token) &&
  !vocabulary.has(token) &&
  !isCompound(token) &&
  !token.split('-').every((piece) => vocabulary.has(piece));

/**
 * Whether the name of a part has a word beside it that may make another part of it: “photosensitive resistor”, “solar
 * cell”, “resistencia ajustable”.
 *
 * @param words the words of a line with blanks around each
 * @param name as it is found in them
 */
export function hasUnknownBeside(words: string, name: string): boolean {
  const at = name === '' ? -1 : words.indexOf(` ${name} `);
  if (at < 0) return false;
  const before = words.slice(0, at).trim().split(' ').at(-1) ?? '';
  const after =
    words
      .slice(at + name.length + 2)
      .trim()
      .split(' ')[0] ?? '';
  return isUnknown(before) || isUnknown(after) || accessories.has(after);
}
