import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inEnglish } from '../learning/testing/spoken.ts';
import { decodeTable, maxBytes } from './decode.ts';

const bytes = (...values: number[]) => new Uint8Array(values);
const problem = (...args: Parameters<typeof decodeTable>) => {
  const decoded = decodeTable(...args);
  return decoded.ok ? undefined : inEnglish(decoded.problem.message);
};

describe('the bytes of a file', () => {
  it('are read as UTF-8, with or without byte order mark', () => {
    const text = 'Wert;Größe\n4k7;µ';
    expect(decodeTable(new TextEncoder().encode(text))).toEqual({ ok: true, value: text });
    expect(decodeTable(new TextEncoder().encode(`\uFEFF${text}`))).toEqual({
      ok: true,
      value: text,
    });
  });

  it('are read as UTF-16 where the byte order mark says so', () => {
    expect(decodeTable(bytes(0xff, 0xfe, 0x52, 0, 0x31, 0))).toEqual({ ok: true, value: 'R1' });
    expect(decodeTable(bytes(0xfe, 0xff, 0, 0x52, 0, 0x31))).toEqual({ ok: true, value: 'R1' });
  });

  it('in another encoding are refused with the way out, and read when it is named', () => {
    const western = bytes(0x47, 0x72, 0xfc, 0x6e);
    expect(problem(western)).toMatch(/UTF-8.*Windows-1252/);
    expect(decodeTable(western)).toMatchObject({ problem: { tryAs: 'windows-1252' } });
    expect(decodeTable(bytes())).not.toHaveProperty('problem.tryAs');
    expect(decodeTable(western, 'windows-1252')).toEqual({ ok: true, value: 'Grün' });
  });

  it('of a spreadsheet or archive are refused, whatever the encoding', () => {
    const zip = bytes(0x50, 0x4b, 3, 4, 0x14, 0, 0, 0);
    expect(problem(zip)).toMatch(/not a text file/);
    expect(problem(zip, 'windows-1252')).toMatch(/not a text file/);
  });

  it('must be neither none nor too many', () => {
    expect(problem(bytes())).toMatch(/empty/);
    expect(problem(new Uint8Array(5_000_000))).toMatch(/5\.0 MB.*at most 1 MB/);
    expect(decodeTable(new Uint8Array(maxBytes).fill(65)).ok).toBe(true);
  });

  it('never make it crash', () => {
    fc.assert(
      fc.property(
        fc.uint8Array({ maxLength: 200 }),
        fc.constantFrom('utf-8' as const, 'windows-1252' as const),
        (data, encoding) => {
          const decoded = decodeTable(data, encoding);
          if (!decoded.ok) expect(inEnglish(decoded.problem.message)).toMatch(/[.]$/);
        },
      ),
    );
  });
});
