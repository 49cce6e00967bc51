import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cataloguesOf } from './testing/catalogues.ts';
import { pseudoCatalogue, pseudoText } from './testing/pseudo.ts';

const folder = import.meta.dirname;

describe('the language that nobody speaks', () => {
  /** `npm run docs` writes it anew. */
  it.each(cataloguesOf('en'))('has %s as the script makes it', async (name) => {
    const english = JSON.parse(readFileSync(join(folder, 'en', `${name}.json`), 'utf8'));
    await expect(`${JSON.stringify(pseudoCatalogue(english), null, 2)}\n`).toMatchFileSnapshot(
      join(folder, 'en-XA', `${name}.json`),
    );
  });

  it('keeps what is filled in and the tags, and is two fifths longer', () => {
    expect(pseudoText('{{count}} <strong>joints</strong> to solder')).toMatch(
      /^⟦{{count}} <strong>ĵöîñţš<\/strong> ţö šöļđéŕ( ñöñ)+⟧$/,
    );
    fc.assert(
      fc.property(fc.stringMatching(/^[a-z]{2,9}( [a-z]{2,9}){3,12}$/), (text) => {
        const length = pseudoText(text).length / text.length;
        expect(length).toBeGreaterThan(1.3);
        expect(length).toBeLessThan(1.7);
        expect(pseudoText(text)).not.toMatch(/[a-z]/);
      }),
    );
  });

  it('leaves what has no words alone', () => {
    expect(pseudoText('{{a}}, {{b}}')).toBe('{{a}}, {{b}}');
  });
});
