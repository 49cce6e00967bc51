import { plain } from './plain.ts';

/** What lists write over a group of lines (common practice), plain; the words for the rest in each language among them. */
const titles: ReadonlySet<string> = new Set(
  `resistors resistances widerstande weerstanden resistencias resistores
  capacitors caps kondensatoren condensatoren condensateurs condensadores capacitores
  diodes dioden diodos transistors transistoren transistores leds leuchtdioden
  semiconductors halbleiter halfgeleiders semiconducteurs semiconductores semis
  ics chips integrated-circuits schaltkreise circuits-integres circuitos-integrados
  potentiometers potis pots potentiometres potenciometros
  switches schakelaars interrupteurs interruptores connectors connecteurs conectores
  inductors spulen bobinas bobines
  hardware mechanik mechanical mechanics mechanisch mecanique mecanica
  electromechanical elektromechanik
  misc miscellaneous others other sonstiges sonstige diverses divers diversen varia varios otros autres overige
  parts components bauteile componentes composants onderdelen teile`.split(/\s+/),
);

/**
 * Whether a line is a title over a group of parts and none itself: “Kondensatoren”, “Résistances (1/4 W)”.
 */
export const isSectionTitle = (line: string): boolean =>
  titles.has(
    plain(line)
      .replace(/\([^()]*\)/g, ' ')
      .replace(/[^a-z]+/g, ' ')
      .trim()
      .replaceAll(' ', '-'),
  ) && !/\d/.test(line.replace(/\([^()]*\)/g, ''));
