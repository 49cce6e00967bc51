import type { PartFamily } from '../family.ts';
import { capacitorCeramic } from './capacitors/capacitor-ceramic.ts';
import { capacitorChip } from './capacitors/capacitor-chip.ts';
import { capacitorElectrolytic } from './capacitors/capacitor-electrolytic.ts';
import { capacitorFilm } from './capacitors/capacitor-film.ts';
import { capacitorMultilayer } from './capacitors/capacitor-multilayer.ts';
import { capacitorTantalum } from './capacitors/capacitor-tantalum.ts';
import { icDip } from './chips/ic-dip.ts';
import { icSo } from './chips/ic-so.ts';
import { optocoupler } from './chips/optocoupler.ts';
import { socketDip } from './chips/socket-dip.ts';
import { crystal } from './coils/crystal.ts';
import { inductorAxial } from './coils/inductor-axial.ts';
import { inductorChip } from './coils/inductor-chip.ts';
import { resonator } from './coils/resonator.ts';
import { connector } from './connectors/connector.ts';
import { jack } from './connectors/jack.ts';
import { pinHeader } from './connectors/pin-header.ts';
import { socketStrip } from './connectors/socket-strip.ts';
import { terminalBlock } from './connectors/terminal-block.ts';
import { diodeAxial } from './diodes/diode-axial.ts';
import { diodeChip } from './diodes/diode-chip.ts';
import { diodeMelf } from './diodes/diode-melf.ts';
import { zenerAxial } from './diodes/zener-axial.ts';
import { led3mm } from './leds/led-3mm.ts';
import { led5mm } from './leds/led-5mm.ts';
import { ledBar } from './leds/led-bar.ts';
import { ledChip } from './leds/led-chip.ts';
import { ledRgb } from './leds/led-rgb.ts';
import { board } from './mechanical/board.ts';
import { heatSink } from './mechanical/heat-sink.ts';
import { screw } from './mechanical/screw.ts';
import { standOff } from './mechanical/stand-off.ts';
import { other } from './other.ts';
import { battery } from './power/battery.ts';
import { batteryClip } from './power/battery-clip.ts';
import { batteryHolder } from './power/battery-holder.ts';
import { coinHolder } from './power/coin-holder.ts';
import { lightResistor } from './resistors/light-resistor.ts';
import { potentiometer } from './resistors/potentiometer.ts';
import { resistorAxial } from './resistors/resistor-axial.ts';
import { resistorChip } from './resistors/resistor-chip.ts';
import { resistorNetwork } from './resistors/resistor-network.ts';
import { thermistor } from './resistors/thermistor.ts';
import { trimmer } from './resistors/trimmer.ts';
import { buzzer } from './sound/buzzer.ts';
import { speaker } from './sound/speaker.ts';
import { pushButton } from './switches/push-button.ts';
import { switchChip } from './switches/switch-chip.ts';
import { switchSlide } from './switches/switch-slide.ts';
import { switchToggle } from './switches/switch-toggle.ts';
import { mosfetSot23 } from './transistors/mosfet-sot23.ts';
import { mosfetTo92 } from './transistors/mosfet-to92.ts';
import { mosfetTo220 } from './transistors/mosfet-to220.ts';
import { regulatorTo92 } from './transistors/regulator-to92.ts';
import { regulatorTo220 } from './transistors/regulator-to220.ts';
import { transistorSot23 } from './transistors/transistor-sot23.ts';
import { transistorTo92 } from './transistors/transistor-to92.ts';
import { transistorTo220 } from './transistors/transistor-to220.ts';
import { wire } from './wires/wire.ts';
import { wireLink } from './wires/wire-link.ts';

/** Every family, in the order in which lists and the guide show them. */
export const families: readonly PartFamily[] = [
  resistorAxial,
  resistorChip,
  resistorNetwork,
  trimmer,
  potentiometer,
  lightResistor,
  thermistor,
  capacitorCeramic,
  capacitorMultilayer,
  capacitorFilm,
  capacitorElectrolytic,
  capacitorTantalum,
  capacitorChip,
  inductorAxial,
  inductorChip,
  crystal,
  resonator,
  diodeAxial,
  zenerAxial,
  diodeMelf,
  diodeChip,
  led5mm,
  led3mm,
  ledChip,
  ledBar,
  ledRgb,
  transistorTo92,
  mosfetTo92,
  transistorTo220,
  mosfetTo220,
  transistorSot23,
  mosfetSot23,
  regulatorTo92,
  regulatorTo220,
  icDip,
  icSo,
  optocoupler,
  socketDip,
  switchSlide,
  switchToggle,
  pushButton,
  switchChip,
  pinHeader,
  socketStrip,
  terminalBlock,
  jack,
  connector,
  buzzer,
  speaker,
  batteryHolder,
  coinHolder,
  batteryClip,
  battery,
  wireLink,
  wire,
  screw,
  standOff,
  heatSink,
  board,
  other,
];

const byId = new Map(families.map((family) => [family.id, family]));

/** The family of that id; what is not known, for instance from a newer version's data, is treated as `other`. */
export const familyOf = ({ family }: { readonly family: string }): PartFamily =>
  byId.get(family) ?? other;
