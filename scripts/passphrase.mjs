/**
 * Sets a passphrase anew for somebody who has forgotten it, while Ozzet is stopped.
 *
 *   npm run passphrase            of the instructor, where there is one only
 *   npm run passphrase -- NAME    of whoever goes by that name
 *
 * OZZET_DATA is the data folder.
 */
import { ask, commands, dataFolder, run } from './atTheMachine.mjs';
import { say } from './prepare.mjs';

const [name] = process.argv.slice(2);
await run(async () => {
  const passphrase = await ask('New passphrase (at least 10 characters): ');
  const whose = await commands.resetPassphrase(dataFolder, name, passphrase);
  say(`${whose} signs in with the new passphrase from now on; all their sessions have ended.`);
});
