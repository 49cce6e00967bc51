import { describe, expect, it } from 'vitest';
import { speak } from '../words/speak.ts';
import { stepPictures } from './stepPictures.ts';

const picture = {
  hash: 'a'.repeat(64),
  widthPx: 800,
  heightPx: 600,
  alt: { en: 'The stop, with a wire against it' },
  marks: [
    {
      sort: 'arrow' as const,
      from: { x: 0.1, y: 0.1 },
      to: { x: 0.5, y: 0.5 },
      label: { en: 'red & <black>' },
    },
  ],
};
const step = { own: { words: { pictures: [picture] } } };
const room = { widthMm: 58, heightMm: 40 };
const drawn = (images: ReadonlyMap<string, string>) =>
  JSON.stringify(stepPictures(speak('en'), step, images, room));

describe('pictures of a step on paper', () => {
  it('have their arrows over them and say below what they show', () => {
    const paper = drawn(new Map([[picture.hash, 'data:image/jpeg;base64,AAAA']]));
    expect(paper).toContain('data:image/jpeg;base64,AAAA');
    expect(paper).toMatch(/M80 60Q[\d.]+ [\d.]+ 400 300/);
    expect(paper).toContain('red &amp; &lt;black');
    expect(paper).toContain('The stop, with a wire against it');
  });

  it('of a form that no paper can hold are told in words', () => {
    const paper = drawn(new Map());
    expect(paper).not.toContain('<svg');
    expect(paper).toContain('The stop, with a wire against it');
  });

  it('are none where a step has none', () => {
    expect(stepPictures(speak('en'), {}, new Map(), room)).toEqual([]);
  });
});
