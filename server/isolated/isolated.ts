import { createRequire } from 'node:module';
import { Worker } from 'node:worker_threads';
import pLimit from 'p-limit';
import { type Said, said } from '#core/learning/said';

/** Converters of foreign files, each in a file of this folder: it gets `workerData` and posts one message. */
export type Converter = 'gerber' | 'gerberEdges' | 'circuitLayout' | 'backupFile';

export interface Limits {
  readonly milliseconds: number;
  readonly megabytes: number;
}

/** Why a converter gave nothing. */
export class ConverterFailure extends Error {
  readonly reason: 'time' | 'memory' | 'fault';
  /** The same, for whoever chose the file. */
  readonly says: Said;

  constructor(reason: ConverterFailure['reason'], says: Said) {
    super(reason);
    this.reason = reason;
    this.says = says;
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
    const fail = (reason: ConverterFailure['reason'], says: Said) =>
      end(() => reject(new ConverterFailure(reason, says)));
    const timer = setTimeout(
      () => fail('time', said('refusals.converter.tooLong', { seconds: milliseconds / 1000 })),
      milliseconds,
    );
    thread.once('message', (result: Result) => end(() => resolve(result)));
    thread.once('error', (error: NodeJS.ErrnoException) =>
      error.code === 'ERR_WORKER_OUT_OF_MEMORY'
        ? fail('memory', said('refusals.converter.tooMuchMemory', { megabytes }))
        : fail('fault', said('refusals.converter.fault', { why: error.message })),
    );
    thread.once('exit', () => fail('fault', said('refusals.converter.noResult')));
  });
}
