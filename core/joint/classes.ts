import type { RemedyId } from './remedies.ts';

/** A kind of joint, good or bad. */
export interface JointClass {
  readonly id: string;
  readonly isGood: boolean;
  /** A lead through a hole, or a chip part on two pads. */
  readonly on: 'through' | 'chip';
  readonly remedy: RemedyId;
  readonly words: {
    readonly name: string;
    /** What is seen, without its name: for whoever cannot see the picture. */
    readonly looks: string;
    readonly cause: string;
  };
}

/** Classes of joints and what is done about each (common practice; acceptance from memory of IPC-A-610). */
export const jointClasses = [
  {
    id: 'good',
    isGood: true,
    on: 'through',
    remedy: 'leave',
    words: {
      name: 'Good',
      looks:
        'A small cone with hollow sides. It covers the pad all round and runs out thin on pad and lead; the end of the lead shows.',
      cause: 'Pad and lead were hot together, and the solder was enough and no more.',
    },
  },
  {
    id: 'disturbed',
    isGood: false,
    on: 'through',
    remedy: 'reheat-flux',
    words: {
      name: 'Cold or disturbed',
      looks: 'A grey, rough, lumpy surface with a crease round the lead. It covers the pad.',
      cause: 'It was not hot enough, or the part moved while the solder froze.',
    },
  },
  {
    id: 'pad-not-wetted',
    isGood: false,
    on: 'through',
    remedy: 'reheat-flux',
    words: {
      name: 'Not wetted to the pad',
      looks:
        'Solder clings to the lead like a drop. Its lower edge is round and does not run out onto the pad; bare copper shows around it.',
      cause: 'Only the lead was heated, or the pad is dirty.',
    },
  },
  {
    id: 'lead-not-wetted',
    isGood: false,
    on: 'through',
    remedy: 'reheat-flux',
    words: {
      name: 'Not wetted to the lead',
      looks:
        'Solder lies flat on the pad. There is a dark ring between it and the lead, which stands in a hole of its own.',
      cause: 'Only the pad was heated, or the lead is tarnished.',
    },
  },
  {
    id: 'too-little',
    isGood: false,
    on: 'through',
    remedy: 'add-solder',
    words: {
      name: 'Too little solder',
      looks:
        'Solder on a part of the pad only. The hole shows beside the lead; the surface is smooth.',
      cause: 'The solder was taken away too soon.',
    },
  },
  {
    id: 'too-much',
    isGood: false,
    on: 'through',
    remedy: 'braid',
    words: {
      name: 'Too much solder',
      looks: 'A round ball that bulges over the edge of the pad. The lead cannot be seen.',
      cause: 'Solder was fed for too long; what is below cannot be judged.',
    },
  },
  {
    id: 'bridge',
    isGood: false,
    on: 'through',
    remedy: 'drag-bridge',
    words: {
      name: 'Bridge',
      looks: 'A smooth tongue of solder runs from this pad across the gap to the next one.',
      cause: 'Too much solder, or the tip touched the neighbour while leaving.',
    },
  },
  {
    id: 'spike',
    isGood: false,
    on: 'through',
    remedy: 'pull-spike',
    words: {
      name: 'Spike',
      looks: 'A thin point of solder stands up beside the lead, drawn out like a thorn.',
      cause: 'The flux was used up and the tip left slowly, while the solder froze.',
    },
  },
  {
    id: 'pinhole',
    isGood: false,
    on: 'through',
    remedy: 'reheat-flux',
    words: {
      name: 'Pinhole',
      looks: 'A cone that covers the pad, with a small deep hole in its side.',
      cause: 'Something boiled out while the solder froze: moisture, dirt or trapped flux.',
    },
  },
  {
    id: 'lifted-pad',
    isGood: false,
    on: 'through',
    remedy: 'wire-repair',
    words: {
      name: 'Lifted or burnt pad',
      looks: 'The ring of copper stands away from the board at one side; the board below is dark.',
      cause: 'Heat for too long, or force while it was hot.',
    },
  },
  {
    id: 'ball',
    isGood: false,
    on: 'through',
    remedy: 'brush-off',
    words: {
      name: 'Solder ball or splash',
      looks:
        'The joint is a hollow cone; beside it, on the bare board, lies a loose bead of metal.',
      cause: 'Spattering flux, or solder that dripped off the tip.',
    },
  },
  {
    id: 'lead-missed',
    isGood: false,
    on: 'through',
    remedy: 'take-out',
    words: {
      name: 'Lead not through its hole',
      looks: 'Solder fills the hole and is closed on top. No lead comes out of it.',
      cause: 'The lead was bent under the body, and nobody looked from below.',
    },
  },
  {
    id: 'chip-good',
    isGood: true,
    on: 'chip',
    remedy: 'leave',
    words: {
      name: 'Good',
      looks:
        'A block lies flat on its two pads. At each end a small hollow slope of solder runs from the pad up to its cap.',
      cause: 'Both ends were hot and had a little solder.',
    },
  },
  {
    id: 'stood-up',
    isGood: false,
    on: 'chip',
    remedy: 'both-ends',
    words: {
      name: 'Stood up',
      looks: 'A block stands up from one pad; its other end hangs in the air.',
      cause: 'Too much solder on the first pad, or one end was molten long before the other.',
    },
  },
  {
    id: 'askew',
    isGood: false,
    on: 'chip',
    remedy: 'both-ends',
    words: {
      name: 'Askew',
      looks: 'A block lies across its pads at an angle; one corner hangs over the edge of its pad.',
      cause: 'The tweezers let go before the first end was solid.',
    },
  },
] as const satisfies readonly JointClass[];

export type JointClassId = (typeof jointClasses)[number]['id'];

export const jointClassOf = (id: JointClassId): JointClass =>
  jointClasses.find((one) => one.id === id) ?? jointClasses[0];
