/** What answers a netlist: a SPICE simulator behind one narrow door; who runs it, and where, is not the circuit’s matter. */
export interface SpiceEngine {
  /**
   * @param netlist one circuit with one analysis, from its title to `.end`
   * @param mostMilliseconds where it may not take as long as it usually may
   * @returns a vector for each thing saved, by its name in lower case (`v(n1)`, `i(vr1_led)`, `time`)
   */
  readonly run: (netlist: string, mostMilliseconds?: number) => Promise<SpiceRun>;
}

/** What a vector holds, point by point. */
export type Samples = readonly number[] | Float64Array;

export type SpiceRun =
  | { readonly ok: true; readonly vectors: ReadonlyMap<string, Samples> }
  /** `no-solution`: it did not converge; `time`: it took longer than it may; `fault`: anything else. */
  | { readonly ok: false; readonly why: 'no-solution' | 'time' | 'fault'; readonly says: string };

/** What the simulator’s library gives back. */
export interface SpiceOutput {
  readonly dataType: string;
  readonly numPoints: number;
  readonly data: readonly { readonly name: string; readonly values: ArrayLike<unknown> }[];
}

/** What says that a run gave nothing: the library then hands out the result of the run before. */
const gaveNothing = /^error|aborted|no writable vector|too small/i;
/** A card that the simulator left out: the answer would be that of another circuit. */
const leftOut = /ignored!|unknown (?:model|parameter|device)|can't find model|undefined/i;

/** An answer of the simulator, with what it complained about. */
export function spiceRunOf(output: SpiceOutput, complaints: readonly string[]): SpiceRun {
  const says = complaints.filter((line) => line.trim() !== '').join(' ');
  if (complaints.some((line) => leftOut.test(line))) return { ok: false, why: 'no-solution', says };
  if (
    output.dataType !== 'real' ||
    output.numPoints === 0 ||
    complaints.some((line) => gaveNothing.test(line))
  ) {
    return { ok: false, why: 'no-solution', says };
  }
  return {
    ok: true,
    vectors: new Map(
      output.data.map(({ name, values }) => [name.toLowerCase(), values as Samples]),
    ),
  };
}
