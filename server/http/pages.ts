import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import express, { type RequestHandler, type Response, Router } from 'express';

/** What Vite leaves in the pages where the nonce of each answer belongs. */
const noncePlaceholder = '__CSP_NONCE__';

/**
 * Serves the built pages and their assets: the seat's own small page under /seat, the instructor's elsewhere.
 *
 * @param folder the folder that Vite built the pages into
 */
export function pages(folder: string): Router {
  const router = Router();
  router.use(
    '/assets',
    express.static(join(folder, 'assets'), { immutable: true, maxAge: '365d', fallthrough: false }),
  );
  router.get('/seat/:token{/*rest}', page(join(folder, 'seat.html')));
  // The pages themselves only with their nonce.
  router.get(['/index.html', '/seat.html'], (_request, response) => response.redirect(308, '/'));
  router.use(express.static(folder, { index: false }));
  router.get('/{*path}', page(join(folder, 'index.html')));
  return router;
}

function page(file: string): RequestHandler {
  const html = readFileSync(file, 'utf8');
  return (_request, response: Response) => {
    response
      .type('html')
      .set('Cache-Control', 'no-store')
      .send(html.replaceAll(noncePlaceholder, String(response.locals.nonce)));
  };
}
