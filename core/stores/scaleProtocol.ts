/**
 * The lines that a bench scale and the application exchange over a serial connection, each ended by a line feed:
 *
 *     weigh             asks for a reading
 *     tare              takes what lies on the scale as nothing
 *     weight 12.34 g    a steady reading; `weight 12.34 g moving` where it is not steady yet
 *     tared             the answer to tare
 *     error TEXT        it cannot: overload, say
 */
export type ScaleCommand = 'weigh' | 'tare';

export type ScaleMessage =
  | { readonly kind: 'weight'; readonly grams: number; readonly steady: boolean }
  | { readonly kind: 'tared' }
  | { readonly kind: 'error'; readonly text: string }
  /** A line that is none of these, kept so that it can be shown. */
  | { readonly kind: 'unknown'; readonly line: string };

export const writeCommand = (command: ScaleCommand): string => `${command}\n`;

export function writeMessage(message: ScaleMessage): string {
  switch (message.kind) {
    case 'weight':
      return `weight ${message.grams.toFixed(2)} g${message.steady ? '' : ' moving'}\n`;
    case 'tared':
      return 'tared\n';
    case 'error':
      return `error ${message.text}\n`;
    case 'unknown':
      return `${message.line}\n`;
  }
}

/** Longest line that is waited for; what is longer is noise. */
const longestLine = 200;

/** Puts lines together from pieces of text as they come in over the wire, whatever their length. */
export class LineReader {
  #rest = '';

  /** @returns the lines that are complete now */
  push(text: string): string[] {
    const parts = (this.#rest + text).split('\n');
    this.#rest = (parts.pop() ?? '').slice(-longestLine);
    return parts.map((line) => line.replace(/\r$/, ''));
  }
}

export function readMessage(line: string): ScaleMessage {
  const weight = /^weight (-?\d{1,6}(?:\.\d{1,4})?) g( moving)?$/.exec(line);
  if (weight) return { kind: 'weight', grams: Number(weight[1]), steady: weight[2] === undefined };
  if (line === 'tared') return { kind: 'tared' };
  const error = /^error (.+)$/.exec(line);
  return error ? { kind: 'error', text: error[1] ?? '' } : { kind: 'unknown', line };
}

export const readCommand = (line: string): ScaleCommand | undefined =>
  line === 'weigh' || line === 'tare' ? line : undefined;
