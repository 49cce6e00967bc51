import { render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { installAllWords } from '../testing/allWords.ts';
import { Network } from './Network.tsx';

it.each([
  [true, false],
  [false, true],
])(
  'without network, where the browser keeps pages (%s), says whether not to reload',
  (keeps, warns) => {
    installAllWords();
    vi.stubGlobal('isSecureContext', keeps);
    render(<Network connected={false} waiting={2} />);
    const said = screen.getByRole('status').textContent;
    expect(said).toContain('2 entries are kept here');
    expect(said?.includes('Do not reload or close this page')).toBe(warns);
  },
);
