import { capacitorElectrolytic } from '../parts/families/capacitors/capacitor-electrolytic.ts';
import { icDip } from '../parts/families/chips/ic-dip.ts';
import { socketDip } from '../parts/families/chips/socket-dip.ts';
import type { FamilyId } from '../parts/families/ids.ts';
import { led5mm } from '../parts/families/leds/led-5mm.ts';
import { resistorAxial } from '../parts/families/resistors/resistor-axial.ts';
import { resistorChip } from '../parts/families/resistors/resistor-chip.ts';

/** A word of the trade, as schools and parts lists use it. */
export interface Term {
  readonly id: string;
  readonly words: { readonly term: string; readonly means: string };
  /** A kind of part that shows it. */
  readonly shownBy?: FamilyId;
}

/** The words that a first evening needs (common practice). */
export const glossary: readonly Term[] = [
  {
    id: 'pad',
    words: {
      term: 'pad',
      means: 'The copper ring or rectangle on the board that a lead is soldered to.',
    },
  },
  {
    id: 'lead',
    words: { term: 'lead', means: 'A wire of a part that goes through a hole of the board.' },
    shownBy: resistorAxial.id,
  },
  {
    id: 'pin',
    words: {
      term: 'pin',
      means: 'A stiff, short lead of a chip, a socket or a connector. Pins are numbered.',
    },
    shownBy: icDip.id,
  },
  {
    id: 'place',
    words: {
      term: 'place',
      means:
        'The name of a part on the board, such as R1 or D2. The letter tells the kind of part.',
    },
  },
  {
    id: 'joint',
    words: {
      term: 'joint',
      means:
        'Solder that connects a lead to its pad. A good one is a small smooth cone all round the lead.',
    },
  },
  {
    id: 'flux',
    words: {
      term: 'flux',
      means:
        'Cleans hot metal so that solder flows onto it. It is inside the solder wire, and its fumes irritate.',
    },
  },
  {
    id: 'tinning',
    words: {
      term: 'tinning',
      means: 'Covering a tip, a wire or a pad with a thin layer of solder.',
    },
  },
  {
    id: 'wetting',
    words: {
      term: 'wetting',
      means:
        'Solder wets metal when it flows flat onto it. On metal that is too cold it stays a ball.',
    },
  },
  {
    id: 'dry-joint',
    words: {
      term: 'dry joint',
      means:
        'A joint that looks soldered but does not connect, because pad or lead was not hot enough.',
    },
  },
  {
    id: 'bridge',
    words: { term: 'solder bridge', means: 'Solder that connects two joints that must not touch.' },
  },
  {
    id: 'polarised',
    words: {
      term: 'polarised',
      means: 'A part that works one way round only. Its mark goes to the sign on the board.',
    },
    shownBy: capacitorElectrolytic.id,
  },
  {
    id: 'anode',
    words: { term: 'anode', means: 'The plus side of a diode or LED: the longer lead of an LED.' },
    shownBy: led5mm.id,
  },
  {
    id: 'cathode',
    words: {
      term: 'cathode',
      means: 'The minus side of a diode or LED: beside the band, or at the flat of an LED.',
    },
    shownBy: led5mm.id,
  },
  {
    id: 'pin-1',
    words: {
      term: 'pin 1',
      means:
        'The pin that counting begins with: beside the notch or dot of a chip, in the square hole of the board.',
    },
    shownBy: icDip.id,
  },
  {
    id: 'socket',
    words: {
      term: 'socket',
      means: 'Holds a chip by its pins, so that it is never soldered and can be changed.',
    },
    shownBy: socketDip.id,
  },
  {
    id: 'surface-mount',
    words: {
      term: 'SMD',
      means:
        'A part that is soldered onto the surface of the board, without holes (surface-mounted device).',
    },
    shownBy: resistorChip.id,
  },
  {
    id: 'tolerance',
    words: {
      term: 'tolerance',
      means: 'How far the true value may be from the printed one: 5 % of 100 Ω is 95 to 105 Ω.',
    },
    shownBy: resistorAxial.id,
  },
  {
    id: 'component-side',
    words: {
      term: 'component side',
      means: 'The side of the board that the parts sit on. It carries the print.',
    },
  },
  {
    id: 'solder-side',
    words: {
      term: 'solder side',
      means:
        'The side of the board that leads come out of. Seen from there, left and right are exchanged.',
    },
  },
  {
    id: 'multimeter',
    words: {
      term: 'multimeter',
      means: 'Measures volts, ohms and amperes with two probes: red is plus, black is minus.',
    },
  },
  {
    id: 'continuity',
    words: {
      term: 'continuity',
      means: 'Whether current can flow from one point to another. Many meters beep when it can.',
    },
  },
  {
    id: 'short-circuit',
    words: {
      term: 'short circuit',
      means:
        'A connection with almost no resistance where there must be none. Much current flows and parts get hot.',
    },
  },
  {
    id: 'current-limit',
    words: {
      term: 'current limit',
      means: 'What a bench supply gives at most. With a low limit a mistake stays harmless.',
    },
  },
  {
    id: 'braid',
    words: {
      term: 'desoldering braid',
      means: 'Copper braid that soaks up liquid solder. It gets hot: hold the spool.',
    },
  },
  {
    id: 'pump',
    words: {
      term: 'desoldering pump',
      means: 'A spring pump that sucks liquid solder off a joint.',
    },
  },
  {
    id: 'lead-free',
    words: {
      term: 'lead-free solder',
      means: 'Solder without the metal lead. It melts hotter and shines less than leaded solder.',
    },
  },
  {
    id: 'static',
    words: {
      term: 'static',
      means:
        'Charge that jumps from your hand and can destroy a chip. Touch bare metal of the bench first.',
    },
  },
];
