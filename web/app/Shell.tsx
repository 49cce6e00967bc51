import Keyboard from '@mui/icons-material/KeyboardOutlined';
import Logout from '@mui/icons-material/LogoutOutlined';
import SearchIcon from '@mui/icons-material/SearchOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import IconButton from '@mui/material/IconButton';
import { useSnackbar } from 'notistack';
import { useCallback, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, NavLink, Outlet, ScrollRestoration, useNavigate, useNavigation } from 'react-router';
import { signOut } from '#contract/session';
import { call } from './call.ts';
import { forgetKept } from './kept.ts';
import { ModeButton } from './ModeButton.tsx';
import { waitingOf } from './outbox.ts';
import { places } from './places.ts';
import { SearchDialog, useSearchKey } from './SearchDialog.tsx';
import { useShortcutList, useShortcuts } from './shortcuts.ts';
import { useIsInstructor, useStaff } from './staff.ts';
import { Trail } from './Trail.tsx';
import { ink } from './tokens.ts';
import { Wordmark } from './Wordmark.tsx';

/** The frame of the instructor's side: the places of the work, in its order. */
export function Shell() {
  const { t } = useTranslation();
  const staff = useStaff();
  const { enqueueSnackbar } = useSnackbar();
  const isInstructor = useIsInstructor();
  const own = places.filter(({ forHelpers }) => isInstructor || forHelpers);
  const navigate = useNavigate();
  const { state } = useNavigation();
  const [keysOpen, setKeysOpen] = useState(false);
  const [searching, setSearching] = useState(false);
  const search = useCallback(() => setSearching(true), []);
  useSearchKey(search);
  const leave = async () => {
    await call(signOut, {});
    forgetKept();
    const waiting = staff?.accountId ? waitingOf(staff.accountId) : 0;
    if (waiting > 0) {
      enqueueSnackbar(t('app.shell.keptUnsent', { count: waiting }), {
        variant: 'warning',
        persist: true,
      });
    }
    await navigate('/sign-in');
  };
  useShortcuts([
    ...own.map(({ to, name, key }) => ({
      key,
      does: t('app.shell.goTo', { name }),
      run: () => void navigate(to),
    })),
    { key: '?', does: t('app.shell.listTheShortcutsOfThisPage'), run: () => setKeysOpen(true) },
  ]);

  return (
    <Box sx={{ minHeight: '100dvh', display: 'flex', flexDirection: 'column' }}>
      <Box
        component="header"
        sx={{
          display: 'flex',
          alignItems: 'stretch',
          // In the hand the places have a row of their own: none of them is out of sight.
          flexWrap: { xs: 'wrap', md: 'nowrap' },
          columnGap: { xs: 1, sm: 3 },
          px: { xs: 1, sm: 3 },
          borderBottom: `2px solid ${ink('ink')}`,
          minHeight: 48,
        }}
      >
        <Box
          component={Link}
          to="/workshops"
          sx={{ color: 'inherit', textDecoration: 'none', display: 'flex', alignItems: 'center' }}
        >
          <Wordmark />
        </Box>
        <Box
          component="nav"
          aria-label={t('app.shell.places')}
          sx={{
            display: 'flex',
            gap: { sm: 1 },
            order: { xs: 1, md: 0 },
            flex: { xs: '1 0 100%', md: 1 },
            minWidth: 0,
            minHeight: 40,
            overflowX: 'auto',
          }}
        >
          {own.map(({ to, name }) => (
            <Box key={to} component={NavLink} to={to} sx={placeStyle}>
              {name}
            </Box>
          ))}
        </Box>
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.5, ml: 'auto', minHeight: 48 }}>
          <Box
            component={Link}
            to="/guide"
            sx={{ ...placeStyle, borderBottom: 0, display: { xs: 'none', sm: 'flex' } }}
          >
            {t('app.shell.partsGuide')}
          </Box>
          <IconButton aria-label={t('app.shell.search')} onClick={search}>
            <SearchIcon />
          </IconButton>
          <IconButton
            aria-label={t('app.shell.keyboardShortcuts')}
            onClick={() => setKeysOpen(true)}
            sx={{ display: { xs: 'none', sm: 'inline-flex' } }}
          >
            <Keyboard />
          </IconButton>
          <ModeButton />
          <Box component={Link} to="/site/you" sx={{ ...placeStyle, borderBottom: 0 }}>
            {staff?.name ?? t('app.shell.you')}
          </Box>
          <Button
            color="inherit"
            aria-label={t('app.shell.signOut')}
            onClick={() => void leave()}
            sx={{ minWidth: 0, gap: 1, whiteSpace: 'nowrap' }}
          >
            <Logout />
            <Box component="span" sx={{ display: { xs: 'none', sm: 'inline' } }}>
              {t('app.shell.signOut')}
            </Box>
          </Button>
        </Box>
      </Box>
      <Box
        component="main"
        aria-busy={state !== 'idle'}
        sx={{
          flex: 1,
          px: { xs: 1.5, sm: 3 },
          py: 2,
          opacity: state === 'idle' ? 1 : 0.6,
          minWidth: 0,
        }}
      >
        <Trail />
        <Outlet />
        {/* A new page begins at its top; the way back leads to where one was. */}
        <ScrollRestoration />
      </Box>
      <SearchDialog open={searching} close={() => setSearching(false)} />
      <ShortcutDialog open={keysOpen} close={() => setKeysOpen(false)} />
    </Box>
  );
}

const placeStyle = {
  display: 'flex',
  alignItems: 'center',
  px: { xs: 0.75, sm: 1.5 },
  color: ink('faded'),
  textDecoration: 'none',
  fontWeight: 650,
  fontSize: { xs: '1rem', sm: '1.05rem' },
  borderBottom: '4px solid transparent',
  '&.active': { color: ink('ink'), borderBottomColor: ink('copper') },
  '&:hover': { color: ink('ink') },
};

function ShortcutDialog({ open, close }: { readonly open: boolean; readonly close: () => void }) {
  const { t } = useTranslation();
  const shortcuts = useShortcutList();
  return (
    <Dialog open={open} onClose={close} aria-labelledby="shortcuts">
      <DialogTitle id="shortcuts">{t('app.shell.keysOnThisPage')}</DialogTitle>
      <DialogContent>
        <Box
          component="dl"
          sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: '6px 18px', m: 0 }}
        >
          {shortcuts.map(({ key, does }) => (
            <Box key={key + does} sx={{ display: 'contents' }}>
              <Box
                component="dt"
                className="mono"
                sx={{ border: `1px solid ${ink('faded')}`, px: 1, borderRadius: 1 }}
              >
                {key}
              </Box>
              <Box component="dd" sx={{ m: 0 }}>
                {does}
              </Box>
            </Box>
          ))}
        </Box>
      </DialogContent>
    </Dialog>
  );
}
