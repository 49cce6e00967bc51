import { LineReader, readCommand, writeMessage } from '#core/stores/scaleProtocol';
import type { SerialLine } from './ScaleDriver.ts';

export interface SimulatedScale extends SerialLine {
  /** Lays something on the scale; it needs a reading or two to be steady. */
  readonly lay: (grams: number) => void;
}

const resolutionGrams = 0.01;
const overloadGrams = 500;
/** Readings until it is steady. */
const settlingReadings = 2;

/** A bench scale that ships with the application: it speaks the lines that a real one would. */
export function simulatedScale(): SimulatedScale {
  let load = 0;
  let tare = 0;
  let settling = 0;
  const wire = new TransformStream<Uint8Array, Uint8Array>();
  const out = wire.writable.getWriter();
  const lines = new LineReader();
  const decoder = new TextDecoder();
  const say = (text: string) => out.write(new TextEncoder().encode(text));
  const rounded = (grams: number) => Math.round(grams / resolutionGrams) * resolutionGrams;

  const weigh = () => {
    if (load > overloadGrams) return say(writeMessage({ kind: 'error', text: 'overload' }));
    const steady = settling === 0;
    if (!steady) settling -= 1;
    // While it swings it shows a little less.
    const grams = rounded((load - tare) * (steady ? 1 : 0.97));
    return say(writeMessage({ kind: 'weight', grams, steady }));
  };

  const writable = new WritableStream<Uint8Array>({
    async write(chunk) {
      for (const line of lines.push(decoder.decode(chunk, { stream: true }))) {
        const command = readCommand(line);
        if (command === 'weigh') await weigh();
        else if (command === 'tare') {
          tare = load;
          await say(writeMessage({ kind: 'tared' }));
        } else await say(writeMessage({ kind: 'error', text: 'command' }));
      }
    },
  });
  return {
    readable: wire.readable,
    writable,
    lay: (grams) => {
      load = tare + grams;
      settling = settlingReadings;
    },
  };
}
