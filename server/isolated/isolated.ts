import { createRequire } from 'node:module';
import { Worker } from 'node:worker_threads';
import pLimit from 'p-limit';

/** Converters of foreign files, each in a file of this folder: it gets `workerData` and posts one message. */
export type Converter = 'gerber';

export interface Limits {
  readonly milliseconds: number;
  readonly megabytes: number;
}

/** Why a converter gave nothing. */
export class ConverterFailure extends Error {
  readonly reason: 'time' | 'memory' | 'fault';

  constructor(reason: ConverterFailure['reason'], message: string) {
    super(message);
    this.reason = reason;
  }
}

/** The others wait: a core is left for the room. */
const oneAtATime = pLimit(1);

const require = createRequire(import.meta.url);

/**
 * What a converter makes of a foreign file, in a thread of its own: what it throws, when it never ends and what it eats
 * stays there.
 *
 * @throws ConverterFailure
 */
export const converted = <Result>(
  converter: Converter,
  input: unknown,
  limits: Limits = { milliseconds: 10_000, megabytes: 256 },
): Promise<Result> => oneAtATime(() => inThread<Result>(converter, input, limits));

function inThread<Result>(
  converter: Converter,
  input: unknown,
  { milliseconds, megabytes }: Limits,
): Promise<Result> {
  return new Promise((resolve, reject) => {
    // The built server lies in another folder than its source: the name is one of package.json's imports.
    const thread = new Worker(require.resolve(`#isolated/${converter}`), {
      workerData: input,
      resourceLimits: { maxOldGenerationSizeMb: megabytes, maxYoungGenerationSizeMb: 32 },
      // What a library prints is not for the log.
      stdout: true,
      stderr: true,
    });
    const end = (settle: () => void) => {
      clearTimeout(timer);
      settle();
      void thread.terminate();
    };
    const fail = (reason: ConverterFailure['reason'], message: string) =>
      end(() => reject(new ConverterFailure(reason, message)));
    const timer = setTimeout(
      () => fail('time', `it takes longer than ${milliseconds / 1000} seconds`),
      milliseconds,
    );
    thread.once('message', (result: Result) => end(() => resolve(result)));
    thread.once('error', (error: NodeJS.ErrnoException) =>
      error.code === 'ERR_WORKER_OUT_OF_MEMORY'
        ? fail('memory', `it needs more than ${megabytes} MB`)
        : fail('fault', error.message),
    );
    thread.once('exit', () => fail('fault', 'it ended without a result'));
  });
}
