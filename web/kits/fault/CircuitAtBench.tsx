import { CircuitDrawing } from '../circuit/CircuitDrawing.tsx';
import '../circuit/circuit.css';

interface CircuitAtBenchProps {
  readonly kitId: string;
  /** Differs as soon as the circuit does. */
  readonly basis: string;
  /** What is looked at or measured next. */
  readonly now: ReadonlySet<string>;
  readonly point: (places: readonly string[]) => void;
}

/** The circuit in the place of a board that is not laid out. */
export const CircuitAtBench = ({ now, point, ...of }: CircuitAtBenchProps) => (
  <CircuitDrawing
    {...of}
    chosen={undefined}
    choose={() => point([])}
    places={now}
    choosePart={(place) => point([place])}
  />
);
