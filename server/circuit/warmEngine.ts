import { createRequire } from 'node:module';
import { Worker } from 'node:worker_threads';
import { type SpiceEngine, type SpiceOutput, type SpiceRun, spiceRunOf } from '#core/circuit/spice';
import { FairTurns } from './fairTurns.ts';

const require = createRequire(import.meta.url);

/** One circuit may take so long; what takes longer hangs. */
const longestMilliseconds = 90_000;
/** The simulator keeps some kilobytes of every run for itself: it is started anew before that adds up. */
const mostRuns = 5000;
/** It takes some 400 MB: nobody having asked for so long, it ends. */
const idleMilliseconds = 120_000;

interface Answer {
  readonly id: number;
  readonly output?: SpiceOutput;
  readonly complaints?: readonly string[];
  readonly fault?: string;
}

/** A simulator that several work with at once. */
export interface SharedEngine extends SpiceEngine {
  /** One that has a share of the time of its own: for the work on one kit, say. */
  readonly share: () => SpiceEngine;
}

/**
 * The simulator, warm in a thread of its own: started with the first circuit, kept for the next, ended when it hangs or
 * has run often enough. One circuit at a time; whoever asks meanwhile waits, shares by time.
 */
export class WarmEngine implements SharedEngine {
  #thread: Worker | undefined;
  #runs = 0;
  #idle: NodeJS.Timeout | undefined;
  readonly #turns = new FairTurns();

  readonly share = (): SpiceEngine => {
    const inTurn = this.#turns.share();
    return {
      run: (netlist, mostMilliseconds = longestMilliseconds) =>
        inTurn(() => this.#ask(netlist, Math.min(mostMilliseconds, longestMilliseconds))),
    };
  };

  readonly run = this.share().run;

  /** Ends the thread; the next circuit starts another. */
  readonly close = async (): Promise<void> => {
    clearTimeout(this.#idle);
    const thread = this.#thread;
    this.#thread = undefined;
    await thread?.terminate();
  };

  async #ask(netlist: string, mostMilliseconds: number): Promise<SpiceRun> {
    clearTimeout(this.#idle);
    if (this.#runs >= mostRuns) await this.close();
    const thread = this.#thread ?? this.#start();
    this.#runs += 1;
    const id = this.#runs;
    return new Promise<SpiceRun>((resolve) => {
      const end = (run: SpiceRun) => {
        clearTimeout(timer);
        this.#idle = setTimeout(() => void this.close(), idleMilliseconds).unref();
        thread.off('message', hear);
        thread.off('error', fail);
        resolve(run);
      };
      const hear = ({ id: of, output, complaints = [], fault = '' }: Answer) => {
        if (of !== id) return;
        end(output ? spiceRunOf(output, complaints) : { ok: false, why: 'fault', says: fault });
      };
      const fail = (error: Error) => {
        void this.close();
        end({ ok: false, why: 'fault', says: error.message });
      };
      const timer = setTimeout(() => {
        void this.close();
        end({ ok: false, why: 'time', says: `took over ${mostMilliseconds / 1000} s` });
      }, mostMilliseconds);
      thread.on('message', hear);
      thread.once('error', fail);
      thread.postMessage({ id, netlist });
    });
  }

  #start(): Worker {
    // What the library prints is not for the log.
    const thread = new Worker(require.resolve('#isolated/spice'), { stdout: true, stderr: true });
    // What it prints must go somewhere, or it waits for a reader.
    thread.stdout.resume();
    thread.stderr.resume();
    // It must not keep the program from ending.
    thread.unref();
    this.#thread = thread;
    this.#runs = 0;
    return thread;
  }
}
