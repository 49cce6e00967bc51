/** What commands at the computer have in common: the build, the data folder, and a question in the terminal. */
import { join, resolve } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { pathToFileURL } from 'node:url';
import { buildIfChanged, installPackages, requireNode, root, stop } from './prepare.mjs';

requireNode();
installPackages();
buildIfChanged();

export const dataFolder = resolve(root, process.env.OZZET_DATA ?? 'data');

export const commands = await import(
  pathToFileURL(join(root, 'dist', 'server', 'atTheMachine.js')).href
);

/** Asks in the terminal; what is piped in is taken as well. */
export async function ask(question) {
  const terminal = createInterface({ input: process.stdin, output: process.stdout });
  try {
    return (await terminal.question(question)).trim();
  } finally {
    terminal.close();
  }
}

/** Runs a command; what it cannot do is said in a sentence. */
export async function run(work) {
  try {
    await work();
  } catch (error) {
    stop(error instanceof Error ? error.message : String(error));
  }
}
