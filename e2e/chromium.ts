/**
 * Debian's chromium without its windows, as root in a closed network: no sandbox, no attempts to reach anything. The
 * shell draws the same pages for a third less work than the whole browser.
 */
export const chromium = {
  browserName: 'chromium' as const,
  launchOptions: {
    executablePath: process.env.OZZET_CHROMIUM ?? '/usr/bin/chromium-headless-shell',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  },
};

/** Pages that hold still: nothing is half faded in when it is looked at. */
export const stillPage = { contextOptions: { reducedMotion: 'reduce' as const } };
