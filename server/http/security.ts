import { randomBytes } from 'node:crypto';
import type { RequestHandler } from 'express';
import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import { said } from '#core/learning/said';
import { isAtThisComputer } from './atThisComputer.ts';
import { send } from './errors.ts';
import { forbidden, problemOf } from './refusal.ts';

/** A fresh nonce for each page, and headers under which it can load nothing from anywhere else. */
export function pageHeaders(): RequestHandler[] {
  const nonce: RequestHandler = (_request, response, next) => {
    response.locals.nonce = randomBytes(16).toString('base64');
    next();
  };
  const ownNonce = (_: unknown, response: unknown) =>
    `'nonce-${(response as { locals: { nonce: string } }).locals.nonce}'`;
  const policy = helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        // The solver for buying is WebAssembly, served from here like everything else.
        scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
        styleSrc: ["'self'", ownNonce],
        imgSrc: ["'self'", 'data:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        manifestSrc: ["'self'"],
        workerSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    // See onlyEncrypted: a workshop's server is reached by plain HTTP in the room as well.
    strictTransportSecurity: false,
    referrerPolicy: { policy: 'no-referrer' },
  });
  return [nonce, policy];
}

/** Behind TLS the browser is not to come without it again. Sent by names only: an address of the room has no history. */
export const onlyEncrypted: RequestHandler = (request, response, next) => {
  if (request.secure) response.set('Strict-Transport-Security', 'max-age=31536000');
  next();
};

/**
 * What changes something comes from the site's own pages: a browser says where it comes from (Fetch Metadata), also from
 * another program on the same computer, which shares the cookies.
 */
export const ownPagesOnly: RequestHandler = (request, _response, next) => {
  const from = request.get('Sec-Fetch-Site');
  const isOwn = from === undefined || from === 'same-origin' || from === 'none';
  if (isOwn || request.method === 'GET' || request.method === 'HEAD') return next();
  throw forbidden(said('refusals.any.thisComesFromAPageOfAnother'));
};

/** A room of sixty seats, each at its busiest, asks for a third of that. */
const mostPerMinute = 12_000;

/** One address cannot keep the server busy alone; the computer itself is not counted. */
export function addressLimit(most: number = mostPerMinute): RequestHandler {
  const problem = problemOf(
    429,
    said('refusals.any.tooMuchAtOnce'),
    said('refusals.any.moreComesFromThisNetworkAddress'),
  );
  return rateLimit({
    windowMs: 60_000,
    limit: most,
    skip: isAtThisComputer,
    validate: { xForwardedForHeader: false, forwardedHeader: false },
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    handler: (_request, response) => send(response, problem),
  });
}

/** Answers of the API are data: never kept, never guessed to be something else, never shown as a page. */
export const apiHeaders: RequestHandler = (_request, response, next) => {
  response.set({
    'Cache-Control': 'no-store',
    'Content-Security-Policy': "default-src 'none'; frame-ancestors 'none'",
    'Referrer-Policy': 'no-referrer',
    'X-Content-Type-Options': 'nosniff',
    'Cross-Origin-Resource-Policy': 'same-origin',
  });
  next();
};

/** Refuses an address that keeps guessing seat links; what succeeds does not count. */
export function guessLimit(perQuarterHour: number): RequestHandler {
  const problem = problemOf(
    429,
    said('refusals.any.tooManyTries'),
    said('refusals.any.tooManyWrongTriesFromThisDevice'),
  );
  return rateLimit({
    windowMs: 15 * 60_000,
    limit: perQuarterHour,
    skipSuccessfulRequests: true,
    // Whose address counts is said by OZZET_TRUST_PROXY, not by a header that anybody may send.
    validate: { xForwardedForHeader: false, forwardedHeader: false },
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    handler: (_request, response) => send(response, problem),
  });
}
