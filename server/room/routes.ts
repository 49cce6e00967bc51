import type { Request, RequestHandler } from 'express';
import type { AnyEndpoint } from '#contract/endpoint';
import { authorityFile, closeRoom, getRoom, helloPath, openRoom, trustPath } from '#contract/room';
import { said } from '#core/learning/said';
import type { Api } from '../http/api.ts';
import { cameBy } from '../http/cameBy.ts';
import { forbidden } from '../http/refusal.ts';
import { helloPage, trustPage } from './pages.ts';
import type { RoomDoor } from './roomDoor.ts';

export function roomRoutes(api: Api, door: RoomDoor): void {
  api.serve(getRoom, () => door.state());
  api.serve(openRoom, async ({ body: { address, seatsBy } }) => {
    await door.open(address, seatsBy);
    return door.state();
  });
  api.serve(closeRoom, async ({ request, response }) => {
    // Whoever closes the door from outside would wait for an answer that can no longer come.
    if (cameBy(request) !== 'machine') response.set('Connection', 'close');
    await door.close();
    return door.state();
  });
  api.send(authorityFile, async ({ response }) => {
    response
      .type('application/x-x509-ca-cert')
      .set('Content-Disposition', 'attachment; filename="ozzet-authority.crt"')
      .send(await door.authority());
  });
}

/**
 * What may come over the room's network without encryption: seats where the instructor lets them, and what everybody
 * may read. A passphrase, and what only staff may see, never.
 */
export const refusePlain =
  (door: RoomDoor) =>
  ({ access, rate, path }: AnyEndpoint): RequestHandler =>
  (request, _response, next) => {
    const isOpenToAll = access === 'public' && rate === undefined;
    const isSeat = access === 'seat' && door.seatsBy === 'http';
    if (cameBy(request) !== 'room' || isOpenToAll || isSeat) return next();
    throw forbidden(
      said('refusals.room.isNotAnsweredWithoutEncryptionOpen', {
        path,
        address: encryptedAddress(door, request),
      }),
    );
  };

/** Pages that anybody's device may open plainly; the others are sent on to the encrypted door. */
const plainPages = /^\/(assets|guide|hello|trust)(\/|$)|^\/[\w-]+\.(svg|png|ico|js|webmanifest)$/;

/** The small pages of the door, and which pages are to be had by it. */
export const roomPages =
  (door: RoomDoor): RequestHandler =>
  async (request, response, next) => {
    const by = cameBy(request);
    if (by !== 'machine') door.reached();
    const nonce = String(response.locals.nonce);
    const html = (page: string) =>
      response.type('html').set('Cache-Control', 'no-store').send(page);
    if (request.path === helloPath) return void html(helloPage(nonce, by));
    if (request.path === trustPath) {
      const { fingerprint } = await door.state();
      return void html(trustPage(nonce, fingerprint, door.staffAddress()));
    }
    const isSeat = request.path.startsWith('/seat/') && door.seatsBy === 'http';
    if (by !== 'room' || isSeat || plainPages.test(request.path)) return next();
    response.redirect(307, encryptedAddress(door, request));
  };

const encryptedAddress = (door: RoomDoor, request: Request) =>
  `${door.staffAddress() ?? ''}${request.originalUrl.startsWith('/api') ? '' : request.originalUrl}`;
