import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource-variable/atkinson-hyperlegible-mono/wght.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { tradeEnglish } from '#core/words/trade.en';
import seat from '#locales/en/seat.json';
import { keepPages } from '../app/keepPages.ts';
import { chosenLanguage } from '../app/languages.ts';
import { reloadWhenUpdated } from '../app/reloadWhenUpdated.ts';
import { installTokens } from '../app/tokens.ts';
import { installWords, speak } from '../app/words.ts';
import { loadSiteClock } from '../ui/siteClock.ts';
import { Evening } from './Evening.tsx';
import { openLook } from './openLook.ts';
import { openPractice } from './openPractice.ts';
import { Seat } from './Seat.tsx';
import { applyTextSize, chosenTextSize } from './textSize.ts';
import './seat.css';

reloadWhenUpdated();
installTokens();
installWords({ families: {}, trade: tradeEnglish, seat });
// Before anything is shown: nobody is met in a language that is not theirs.
await speak(chosenLanguage('seat'));
applyTextSize(chosenTextSize());
keepPages('/seat/');
void loadSiteClock();

/** The learner's places; practice is loaded when it is opened. */
const routes = createBrowserRouter([
  {
    path: '/seat/:token',
    element: <Seat />,
    hydrateFallbackElement: <p role="status" />,
    children: [
      { index: true, element: <Evening /> },
      { path: 'look', lazy: async () => ({ Component: (await openLook()).LookFirst }) },
      {
        path: 'practice',
        lazy: async () => ({ Component: (await openPractice()).SeatPractice }),
      },
      {
        path: 'practice/heat',
        lazy: async () => ({ Component: (await openPractice()).SeatHeat }),
      },
    ],
  },
]);

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <RouterProvider router={routes} />
    </StrictMode>,
  );
}
