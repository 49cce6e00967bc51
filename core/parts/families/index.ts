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
import { type FamilyId, familyIds } from './ids.ts';
import { displayDigit } from './leds/display-digit.ts';
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

const byId: { readonly [Id in FamilyId]: PartFamily<Id> } = {
  'resistor-axial': resistorAxial,
  'resistor-chip': resistorChip,
  'resistor-network': resistorNetwork,
  trimmer: trimmer,
  potentiometer: potentiometer,
  'light-resistor': lightResistor,
  thermistor: thermistor,
  'capacitor-ceramic': capacitorCeramic,
  'capacitor-multilayer': capacitorMultilayer,
  'capacitor-film': capacitorFilm,
  'capacitor-electrolytic': capacitorElectrolytic,
  'capacitor-tantalum': capacitorTantalum,
  'capacitor-chip': capacitorChip,
  'inductor-axial': inductorAxial,
  'inductor-chip': inductorChip,
  crystal: crystal,
  resonator: resonator,
  'diode-axial': diodeAxial,
  'zener-axial': zenerAxial,
  'diode-melf': diodeMelf,
  'diode-chip': diodeChip,
  'led-5mm': led5mm,
  'led-3mm': led3mm,
  'led-chip': ledChip,
  'led-bar': ledBar,
  'led-rgb': ledRgb,
  'display-digit': displayDigit,
  'transistor-to92': transistorTo92,
  'mosfet-to92': mosfetTo92,
  'transistor-to220': transistorTo220,
  'mosfet-to220': mosfetTo220,
  'transistor-sot23': transistorSot23,
  'mosfet-sot23': mosfetSot23,
  'regulator-to92': regulatorTo92,
  'regulator-to220': regulatorTo220,
  'ic-dip': icDip,
  'ic-so': icSo,
  optocoupler: optocoupler,
  'socket-dip': socketDip,
  'switch-slide': switchSlide,
  'switch-toggle': switchToggle,
  'push-button': pushButton,
  'switch-chip': switchChip,
  'pin-header': pinHeader,
  'socket-strip': socketStrip,
  'terminal-block': terminalBlock,
  jack: jack,
  connector: connector,
  buzzer: buzzer,
  speaker: speaker,
  'battery-holder': batteryHolder,
  'coin-holder': coinHolder,
  'battery-clip': batteryClip,
  battery: battery,
  'wire-link': wireLink,
  wire: wire,
  screw: screw,
  'stand-off': standOff,
  'heat-sink': heatSink,
  board: board,
  other: other,
};

/** Every family, in the order in which lists and the guide show them. */
export const families: readonly PartFamily[] = familyIds.map((id) => byId[id]);

const known: ReadonlySet<string> = new Set(familyIds);

/** Whether a text is the id of a family. */
export const isFamilyId = (text: string): text is FamilyId => known.has(text);

/** The definition of a part's family. */
export const familyOf = ({ family }: { readonly family: FamilyId }): PartFamily => byId[family];
