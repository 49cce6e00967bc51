/**
 * The whole suite, from a clean checkout: installs what is missing, then lint, types and build beside one another, then
 * the suites, each on all cores: unit, server, browser. Ends with one line, `N passed, N failed`.
 */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { installPackages, requireNode, root, say, stop } from './prepare.mjs';

requireNode();
installPackages();
installPrograms();

const reports = mkdtempSync(join(tmpdir(), 'ozzet-test-'));
const bin = (name) => join(root, 'node_modules', '.bin', name);
const counts = { passed: 0, failed: 0 };

await Promise.all([
  check('Lint and format', bin('biome'), ['ci', '.']),
  check('Types', bin('tsc'), ['--noEmit']),
  check('Build, with the seat page’s size', process.execPath, [join(root, 'scripts', 'build.mjs')]),
]);
suite(
  'Core, contract and web',
  bin('vitest'),
  ['run', '--project', 'core', '--project', 'web', '--project', 'pages'],
  vitestCounts,
);
suite('Server', bin('vitest'), ['run', '--project', 'server'], vitestCounts);
suite('Browser', bin('playwright'), ['test'], playwrightCounts);

rmSync(reports, { recursive: true, force: true });
say(`\n${counts.passed} passed, ${counts.failed} failed`);
process.exit(counts.failed === 0 ? 0 : 1);

/** One thing that is right or wrong as a whole; what it says comes when it is through. */
function check(title, command, args) {
  return new Promise((resolve) => {
    const heard = [];
    const running = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    for (const stream of [running.stdout, running.stderr]) {
      stream.on('data', (chunk) => heard.push(chunk));
    }
    running.once('close', (status) => {
      say(`\n== ${title}\n${Buffer.concat(heard).toString('utf8')}`);
      if (status === 0) counts.passed += 1;
      else counts.failed += 1;
      resolve();
    });
  });
}

/** A runner that counts its own tests into a report; one that leaves none has failed. */
function suite(title, command, args, count) {
  say(`\n== ${title}, ${new Date().toLocaleTimeString('en-GB')}`);
  const report = join(reports, `${title.replace(/\W+/g, '-')}.json`);
  const { status } = spawnSync(command, args, {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, OZZET_TEST_REPORT: report },
  });
  const found = existsSync(report)
    ? count(JSON.parse(readFileSync(report, 'utf8')))
    : { passed: 0, failed: 0 };
  counts.passed += found.passed;
  counts.failed += status !== 0 && found.failed === 0 ? 1 : found.failed;
}

function vitestCounts({ numPassedTests, numFailedTests, numFailedTestSuites }) {
  // A file that does not even load fails without a test of its own.
  return {
    passed: numPassedTests,
    failed: Math.max(numFailedTests, numFailedTestSuites > 0 ? 1 : 0),
  };
}

function playwrightCounts({ stats: { expected, unexpected, flaky, skipped } }) {
  return { passed: expected + flaky, failed: unexpected + skipped };
}

/** Programs of Debian that tests need: the browser, and what turns papers into pictures. */
function installPrograms() {
  const browser = process.env.OZZET_CHROMIUM ?? '/usr/bin/chromium-headless-shell';
  const missing = [
    [browser, 'chromium-headless-shell'],
    ['/usr/bin/pdftoppm', 'poppler-utils'],
  ].flatMap(([path, name]) => (existsSync(path) ? [] : [name]));
  if (missing.length === 0) return;
  const asRoot = process.getuid?.() === 0;
  if (!asRoot || !existsSync('/usr/bin/apt-get')) {
    stop(
      `The tests need ${missing.join(' and ')}: “apt-get install ${missing.join(' ')}” as root; OZZET_CHROMIUM names another browser.`,
    );
  }
  say(`Installing ${missing.join(', ')} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  for (const args of [
    ['-qq', 'update'],
    ['-qq', '-y', 'install', '--no-install-recommends', ...missing],
  ]) {
    if (spawnSync('apt-get', args, { stdio: ['ignore', 'ignore', 'inherit'], env }).status !== 0) {
      stop(`“apt-get ${args.join(' ')}” failed; the tests cannot run without it.`);
    }
  }
}
