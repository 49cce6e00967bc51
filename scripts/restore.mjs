/**
 * Puts a backup in place of everything, while Ozzet is stopped.
 *
 *   npm run restore -- FILE          says what it holds and puts it back
 *   npm run restore -- FILE --look   only says what it holds
 *
 * OZZET_DATA is the data folder.
 */
import { resolve } from 'node:path';
import { ask, commands, dataFolder, run } from './atTheMachine.mjs';
import { say, stop } from './prepare.mjs';

const [file] = process.argv.slice(2).filter((word) => !word.startsWith('--'));
const look = process.argv.includes('--look');
if (!file) stop('Say which file: npm run restore -- FILE');
await run(async () => {
  const held = await commands.restoreFile(dataFolder, resolve(file), look, () =>
    ask('Passphrase of the backup: '),
  );
  const { kits, workshops, people, drawers, entries } = held;
  say(
    `The backup holds kits: ${kits}, workshops: ${workshops}, people: ${people}, drawers: ${drawers}, entries: ${entries}.`,
  );
  say(
    look ? 'Nothing was changed.' : `It is in place in ${dataFolder}. Start Ozzet with: npm start`,
  );
});
