/** The colours of the application, by day and by night: unbleached paper, dark ink, copper, board green. */
export const tokens = {
  paper: { light: '#f2e9d8', dark: '#1a1612' },
  sheet: { light: '#fbf6ea', dark: '#241e18' },
  sunk: { light: '#e8dcc5', dark: '#120f0c' },
  line: { light: '#d3c4a8', dark: '#453a2d' },
  ink: { light: '#231c15', dark: '#f2e8d7' },
  faded: { light: '#62564a', dark: '#bdae97' },
  copper: { light: '#8f4517', dark: '#e8a26b' },
  copperSoft: { light: '#ecd2b6', dark: '#4a3120' },
  onCopper: { light: '#fffaf1', dark: '#22170d' },
  board: { light: '#1b5e3c', dark: '#6cc497' },
  boardSoft: { light: '#cfe3d2', dark: '#1e3a2b' },
  alarm: { light: '#98210f', dark: '#ff9d8a' },
  alarmSoft: { light: '#f4d3c6', dark: '#4d211a' },
  /** The bench mat under drawn parts: the same light grey-green by day and night, so that parts keep their colours. */
  mat: { light: '#dfe6da', dark: '#c3cdbf' },
} as const;

export type Token = keyof typeof tokens;

/** A token as CSS; it follows the colour scheme by itself. */
export const ink = (token: Token): string => `var(--${token})`;

export const textFace = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
export const monoFace = "'Atkinson Hyperlegible Mono Variable', ui-monospace, monospace";

/** Makes the tokens known to every style sheet of the page, as custom properties. */
export function installTokens(): void {
  const lines = Object.entries(tokens).map(
    ([name, { light, dark }]) => `--${name}: light-dark(${light}, ${dark});`,
  );
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(
    `:root { color-scheme: light dark; --text: ${textFace}; --mono: ${monoFace}; ${lines.join(' ')} }
     :root[data-mode='light'] { color-scheme: light; }
     :root[data-mode='dark'] { color-scheme: dark; }`,
  );
  document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
}
