/** The nonce of this answer: the content security policy lets only style sheets in that carry it. */
export const styleNonce = document.querySelector<HTMLMetaElement>(
  'meta[property="csp-nonce"]',
)?.nonce;

// Where the snackbars' styles (goober) look for it.
Object.assign(window, { __nonce__: styleNonce });
