import { createTheme } from '@mui/material/styles';
import { ink, monoFace, textFace, tokens } from './tokens.ts';

const palette = (scheme: 'light' | 'dark') => ({
  palette: {
    primary: { main: tokens.copper[scheme], contrastText: tokens.onCopper[scheme] },
    secondary: { main: tokens.board[scheme], contrastText: tokens.paper[scheme] },
    // Filled in the dark it stays as loud as it is: the shade made from it leaves too little contrast (WCAG 1.4.3).
    error: { main: tokens.alarm[scheme], dark: tokens.alarm[scheme] },
    warning: { main: tokens.copper[scheme] },
    info: { main: tokens.board[scheme] },
    background: { default: tokens.paper[scheme], paper: tokens.sheet[scheme] },
    text: { primary: tokens.ink[scheme], secondary: tokens.faded[scheme] },
    divider: tokens.line[scheme],
  },
});

/** The look of the instructor's pages: flat paper, ruled lines, copper for what can be acted on. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: '[data-mode="%s"]' },
  colorSchemes: { light: palette('light'), dark: palette('dark') },
  shape: { borderRadius: 4 },
  typography: {
    fontFamily: textFace,
    fontSize: 14,
    h1: { fontSize: '1.6rem', fontWeight: 700, lineHeight: 1.2 },
    h2: { fontSize: '1.1rem', fontWeight: 700 },
    button: { textTransform: 'none', fontWeight: 650 },
  },
  components: {
    MuiButton: { defaultProps: { disableElevation: true } },
    MuiPaper: { defaultProps: { elevation: 0 } },
    // A label stands above its field, whole and in as many lines as its language needs.
    MuiInputLabel: {
      defaultProps: { shrink: true },
      styleOverrides: {
        root: {
          position: 'static',
          transform: 'none',
          maxWidth: '100%',
          marginBottom: 4,
          overflow: 'visible',
          whiteSpace: 'normal',
          fontSize: '0.9rem',
          lineHeight: 1.3,
          color: ink('ink'),
        },
      },
    },
    MuiOutlinedInput: {
      defaultProps: { notched: false },
      styleOverrides: { notchedOutline: { top: 0, '& legend': { display: 'none' } } },
    },
    MuiDialog: {
      styleOverrides: { paper: { border: `2px solid ${ink('ink')}`, backgroundImage: 'none' } },
    },
    MuiPopover: {
      styleOverrides: { paper: { border: `2px solid ${ink('ink')}`, backgroundImage: 'none' } },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          color: ink('ink'),
          '&.Mui-selected': { color: ink('onCopper'), backgroundColor: ink('copper') },
          '&.Mui-selected:hover': { backgroundColor: ink('copper') },
        },
      },
    },
    MuiTableCell: {
      styleOverrides: {
        root: { borderColor: ink('line'), padding: '6px 12px' },
        head: {
          color: ink('faded'),
          fontWeight: 600,
          whiteSpace: 'nowrap',
          borderBottom: `2px solid ${ink('ink')}`,
        },
      },
    },
    MuiCssBaseline: {
      styleOverrides: {
        // A word that is longer than its place, such as a title without a blank, goes on in the next line.
        body: { backgroundColor: ink('paper'), overflowWrap: 'break-word' },
        a: { color: 'inherit', textDecorationColor: ink('copper'), textUnderlineOffset: 3 },
        '.mono.mono': { fontFamily: monoFace, fontWeight: 600 },
        '@media (prefers-reduced-motion: reduce)': {
          '*, *::before, *::after': { transition: 'none !important', animation: 'none !important' },
        },
        ':focus-visible': { outline: `3px solid ${ink('copper')}`, outlineOffset: 2 },
      },
    },
  },
});
