import { readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { mistakeIds } from '#core/learning/mistakes/ids';
import { checkIds } from '#core/order/checks/ids';
import { ruleIds } from '#core/order/rules/ids';
import { styleIds } from '#core/order/styles/ids';
import { familyIds } from '#core/parts/families/ids';

const root = dirname(dirname(fileURLToPath(import.meta.url)));

/**
 * Where an id may stand as a literal: its own folder, the catalogues of words, tests, and made-up data. Anywhere else a
 * rule about it belongs on its record, or takes the id from there.
 *
 * `about`: what is written before an id that is also an ordinary word (`battery`, `board`, `bridge`, `look`).
 */
const kinds = [
  { ids: familyIds, folder: 'core/parts/families/', about: /\b(family|families\.\w+)\b/ },
  { ids: mistakeIds, folder: 'core/learning/mistakes/', about: /\bmistake\b/ },
  { ids: checkIds, folder: 'core/order/checks/', about: /\bcheck\b/ },
  { ids: ruleIds, folder: 'core/order/rules/', about: /\brule\b/, also: 'core/order/checks/' },
  { ids: styleIds, folder: 'core/order/styles/', about: /\bstyles?\b/ },
] as const;

const isExempt = (path: string) =>
  /\.test\.tsx?$|\/testing\/|^core\/words\//.test(path) || /\/words(\.en)?\.ts$/.test(path);

const sources = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return sources(path);
    return /\.tsx?$/.test(name) ? [path] : [];
  });

const files = ['core', 'contract', 'server', 'web']
  .flatMap((room) => sources(join(root, room)))
  .map((path) => ({ path: relative(root, path), lines: readFileSync(path, 'utf8').split('\n') }))
  .filter(({ path }) => !isExempt(path));

/** Other vocabularies share some ids with a hyphen: an order role `heat-sink`, a class of joint `lifted-pad`. */
const elsewhere: Readonly<Record<string, RegExp>> = {
  'heat-sink': /role|isRole|fasten|\| 'heat-sink'/,
  'lifted-pad': /joint|found\.includes|^ +'lifted-pad': \(random\)|'lifted-pad'\]|id: 'lifted-pad'/,
  'lead-missed': /'lead-missed'\]|id: 'lead-missed'|^ +'lead-missed': \(random\)/,
  'broken-part': /id: 'broken-part'|recurring|'broken-part': \{/,
};

/**
 * Finds ids in a line. One of a single word is a word of other unions too: it counts where the line speaks of the thing.
 */
function finderOf(ids: readonly string[], about: RegExp): (line: string) => string[] {
  const compound = new RegExp(`['"](${ids.filter((id) => id.includes('-')).join('|')})['"]`, 'g');
  const single = ids.filter((id) => !id.includes('-')).join('|');
  const spoken = new RegExp(`${about.source}[^'"\`]{0,12}['"](?<id>${single})['"]`);
  return (line) => {
    const found = [...line.matchAll(compound)].flatMap(([, id = '']) =>
      elsewhere[id]?.test(line) ? [] : [id],
    );
    const word = single === '' ? undefined : spoken.exec(line)?.groups?.id;
    return word === undefined ? found : [...found, word];
  };
}

describe.each(kinds)('ids of $folder', ({ ids, folder, about, ...rest }) => {
  const rooms = [folder, ...('also' in rest ? [rest.also] : [])];
  it('stand as literals in their own folder alone', () => {
    const find = finderOf(ids, about);
    const found = files
      .filter(({ path }) => !rooms.some((room) => path.startsWith(room)))
      .flatMap(({ path, lines }) =>
        lines.flatMap((line, index) =>
          line.startsWith('import')
            ? []
            : find(line).map((id) => `${path}:${index + 1} ${id}: ${line.trim()}`),
        ),
      );
    expect(found).toEqual([]);
  });
});
