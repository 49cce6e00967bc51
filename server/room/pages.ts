import { authorityFile } from '#contract/room';
import type { Door } from '../http/cameBy.ts';

// Two pages so small that they need nothing else: a phone that opens them has shown that it can open a seat.

/** What the test code opens. */
export const helloPage = (nonce: string, by: Door): string =>
  page(
    nonce,
    'This device gets in',
    `<p class="sign" aria-hidden="true">✓</p>
     <h1>This device gets in</h1>
     <p>${
       by === 'machine'
         ? 'It is the computer that Ozzet runs on, so this says nothing of phones yet. Scan the code with a phone.'
         : 'Seats open on it: scan the code on the bag. You can close this page.'
     }</p>`,
  );

/** How a tablet that belongs to the room comes to trust the site, once. */
export const trustPage = (
  nonce: string,
  fingerprint: string,
  staffAddress: string | null,
): string => {
  const digits = fingerprint.split(' ');
  const rows = [0, 8, 16, 24].map((at) => digits.slice(at, at + 8).join(' '));
  return page(
    nonce,
    'Trust this site',
    `<h1>For tablets that belong to the room</h1>
     <p>Once a tablet trusts this site, its pages open without a warning and stay open when the Wi-Fi drops.
        Do this on your own devices only, never on a learner’s phone.</p>
     <ol>
       <li>${picture('M12 3v11m0 0-4-4m4 4 4-4M4 17v4h16v-4')}
         <div><a class="button" href="${authorityFile.path}">Load the authority</a>
         <p>It is one small file. The tablet may ask whether to keep it: yes.</p></div></li>
       <li>${picture('M6 3h12v18H6zM9 8h6M9 12h6M9 16h3')}
         <div><p>Compare its SHA-256 fingerprint with the one on the instructor’s screen (Workshops, Phones). They must be the same, sign by sign:</p>
         <p class="print">${rows.join('<br>')}</p>
         <p>Other digits mean that somebody stands in between: stop here.</p></div></li>
       <li>${picture('M12 3l8 3v6c0 5-4 8-8 9-4-1-8-4-8-9V6zM9 12l2 2 4-4')}
         <div><p><strong>Tablets with Android:</strong> Settings, Security, Encryption and credentials, Install a certificate, CA certificate; choose the file.</p>
         <p><strong>Tablets with iPadOS:</strong> Settings, Profile downloaded, Install; then Settings, General, About, Certificate trust settings: switch it on.</p>
         <p><strong>Computers:</strong> open the file and add it to the trusted root authorities.</p>
         <p class="quiet">The names of the settings differ a little from one device to the next.</p></div></li>
       <li>${picture('M3 12h14m0 0-5-5m5 5-5 5M20 4v16')}
         <div>${
           staffAddress === null
             ? '<p>Then open the address that the instructor’s screen shows for tablets.</p>'
             : `<p>Then open <a href="${staffAddress}">${staffAddress}</a>.</p>`
         }</div></li>
     </ol>`,
  );
};

const picture = (path: string) =>
  `<svg viewBox="0 0 24 24" width="44" height="44" fill="none" stroke="currentColor" stroke-width="1.7" stroke-linecap="round" stroke-linejoin="round" aria-hidden="true"><path d="${path}"/></svg>`;

const page = (nonce: string, title: string, content: string) => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${title} – Ozzet</title>
<style nonce="${nonce}">
  :root { color-scheme: light dark; font: 1.125rem/1.5 system-ui, sans-serif; }
  body { margin: 0 auto; max-width: 42rem; padding: 1.5rem 1rem; }
  h1 { font-size: 1.6rem; line-height: 1.2; }
  .sign { font-size: 6rem; line-height: 1; margin: 1rem 0 0; color: light-dark(#1c6b3a, #7fd6a0); }
  ol { list-style: none; padding: 0; }
  li { display: flex; gap: 1rem; border-top: 1px solid currentColor; padding: 1rem 0; }
  li svg { flex: none; }
  li p { margin: 0 0 .6rem; }
  .print { font-family: ui-monospace, monospace; font-size: 1rem; }
  .quiet { font-size: 1rem; }
  .button { display: inline-block; padding: .7rem 1.2rem; border: 2px solid currentColor; font-weight: 650; color: inherit; text-decoration: none; margin-bottom: .6rem; }
  a { color: inherit; }
</style>
</head>
<body><main>${content}</main></body>
</html>
`;
