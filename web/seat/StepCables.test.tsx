import { describe, expect, it } from 'vitest';
import { markupOf, wordsOf } from '../testing/speaking.tsx';
import { StepCables } from './StepCables.tsx';

const speaker = {
  name: 'Speaker cable',
  mm: 90,
  through: 'the grommet',
  cores: [
    { colour: 'rot', from: 'LS1 +', to: 'J3.1' },
    { colour: 'teal', from: 'LS1 −', to: 'J3.2' },
  ],
};

describe('the cables of a step', () => {
  it('stand where one of their ends is soldered, with what they go through first', () => {
    const markup = markupOf(<StepCables cables={[speaker]} places={['R1', 'J3']} />);
    const words = wordsOf(markup);
    expect(words).toContain('Cable: Speaker cable');
    expect(words).toContain('Before you solder, push the cable through: the grommet.');
    expect(words).toContain('LS1 −');
    // A usual colour in the reader’s words, another as it was written.
    expect(words).toContain('red');
    expect(words).toContain('teal');
    expect(markup).toContain('Speaker cable: 2 cores');
  });

  it('are none where nothing of them is soldered', () => {
    expect(markupOf(<StepCables cables={[speaker]} places={['R1']} />)).toBe('');
  });
});
