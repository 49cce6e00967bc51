import type { Response } from 'express';
import { strToU8, zipSync } from 'fflate';
import {
  keepOwnPhoto,
  keepPhoto,
  mostOwnPhotos,
  mostPhotos,
  ownPhoto,
  personPhotos,
  photoFile,
} from '#contract/photos';
import { said } from '#core/learning/said';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { invalid, notFound } from '../http/refusal.ts';
import { fileName } from '../http/table.ts';
import { isUuid } from '../http/uuid.ts';
import { selectLearner } from '../people/queries.ts';
import { bytesOfPicture } from '../pictures/pictureBytes.ts';
import { linkOver } from '../seats/queries.ts';
import { linkState } from '../seats/seatLink.ts';
import type { SeatTokens } from '../seats/seatTokens.ts';
import { selectSeats } from '../workshops/queries.ts';
import { countPhotos, insertPhoto, selectPhoto, selectPhotosOfLearner } from './queries.ts';

/** Photos of learners' boards: kept by whoever took them, shown to staff and at the seat. */
export function photoRoutes(api: Api, db: Database, tokens: SeatTokens, now: () => Date): void {
  const keep = async (seatId: string, photoId: string, image: string, most: number) => {
    if (!isUuid(photoId)) throw notFound('picture');
    const { mediaType, bytes } = bytesOfPicture(image, 'image');
    await db.transaction(async (tx) => {
      if ((await countPhotos(tx, seatId, photoId)) >= most) {
        throw invalid([{ field: 'image', says: said('refusals.photos.tooMany', { most }) }]);
      }
      await insertPhoto(tx, seatId, { id: photoId, mediaType, bytes });
    });
    return {};
  };

  const send = async (response: Response, seatId: string, photoId: string) => {
    const photo = isUuid(photoId) ? await selectPhoto(db, seatId, photoId) : undefined;
    if (!photo) throw notFound('picture');
    response
      .type(photo.mediaType)
      .set('Content-Security-Policy', "sandbox; default-src 'none'")
      .set('Cache-Control', 'no-store')
      .send(Buffer.from(photo.bytes));
  };

  const seatOf = async (workshopId: string, seatId: string): Promise<string> => {
    const seats = isUuid(workshopId) ? await selectSeats(db, workshopId) : [];
    if (!seats.some(({ id }) => id === seatId)) throw notFound('seatOfWorkshop');
    return seatId;
  };

  /** A link that has ended shows no photo any more, and takes none. */
  const ofLink = async (token: string): Promise<string> => {
    const seat = await tokens.existing(token);
    if (linkState(seat, now()) === 'over') throw linkOver();
    return seat.seatId;
  };

  api.serve(keepOwnPhoto, async ({ params: { token, photoId }, body }) =>
    keep(await ofLink(token), photoId, body.image, mostOwnPhotos),
  );
  api.send(ownPhoto, async ({ params: { token, photoId }, response }) =>
    send(response, await ofLink(token), photoId),
  );
  api.serve(keepPhoto, async ({ params: { workshopId, seatId, photoId }, body }) =>
    keep(await seatOf(workshopId, seatId), photoId, body.image, mostPhotos),
  );
  api.send(photoFile, async ({ params: { workshopId, seatId, photoId }, response }) =>
    send(response, await seatOf(workshopId, seatId), photoId),
  );

  api.send(personPhotos, async ({ params: { learnerId }, response }) => {
    const learner = isUuid(learnerId) ? await selectLearner(db, learnerId) : undefined;
    if (!learner) throw notFound('learner');
    const photos = await selectPhotosOfLearner(db, learner.id);
    const list = photos.map(({ id, keptAt, workshop }) => ({
      file: `${id}.jpg`,
      keptAt,
      workshop,
    }));
    const files = Object.fromEntries(
      photos.map(({ id, bytes }) => [`${id}.jpg`, new Uint8Array(bytes)] as const),
    );
    response
      .attachment(`${fileName(learner.name)}-photos.zip`)
      .type('application/zip')
      // JPEG does not get smaller.
      .send(
        Buffer.from(
          zipSync(
            { ...files, 'photos.json': strToU8(JSON.stringify(list, null, 2)) },
            { level: 0 },
          ),
        ),
      );
  });
}
