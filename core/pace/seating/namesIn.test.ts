import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { namesIn } from './namesIn.ts';

describe('names that are pasted or in a file', () => {
  it.each([
    ['one a line', 'Tern\nSkua\n\n Ruff \n', ['Tern', 'Skua', 'Ruff']],
    ['side by side', 'Tern, Skua; Ruff', ['Tern', 'Skua', 'Ruff']],
    ['side by side on two lines', 'Tern, Skua\nRuff, Knot', ['Tern', 'Skua', 'Ruff', 'Knot']],
    ['one', 'Tern', ['Tern']],
    ['numbered', '1. Tern\n2) Skua', ['Tern', 'Skua']],
    ['with dashes', '- Tern\n• Skua', ['Tern', 'Skua']],
    ['below one heading', 'Full name\nTern Bay\nSkua Cove', ['Tern Bay', 'Skua Cove']],
    ['in quotes', '"Bay, Tern"\n"Cove, Skua"', ['Bay, Tern', 'Cove, Skua']],
    ['with remarks', 'Tern (12)\nSkua (13, left-handed)', ['Tern (12)', 'Skua (13 left-handed)']],
    ['below short headings', 'First,Last\nTern,Bay\nSkua,Cove', ['Tern B.', 'Skua C.']],
    [
      'with numbers of their own',
      'Tern 1, Tern 2\nRuff, Knot',
      ['Tern 1', 'Tern 2', 'Ruff', 'Knot'],
    ],
    ['none', '  \n ', []],
    ['a table with a heading', 'No,Name,Age\n1,Tern,12\n2,Skua,13\n', ['Tern', 'Skua']],
    ['first and last names', 'Last name;First name\nBay;Tern\nCove;Skua', ['Tern B.', 'Skua C.']],
    ['German headings', 'Vorname\tNachname\tE-Mail\nTern\tBucht\tt@x.example', ['Tern B.']],
    ['Spanish headings', 'Nombre;Apellidos\nTern;Cala\nSkua;', ['Tern C.', 'Skua']],
    ['a table without headings', 'Tern,t@x.example\nSkua,s@x.example', ['Tern', 'Skua']],
    [
      'quotes and a mark of the byte order',
      '\uFEFFName\n"Tern, the second"\n',
      ['Tern, the second'],
    ],
    ['lines of another system', 'Tern\r\nSkua\r\n', ['Tern', 'Skua']],
    ['a heading with nobody below', 'Name', ['Name']],
  ])('%s', (_, text, names) => {
    expect(namesIn(text)).toEqual(names);
  });

  it('are all there, whatever they are written with', () => {
    const name = fc.stringMatching(/^[A-Z][a-z]{1,8}( [A-Z])?$/);
    const separator = fc.constantFrom('\n', ', ', ';', '\r\n');
    fc.assert(
      fc.property(fc.array(name, { minLength: 1, maxLength: 20 }), separator, (names, by) => {
        fc.pre(
          names[0] !== 'Name' && names[0] !== 'Who' && names[0] !== 'Kind' && names[0] !== 'Wer',
        );
        expect(namesIn(names.join(by))).toEqual(names);
      }),
    );
  });

  it('never fail, and are never empty', () => {
    fc.assert(fc.property(fc.string(), (text) => namesIn(text).every((one) => one.trim() !== '')));
  });
});
