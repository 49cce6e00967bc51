import type { PartFamily } from '../family.ts';
import { capacitorCanChip } from './capacitors/capacitor-can-chip.ts';
import { capacitorCeramic } from './capacitors/capacitor-ceramic.ts';
import { capacitorChip } from './capacitors/capacitor-chip.ts';
import { capacitorElectrolytic } from './capacitors/capacitor-electrolytic.ts';
import { capacitorElectrolyticAxial } from './capacitors/capacitor-electrolytic-axial.ts';
import { capacitorFilm } from './capacitors/capacitor-film.ts';
import { capacitorMultilayer } from './capacitors/capacitor-multilayer.ts';
import { capacitorTantalum } from './capacitors/capacitor-tantalum.ts';
import { capacitorTantalumChip } from './capacitors/capacitor-tantalum-chip.ts';
import { capacitorTrimmer } from './capacitors/capacitor-trimmer.ts';
import { capacitorTuning } from './capacitors/capacitor-tuning.ts';
import { chipPower } from './chips/chip-power.ts';
import { chipRow } from './chips/chip-row.ts';
import { chipTo92 } from './chips/chip-to92.ts';
import { icDip } from './chips/ic-dip.ts';
import { icSo } from './chips/ic-so.ts';
import { module } from './chips/module.ts';
import { optocoupler } from './chips/optocoupler.ts';
import { socketDip } from './chips/socket-dip.ts';
import { antennaRod } from './coils/antenna-rod.ts';
import { coilAir } from './coils/coil-air.ts';
import { crystal } from './coils/crystal.ts';
import { inductorAxial } from './coils/inductor-axial.ts';
import { inductorChip } from './coils/inductor-chip.ts';
import { inductorRadial } from './coils/inductor-radial.ts';
import { resonator } from './coils/resonator.ts';
import { transformer } from './coils/transformer.ts';
import { connector } from './connectors/connector.ts';
import { jack } from './connectors/jack.ts';
import { pinHeader } from './connectors/pin-header.ts';
import { socketStrip } from './connectors/socket-strip.ts';
import { terminalBlock } from './connectors/terminal-block.ts';
import { bridgeRectifier } from './diodes/bridge-rectifier.ts';
import { diodeAxial } from './diodes/diode-axial.ts';
import { diodeChip } from './diodes/diode-chip.ts';
import { diodeMelf } from './diodes/diode-melf.ts';
import { zenerAxial } from './diodes/zener-axial.ts';
import { type FamilyId, familyIds } from './ids.ts';
import { displayDigit } from './leds/display-digit.ts';
import { displayMatrix } from './leds/display-matrix.ts';
import { flashTube } from './leds/flash-tube.ts';
import { infraredReceiver } from './leds/infrared-receiver.ts';
import { lamp } from './leds/lamp.ts';
import { laserDiode } from './leds/laser-diode.ts';
import { led3mm } from './leds/led-3mm.ts';
import { led5mm } from './leds/led-5mm.ts';
import { ledAddressable } from './leds/led-addressable.ts';
import { ledBar } from './leds/led-bar.ts';
import { ledChip } from './leds/led-chip.ts';
import { ledInfrared } from './leds/led-infrared.ts';
import { ledPower } from './leds/led-power.ts';
import { ledRgb } from './leds/led-rgb.ts';
import { ledTwoColour } from './leds/led-two-colour.ts';
import { neonLamp } from './leds/neon-lamp.ts';
import { nixieTube } from './leds/nixie-tube.ts';
import { phototransistor } from './leds/phototransistor.ts';
import { adhesive } from './mechanical/adhesive.ts';
import { board } from './mechanical/board.ts';
import { cableTie } from './mechanical/cable-tie.ts';
import { casePart } from './mechanical/case-part.ts';
import { fixing } from './mechanical/fixing.ts';
import { heatSink } from './mechanical/heat-sink.ts';
import { insulator } from './mechanical/insulator.ts';
import { rubberFoot } from './mechanical/rubber-foot.ts';
import { screw } from './mechanical/screw.ts';
import { screwNylon } from './mechanical/screw-nylon.ts';
import { standOff } from './mechanical/stand-off.ts';
import { standOffNylon } from './mechanical/stand-off-nylon.ts';
import { other } from './other.ts';
import { battery } from './power/battery.ts';
import { batteryClip } from './power/battery-clip.ts';
import { batteryHolder } from './power/battery-holder.ts';
import { block9v } from './power/block-9v.ts';
import { coinCell } from './power/coin-cell.ts';
import { coinHolder } from './power/coin-holder.ts';
import { fuse } from './power/fuse.ts';
import { fuseHolder } from './power/fuse-holder.ts';
import { resettableFuse } from './power/fuse-resettable.ts';
import { lithiumCell } from './power/lithium-cell.ts';
import { roundCell } from './power/round-cell.ts';
import { solarCell } from './power/solar-cell.ts';
import { lightResistor } from './resistors/light-resistor.ts';
import { potentiometer } from './resistors/potentiometer.ts';
import { resistorAxial } from './resistors/resistor-axial.ts';
import { resistorChip } from './resistors/resistor-chip.ts';
import { resistorNetwork } from './resistors/resistor-network.ts';
import { thermistor } from './resistors/thermistor.ts';
import { trimmer } from './resistors/trimmer.ts';
import { varistor } from './resistors/varistor.ts';
import { buzzer } from './sound/buzzer.ts';
import { microphone } from './sound/microphone.ts';
import { motor } from './sound/motor.ts';
import { piezoDisc } from './sound/piezo-disc.ts';
import { speaker } from './sound/speaker.ts';
import { pushButton } from './switches/push-button.ts';
import { reedSwitch } from './switches/reed-switch.ts';
import { relay } from './switches/relay.ts';
import { rotaryEncoder } from './switches/rotary-encoder.ts';
import { switchChip } from './switches/switch-chip.ts';
import { switchDip } from './switches/switch-dip.ts';
import { switchSlide } from './switches/switch-slide.ts';
import { switchToggle } from './switches/switch-toggle.ts';
import { tiltSwitch } from './switches/tilt-switch.ts';
import { mosfetSot23 } from './transistors/mosfet-sot23.ts';
import { mosfetTo92 } from './transistors/mosfet-to92.ts';
import { mosfetTo220 } from './transistors/mosfet-to220.ts';
import { regulatorSot } from './transistors/regulator-sot.ts';
import { regulatorTo3 } from './transistors/regulator-to3.ts';
import { regulatorTo92 } from './transistors/regulator-to92.ts';
import { regulatorTo220 } from './transistors/regulator-to220.ts';
import { transistorCan } from './transistors/transistor-can.ts';
import { transistorSot23 } from './transistors/transistor-sot23.ts';
import { transistorTo3 } from './transistors/transistor-to3.ts';
import { transistorTo92 } from './transistors/transistor-to92.ts';
import { transistorTo220 } from './transistors/transistor-to220.ts';
import { triacTo92 } from './transistors/triac-to92.ts';
import { triacTo220 } from './transistors/triac-to220.ts';
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
  'capacitor-electrolytic-axial': capacitorElectrolyticAxial,
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
  'regulator-to3': regulatorTo3,
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
  'piezo-disc': piezoDisc,
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
  'capacitor-can-chip': capacitorCanChip,
  'capacitor-tantalum-chip': capacitorTantalumChip,
  'capacitor-trimmer': capacitorTrimmer,
  'capacitor-tuning': capacitorTuning,
  'bridge-rectifier': bridgeRectifier,
  'display-matrix': displayMatrix,
  'led-two-colour': ledTwoColour,
  'led-infrared': ledInfrared,
  'led-power': ledPower,
  'led-addressable': ledAddressable,
  'infrared-receiver': infraredReceiver,
  phototransistor,
  'transistor-can': transistorCan,
  'transistor-to3': transistorTo3,
  'triac-to220': triacTo220,
  'triac-to92': triacTo92,
  'chip-to92': chipTo92,
  'chip-power': chipPower,
  'chip-row': chipRow,
  relay,
  fuse,
  'fuse-resettable': resettableFuse,
  'fuse-holder': fuseHolder,
  microphone,
  'rotary-encoder': rotaryEncoder,
  varistor,
  'inductor-radial': inductorRadial,
  'coil-air': coilAir,
  'antenna-rod': antennaRod,
  transformer,
  'reed-switch': reedSwitch,
  'tilt-switch': tiltSwitch,
  'switch-dip': switchDip,
  motor,
  module,
  'neon-lamp': neonLamp,
  'nixie-tube': nixieTube,
  'flash-tube': flashTube,
  lamp,
  'laser-diode': laserDiode,
  'coin-cell': coinCell,
  'block-9v': block9v,
  'round-cell': roundCell,
  'lithium-cell': lithiumCell,
  'solar-cell': solarCell,
  insulator,
  fixing,
  'cable-tie': cableTie,
  adhesive,
  'rubber-foot': rubberFoot,
  'case-part': casePart,
  'stand-off-nylon': standOffNylon,
  'screw-nylon': screwNylon,
  'regulator-sot': regulatorSot,
  other: other,
};

/** Every family, in the order in which lists and the guide show them. */
export const families: readonly PartFamily[] = familyIds.map((id) => byId[id]);

const known: ReadonlySet<string> = new Set(familyIds);

/** Whether a text is the id of a family. */
export const isFamilyId = (text: string): text is FamilyId => known.has(text);

/** The definition of a part's family. */
export const familyOf = ({ family }: { readonly family: FamilyId }): PartFamily => byId[family];
