import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

interface Locked {
  readonly version: string;
  readonly dev?: boolean;
  readonly optional?: boolean;
  readonly license?: string;
}

const licenceFile = /^(licen[cs]e|copying|ofl)(\.|$|-)/i;

/** Every package that ships with the program, fonts and data among them, with its licence in full. */
export function licencesOf(root: string): string {
  const lock = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8')) as {
    readonly packages: Readonly<Record<string, Locked>>;
  };
  const shipped = Object.entries(lock.packages)
    .filter(([path, { dev, optional }]) => path !== '' && !dev && !optional)
    .map(([path, { version, license }]) => ({
      name: path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length),
      version,
      license: license ?? 'see its text',
      text: textOf(join(root, path)),
    }))
    .sort((a, b) => a.name.localeCompare(b.name, 'en') || a.version.localeCompare(b.version, 'en'));
  const byText = new Map<string, string[]>();
  for (const { name, text } of shipped) byText.set(text, [...(byText.get(text) ?? []), name]);
  return [
    '# Licences of what ships with Ozzet',
    '',
    'Made by `npm run docs`. Ozzet itself is under the MIT licence, see LICENSE.',
    '',
    '| package | version | licence |',
    '|---|---|---|',
    ...shipped.map(({ name, version, license }) => `| ${name} | ${version} | ${license} |`),
    '',
    ...[...byText].flatMap(([text, names]) =>
      text === '' ? [] : [`## ${names.join(', ')}`, '', '```text', text, '```', ''],
    ),
  ].join('\n');
}

function textOf(folder: string): string {
  if (!existsSync(folder)) return '';
  const file = readdirSync(folder)
    .filter((name) => licenceFile.test(name))
    .sort()[0];
  return file === undefined
    ? ''
    : readFileSync(join(folder, file), 'utf8')
        .replace(/\r\n/g, '\n')
        .replaceAll('```', "'''")
        .trim();
}
