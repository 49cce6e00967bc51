import { calledWords } from '../parts/families/called.ts';
import { families } from '../parts/families/index.ts';
import { recognised } from '../parts/families/recognised.ts';
import type { Job, PartFamily } from '../parts/family.ts';
import { readPackage } from '../parts/packages/readPackage.ts';
import { bandColourIn } from './colourNames.ts';
import { namesOf } from './names.ts';
import { plain } from './plain.ts';
import { withSingulars } from './plural.ts';

/**
 * Words beside the name of a part that make no other part of it, whatever the part: forms, colours, units, ways of fixing
 * and of counting, in the languages of lists and as suppliers shorten them (common practice). Any other word is a doubt.
 * No word that is a thing of its own belongs here, an LED strip is no LED, and none that changes some kinds of parts: a
 * double LED is another LED.
 */
const neutral = `
radial rad axial liegend stehend vertical vert vertikal horizontal horiz standard std mini miniature small large klein
gross kleine grosse low high hi lo profile normal simple single bleifrei lead-free rohs through-hole thru through hole
tht pth smd smt chip round rund ronde redondo rechteckig rectangular square quadratisch cuadrado
red green blue yellow white yel grn blu wht blk gry org orange black brown grey gray violet purple clear transparent diffused diffus diff tinted
klar farblos hell ultrahell superhell extrahell bright superhelle ultrahelle helle hochhelle superbright ultrabright high-brightness ultra super extra
brillante brillo alto alta brightness luminosidad difuso difusa transparente multi multi-turn multiturn mehrgang vuelta vueltas warm cold cool kalt warmweiss kaltweiss natural rot gelb grun
blau weiss schwarz braun grau rote rotes gelbe grune blaue weisse rouge vert verte bleu bleue jaune blanc blanche noir
marron cafe gris morado oro dorado plata plateado rojo roja verde azul amarillo amarilla blanco blanca negro negra naranja rood rode groen geel blauw wit zwart
with without und and oder bzw resp the for mit ohne con sin avec sans met zonder
type typ tipo part bauteil composant component komponente componente piece pieces pcs stk stuck
narrow wide schmal breit estrecho ancho turned gedreht precision
marked marking labelled labeled gemarkt beschriftet marcado marcada marque marquee gemerkt
wert value valor valeur tolerance toleranz tol tolerancia colour color farbe band bands ringe
volt volts vdc vac voltios watt vatios vatio ohm ohms ohmios ohmio kohm mohm kiloohm kiloohms megohm megohms mfd farad microfarad nanofarad picofarad
henry microhenry millihenry hertz megahertz kilohertz mhz khz amp ampere amps
inch zoll pulgadas jumbo taper meg
violett lila radiaal staand liggend straight gerade angled gewinkelt abgewinkelt right-angle rechtwinklig pitch raster rastermass paso pas steek
pin pins pens leg legs beine beinig pines patas patillas way ways pole poles pol polig polos position positions pos posiciones points punkte puntos plots broches
contactos kontakte contacts vias via bornes polen changeover adrig row rows reihig reihen
generic gen usual any various assorted placa print printed mount mounting mtg um ein aus on off
universal general gp purpose dual-inline inline in-line package pkg
rm din awg iso sma smb smc melf minimelf mini-melf dpak pentawatt multiwatt nylon plastic kunststoff brass messing
de du des de la le les el los las un una une der die das den dem par per pour para por en of
`;

/** What such parts do, as a line says it beside a type number (common practice). */
const doing: Partial<Record<Job, string>> = {
  chip: `amplifier amp verstarker amplificador amplificateur audio opamp op-amp operational operationsverstarker timer
    regulator counter zahler contador driver treiber controlador controller decoder decodificador display
    segment seven-segment inverter inverters comparator komparator comparador buffer latch shift register schieberegister
    flip-flop flipflop schmitt trigger gate gates nand nor xor and mux multiplexer analog digital switch switches
    darlington array transistor transistors bcd binary decade hex quad voltage mcu microcontroller mikrocontroller
    microcontrolador flash sram programmed programmiert programado eeprom memory rtc clock converter adc dac pll expander interface
    transceiver motor precision power dual single cmos ttl logic low-power rail-to-rail
    temperature temperatur sensor optocoupler optokoppler output photo dip dil soic sip sop`,
  regulator: `voltage stabilizer stabiliser stabilisator stabilizator estabilizador spannung spannungsregler regulator regulador regulateur vreg reg ldo tension adjustable
    einstellbar festspannungsregler positive negative positiv negativ fixed linear`,
  transistor: `amplifier mosfet jfet fet bjt channel kanal canal n-channel p-channel n-kanal p-kanal nmos pmos
    darlington switch transistor logic-level level`,
  diode: `verpolschutz verpolschutzdiode freilaufdiode schutzdiode flyback freewheel freewheeling protection reverse proteccion rectifier gleichrichter rectificador zener glass glas bridge brucke puente gleichrichterdiode`,
};

/** What lists call whatever does such a job, of what it is made, and how suppliers shorten it (common practice). */
const inGeneral: Partial<Record<Job, string>> = {
  capacitor: `capacitor capacitors kondensator kondensatoren condensador condensadores condensateur condensateurs
    condensator cap caps cond cer alum aluminium aluminum elec elect tant ceramic keramik multilayer polyester mylar poly
    unpolarized unpolarised ungepolt nonpolar metal metall metaal metallized box esr low-esr polarised polarized polarisiert polarise polarizado npo x5r x7r x7s y5v z5u y5p`,
  resistor: `fixed cfr mfr resistor resistors widerstand widerstande resistencia resistencias resistance resistances weerstand res pwr
    metal metall carbon carb carbone couche metallique kohle film schicht metallschicht kohleschicht oxide oxyd metalloxid ceramic keramik
    thick thin wirewound draht precision power leistung linear lin log logarithmic lineal lineaire mono
    turn turns shaft gold golden silver silber purpur pink`,
  transistor: `transistor transistors trans xstr bjt bipolar npn pnp silicon silizium germanium general signal power
    leistung`,
  diode: `diode dioden diodo diodos diodes diod rect schottky silicon silizium germanium signal fast switching purp`,
  inductor: `inductor inductance ind wire enamelled enameled enamel copper kupfer kupferdraht kupferlackdraht lackdraht
    cul draht hilo esmaltado alambre cobre drill bohrer broca dorn winding wound coil spule bobina auf sobre core kern`,
  timebase: 'xtal osc ceramic keramik watch clock tuning fork uhrenquarz uhren reloj horloge',
  connector:
    'connector conn hdr term blk rcpt stereo mono power centre center negative positive tip ring sleeve barrel',
  socket: 'conn tin dip dil',
  switch: 'switch schalter interruptor tactile momentary spdt',
  light: `led leds diode diodo leuchtdiode current amber common comm cathode cath anode gemeinsame gemeinsam kathode
    katode catodo anodo comun commune`,
  display:
    'common comm cathode cath anode gemeinsame gemeinsam kathode katode catodo anodo comun commune',
  sound: 'active passive aktiv passiv activo pasivo actif passif',
  supply: 'lithium alkaline',
  wire: `slow blow quick acting slow-blow fast-blow fast time-lag trage flink retardada rapida isolated insulated bare
    tinned flexible stranded solid silicone silikon silicona`,
  mechanical: 'abs aluminium aluminum metal metall acrylic',
  chip: 'circuit integre circuito integrado integrated circuits integrierter schaltkreis schaltung',
};

const apart = (words: Iterable<string>): ReadonlySet<string> =>
  new Set([...words].flatMap((word) => [word, ...plain(word).split(/[^a-z]+/)]));

const overlooked = apart([neutral]);

/** The words that such parts are called by, one by one. */
const ownById: ReadonlyMap<string, ReadonlySet<string>> = new Map(
  families.map((family) => [
    family.id,
    apart([...calledWords(family), ...namesOf(family), inGeneral[family.job] ?? '']),
  ]),
);

/** With a type number, words of whatever does the same count as well: “regulator” beside an SOT-223 one. */
const besideType = (job: Job): ReadonlySet<string> =>
  new Set([
    ...apart([doing[job] ?? '']),
    ...families
      .filter((family) => family.job === job && family.kinds)
      .flatMap(({ id }) => [...(ownById.get(id) ?? [])]),
  ]);
const typedByJob = new Map(families.map(({ job }) => [job, besideType(job)]));

/** A word in letters that no word here is written in; what is known of them was put into English before. */
const foreignWord =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Hangul}\p{Script=Cyrillic}\p{Script=Arabic}\p{Script=Hebrew}]+/gu;

/** Two words written as one: “Metallfilm”. */
const isCompound = (token: string, isKnown: (word: string) => boolean): boolean =>
  Array.from({ length: Math.max(0, token.length - 5) }, (_, index) => index + 3).some(
    (at) => isKnown(token.slice(0, at)) && isKnown(token.slice(at)),
  );

/**
 * The words of a line that are neither a name of such a part nor looked over: each may make another part of it,
 * “photosensitive resistor”, “solar cell”, “LED strip”.
 *
 * @param about what the line says of the part, without what it is for
 * @param by what tells the kind: words, or the number of a type
 */
export function strangeWords(about: string, family: PartFamily, by: 'words' | 'type'): string[] {
  const { id, job, acts } = family;
  const isKnown = (word: string) =>
    overlooked.has(word) ||
    (job === 'resistor' && bandColourIn(word) !== undefined) ||
    // How many lugs that is, findLugs says.
    (acts === 'changeover' && /^[1-4sd]p[12sd]t$/.test(word)) ||
    ownById.get(id)?.has(word) === true ||
    (by === 'type' && typedByJob.get(job)?.has(word) === true);
  const foreign = about.match(foreignWord) ?? [];
  const tokens = plain(about)
    .split(/[^a-z0-9-]+/)
    .filter((token) => /^(?=.{3})(?:\dp\d?)?[a-z]+(?:-[a-z]+)*$/.test(token))
    .filter(
      (token) =>
        !isKnown(token) &&
        !withSingulars(token).some((one) => ownById.get(id)?.has(one)) &&
        !token.split('-').every(isKnown) &&
        !isCompound(token, isKnown),
    );
  return [...tokens, ...foreign];
}

/**
 * Series and types in a line that nobody here knows, where only words tell the kind: “CD43 22µH” is a chip of a coil.
 *
 * @param about as above
 */
export function strangeNumbers(about: string, family: PartFamily): string[] {
  const { id, job } = family;
  const { types = [] } = recognised(family);
  return plain(about)
    .split(/[^a-z0-9.-]+/)
    .filter((token) => /^[a-z]{2,}-?\d/.test(token))
    .filter(
      (token) =>
        !ownById.get(id)?.has(token) &&
        !overlooked.has(token.replace(/[-\d.]+.*/, '')) &&
        !types.some((type) => type.test(token.toUpperCase()) || type.test(token)) &&
        !readPackage(token, job),
    );
}
