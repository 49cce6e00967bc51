import type { Readiness } from '#core/readiness/readiness';
import { endpoint } from './endpoint.ts';

/** What has to be ready before the evening, with its state, who and when. */
export const getReadiness = endpoint<Readiness[]>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/ready',
  access: 'helper',
});

/** Somebody says that it is done; said twice, the first stays. */
export const markReady = endpoint<Readiness[]>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/ready/:item',
  access: 'helper',
  recorded: 'ready-marked',
});

export const unmarkReady = endpoint<Readiness[]>()({
  method: 'DELETE',
  path: '/api/workshops/:workshopId/ready/:item',
  access: 'helper',
  recorded: 'ready-unmarked',
});
