/** The only list of part families: a new family is one file beside this one and one line here. */
import type { PartFamily } from '../family.ts';
import { battery } from './battery.ts';
import { batteryHolder } from './battery-holder.ts';
import { board } from './board.ts';
import { buzzer } from './buzzer.ts';
import { capacitorCeramic } from './capacitor-ceramic.ts';
import { capacitorElectrolytic } from './capacitor-electrolytic.ts';
import { capacitorFilm } from './capacitor-film.ts';
import { diodeAxial } from './diode-axial.ts';
import { icDip } from './ic-dip.ts';
import { led } from './led.ts';
import { other } from './other.ts';
import { pinHeader } from './pin-header.ts';
import { pushButton } from './push-button.ts';
import { resistorAxial } from './resistor-axial.ts';
import { screw } from './screw.ts';
import { socketDip } from './socket-dip.ts';
import { switchSlide } from './switch-slide.ts';
import { terminalBlock } from './terminal-block.ts';
import { transistorTo92 } from './transistor-to92.ts';
import { trimmer } from './trimmer.ts';
import { wire } from './wire.ts';
import { wireLink } from './wire-link.ts';

export const families: readonly PartFamily[] = [
  resistorAxial,
  trimmer,
  capacitorElectrolytic,
  capacitorCeramic,
  capacitorFilm,
  diodeAxial,
  led,
  transistorTo92,
  icDip,
  socketDip,
  switchSlide,
  pushButton,
  terminalBlock,
  pinHeader,
  buzzer,
  batteryHolder,
  battery,
  screw,
  wireLink,
  wire,
  board,
  other,
];

const byId = new Map(families.map((family) => [family.id, family]));

/** The family of that id; what is not known, for instance from a newer version's data, is treated as `other`. */
export const familyOf = ({ family }: { readonly family: string }): PartFamily =>
  byId.get(family) ?? other;
