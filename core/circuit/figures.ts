/** What nineteen of twenty good boards show is between the ends, as far as the models know; usual is the middle. */
export interface Range {
  /** One in twenty is below. */
  readonly least: number;
  readonly usual: number;
  /** One in twenty is above. */
  readonly most: number;
}

/** What a meter shows between a net and minus. */
export interface NetFigures {
  readonly net: string;
  /** The mean where it swings: what the display shows is somewhere about it. */
  readonly volt: Range;
  readonly swings?: Swings;
  /** The part whose spread moves it most. */
  readonly movedBy?: string;
  /** Parts that nobody knows the behaviour of could make it anything. */
  readonly unsure?: boolean;
}

export interface Swings {
  readonly lowVolt: Range;
  readonly highVolt: Range;
  readonly hertz: Range;
  /** Part of the time above the middle. */
  readonly duty: Range;
}

/** What eye or ear notices of a part. */
export interface Seen {
  readonly place: string;
  readonly sense: 'light' | 'sound';
  /** While it is on, where it goes on and off. */
  readonly milliampere: Range;
  readonly looks: 'off' | 'dim' | 'on' | 'on-and-off' | 'differs';
  readonly hertz?: Range;
  readonly unsure?: boolean;
}

/** A part that gets warmer than the room by more than hands notice. */
export interface Warm {
  readonly place: string;
  readonly watt: Range;
  /** Of its surface, in a room of 22 °C. */
  readonly celsius: Range;
}

/** What a board shows when some of its parts are fitted. */
export interface StageFigures {
  /** Between plus and minus, nothing connected; null where parts of unknown behaviour are across it. */
  readonly ohm: {
    readonly redAtPlus: Range;
    readonly redAtMinus: Range;
    readonly settlesSeconds: number;
  } | null;
  readonly milliampere: Range | null;
  /** Above what good boards take; null where nobody can say. */
  readonly limitMilliampere: number | null;
  readonly nets: readonly NetFigures[];
  readonly seen: readonly Seen[];
  readonly warm: readonly Warm[];
  /** Fitted parts of which nobody knows how they behave. */
  readonly unknown: readonly string[];
  /** Something swings so fast that what else moves slowly could not be watched: mind what is said to stand still. */
  readonly tooFast?: boolean;
  /** Of the made-up boards so many were solved. */
  readonly solved: number;
  readonly boards: number;
}
