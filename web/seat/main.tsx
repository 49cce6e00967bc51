import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource-variable/atkinson-hyperlegible-mono/wght.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { keepPages } from '../app/keepPages.ts';
import { installTokens } from '../app/tokens.ts';
import { installWords } from '../app/words.ts';
import { chosenLanguage, speak } from './languages.ts';
import { Seat } from './Seat.tsx';
import './seat.css';

installTokens();
installWords();
void speak(chosenLanguage());
keepPages('/seat/');

const token = location.pathname.split('/')[2] ?? '';
const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <Seat token={decodeURIComponent(token)} />
    </StrictMode>,
  );
}
