import {
  LineReader,
  readMessage,
  type ScaleCommand,
  type ScaleMessage,
  writeCommand,
} from '#core/stores/scaleProtocol';

/** What a scale is reached through: the two streams of a serial port, as the Web Serial standard has them. */
export interface SerialLine {
  readonly readable: ReadableStream<Uint8Array>;
  readonly writable: WritableStream<Uint8Array>;
}

/** Asks a scale, one question after the other. */
export class ScaleDriver {
  readonly #writer: WritableStreamDefaultWriter<Uint8Array>;
  readonly #reader: ReadableStreamDefaultReader<Uint8Array>;
  readonly #lines = new LineReader();
  readonly #waiting: ((message: ScaleMessage) => void)[] = [];
  #last: Promise<unknown> = Promise.resolve();

  constructor({ readable, writable }: SerialLine) {
    this.#reader = readable.getReader();
    this.#writer = writable.getWriter();
    void this.#listen();
  }

  /** The answer to a command; commands given at once are asked in their order. */
  ask(command: ScaleCommand): Promise<ScaleMessage> {
    const asked = this.#last.then(async () => {
      const answer = new Promise<ScaleMessage>((resolve) => this.#waiting.push(resolve));
      await this.#writer.write(new TextEncoder().encode(writeCommand(command)));
      return answer;
    });
    this.#last = asked.catch(() => undefined);
    return asked;
  }

  async close(): Promise<void> {
    await this.#reader.cancel();
    await this.#writer.close();
  }

  async #listen(): Promise<void> {
    const decoder = new TextDecoder();
    for (;;) {
      const { value, done } = await this.#reader.read();
      if (done) return;
      for (const line of this.#lines.push(decoder.decode(value, { stream: true }))) {
        this.#waiting.shift()?.(readMessage(line));
      }
    }
  }
}
