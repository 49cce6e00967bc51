import { type ChildProcess, spawn } from 'node:child_process';
import { cpSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(import.meta.dirname, '..', '..');

/** The program, run as a process of its own without a terminal. */
export interface Program {
  /** What it has printed up to the ready line, or to its end where it did not get ready. */
  readonly said: string;
  /** Empty where it did not get ready. */
  readonly address: string;
  readonly port: number;
  /** Resolves once the process is gone. */
  end(signal: NodeJS.Signals): Promise<void>;
}

/**
 * Starts the program and waits for its last word: the ready line, or its end.
 *
 * @param port 0 takes any free one
 */
export function startProgram(
  dataFolder: string,
  args: readonly string[] = [],
  port = 0,
  env: Record<string, string> = {},
): Promise<Program> {
  const server = spawn(process.execPath, [join(root, 'scripts', 'serve.mjs'), ...args], {
    cwd: tmpdir(),
    env: { ...process.env, PORT: String(port), OZZET_DATA: dataFolder, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const end = (signal: NodeJS.Signals) => ended(server, signal);
  return new Promise((resolve) => {
    let said = '';
    const hear = (chunk: Buffer) => {
      said += chunk;
      const address = /^Ozzet is ready at (http:\/\/127\.0\.0\.1:\d+)$/m.exec(said)?.[1];
      if (address) resolve({ said, address, port: Number(new URL(address).port), end });
    };
    server.stdout?.on('data', hear);
    server.stderr?.on('data', hear);
    server.once('close', () => resolve({ said, address: '', port: 0, end }));
  });
}

function ended(server: ChildProcess, signal: NodeJS.Signals): Promise<void> {
  if (server.exitCode !== null || server.signalCode !== null) return Promise.resolve();
  return new Promise((resolve) => {
    server.once('close', () => resolve());
    server.kill(signal);
  });
}

/** A data folder with the demo in it, as a copy of what serveDemo.mjs made. */
export function copyDemo(dataFolder: string): void {
  cpSync(process.env.OZZET_DEMO_LOADED ?? '', dataFolder, { recursive: true });
}
