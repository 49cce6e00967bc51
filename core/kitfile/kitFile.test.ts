import fc from 'fast-check';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { openKitFile, packKitFile } from './kitFile.ts';

// A picture of one point (PNG, from memory of RFC 2083); what is in it is not looked at here.
const image =
  'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==';
const kit = { format: 'ozzet-kit', version: 1, name: 'Pier Lamp', lines: [] };
const withPicture = { ...kit, backdrop: { image, widthPx: 1, heightPx: 1 } };
const withAll = {
  ...withPicture,
  pictures: { card: { image, alt: 'A lamp' }, sheet: { image, alt: '' } },
};

describe('a kit file', () => {
  it('is a zip that any tool opens, with the document and its picture beside it', () => {
    const files = unzipSync(packKitFile(withPicture, { 'parts.csv': 'Ref\nR1\n' }));
    expect(Object.keys(files).sort()).toEqual(['kit.json', 'parts.csv', 'pictures/board.png']);
    expect(JSON.parse(new TextDecoder().decode(files['kit.json']))).toMatchObject({
      backdrop: { image: 'pictures/board.png' },
    });
  });

  it('has each of its pictures as a file of its own', () => {
    const files = unzipSync(packKitFile(withAll, {}));
    expect(Object.keys(files).sort()).toEqual([
      'kit.json',
      'pictures/board.png',
      'pictures/card.png',
      'pictures/sheet.png',
    ]);
    expect(new TextDecoder().decode(files['kit.json'])).not.toContain('data:');
  });

  it('gives back what went in, picture and unknown fields included', () => {
    fc.assert(
      fc.property(
        fc.jsonValue(),
        fc.constantFrom<object>(kit, withPicture, withAll),
        (more, base) => {
          const document = { ...base, later: more };
          // As JSON writes it: −0 is 0 there.
          const written = JSON.parse(JSON.stringify(document));
          expect(openKitFile(packKitFile(document as never, {}))).toEqual({
            ok: true,
            value: written,
          });
        },
      ),
    );
  });

  it('keeps a picture that is text, as drawings are', () => {
    const svg = `data:image/svg+xml;utf8,${encodeURIComponent('<svg xmlns="http://www.w3.org/2000/svg"/>')}`;
    const read = openKitFile(packKitFile({ ...kit, backdrop: { image: svg } }, {}));
    const { image: back } = (read.ok ? read.value.backdrop : {}) as { image: string };
    expect(atob(back.split(',')[1] ?? '')).toBe('<svg xmlns="http://www.w3.org/2000/svg"/>');
  });

  it.each([
    ['no zip', strToU8('Ref,Qty\n'), 'isDamaged'],
    ['nothing', new Uint8Array(), 'isDamaged'],
    ['another zip', zipSync({ 'letter.txt': strToU8('Dear all') }), 'hasNoDocument'],
    ['no JSON', zipSync({ 'kit.json': strToU8('{"format":') }), 'documentCannotBeRead'],
    ['a list', zipSync({ 'kit.json': strToU8('[]') }), 'documentCannotBeRead'],
    ['another document', zipSync({ 'kit.json': strToU8('{"format":"recipe"}') }), 'isNoKit'],
    [
      'a picture that is not there',
      zipSync({
        'kit.json': strToU8('{"format":"ozzet-kit","backdrop":{"image":"pictures/a.png"}}'),
      }),
      'pictureIsMissing',
    ],
    [
      'what grows without end when it is unpacked',
      zipSync({ 'kit.json': new Uint8Array(60_000_000) }, { level: 9 }),
      'isTooLarge',
    ],
  ])('says what is wrong: %s', (_, bytes, key) => {
    expect(openKitFile(bytes)).toMatchObject({
      ok: false,
      problem: { says: `lists.kitFile.${key}` },
    });
  });

  it('is never half-read, whatever became of its bytes on the way', () => {
    const whole = packKitFile(withPicture, {});
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(whole.length - 1), fc.nat(255)), { minLength: 1, maxLength: 8 }),
        fc.nat(whole.length),
        (changes, length) => {
          const bytes = whole.slice(0, length);
          for (const [at, byte] of changes) if (at < length) bytes[at] = byte;
          const read = openKitFile(bytes);
          if (read.ok) expect(read.value.format).toBe('ozzet-kit');
          else expect(read.problem.says).toMatch(/^lists\.kitFile\./);
        },
      ),
    );
  });
});
