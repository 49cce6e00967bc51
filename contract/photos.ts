import { endpoint, fileEndpoint } from './endpoint.ts';

/** Photos that one seat can have at most. */
export const mostPhotos = 40;
/** Those of them that may come from the learner's own device. */
export const mostOwnPhotos = 6;

const body = async () => (await import('./photoBody.ts')).photoBody;

/** A photo that a learner took of the own board. Sent again it is the same. */
export const keepOwnPhoto = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/seats/:token/photos/:photoId',
  access: 'seat',
  rate: 'seat-link',
  bodySize: 'large',
  body,
});

export const ownPhoto = fileEndpoint({
  path: '/api/seats/:token/photos/:photoId',
  access: 'seat',
  rate: 'seat-link',
  types: ['image/jpeg'],
});

/** A photo that staff took at a seat. Sent again it is the same. */
export const keepPhoto = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/seats/:seatId/photos/:photoId',
  access: 'helper',
  bodySize: 'large',
  body,
});

export const photoFile = fileEndpoint({
  path: '/api/workshops/:workshopId/seats/:seatId/photos/:photoId',
  access: 'helper',
  types: ['image/jpeg'],
});

/** Every photo of a person's boards, as one archive. */
export const personPhotos = fileEndpoint({
  path: '/api/people/:learnerId/photos.zip',
  access: 'instructor',
  types: ['application/zip'],
});
