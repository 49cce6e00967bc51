import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';
import { analyse } from 'scslre';
import ts from 'typescript';
import { describe, expect, it, vi } from 'vitest';
import { columns } from '../core/partslist/columns.ts';

const root = join(import.meta.dirname, '..');
const isSource = (file: string) =>
  /\.tsx?$/.test(file) && !/\.test\.tsx?$|[\\/]testing[\\/]/.test(file);

function sources(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return sources(path);
    return isSource(path) ? [path] : [];
  });
}

interface Found {
  readonly where: string;
  readonly source: string;
  readonly flags: string;
}

/** Every regular expression that is written down in a file. */
function regexesOf(file: string): Found[] {
  const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const text = readFileSync(file, 'utf8');
  const parsed = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, kind);
  const found: Found[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isRegularExpressionLiteral(node)) {
      const [, source = '', flags = ''] = /^\/(.*)\/([a-z]*)$/s.exec(node.text) ?? [];
      const { line } = parsed.getLineAndCharacterOfPosition(node.getStart());
      found.push({ where: `${relative(root, file)}:${line + 1}`, source, flags });
    }
    ts.forEachChild(node, visit);
  };
  visit(parsed);
  return found;
}

const all = ['core', 'contract', 'server', 'web']
  .flatMap((room) => sources(join(root, room)))
  .flatMap(regexesOf);

/** The patterns that modules put together out of data while they load. */
async function builtRegexes(): Promise<Found[]> {
  const built: Found[] = [];
  const Plain = RegExp;
  class Noted extends Plain {
    constructor(pattern: RegExp | string, flags?: string) {
      super(pattern, flags);
      built.push({ where: 'built', source: this.source, flags: this.flags });
    }
  }
  const building = sources(join(root, 'core')).filter((file) =>
    readFileSync(file, 'utf8').includes('new RegExp('),
  );
  vi.resetModules();
  vi.stubGlobal('RegExp', Noted);
  try {
    for (const file of building) await import(file);
  } finally {
    vi.unstubAllGlobals();
    vi.resetModules();
  }
  return built;
}

/** Patterns whose time grows faster than the text that they read. */
const worseThanLinear = (found: readonly Found[]) =>
  found
    .filter(
      ({ source, flags }) =>
        analyse({ source, flags }, { reportTypes: { Move: true } }).reports.length > 0,
    )
    .map(({ where, source }) => `${where} ${source}`);

/**
 * Whatever a file or a form holds, no pattern takes a time that grows faster than its length: neither multiplied nor
 * with the square, also where the pattern may begin anywhere (`\\s+$` needs a `(?<!\\s)` before it). Found by static
 * analysis (scslre), so that no clock is asked.
 */
describe('the regular expressions', () => {
  it('are found', async () => {
    expect(all.length).toBeGreaterThan(200);
    expect((await builtRegexes()).length).toBeGreaterThan(20);
  });

  it('take a time in proportion to what they read', () => {
    expect(worseThanLinear(all)).toEqual([]);
  });

  it('do so too where they are made out of data', async () => {
    expect(worseThanLinear(await builtRegexes())).toEqual([]);
  });

  it.each([/\s+$/, /^(a+)+$/, /\d+[a-z]?\d*$/])('are found where they do not: %s', (slow) => {
    expect(
      worseThanLinear([{ where: 'here', source: slow.source, flags: slow.flags }]),
    ).toHaveLength(1);
  });

  // Written as people align them; the old pattern took minutes for the last of these.
  it.each([
    ['R1, R2, R10', true],
    ['R1   R2   R3   R4', true],
    ['R1-R4', true],
    ['R1 to R4', true],
    ['R1 und R2; C3', true],
    ['R1toR5', true],
    ['R1', true],
    [`R1${'   R22'.repeat(60)}`, true],
    [`R1${'   R22'.repeat(60)}!`, false],
    ['resistor', false],
    ['470', false],
    ['R1 and others', false],
  ])('take “%s” for places: %s', (cell, expected) => {
    const places = columns.find(({ id }) => id === 'designators')?.looksLike;
    expect(places?.test(cell)).toBe(expected);
  });
});
