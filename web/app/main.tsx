// First of all: packages make style sheets as soon as they are imported.
import { styleNonce as nonce } from './styleNonce.ts';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource-variable/atkinson-hyperlegible-mono/wght.css';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { SnackbarProvider } from 'notistack';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import app from '#locales/en/app.json';
import { loadSiteClock } from '../ui/siteClock.ts';
import { keepPages } from './keepPages.ts';
import { chosenLanguage } from './languages.ts';
import { reloadWhenUpdated } from './reloadWhenUpdated.ts';
import { routes } from './routes.tsx';
import { theme } from './theme.ts';
import { installTokens } from './tokens.ts';
import { installWords, speak } from './words.ts';

reloadWhenUpdated();
installTokens();
installWords({ app });
await speak(chosenLanguage('staff'));
keepPages('/');
await loadSiteClock();

const styles = createCache({ key: 'oz', ...(nonce ? { nonce } : {}) });

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <CacheProvider value={styles}>
        <ThemeProvider theme={theme} defaultMode="system">
          <CssBaseline />
          <SnackbarProvider
            maxSnack={3}
            autoHideDuration={8000}
            anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
          >
            <RouterProvider router={routes} />
          </SnackbarProvider>
        </ThemeProvider>
      </CacheProvider>
    </StrictMode>,
  );
}
